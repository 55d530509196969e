import type { CheckRule } from '../check'

/** Groups of ISO 5753-1 in growing order. */
const ORDER = ['C1', 'C2', 'CN', 'C3', 'C4', 'C5']

/** From here on the inner ring is markedly warmer than the outer, °C (common practice). */
const WARM_C = 80

/** Internal clearance: the larger group for tight fits and heat, the normal one for quiet running (common practice). */
export const clearance: CheckRule = (from, to, { temperatureC, turning, load }) => {
  if (from.clearance === to.clearance)
    return { check: 'clearance', result: 'pass', detail: `Same internal clearance, ${from.clearance}.` }
  const change = `Internal clearance ${from.clearance} → ${to.clearance}`
  const larger = ORDER.indexOf(to.clearance) > ORDER.indexOf(from.clearance)
  if (larger && temperatureC !== undefined && temperatureC >= WARM_C)
    return {
      check: 'clearance',
      result: 'pass',
      detail: `${change}: right here, the inner ring grows at ${temperatureC} °C and takes clearance up.`,
    }
  if (larger && turning === 'inner' && load === 'heavy')
    return {
      check: 'clearance',
      result: 'pass',
      detail: `${change}: right here, a heavily loaded inner ring that turns sits tight and takes clearance up.`,
    }
  return {
    check: 'clearance',
    result: 'warn',
    detail: larger
      ? `${change}: right with a tight fit on both rings or a warm inner ring; otherwise it runs looser and louder.`
      : `${change}: right only with easy fits and no heat between the rings; otherwise it may run without clearance.`,
  }
}
