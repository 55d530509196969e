import { rollersStayWith, type HardwareDetails, type RollerRing } from '../catalogue'
import { insertOfUnit } from '../designation'
import { ROLES, type KitLine, type Slot, type SlotRole } from '../kit'
import { knownPart, type KnownPart } from '../part'
import { MM_PER_INCH } from '../quantity'
import type { PlanFacts, SeatFit } from './plan'

/** A place of the kit with its line. */
export interface SlotLine {
  slot: Slot
  line: KitLine
}

/** Places that are filled, kept or missing, in the order of the arrangement; those this machine has none of are left out. */
export const slotLinesOf = ({ arrangement, kit }: PlanFacts): SlotLine[] =>
  kit.lines.flatMap((line) => {
    const slot = arrangement.slots.find((s) => s.id === line.slot)
    return slot ? [{ slot, line }] : []
  })

/** The place a step is about, where the kit has one like that. */
export function about(facts: PlanFacts, is: (slot: Slot) => boolean): { place?: string } {
  const found = slotLinesOf(facts).find(({ slot }) => is(slot))
  return found ? { place: found.slot.id } : {}
}
/** The id of a step about a place, by what is done there, and the place itself. */
export const stepAt = (
  done: 'mount' | 'lock' | 'torque' | 'finish',
  { slot }: SlotLine,
  more = '',
): { id: string; place: string } => ({ id: `${done}.${slot.id}${more}`, place: slot.id })
export const isEncoder = ({ senses }: Slot): boolean => senses === 'encoder'
export const isSensor = ({ senses }: Slot): boolean => senses === 'sensor'
export const isAxle = ({ role }: Slot): boolean => role === 'axle'

export const fitOf = ({ fits }: PlanFacts, slot: string, ring: 'inner' | 'outer'): SeatFit | undefined =>
  fits.find((fit) => fit.slot === slot && fit.ring === ring)

export const isTight = (fit: SeatFit | undefined): boolean => fit !== undefined && fit.min + fit.max > 0

export const isTapered = ({ arrangement }: PlanFacts): boolean =>
  arrangement.slots.some((slot) => slot.role === 'cone')

/** The part that stands in a place, where its sizes are known. */
export const partAt = ({ kit }: PlanFacts, slot: string): KnownPart | null =>
  knownPart(kit.lines.find((line) => line.slot === slot)?.value)

/** A nut, bolt, screw or threaded ring that the manual gives a torque for. */
export const isFastener = ({ slot }: SlotLine): boolean => ROLES[slot.role].fastener !== undefined

/** Nuts that set the play of a tapered pair: seated, backed off, set and locked, never tightened afterwards. */
const SETTING: ReadonlySet<SlotRole> = new Set(['castleNut', 'clampNut', 'ringNut'])
export const setsPlay = (facts: PlanFacts, { slot }: SlotLine): boolean =>
  SETTING.has(slot.role) && isTapered(facts) && !isClamped(facts)

/** Cones clamped over a collar or shims: the nut is fully tight and the collar decides the play. */
export const isClamped = ({ arrangement }: PlanFacts): boolean =>
  arrangement.slots.some(({ role }) => role === 'collar')

const has =
  (role: SlotRole) =>
  ({ arrangement }: PlanFacts): boolean =>
    arrangement.slots.some((slot) => slot.role === role)

/** A unit bolted on whole, its bearing inside. */
export const isBoltOn = has('boltOnUnit')
export const isInsert = has('insert')
export const hasBalls = has('balls')
/** Set by cones and lock nuts on an axle that the wheel takes along. */
export const isSetByCones = ({ arrangement }: PlanFacts): boolean =>
  arrangement.slots.some(({ role }) => role === 'adjustingCone' || role === 'ballCone')
/** Bearings that go in by thumb, a pin or shaft through them. */
export const isByThumb = ({ arrangement }: PlanFacts): boolean =>
  arrangement.slots.some(({ byThumb }) => byThumb)

/** A bearing of a kind that stands alone in its arrangement: no wheel, no turning shaft. */
export type Alone = 'joint' | 'roller' | 'clutch'
const ALONE: Partial<Record<SlotRole, Alone>> = {
  rodEnd: 'joint',
  sphericalPlain: 'joint',
  trackRoller: 'roller',
  clutch: 'clutch',
}
export const aloneIn = ({ arrangement }: Pick<PlanFacts, 'arrangement'>): Alone | null =>
  arrangement.slots.flatMap(({ role }) => ALONE[role] ?? [])[0] ?? null

/** Which ring of the bearing in a place keeps the rollers; null where its rings do not come apart. */
export function rollersAt(facts: PlanFacts, { slot }: SlotLine): RollerRing | null {
  const part = partAt(facts, slot.id)?.part
  return part ? rollersStayWith(part) : null
}

/** A new insert that comes in its housing. */
export function comesInHousing(facts: PlanFacts, { slot }: SlotLine): boolean {
  const part = partAt(facts, slot.id)?.part
  return part !== undefined && insertOfUnit(part) !== null
}

/** Hardware whose number does not say what it is. */
const NUMBERED: ReadonlySet<HardwareDetails['what']> = new Set(['lockNut', 'lockWasher', 'adapterSleeve'])

/** Name and number, as a step says it. Hardware is listed by what it is: “dust cap 1.781 in” needs no name before it. */
export const nameOf = ({ line }: SlotLine): string => {
  const name = line.label.toLowerCase()
  const hardware = knownPart(line.value)?.part.hardware
  if (hardware && !NUMBERED.has(hardware.what)) return line.designation
  return line.state === 'filled' && !line.stays && line.unit === 'pcs' && line.designation !== ''
    ? joined(name, line.designation)
    : name
}

/**
 * A name and a number written with the name, its end or a word of it: “axle nut” and “axle nut M22x1.5”, “bolt-on hub unit”
 * and “hub unit 5 x 114.3”, “nut, fully tight” and “nut M24x2”.
 */
function joined(name: string, designation: string): string {
  const words = name.split(' ')
  const from = words.findIndex((_, i) => designation.toLowerCase().startsWith(`${words.slice(i).join(' ')} `))
  if (from >= 0) return [...words.slice(0, from), designation].join(' ')
  const [first = '', ...rest] = designation.split(' ')
  const said = rest.length > 0 && name.split(/[ ,]+/).includes(first.toLowerCase())
  return [name, ...(said ? rest : [designation])].join(' ')
}

export const round = (mm: number): string => String(Math.round(mm * 10) / 10)

/** A size of a tool in both units: 77.5 mm (3.051 in). */
export const inBoth = (mm: number): string => `${round(mm)} mm (${(mm / MM_PER_INCH).toFixed(3)} in)`
