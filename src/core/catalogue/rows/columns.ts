import { z } from 'zod'
import { readLength, toMm } from '../../quantity'
import { roundMicrometre, SOURCE_KINDS, type Provenance } from '../part'

/** One row of a catalogue file as text, by column name. */
export type CsvRow = Record<string, string>

export const mm = z.coerce.number<string>().positive().max(3000)

const orEmpty = <T extends z.ZodType>(column: T) =>
  z.union([z.literal('').transform(() => undefined), column])

export const optionalMm = orEmpty(mm)
export const optionalCount = orEmpty(z.coerce.number<string>().int().positive().max(100))

/** A length with its unit; bare figures and fractions are inches, as in inch tables. */
export const length = z.string().transform((text, context) => {
  const read = readLength(text)
  if (read.ok) return roundMicrometre(toMm(read.value.value, read.value.stated ?? 'in'))
  context.addIssue({ code: 'custom', message: `not a length: ${text}` })
  return z.NEVER
})

export const optionalLength = orEmpty(length)
export const commonness = z.coerce.number<string>().int().min(1).max(5)
export const name = z.string().trim().min(1).max(60)

export const source = {
  source_kind: z.enum(SOURCE_KINDS),
  source: z.string().min(1).max(200),
  verified: z.enum(['yes', 'no']),
}

type SourceCells = { source_kind: Provenance['kind']; source: string; verified: 'yes' | 'no' }

export const provenance = (row: SourceCells): Provenance => ({
  kind: row.source_kind,
  text: row.source,
  verified: row.verified === 'yes',
})

/** Drops empty cells so that a missing dimension is absent, not undefined. */
export const present = <T extends object>(sizes: T): T =>
  Object.fromEntries(Object.entries(sizes).filter(([, value]) => value !== undefined)) as T

/** Commonness of parts that are bought by size, not by habit. */
export const BY_SIZE = 3
