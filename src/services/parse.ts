import 'server-only'
import type { z } from 'zod'
import { ServiceError } from './errors'

/** Validates at the edge. @throws ServiceError `unreadable` with one issue for each thing to change */
export function parse<T extends z.ZodType>(schema: T, input: unknown): z.output<T> {
  const result = schema.safeParse(input)
  if (result.success) return result.data
  const issues = result.error.issues.map(({ path, message }) => ({
    path: path.map((p) => (typeof p === 'number' ? p : String(p))),
    message,
  }))
  const first = issues[0]
  throw new ServiceError(
    'unreadable',
    first ? `${first.path.join('.') || 'Input'}: ${first.message}` : 'Input cannot be read.',
    issues,
  )
}
