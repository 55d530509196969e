import type { CheckRule } from '../check'

/** Nitrile seals and the grease behind them, °C (handbook value from memory). */
const SEALED_TO = 100
/** Polyamide cages in the long run, °C (handbook value from memory). */
const POLYAMIDE_TO = 120
/** Rings of ordinary heat treatment keep their size up to this, °C; S0 and S1 further (handbook values from memory). */
const RINGS_TO = 120
const STABLE_TO: Record<string, number> = { S0: 150, S1: 200 }

/** What a warm place asks of seals, cage and rings. */
export const temperature: CheckRule = (_from, to, { temperatureC }) => {
  if (temperatureC === undefined) return null
  const rings = to.heat === null ? RINGS_TO : (STABLE_TO[to.heat] ?? RINGS_TO)
  const limits = [
    ...(to.closure.type === 'contactSeal' || to.closure.type === 'lowFrictionSeal'
      ? [{ to: SEALED_TO, what: 'Seals of nitrile rubber and their grease' }]
      : []),
    ...(to.cage?.includes('polyamide') ? [{ to: POLYAMIDE_TO, what: 'A polyamide cage' }] : []),
    { to: rings, what: to.heat ? `Rings stabilised ${to.heat}` : 'Rings of ordinary heat treatment' },
  ]
  const over = limits.filter((limit) => temperatureC > limit.to)
  if (over.length === 0)
    return { check: 'temperature', result: 'pass', detail: `${temperatureC} °C suits seals, cage and rings.` }
  return {
    check: 'temperature',
    result: 'warn',
    detail: `${over.map((l) => `${l.what} last to about ${l.to} °C`).join('; ')}; here it is ${temperatureC} °C.`,
  }
}
