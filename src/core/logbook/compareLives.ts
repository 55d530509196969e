import { Z_95 } from './normal'
import { gatherLives, type Life } from './survival'

/** Replacements each group needs before the two are compared: below, the normal approximation says nothing (common practice). */
export const MIN_ENDED = 5

export interface LivesCompared {
  /** replacements in the first group: counted, and expected if both groups lived alike */
  ended: number
  expected: number
  otherEnded: number
  otherExpected: number
  /** replacements per day of the first group over those of the second */
  ratio: number
  /** its 95 % limits */
  lower: number
  upper: number
  /** statistic of the log-rank test, one degree of freedom */
  chiSquared: number
}

/**
 * Whether two groups of parts live alike: the log-rank test, with the ratio of rates (O₁/E₁)/(O₂/E₂) and its limits
 * exp(ln ratio ± z √(1/E₁ + 1/E₂)) (Mantel 1966; Peto and others 1977).
 * @returns null when either group has fewer than `MIN_ENDED` replacements: too few to say
 */
export function compareLives(first: readonly Life[], second: readonly Life[]): LivesCompared | null {
  const [a, b] = [gatherLives(first), gatherLives(second)]
  const all = gatherLives([...first, ...second]).filter(({ ended }) => ended > 0)
  const total = (days: typeof a) => days.reduce((sum, { ended }) => sum + ended, 0)
  const [ended, otherEnded] = [total(a), total(b)]
  if (ended < MIN_ENDED || otherEnded < MIN_ENDED) return null
  const atRisk = (days: typeof a, from: number) =>
    days.reduce((sum, at) => sum + (at.days >= from ? at.ended + at.running : 0), 0)
  let expected = 0
  let variance = 0
  for (const { days, ended: d } of all) {
    const [n1, n2] = [atRisk(a, days), atRisk(b, days)]
    const n = n1 + n2
    expected += (d * n1) / n
    if (n > 1) variance += (d * n1 * n2 * (n - d)) / (n * n * (n - 1))
  }
  const otherExpected = ended + otherEnded - expected
  // Groups that were never in service at the same time cannot be compared.
  if (variance <= 0 || expected <= 0 || otherExpected <= 0) return null
  const ratio = ended / expected / (otherEnded / otherExpected)
  const half = Z_95 * Math.sqrt(1 / expected + 1 / otherExpected)
  return {
    ended,
    expected,
    otherEnded,
    otherExpected,
    ratio,
    lower: ratio * Math.exp(-half),
    upper: ratio * Math.exp(half),
    chiSquared: (ended - expected) ** 2 / variance,
  }
}
