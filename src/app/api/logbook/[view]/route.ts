import { logbookCsv, logbookView } from '@/services/logbook'
import { answer, attached } from '../../_http/answer'
import { methods } from '../../_http/methods'
import { query } from '../../_http/body'

type Context = { params: Promise<{ view: string }> }
const CSV = /\.csv$/

/** A view as JSON, or as CSV where its name ends in `.csv`. */
export const { GET, POST, PUT, PATCH, DELETE } = methods({
  GET: answer(async (request, { params }: Context) => {
    const { view } = await params
    if (!CSV.test(view)) return logbookView(view, query(request))
    return attached(await logbookCsv(view.replace(CSV, ''), query(request)), 'text/csv', `logbook-${view}`)
  }),
})
