import { z } from 'zod'
import { lengthInMm, lengthProblemText, readForm, readLength, type FormRole } from '@/core/quantity'

/** Largest length anybody means, mm. */
const MAX_MM = 3000
const number = z
  .number()
  .positive('A size is larger than zero.')
  .max(MAX_MM, `Larger than ${MAX_MM} mm. Check the unit.`)

/** A length in millimetres, or text as people type it (inches only where they are said), where nothing stands beside it. */
export const lengthMm = z.union([
  number,
  z
    .string()
    .max(40)
    .transform((text, context) => {
      const mm = lengthInMm(text)
      if (mm !== null) return mm
      const read = readLength(text)
      context.addIssue({ code: 'custom', message: read.ok ? 'No length.' : lengthProblemText(read.problem) })
      return z.NEVER
    }),
])

const text = z.string().max(40)
/** A length as it is sent: millimetres as a number, or text that is read with its neighbours. */
export const typedLength = z.union([number, text.regex(/\S/, 'Type a size.')])
/** The same where nothing need be said: an empty field says nothing. */
export const maybeLength = z
  .union([number, text])
  .transform((value) => (typeof value === 'string' && value.trim() === '' ? undefined : value))
  .optional()

/** All lengths of a form read together; numbers are millimetres. Issues stand at their field. */
export function readTogether(
  values: Readonly<Record<string, string | number | undefined>>,
  roles: Readonly<Record<string, FormRole>>,
  context: z.RefinementCtx,
): Record<string, number> {
  const readings = readForm(
    Object.entries(roles).flatMap(([name, role]) => {
      const value = values[name]
      return value === undefined
        ? []
        : [{ name, role, text: typeof value === 'number' ? `${value} mm` : value }]
    }),
  )
  const read: Record<string, number> = {}
  for (const [name, reading] of readings)
    if (!reading.ok) context.addIssue({ code: 'custom', path: [name], message: reading.message })
    else if (!(reading.mm > 0) || reading.mm > MAX_MM)
      context.addIssue({
        code: 'custom',
        path: [name],
        message: `Larger than zero, at most ${MAX_MM} mm. Check the unit.`,
      })
    else read[name] = reading.mm
  return read
}

type Roles<N extends string> = Readonly<Record<N, FormRole>>
/** The fields of a form, each with this schema. */
export const shapeOf = <N extends string, S>(roles: Roles<N>, schema: S): Record<N, S> =>
  Object.fromEntries(Object.keys(roles).map((name) => [name, schema])) as Record<N, S>

/** Fields of an object that are lengths, read together; the others stay as they are. */
export function readFields<T extends Record<string, unknown>, N extends string & keyof T>(
  values: T,
  roles: Roles<N>,
  context: z.RefinementCtx,
): Omit<T, N> & { [K in N]: number | Extract<T[K], undefined> } {
  const given = Object.fromEntries(
    Object.keys(roles).map((name) => [name, values[name] as string | number | undefined]),
  )
  return { ...values, ...(readTogether(given, roles, context) as { [K in N]: number }) }
}

/** Lengths of one form, all asked for, in millimetres once read. */
export const lengthGroup = <N extends string>(roles: Roles<N>) =>
  z.object(shapeOf(roles, typedLength)).transform((values, context) => {
    const given = values as Record<string, string | number>
    return readTogether(given, roles, context) as Record<N, number>
  })

/** Lengths of one form of which any may be missing or empty. */
export const someLengths = <N extends string>(roles: Roles<N>) =>
  z
    .object(shapeOf(roles, maybeLength))
    .transform(
      (values, context) =>
        readTogether(values as Record<string, string | number | undefined>, roles, context) as Partial<
          Record<N, number>
        >,
    )
