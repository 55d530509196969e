import { z } from 'zod'
import { ArrangementFile, FINDINGS, SIZE_NAMES, SIZE_ROLES, SLOT_ROLES, type ExplodedView } from '@/core/kit'
import { PartValue } from '@/core/part'
import { maybeLength, readTogether, shapeOf } from './length'

/** A plain figure, or the text of one. */
const sizeNumber = (max: number, what: string) =>
  z
    .union([z.number(), z.string().max(40).transform(Number)])
    .pipe(z.number(`${what} is a figure.`).positive(`${what} is larger than zero.`).max(max))
const COUNTS = {
  rpm: sizeNumber(100_000, 'A speed').optional(),
  ballCount: sizeNumber(200, 'A count').optional(),
}
/** Sizes of the machine: lengths are read together, speed and count are figures. */
const KitSizesInput = z
  .object({ ...shapeOf(SIZE_ROLES, maybeLength), ...COUNTS })
  .transform((values, context) => {
    const { rpm, ballCount, ...lengths } = values
    return { ...readTogether(lengths, SIZE_ROLES, context), rpm, ballCount }
  })

const arrangement = z.string().min(1, 'Choose an arrangement.').max(12)
const findings = z.array(z.enum(FINDINGS)).max(FINDINGS.length)

const pieces = z
  .number()
  .int('Whole pieces only.')
  .min(0, 'Zero or more pieces.')
  .max(1000, 'At most 1000 of one part.')
/** What a kit says beside the parts of its places. */
const beside = {
  /** place → pieces for one position, where the machine has another number than usual */
  quantities: z.record(z.string().max(40), pieces).optional(),
  /** place → why a part that is always renewed is not wanted */
  reasons: z.record(z.string().max(40), z.string().max(120, 'At most 120 characters.')).optional(),
  /** lines no place of the arrangement asks for */
  extras: z
    .array(
      z.object({
        id: z.string().regex(/^[a-zA-Z0-9]{1,20}$/),
        label: z.string().trim().min(1, 'Name the part.').max(60),
        designation: z.string().trim().min(1, 'Write which one.').max(80),
        quantity: pieces.min(1, 'At least one piece.'),
      }),
    )
    .max(30, 'At most 30 lines more.')
    .optional(),
}

export const KitProposal = z.object({
  arrangement,
  positions: z
    .number()
    .int('Whole wheels only.')
    .min(1, 'At least one position.')
    .max(500, 'At most 500 positions in one kit.')
    .default(1),
  parts: z.record(z.string().max(40), z.string().max(80).nullable()).default({}),
  sizes: KitSizesInput.prefault({}),
  thread: z.string().max(30).optional(),
  findings: findings.optional(),
  ...beside,
})

/** The same for the screen of a job: what it has reserved counts as there. */
export const KitDrawing = KitProposal.extend({ job: z.number().int().positive().optional() })

const asTyped = z.union([z.number(), z.string().max(40)])

/** A kit as a job keeps it: sizes stay as they were typed, readable or not. */
export const KitDraft = z.object({
  arrangement,
  positions: z.number().int().min(1).max(500),
  parts: z.record(z.string().max(40), z.string().max(80)).default({}),
  sizes: z.partialRecord(z.enum(SIZE_NAMES), asTyped).default({}),
  thread: z.string().max(30).optional(),
  findings: findings.optional(),
  ...beside,
})
export type KitDraft = z.output<typeof KitDraft>

export const KitResponse = z.object({
  arrangement,
  title: z.string(),
  positions: z.number().int(),
  lines: z.array(
    z.object({
      slot: z.string(),
      role: z.enum(SLOT_ROLES),
      label: z.string(),
      designation: z.string(),
      /** the part as it was resolved; null where nothing stands or the old one stays */
      value: PartValue.nullable(),
      stays: z.boolean(),
      quantityPerPosition: z.number(),
      quantity: z.number(),
      unit: z.enum(['pcs', 'g']),
      singleUse: z.boolean(),
      state: z.enum(['filled', 'gap', 'conflict']),
      reason: z.string(),
      assumed: z.boolean(),
      note: z.string(),
      alternatives: z.array(z.string()),
      /** of one piece, as agreed */
      price: z.number().nullable(),
      stock: z.object({ free: z.number(), bin: z.string(), price: z.number().nullable() }).nullable(),
    }),
  ),
  checks: z.array(
    z.object({
      /** what was found; kits kept before codes were given have none */
      code: z.string().default(''),
      /** its facts, sizes in mm */
      data: z.record(z.string(), z.unknown()).default({}),
      result: z.enum(['pass', 'warn', 'fail']),
      title: z.string(),
      detail: z.string(),
      slots: z.array(z.string()),
    }),
  ),
  absent: z.array(z.object({ slot: z.string(), label: z.string(), reason: z.string() })),
  complete: z.boolean(),
  price: z.number().nullable(),
  next: z.object({ heading: z.string(), line: z.string() }).nullable(),
  cautions: z.array(z.string()),
  tools: z.array(z.string()),
  position: z.string(),
  hub: z.string(),
  thread: z.boolean(),
  /** which sizes of the machine decide it */
  sizes: z.array(z.enum(SIZE_NAMES)),
  /** how each length was read */
  sizesRead: z.partialRecord(
    z.enum(SIZE_NAMES),
    z.object({ mm: z.number(), unit: z.enum(['mm', 'in']), guessed: z.boolean() }),
  ),
  /** every place of the arrangement, also those this machine has none of */
  places: z.array(
    z.object({
      id: z.string(),
      label: z.string(),
      role: z.enum(SLOT_ROLES),
      mayStay: z.boolean(),
      onRequest: z.boolean(),
      singleUse: z.boolean(),
    }),
  ),
})
export type KitResponse = z.output<typeof KitResponse>

/** A kit with its exploded view. */
export const DrawnKit = KitResponse.extend({ view: z.custom<ExplodedView>() })
export type DrawnKit = z.output<typeof DrawnKit>

/** An arrangement to choose from, with the file it can be changed in. */
export const ArrangementChoice = z.object({
  code: z.string(),
  title: z.string(),
  position: z.string(),
  /** whether it is the shop's own */
  own: z.boolean(),
  places: z.array(z.string()),
  /** whether each of its places for a bearing takes each of the parts asked about; null = none was asked about */
  suits: z.boolean().nullable(),
  slots: z.array(z.object({ id: z.string(), label: z.string() })),
  /** why it cannot be used; empty = it can */
  error: z.string(),
  file: ArrangementFile,
})
export type ArrangementChoice = z.output<typeof ArrangementChoice>
/**
 * An arrangement to keep, changed over the one that stood when it was opened; null = a new one, whose code nothing has yet.
 * Without it one of the same code is replaced.
 */
export const ArrangementChange = ArrangementFile.extend({ over: ArrangementFile.nullable().optional() })
/** Parts that arrangements are asked for. */
export const ArrangementsQuery = z.object({
  part: z.array(z.string().trim().min(1).max(80)).max(20, 'At most 20 parts.'),
})

export const ArrangementsResponse = z.object({ arrangements: z.array(ArrangementChoice) })
export type ArrangementsResponse = z.output<typeof ArrangementsResponse>
