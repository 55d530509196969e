import { familyFacts, type Part } from '../catalogue'
import { ballRating } from './ballRating'
import { usualBallRatio } from './ruleOfKind'
import { typicalRating, type TypicalRating } from './typicalRating'

/** A cage leaves room for so many balls of one row, as a share of what would go round (common practice). */
const BALLS_SHARE = 0.6
/** Rollers of a tapered bearing: diameter of what is between bore and outside, length of the total width, and share of what would
 * go round (estimates that give handbook ratings to about a fifth). */
const ROLLER = { diameter: 0.26, length: 0.62, share: 0.88 }
/** Usual contact angle of tapered bearings, its cosine. */
const COS_TAPER = 0.97
/** ISO 281: b_m of tapered bearings, and f_c of rollers at the usual ratio of roller to circle (from memory). */
const TAPERED = { bm: 1.1, fc: 88 }
/** ISO 76: C0 = 44 · (1 − Dw·cos α/Dpw) · Z · L · Dw · cos α. */
const STATIC_ROLLER = 44

/** Balls of a deep groove bearing nobody has opened, mm. */
export function usualBalls(
  bore: number,
  outside: number,
  width?: number,
): { count: number; mm: number; circle: number } {
  const circle = (bore + outside) / 2
  const ratio = usualBallRatio(bore, outside, width)
  return { count: Math.floor((BALLS_SHARE * Math.PI) / ratio), mm: ratio * circle, circle }
}

/**
 * A rating from boundary dimensions alone, to hold one bearing beside another: right to about a fifth, so that a life worked out
 * from it may be half or double.
 * @returns kN; the typical handbook value where one is here; null for kinds that are not estimated
 * @example estimatedRating of a 6205: C is 14.0 kN
 */
export function estimatedRating(part: Part): TypicalRating | null {
  const typical = typicalRating(part.base)
  if (typical) return typical
  const { bore, outside, totalWidth, width } = part.dimensions
  const { element, rows, traits } = familyFacts(part.family)
  if (bore === undefined || outside === undefined) return null
  if (element === 'ball' && rows === 1 && !traits?.includes('thrust')) {
    const { count, mm, circle } = usualBalls(bore, outside, width)
    return ballRating(count, mm, circle)
  }
  const length = (totalWidth ?? width ?? 0) * ROLLER.length
  if (element !== 'taperedRoller' || length === 0) return null
  return taperedRating(bore, outside, length)
}

function taperedRating(bore: number, outside: number, length: number): TypicalRating {
  const circle = (bore + outside) / 2
  const roller = ROLLER.diameter * (outside - bore)
  const count = Math.floor((ROLLER.share * Math.PI * circle) / roller)
  const newtons =
    TAPERED.bm * TAPERED.fc * (length * COS_TAPER) ** (7 / 9) * count ** 0.75 * roller ** (29 / 27)
  const still = STATIC_ROLLER * (1 - (roller * COS_TAPER) / circle) * count * length * roller * COS_TAPER
  return { cKn: newtons / 1000, c0Kn: still / 1000 }
}

/** The same for a tapered set of which only the sizes are known, mm. */
export const taperedRatingBySizes = (bore: number, outside: number, totalWidth: number): TypicalRating =>
  taperedRating(bore, outside, totalWidth * ROLLER.length)
