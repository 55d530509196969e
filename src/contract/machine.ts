import { z } from 'zod'
import { StampText } from './evidence'
import { pageLimit, searchText } from './paging'

const line = (max: number) => z.string().trim().max(max, `At most ${max} characters.`)
const name = line(120).min(1, 'Give it a name.')

const Position = z.object({
  name,
  side: line(40).default(''),
  arrangement: line(12).nullable().optional(),
  /** what is in it now, in one line */
  fitted: line(200).default(''),
  quantity: z
    .number()
    .int('Whole positions only.')
    .min(1, 'At least one.')
    .max(500, 'At most 500 alike in one position.')
    .default(1),
})

/** Most positions of one machine. */
const MAX_POSITIONS = 500

export const NewMachine = z.object({
  name,
  place: line(120).default(''),
  note: line(2000).default(''),
  positions: z.array(Position).max(MAX_POSITIONS, `At most ${MAX_POSITIONS} positions.`).default([]),
})
export type NewMachine = z.input<typeof NewMachine>

export const MachineChange = z.object({
  name: name.optional(),
  place: line(120).optional(),
  note: line(2000).optional(),
  /** with an id: changed; without: added */
  positions: z
    .array(
      z.union([
        z.object({
          id: z.number().int().positive(),
          name: name.optional(),
          side: line(40).optional(),
          arrangement: line(12).nullable().optional(),
          fitted: line(200).optional(),
          quantity: Position.shape.quantity.removeDefault().optional(),
        }),
        Position.extend({ id: z.undefined().optional() }),
      ]),
    )
    .max(MAX_POSITIONS, `At most ${MAX_POSITIONS} positions.`)
    .optional(),
})
export type MachineChange = z.input<typeof MachineChange>

export const MachineMerge = z.object({ into: z.number().int().positive() })

export const MachineListQuery = z.object({
  limit: pageLimit(),
  /** name of the last machine of the page before */
  cursor: z.string().max(120).optional(),
  q: searchText,
})

export const Machine = z.object({
  id: z.number().int(),
  name: z.string(),
  place: z.string(),
  note: z.string(),
  positions: z.array(
    z.object({
      id: z.number().int(),
      name: z.string(),
      side: z.string(),
      arrangement: z.string().nullable(),
      fitted: z.string(),
      quantity: z.number().int(),
    }),
  ),
})
export type Machine = z.output<typeof Machine>

const Fitted = z.object({
  slot: z.string(),
  label: z.string(),
  designation: z.string(),
  partKey: z.string().nullable(),
  quantity: z.number().int(),
  fittedOn: z.string(),
  replacedOn: z.string().nullable(),
  jobId: z.number().int().nullable(),
})

/** Something seen on a part: codes of the inspection. */
const Found = z.object({
  jobId: z.number().int(),
  at: z.string(),
  part: z.string(),
  damage: z.string(),
  severity: z.string(),
})

export const MachineDetail = Machine.extend({
  positions: z.array(
    Machine.shape.positions.element.extend({
      /** day the oldest part that is in it now was fitted; null = not recorded */
      since: z.string().nullable(),
      parts: z.array(Fitted),
      history: z.array(Fitted),
      /** what was found here, the latest job first */
      found: z.array(Found),
    }),
  ),
  /** machines that carry some of the same parts now, those with most of them first */
  similar: z.array(
    z.object({
      id: z.number().int(),
      name: z.string(),
      place: z.string(),
      /** numbers of parts both carry, a few of them */
      shared: z.array(z.string()),
    }),
  ),
})
export type MachineDetail = z.output<typeof MachineDetail>

export const PartUsesQuery = z.object({ designation: StampText.min(1, 'Which part?') })

export const PartUses = z.object({
  designation: z.string(),
  uses: z.array(
    z.object({
      machine: z.string().nullable(),
      position: z.string().nullable(),
      jobId: z.number().int().nullable(),
      designation: z.string(),
      quantity: z.number().int(),
      since: z.string().nullable(),
    }),
  ),
  /** false = there are more, older ones that are not told */
  complete: z.boolean(),
})
export type PartUses = z.output<typeof PartUses>
