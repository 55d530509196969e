import { ServiceError } from '@/services/errors'
import { answer } from '../_http/answer'

/** Whatever no route answers. */
const nothing = answer((request) =>
  Promise.reject(
    new ServiceError(
      'notFound',
      `There is nothing at ${new URL(request.url).pathname.slice(0, 120)}. What there is stands in /api/openapi.json.`,
    ),
  ),
)

export { nothing as DELETE, nothing as GET, nothing as PATCH, nothing as POST, nothing as PUT }
