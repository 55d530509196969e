import { z } from 'zod'
import { FINDINGS } from './findings'
import { SLOT_ROLES, type SlotRole } from './roles'
import { SIZE_NAMES } from './sizes'

const SHATTERING = 'Wear eye protection: hardened rings shatter under a steel hammer.'
const MANUAL_FIRST = "The machine's manual comes first for every fit, torque and grease."

/** Cautions by the kind of work; each stands beside every kit of it (common practice). */
const CAUTIONS = {
  wheelEnd: [
    'Stand the machine on stands, chock the wheels, lock the power off.',
    'Wear eye protection: hardened rings shatter under a steel hammer. Use a brass drift, a driver or a press.',
    'Never spin a bearing with compressed air.',
    "Wheel-end work decides whether a vehicle stops: the machine's manual, local rules and licensed practice come first. Take every torque and play from the manual.",
  ],
  turningShaft: [
    'Lock the power off and try to start it: a shaft that cannot turn is the first tool.',
    SHATTERING,
    'Bearings are heated to 120 °C at most, sealed and greased ones to 80 °C; never with a flame. Wear gloves.',
    MANUAL_FIRST,
  ],
  freed: [
    'Lock the power off, prop what the part holds and let the pressure out of its cylinder: what is freed moves by itself.',
    SHATTERING,
    MANUAL_FIRST,
  ],
  press: ['Press only through the ring that is tight; never stand in line with the press.'],
} as const
const CAUTION_KEYS = Object.keys(CAUTIONS) as (keyof typeof CAUTIONS)[]

const id = z.string().regex(/^[a-zA-Z][a-zA-Z0-9]{0,39}$/, 'A name of letters and figures, such as sealLeft.')

const SlotRow = z.object({
  id,
  label: z.string().min(1, 'Name the part.').max(60),
  role: z.enum(SLOT_ROLES),
  side: z.enum(['inner', 'outer', 'left', 'right']).optional(),
  /** holds the shaft along its axis, or lets it move */
  locating: z.enum(['locating', 'floating']).optional(),
  /** sits in the carrier beside the hub, not in the hub itself */
  carrier: z.boolean().default(false),
  /** stands against the bearing before it */
  stacked: z.boolean().default(false),
  /** goes in by thumb: no press, no heat */
  byThumb: z.boolean().default(false),
  /** something to look at that has to do with speed sensing: the magnetic ring or the sensor */
  senses: z.enum(['encoder', 'sensor']).optional(),
  /** the ring it runs with: cone and cup name each other */
  mate: id.optional(),
  /** takes the part of this slot when none is given */
  like: id.optional(),
  /** the slot whose part decides its size */
  at: id.optional(),
  /** which measured seat decides it */
  seat: z.enum(['first', 'second']).optional(),
  /** which measured journal and counterbore decide a seal */
  sealSet: z.enum(['first', 'second']).default('first'),
  /** a snap ring holds the ring outside (bore) or inside (shaft) */
  ring: z.enum(['bore', 'shaft']).default('bore'),
  /** where the grease of a fitting comes out: between the bearings, or behind the inner one */
  fills: z.enum(['between', 'behindInner']).optional(),
  /** the measured length of a spacer */
  length: z.enum(SIZE_NAMES).optional(),
  singleUse: z.boolean().default(false),
  mayStay: z.boolean().default(false),
  onRequest: z.boolean().default(false),
  addedBy: z.array(z.enum(FINDINGS)).default([]),
  perPosition: z
    .number()
    .int('Whole pieces only.')
    .min(1, 'At least one.')
    .max(200, 'At most 200 in one place.')
    .default(1),
  note: z.string().max(300).default(''),
})

/** One place of an arrangement. `onRequest`: appears when asked for or when a finding adds it. */
export type Slot = z.output<typeof SlotRow>

/** An arrangement as it is written: complete, or what it changes on another. */
export const ArrangementFile = z.object({
  code: z
    .string()
    .regex(
      /^[A-Za-z][A-Za-z0-9-]{0,11}$/,
      'A code of letters, figures and dashes, at most 12, such as A1 or pier-roller.',
    ),
  title: z.string().min(3, 'Say what the arrangement is.').max(120),
  position: z.string().min(1).max(40).default('position'),
  /** another arrangement that this one changes */
  basedOn: z.string().max(12).optional(),
  /** places of that one that fall away */
  drop: z.array(id).max(40).default([]),
  hub: z.string().max(40).optional(),
  /** the hub stands after this place in the drawing */
  hubAfter: id.optional(),
  /** closure wanted where only sizes are known */
  closure: z.enum(['open', 'shields', 'seals']).optional(),
  /** sealed bearings: grease is a film only */
  filmOnly: z.boolean().optional(),
  thread: z.boolean().optional(),
  sizes: z.array(z.enum(SIZE_NAMES)).max(8).optional(),
  cautions: z
    .array(z.enum(CAUTION_KEYS as [keyof typeof CAUTIONS, ...(keyof typeof CAUTIONS)[]]))
    .max(4)
    .optional(),
  /** in fitting order from the inside out; `after` places it among those of the arrangement it is based on */
  slots: z.array(SlotRow.extend({ after: id.optional() })).max(60, 'At most 60 places.'),
})
export type ArrangementFile = z.output<typeof ArrangementFile>

/** An arrangement ready to be filled; a kit keeps the one it was filled by. */
export const ArrangementSnapshot = z.object({
  code: z.string(),
  title: z.string(),
  position: z.string(),
  hub: z.string(),
  hubAfter: z.string(),
  /** which ring turns against its load: a wheel turns the outer one, a shaft the inner one */
  rotatingRing: z.enum(['inner', 'outer']),
  closure: z.enum(['open', 'shields', 'seals']),
  filmOnly: z.boolean(),
  thread: z.boolean(),
  sizes: z.array(z.enum(SIZE_NAMES)).readonly(),
  cautions: z.array(z.string()).readonly(),
  slots: z.array(SlotRow).readonly(),
})
export type Arrangement = z.output<typeof ArrangementSnapshot>

export type ArrangementProblem =
  | { code: 'unknownBase'; of: string; base: string }
  | { code: 'cycle'; path: readonly string[] }
  | { code: 'twice'; slot: string }
  | { code: 'noSuchSlot'; slot: string; named: string }
  | { code: 'empty' }

export const arrangementProblemText = (problem: ArrangementProblem): string => {
  switch (problem.code) {
    case 'unknownBase':
      return `${problem.of} is based on “${problem.base}”, which does not exist. Choose another base, or none.`
    case 'cycle':
      return `These arrangements are based on each other in a circle: ${problem.path.join(' → ')}. Take one of them out.`
    case 'twice':
      return `The place “${problem.slot}” is there twice. Give each place a name of its own.`
    case 'noSuchSlot':
      return `The place “${problem.slot}” names “${problem.named}”, which is not in this arrangement.`
    case 'empty':
      return 'An arrangement needs at least one place.'
  }
}

const SEPARABLE: ReadonlySet<SlotRole> = new Set(['cone', 'balls'])

/** Whether cone and cup come apart, so that one condemned ring takes its mate along. */
export const isSeparable = ({ slots }: Pick<Arrangement, 'slots'>): boolean =>
  slots.some(({ role }) => SEPARABLE.has(role))

type Resolved = { ok: true; value: Arrangement } | { ok: false; problem: ArrangementProblem }

function bare(row: ArrangementFile['slots'][number]): Slot {
  const slot = { ...row }
  delete slot.after
  return slot
}

/** Puts the places of an arrangement among those of the one it is based on. */
function merged(under: readonly Slot[], file: ArrangementFile): Slot[] {
  const slots = under.filter((slot) => !file.drop.includes(slot.id))
  for (const row of file.slots) {
    const at = slots.findIndex((slot) => slot.id === row.id)
    if (at >= 0 && row.after === undefined) slots[at] = bare(row)
    else {
      const before = slots.findIndex((slot) => slot.id === row.after)
      slots.splice(before < 0 ? slots.length : before + 1, 0, bare(row))
    }
  }
  return slots
}

/**
 * Resolves an arrangement with those it is based on, and checks that its places name each other rightly.
 * @param find the written arrangement of a code
 * @returns a problem for an unknown base, a circle, a place that is there twice or names one that is not there
 */
export function resolveArrangement(
  file: ArrangementFile,
  find: (code: string) => ArrangementFile | undefined,
  path: readonly string[] = [],
): Resolved {
  if (path.includes(file.code)) return { ok: false, problem: { code: 'cycle', path: [...path, file.code] } }
  let under: Arrangement | undefined
  if (file.basedOn !== undefined) {
    const base = find(file.basedOn)
    if (!base) return { ok: false, problem: { code: 'unknownBase', of: file.code, base: file.basedOn } }
    const resolved = resolveArrangement(base, find, [...path, file.code])
    if (!resolved.ok) return resolved
    under = resolved.value
  }
  const slots = merged(under?.slots ?? [], file)
  const ids = new Set(slots.map((slot) => slot.id))
  const twice = slots.find((slot, i) => slots.findIndex((s) => s.id === slot.id) !== i)
  if (twice) return { ok: false, problem: { code: 'twice', slot: twice.id } }
  const first = slots[0]
  if (!first) return { ok: false, problem: { code: 'empty' } }
  for (const slot of slots)
    for (const named of [slot.mate, slot.at])
      if (named !== undefined && !ids.has(named))
        return { ok: false, problem: { code: 'noSuchSlot', slot: slot.id, named } }
  const hubAfter = file.hubAfter ?? under?.hubAfter ?? first.id
  return {
    ok: true,
    value: {
      code: file.code,
      title: file.title,
      position: file.position,
      hub: file.hub ?? under?.hub ?? 'hub',
      hubAfter: ids.has(hubAfter) ? hubAfter : first.id,
      rotatingRing: file.cautions
        ? file.cautions.includes('turningShaft')
          ? 'inner'
          : 'outer'
        : (under?.rotatingRing ?? 'outer'),
      closure: file.closure ?? under?.closure ?? 'open',
      filmOnly: file.filmOnly ?? under?.filmOnly ?? false,
      thread: file.thread ?? under?.thread ?? false,
      sizes: file.sizes ?? under?.sizes ?? [],
      cautions: file.cautions
        ? file.cautions.flatMap((key) => CAUTIONS[key])
        : (under?.cautions ?? CAUTIONS.wheelEnd),
      slots,
    },
  }
}
