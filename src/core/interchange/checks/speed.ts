import { familyFacts, type FamilyFacts } from '../../catalogue'
import { CONTACT_SEAL_SHARE, speedLimitOf } from '../../life'
import { writeCount } from '../../quantity'
import { turnsOf, type Application, type CheckRule } from '../check'
import type { Variant } from '../variant'

/** Mean diameter (d + D) / 2 in mm; null when a size is not known. */
function meanDiameter({ part: { dimensions } }: Variant): number | null {
  const { bore, outside } = dimensions
  return bore === undefined || outside === undefined ? null : (bore + outside) / 2
}

/** Turns a minute this part bears with grease; a guide. Null when a size is not known or its kind has no limit here. */
export function speedLimit(variant: Variant): number | null {
  const dm = meanDiameter(variant)
  return dm === null ? null : speedLimitOf(variant.part.family, dm, variant.closure.type === 'contactSeal')
}

const LIMIT = `Contact seals limit speed to about ${CONTACT_SEAL_SHARE} of the open type and turn a little stiffer`

function byWord({ speed, rotatingRing }: Application) {
  if (speed === 'slow')
    return { check: 'speed', result: 'pass' as const, detail: `${LIMIT}: not relevant at low speed.` }
  if (speed === 'fast' && rotatingRing === 'outer')
    return {
      check: 'speed',
      result: 'pass' as const,
      detail: `${LIMIT}: no matter on a road wheel, which turns some 900 a minute at 100 km/h. Give speed and tyre to be sure.`,
    }
  const condition =
    speed === 'fast'
      ? 'check the speed limit, or take a low-friction seal or shields'
      : 'right where it turns slowly'
  return { check: 'speed', result: 'warn' as const, detail: `${LIMIT}: ${condition}.` }
}

/** Contact seals rub: they cost speed and friction. With the speed known, it is held against a guide limit. */
export const speed: CheckRule = (from, to, application) => {
  // What slides only swings to and fro; what runs along a shaft does not turn.
  const { element, traits }: FamilyFacts = familyFacts(to.part.family)
  if (element === undefined || traits?.includes('linear')) return null
  const rubs = to.closure.type === 'contactSeal' && from.closure.type !== 'contactSeal'
  const limit = speedLimit(to)
  const turns = turnsOf(application)
  const rpm = turns === undefined ? undefined : Math.round(turns)
  if (rpm === undefined || limit === null) return rubs ? byWord(application) : null
  const text = `${writeCount(Math.round(limit / 100) * 100)} a minute is about what ${to.designation} bears with grease; here it turns ${writeCount(rpm)}`
  if (rpm > limit) return { check: 'speed', result: 'fail', detail: `${text}: too fast for it.` }
  if (rpm > limit * 0.75)
    return { check: 'speed', result: 'warn', detail: `${text}: near the limit, ask the maker's table.` }
  return rubs ? { check: 'speed', result: 'pass', detail: `${text}: no matter.` } : null
}
