import type { Cage } from '../../designation'
import type { CheckRule } from '../check'

const isPressed = (kind: Cage | null | undefined): boolean =>
  kind === 'pressedSteel' || kind === 'pressedBrass'

/** Cage: mostly free to choose; machined brass and steel stand shocks and vibration that others do not (common practice). */
export const cage: CheckRule = (from, to, { load, temperatureC }) => {
  const [was, is] = [from.cage, to.cage]
  if (was?.words === is?.words || (was === null && isPressed(is?.kind))) return null
  const change = `Cage: ${was?.words ?? 'as standard'} → ${is?.words ?? 'as standard'}`
  if (was?.kind === 'machined' && is?.kind !== 'machined')
    return {
      check: 'cage',
      result: 'warn',
      detail: `${change}. A machined cage was chosen for shocks, vibration or heat: right only where there is none.`,
    }
  if (is?.kind === 'polyamide' && temperatureC === undefined)
    return {
      check: 'cage',
      result: load === 'heavy' ? 'warn' : 'pass',
      detail: `${change}. Quiet and light; not for long above 120 °C.`,
    }
  return { check: 'cage', result: 'pass', detail: `${change}: no matter for the fit.` }
}
