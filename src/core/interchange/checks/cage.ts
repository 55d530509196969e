import type { CheckRule } from '../check'

/** Cage: mostly free to choose; machined brass and steel stand shocks and vibration that others do not (common practice). */
export const cage: CheckRule = (from, to, { load, temperatureC }) => {
  if (from.cage === to.cage || (from.cage === null && to.cage?.includes('pressed'))) return null
  const machined = (words: string | null): boolean => words !== null && /brass|machined/.test(words)
  const change = `Cage: ${from.cage ?? 'as standard'} → ${to.cage ?? 'as standard'}`
  if (machined(from.cage) && !machined(to.cage))
    return {
      check: 'cage',
      result: 'warn',
      detail: `${change}. A machined cage was chosen for shocks, vibration or heat: right only where there is none.`,
    }
  if (to.cage?.includes('polyamide') && temperatureC === undefined)
    return {
      check: 'cage',
      result: load === 'heavy' ? 'warn' : 'pass',
      detail: `${change}. Quiet and light; not for long above 120 °C.`,
    }
  return { check: 'cage', result: 'pass', detail: `${change}: no matter for the fit.` }
}
