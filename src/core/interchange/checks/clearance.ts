import type { CheckRule } from '../check'

/** Groups of ISO 5753-1 in growing order. */
const ORDER = ['C1', 'C2', 'CN', 'C3', 'C4', 'C5']

/** Internal clearance: the larger group for tight fits and heat, the normal one for quiet running (common practice). */
export const clearance: CheckRule = (from, to) => {
  if (from.clearance === to.clearance)
    return { check: 'clearance', result: 'pass', detail: `Same internal clearance, ${from.clearance}.` }
  const change = `Internal clearance ${from.clearance} → ${to.clearance}`
  const larger = ORDER.indexOf(to.clearance) > ORDER.indexOf(from.clearance)
  return {
    check: 'clearance',
    result: 'warn',
    detail: larger
      ? `${change}: right with a tight fit on both rings or a warm inner ring; otherwise it runs looser and louder.`
      : `${change}: right only with easy fits and no heat between the rings; otherwise it may run without clearance.`,
  }
}
