import type { Part } from '../catalogue'
import { freeVolumeMl, GREASE_DENSITY, ringVolumeMl } from './freeVolume'

/** Bands of the speed factor n·dm, mm/min (common practice, handbook values from memory). */
const FULL_BELOW = 50_000
const BEARING_THIRD_ABOVE = 300_000

export const FILL_PRACTICES = ['hubFull', 'bearingsFullCavityThird', 'bearingsThird'] as const
export type FillPractice = (typeof FILL_PRACTICES)[number]

/** What each practice does, and when it is right. */
export const PRACTICE_LABELS: Record<FillPractice, { name: string; when: string }> = {
  hubFull: {
    name: 'hub packed full',
    when: 'Slow wheels: nothing overheats, and water finds no room. Below n·dm 50 000.',
  },
  bearingsFullCavityThird: {
    name: 'bearings full, cavity a third',
    when: 'Ordinary speed, or nobody knows it: grease has room to be thrown off and come back.',
  },
  bearingsThird: {
    name: 'bearings a third, cavity empty',
    when: 'Fast shafts above n·dm 300 000: more only churns and heats.',
  },
}

const SHARES: Record<FillPractice, { bearing: number; cavity: number }> = {
  hubFull: { bearing: 1, cavity: 1 },
  bearingsFullCavityThird: { bearing: 1, cavity: 1 / 3 },
  bearingsThird: { bearing: 1 / 3, cavity: 0 },
}

/** Speed factor n·dm with dm = (d + D) / 2, mm/min. */
export const speedFactor = (rpm: number, boreMm: number, outsideMm: number): number =>
  (rpm * (boreMm + outsideMm)) / 2

/** The practice of filling that a speed factor asks for; null speed: the cautious middle one. */
export function practiceFor(factor: number | null): FillPractice {
  if (factor === null) return 'bearingsFullCavityThird'
  if (factor < FULL_BELOW) return 'hubFull'
  return factor > BEARING_THIRD_ABOVE ? 'bearingsThird' : 'bearingsFullCavityThird'
}

export interface Cavity {
  lengthMm: number
  innerMm: number
  outerMm: number
}

export interface GreaseFill {
  practice: FillPractice
  bearingMl: number
  cavityMl: number
  grams: number
}

/**
 * Grease for the bearings and the hub cavity of one position.
 *
 * @param bearings complete bearings (an inch tapered set, not its cone and cup)
 * @param cavity ring-shaped space between them; null when its length is not known (then bearings only)
 * @param factor speed factor in mm/min; null when unknown
 * @param wanted the practice of the shop, where it is not to follow the speed
 * @returns millilitres and grams; bearings of unknown size count nothing
 */
export function greaseFill(
  bearings: readonly Part[],
  cavity: Cavity | null,
  factor: number | null,
  wanted?: FillPractice,
): GreaseFill {
  const practice = wanted ?? practiceFor(factor)
  const share = SHARES[practice]
  const bearingMl = bearings.reduce((sum, part) => sum + (freeVolumeMl(part) ?? 0), 0) * share.bearing
  const cavityMl = cavity ? ringVolumeMl(cavity.lengthMm, cavity.innerMm, cavity.outerMm) * share.cavity : 0
  return { practice, bearingMl, cavityMl, grams: (bearingMl + cavityMl) * GREASE_DENSITY }
}
