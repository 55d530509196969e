import { stockLabels } from '@/services/print/labelsPdf'
import { MAX_LABELS } from '@/services/stock'
import { pdf } from '../_http/answer'
import { serve } from '../_http/serve'

const numbersIn = (text: string): number[] =>
  text
    .split(',')
    .filter((t) => /^\d{1,9}$/.test(t))
    .slice(0, MAX_LABELS)
    .map(Number)

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/stock-labels.pdf', {
  GET: async ({ query }) => pdf(await stockLabels(numbersIn(query['ids'] ?? ''), query), 'stock-labels.pdf'),
})
