import { rechecksCalendar } from '@/services/logbook'
import { answer } from '../_http/answer'
import { methods } from '../_http/methods'

export const { GET, POST, PUT, PATCH, DELETE } = methods({
  GET: answer(async (request) => {
    // The address as it was asked for: the application itself knows only the one it listens on.
    const host = request.headers.get('host') ?? new URL(request.url).host
    const protocol = request.headers.get('x-forwarded-proto') === 'https' ? 'https' : 'http'
    return new Response(await rechecksCalendar(`${protocol}://${host}`), {
      headers: { 'content-type': 'text/calendar; charset=utf-8' },
    })
  }),
})
