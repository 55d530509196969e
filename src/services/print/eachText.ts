import { z } from 'zod'
import { withTwins } from '@/core/quantity'
import { parse } from '../parse'

const UnitsQuery = z.object({ units: z.enum(['mm', 'in']).default('mm') })

/** A value with every text in it written anew; everything else is as it was. */
function eachText<T>(value: T, write: (text: string) => string): T {
  if (typeof value === 'string') return write(value) as T
  if (Array.isArray(value)) return value.map((item: unknown) => eachText(item, write)) as T
  if (typeof value !== 'object' || value === null) return value
  return Object.fromEntries(
    Object.entries(value).map(([name, item]: [string, unknown]) => [name, eachText(item, write)]),
  ) as T
}

/**
 * What a paper says, in the units asked for: with `in` each metric figure of a sentence has its twin beside it.
 * @throws ServiceError `unreadable` for other units
 */
export const inUnits = <T>(value: T, units: string | undefined): T =>
  parse(UnitsQuery, { units }).units === 'in' ? eachText(value, withTwins) : value
