import { rechecksCalendar } from '@/services/logbook'
import { answer } from '../_http/answer'
import { methods } from '../_http/methods'
import { originOf } from '../_http/client'

export const { GET, POST, PUT, PATCH, DELETE } = methods({
  GET: answer(
    async (request) =>
      new Response(await rechecksCalendar(originOf(request)), {
        headers: { 'content-type': 'text/calendar; charset=utf-8' },
      }),
  ),
})
