import 'server-only'
import type { z } from 'zod'
import { schemaOf } from './components'

export const json = (schema: z.ZodType, io: 'input' | 'output') => ({
  content: { 'application/json': { schema: schemaOf(schema, io) } },
})
export const problem = { $ref: '#/components/responses/Problem' }
export const ok = (schema: z.ZodType, description: string) => ({
  '200': { description, ...json(schema, 'output') },
  default: problem,
})
export const text = (
  name: string,
  required: boolean,
  description: string,
  where: 'query' | 'path' = 'query',
) => ({
  name,
  in: where,
  required,
  description,
  schema: { type: 'string' },
})
export const csv = { required: true, content: { 'text/csv': { schema: { type: 'string' } } } }
export const csvOut = {
  '200': { description: 'CSV', content: { 'text/csv': { schema: { type: 'string' } } } },
  default: problem,
}
export const pdfOut = { '200': { description: 'PDF', content: { 'application/pdf': {} } }, default: problem }
export const id = { name: 'id', in: 'path', required: true, schema: { type: 'integer' } }

/** A call that takes JSON and answers JSON. */
export const asked = (summary: string, input: z.ZodType, output: z.ZodType, description: string) => ({
  summary,
  requestBody: { required: true, ...json(input, 'input') },
  responses: ok(output, description),
})

/** Parameters of every list. */
export const paging = [
  text('limit', false, 'at most 200, usually 50'),
  text('cursor', false, '`next` of the page before'),
  text('q', false, 'part of a name, title, number or decided part'),
]
