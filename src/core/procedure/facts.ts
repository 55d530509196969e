import type { KitLine, Slot } from '../kit'
import type { PlanFacts, SeatFit } from './plan'

/** A place of the kit with its line. */
export interface Placed {
  slot: Slot
  line: KitLine
}

/** Places that are filled, kept or missing, in the order of the arrangement; those this machine has none of are left out. */
export const placesOf = ({ arrangement, kit }: PlanFacts): Placed[] =>
  kit.lines.flatMap((line) => {
    const slot = arrangement.slots.find((s) => s.id === line.slot)
    return slot ? [{ slot, line }] : []
  })

export const fitOf = ({ fits }: PlanFacts, slot: string, ring: 'inner' | 'outer'): SeatFit | undefined =>
  fits.find((fit) => fit.slot === slot && fit.ring === ring)

export const isTight = (fit: SeatFit | undefined): boolean => fit !== undefined && fit.min + fit.max > 0

export const isTapered = ({ arrangement }: PlanFacts): boolean =>
  arrangement.slots.some((slot) => slot.role === 'cone')

/** A nut, bolt or screw that the manual gives a torque for. */
export const isFastener = ({ slot, line }: Placed): boolean =>
  slot.role === 'castleNut' ||
  slot.role === 'lockNut' ||
  (/\b(nut|bolt|screw)s?\b/i.test(line.words) && !/unit/i.test(line.words))

/** A unit bolted on whole, its bearing inside. */
export const isBoltOn = ({ arrangement }: PlanFacts): boolean =>
  arrangement.slots.some((slot) => slot.role === 'plain' && /unit/i.test(slot.words))

export const isInsert = ({ arrangement }: PlanFacts): boolean =>
  arrangement.slots.some((slot) => slot.role === 'insert')

export const hasBalls = ({ arrangement }: PlanFacts): boolean =>
  arrangement.slots.some((slot) => slot.role === 'balls')

/** Name and number, as a step says it. */
export const nameOf = ({ line }: Placed): string => {
  const name = line.words.toLowerCase()
  // “dust cap 1.781 in” says already that it is the hub cap.
  const kind = name.split(/[\s,]+/).at(-1) ?? name
  if (line.designation.toLowerCase().includes(kind)) return line.designation
  return line.state === 'filled' && line.quantity > 0 && line.unit === 'pcs' && line.designation !== ''
    ? `${name} ${line.designation}`
    : name
}

/** A step begins with a capital. */
export const startLarge = <T extends { words: string }>(step: T): T => ({
  ...step,
  words: `${step.words[0]?.toUpperCase() ?? ''}${step.words.slice(1)}`.replace(/\s+/g, ' ').trim(),
})

export const round = (mm: number): string => String(Math.round(mm * 10) / 10)
