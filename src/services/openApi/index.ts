import 'server-only'
import type { z } from 'zod'
import { ENDPOINTS, NUMBERED, type Endpoint, type MediaType } from '@/contract/endpoints'
import { capital } from '@/core/capital'
import { componentsFor, schemaOf } from './components'

const PROBLEM = { $ref: '#/components/responses/Problem' }
const KEY = { $ref: '#/components/parameters/IdempotencyKey' }

/** `get /api/jobs/{id}/kit.pdf` is `getJobsByIdKitPdf`. */
function operationId(method: string, path: string): string {
  const words = path
    .replace('/api/', '')
    .split(/[/.-]/)
    .map((word) => word.replace(/^\{(\w+)\}$/, 'by $1'))
    .flatMap((word) => word.split(' '))
  return method + words.map(capital).join('')
}

/** A body: JSON by its schema, else a file. */
const contentOf = (what: z.ZodType | MediaType, io: 'input' | 'output') => ({
  content:
    typeof what === 'string'
      ? { [what]: /^text/.test(what) ? { schema: { type: 'string' } } : {} }
      : { 'application/json': { schema: schemaOf(what, io) } },
})

const inPath = (path: string) =>
  [...path.matchAll(/\{(\w+)\}/g)].map(([, name = '']) => ({
    name,
    in: 'path',
    required: true,
    schema: { type: NUMBERED.some((numbered) => numbered === name) ? 'integer' : 'string' },
  }))

/** One endpoint as OpenAPI tells it. */
function operation(method: string, path: string, endpoint: Endpoint) {
  const { summary, query = [], input, output, answer, status = 200, repeatable } = endpoint
  const parameters = [
    ...inPath(path),
    ...query.map((parameter) => ({ ...parameter, in: 'query', schema: { type: 'string' } })),
    ...(repeatable ? [KEY] : []),
  ]
  return {
    operationId: operationId(method, path),
    tags: [path.split(/[/.]/)[2] ?? ''],
    summary,
    ...(parameters.length > 0 && { parameters }),
    ...(input && { requestBody: { required: true, ...contentOf(input, 'input') } }),
    responses: { [status]: { description: answer, ...contentOf(output, 'output') }, default: PROBLEM },
  }
}

/** The JSON interface, from the table of endpoints and the schemas that check what is sent. */
export function openApi() {
  const paths: Record<string, Record<string, unknown>> = {}
  for (const [line, endpoint] of Object.entries<Endpoint>(ENDPOINTS)) {
    if (endpoint.screensOnly) continue
    const [method = '', path = ''] = line.split(' ')
    ;(paths[path] ??= {})[method.toLowerCase()] = operation(method.toLowerCase(), path, endpoint)
  }
  return {
    openapi: '3.1.0',
    info: {
      title: 'Amber Socket',
      version: '1.0.0',
      description: 'Lengths are millimetres as numbers; `in` twins are text. Times are UTC (RFC 3339).',
    },
    paths,
    components: {
      schemas: componentsFor(paths),
      parameters: {
        IdempotencyKey: {
          name: 'Idempotency-Key',
          in: 'header',
          required: false,
          description:
            'A key of your own, 8 to 80 marks. The same request again with it is not done twice and gets the first answer; another request with it is refused with 422.',
          schema: { type: 'string', minLength: 8, maxLength: 80 },
        },
      },
      responses: {
        Problem: {
          description:
            'ApiError, with what to change (RFC 9457): 400 not readable, 404 no such thing, 405 wrong method, 409 somebody saved in between or it is settled, 413 too large, 415 wrong content type, 422 impossible, 503 not to be had at the moment',
          content: {
            'application/problem+json': { schema: { $ref: '#/components/schemas/Problem' } },
          },
        },
      },
    },
  }
}
