import type { Cage } from '../../designation'
import type { Variant } from '../variant'
import { differs, type CheckResult, type CheckRule } from '../check'

type KnownCage = NonNullable<Variant['cage']>

const isPressed = (kind: Cage | null | undefined): boolean => kind?.startsWith('pressed') ?? false
const isMachined = (kind: Cage | null | undefined): boolean => kind?.startsWith('machined') ?? false

/** Of one kind and guided alike, whatever else its letters tell: `ECP` and `TVP`. */
const isAlike = (was: KnownCage | null, is: KnownCage | null): boolean =>
  was !== null && is !== null && was.kind !== null && was.kind === is.kind && was.guide === is.guide

/** Cage: mostly free to choose; machined brass and steel stand shocks and vibration that others do not (common practice). */
export const cage: CheckRule = (from, to, { load, temperatureC }) => {
  const [was, is] = [from.cage, to.cage]
  if (was?.label === is?.label || (was === null && isPressed(is?.kind)) || isAlike(was, is)) return null
  const values = [was?.label ?? 'as standard', is?.label ?? 'as standard'] as const
  const say = (result: CheckResult, meaning: string) => differs('cage', result, values, meaning, 'Cage:')
  if (isMachined(was?.kind) && !isMachined(is?.kind))
    return say(
      'warn',
      'A machined cage was chosen for shocks, vibration or heat: right only where there is none.',
    )
  if (is?.kind === 'polyamide' && temperatureC === undefined)
    return say(load === 'heavy' ? 'warn' : 'pass', 'Quiet and light; not for long above 120 °C.')
  return say('pass', 'No matter for the fit.')
}
