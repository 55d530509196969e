import { familyFacts, needleDesign, type Family, type NeedleDesign, type Part } from '../catalogue'

/** How a bearing sits: decides its usual classes, the limits of its own rings, and whether it is pressed or heated. */
export const SEAT_KINDS = [
  'ball',
  'roller',
  'taperedMetric',
  'taperedInch',
  'hubUnit',
  'insert',
  'drawnCup',
  'needleNoRing',
  'needleCage',
  'thrust',
  'onSleeve',
  'wideRing',
  'joint',
  'clutch',
  'linear',
] as const
export type SeatKind = (typeof SEAT_KINDS)[number]

/** What of a part tells how it sits. */
type Named = Pick<Part, 'base' | 'family' | 'series' | 'set'>

/** Inch-pattern numbers that begin with J name metric bearings of the tapered plan (ABMA 19.1). */
const isMetricByPrefix = ({ base, set }: Named): boolean => /^J[A-Z]*\d/.test(set?.cone ?? base)
/** Needle bearings that lack a ring: shaft, or shaft and housing, are the raceway (ISO 3245, ISO 1206, ISO 3030). */
const BY_DESIGN: Partial<Record<NeedleDesign, SeatKind>> = {
  drawnCup: 'drawnCup',
  closedCup: 'drawnCup',
  withoutInner: 'needleNoRing',
  cage: 'needleCage',
}

const BY_FAMILY: Partial<Record<Family, SeatKind>> = {
  'tapered-metric': 'taperedMetric',
  'tapered-inch': 'taperedInch',
  'hub-unit': 'hubUnit',
  insert: 'insert',
  // With two rings, as sprag clutches have; drawn cups are told by their letters.
  'one-way-clutch': 'clutch',
  'thrust-ball': 'thrust',
  'thrust-ball-double': 'thrust',
  'thrust-roller': 'thrust',
  'thrust-spherical': 'thrust',
  'spherical-plain': 'joint',
  'linear-ball': 'linear',
}

/** Self-aligning ball bearings with a wide inner ring. */
const WIDE_RING: ReadonlySet<string> = new Set(['112', '113'])

/** How a family sits as a rule; single numbers may differ: {@link seatKindOf}. */
export const seatKindOfFamily = (family: Family): SeatKind =>
  BY_FAMILY[family] ?? ((familyFacts(family).element ?? 'ball') === 'ball' ? 'ball' : 'roller')

/** @param taperBore the bearing has a tapered bore, for a sleeve or a tapered shaft */
export function seatKindOf(part: Named, taperBore = false): SeatKind {
  const usual = seatKindOfFamily(part.family)
  if (taperBore || (usual === 'insert' && part.base.startsWith('UK'))) return 'onSleeve'
  if (usual === 'taperedInch' && isMetricByPrefix(part)) return 'taperedMetric'
  // A wide inner ring with a slot is pushed onto drawn shafting and held by a screw in the slot.
  if (part.family === 'self-aligning' && WIDE_RING.has(part.series)) return 'wideRing'
  const design = needleDesign(part)
  return (design && BY_DESIGN[design]) ?? usual
}

/** Slid on by hand and locked by screws, a collar or a sleeve: never pressed, never heated. */
export const isHandFitted = (kind: SeatKind, ring: 'inner' | 'outer'): boolean =>
  kind === 'insert' || ((kind === 'onSleeve' || kind === 'wideRing') && ring === 'inner')

const RUNS_ON_SHAFT: ReadonlySet<SeatKind> = new Set(['drawnCup', 'needleNoRing', 'linear'])

/** The shaft or the housing itself is the raceway: there is no ring to be tight, only running clearance. */
export const isRaceway = (kind: SeatKind, ring: 'inner' | 'outer'): boolean =>
  kind === 'needleCage' || (ring === 'inner' && RUNS_ON_SHAFT.has(kind))
