import { rechecksCalendar } from '@/services/logbook'
import { originOf } from '../_http/client'
import { serve } from '../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/rechecks.ics', {
  GET: async ({ request }) =>
    new Response(await rechecksCalendar(originOf(request)), {
      headers: { 'content-type': 'text/calendar; charset=utf-8' },
    }),
})
