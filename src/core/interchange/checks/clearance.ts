import { hasClearance } from '../../catalogue'
import type { Variant } from '../variant'
import { differs, type CheckResult, type CheckRule } from '../check'

/** Groups of ISO 5753-1 in growing order. */
const ORDER = ['C1', 'C2', 'CN', 'C3', 'C4', 'C5']

/** From here on the inner ring is markedly warmer than the outer, °C (common practice). */
const WARM_C = 80

/** It gets its clearance when it is fitted, and its number names none. */
const isSetWhenFitted = ({ part, clearance }: Variant): boolean => clearance === 'CN' && !hasClearance(part)

/** Internal clearance: the larger group for tight fits and heat, the normal one for quiet running (common practice). */
export const clearance: CheckRule = (from, to, { temperatureC, rotatingRing, load }) => {
  const values = [from.clearance, to.clearance] as const
  if (isSetWhenFitted(from) && isSetWhenFitted(to)) return null
  if (from.clearance === to.clearance)
    return {
      check: 'clearance',
      result: 'pass',
      detail: `Same internal clearance, ${from.clearance}.`,
      values,
    }
  const say = (result: CheckResult, meaning: string) =>
    differs('clearance', result, values, meaning, 'Internal clearance')
  const larger = ORDER.indexOf(to.clearance) > ORDER.indexOf(from.clearance)
  if (larger && temperatureC !== undefined && temperatureC >= WARM_C)
    return say('pass', `Right here: the inner ring grows at ${temperatureC} °C and takes clearance up.`)
  if (larger && rotatingRing === 'inner' && load === 'heavy')
    return say(
      'pass',
      'Right here: a heavily loaded inner ring that turns sits tight and takes clearance up.',
    )
  return say(
    'warn',
    larger
      ? 'Right with a tight fit on both rings or a warm inner ring; otherwise it runs looser and louder.'
      : 'Right only with easy fits and no heat between the rings; otherwise it may run without clearance.',
  )
}
