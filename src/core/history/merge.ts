import { isEqual } from 'es-toolkit/predicate'

/** Both changed one value, each to something else. */
export const CLASH = Symbol('clash')

const isFields = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

/** A field of the value itself: `toString` is one only where somebody sent it. */
const own = (fields: Record<string, unknown>, name: string): unknown =>
  Object.hasOwn(fields, name) ? fields[name] : undefined

/**
 * One value as two changed it from a common one, field by field; lists are taken whole.
 * @param base what both began with
 * @returns `CLASH` when both changed one thing: then somebody has to choose
 * @example merged({ a: 1, b: 1 }, { a: 2, b: 1 }, { a: 1, b: 3 }) // { a: 2, b: 3 }
 */
export function merged(base: unknown, mine: unknown, theirs: unknown): unknown {
  if (isEqual(mine, theirs) || isEqual(base, theirs)) return mine
  if (isEqual(base, mine)) return theirs
  if (!isFields(mine) || !isFields(theirs)) return CLASH
  // Made by both since then: what is in both has to agree.
  const was = isFields(base) ? base : {}
  const fields: [string, unknown][] = []
  for (const name of new Set([...Object.keys(mine), ...Object.keys(theirs)])) {
    const value = merged(own(was, name), own(mine, name), own(theirs, name))
    if (value === CLASH) return CLASH
    if (value !== undefined) fields.push([name, value])
  }
  return Object.fromEntries(fields)
}
