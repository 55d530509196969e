import { stockLabels } from '@/services/print/labelsPdf'
import { answer, pdf } from '../_http/answer'
import { query } from '../_http/body'

/** Items asked for at once: a shelf, not a warehouse. */
const MOST = 500

export const GET = answer(async (request) => {
  const ids = (query(request)['ids'] ?? '')
    .split(',')
    .filter((t) => /^\d{1,9}$/.test(t))
    .slice(0, MOST)
  return pdf(await stockLabels(ids.map(Number)), 'stock-labels.pdf')
})
