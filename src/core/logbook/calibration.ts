import { Z_95 } from './normal'

/** Answers that were given with about the same probability, counted by whether they proved right. */
interface Answered {
  /** as it was said, 0 to 1 */
  probability: number
  right: boolean
  count: number
}

export interface CalibrationBand {
  /** probabilities from here, the last band with its upper end */
  from: number
  to: number
  count: number
  right: number
  /** mean probability that was said */
  said: number
  /** share that proved right, with its 95 % limits; null = too few to say */
  share: { value: number; lower: number; upper: number } | null
}

/** Ends of the bands: what a counter calls doubtful, likely, almost sure, sure. */
const ENDS = [0, 0.5, 0.8, 0.95, 0.99, 1] as const
/** Fewer answers than this show nothing. */
export const MIN_ANSWERED = 8

/**
 * 95 % limits of a share, by the score of Wilson (1927): they stay between 0 and 1, also for none or all of a few.
 * @param right of `count`, both whole, `count` > 0
 * @example wilson(0, 20).upper // 0.161
 */
export function wilson(right: number, count: number): { value: number; lower: number; upper: number } {
  const value = right / count
  const z2 = Z_95 ** 2 / count
  const middle = value + z2 / 2
  const half = Math.sqrt(z2 * (value * (1 - value) + z2 / 4))
  return {
    value,
    lower: right === 0 ? 0 : (middle - half) / (1 + z2),
    upper: right === count ? 1 : (middle + half) / (1 + z2),
  }
}

/**
 * How often answers proved right, beside how sure they were said to be.
 * @returns the bands in which there are any, the least sure first
 */
export function calibration(answers: readonly Answered[]): CalibrationBand[] {
  return ENDS.slice(0, -1).flatMap((from, i) => {
    const to = ENDS[i + 1] ?? 1
    const own = answers.filter(
      ({ probability }) => probability >= from && (probability < to || (to === 1 && probability <= 1)),
    )
    const count = own.reduce((sum, answer) => sum + answer.count, 0)
    if (count === 0) return []
    const right = own.reduce((sum, answer) => sum + (answer.right ? answer.count : 0), 0)
    const said = own.reduce((sum, answer) => sum + answer.probability * answer.count, 0) / count
    return [{ from, to, count, right, said, share: count < MIN_ANSWERED ? null : wilson(right, count) }]
  })
}
