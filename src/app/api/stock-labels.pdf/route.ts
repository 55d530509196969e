import { stockLabels } from '@/services/print/labelsPdf'
import { MAX_LABELS } from '@/services/stock'
import { answer, pdf } from '../_http/answer'
import { methods } from '../_http/methods'
import { query } from '../_http/body'

export const { GET, POST, PUT, PATCH, DELETE } = methods({
  GET: answer(async (request) => {
    const asked = query(request)
    const ids = (asked['ids'] ?? '')
      .split(',')
      .filter((t) => /^\d{1,9}$/.test(t))
      .slice(0, MAX_LABELS)
    return pdf(await stockLabels(ids.map(Number), asked), 'stock-labels.pdf')
  }),
})
