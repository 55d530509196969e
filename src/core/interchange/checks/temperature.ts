import type { Cage } from '../../designation'
import type { CheckRule } from '../check'

/** Seals and the grease behind them by the trait of their rubber, °C; of nitrile where none is told (handbook values from memory). */
const NITRILE = { to: 100, what: 'Seals of nitrile rubber and their grease' }
const SEALS_TO: Readonly<Record<string, { to: number; what: string }>> = {
  hnbrSeal: { to: 150, what: 'Seals of hydrogenated nitrile and their grease' },
  fluoroSeal: { to: 180, what: 'Seals of fluoro rubber and their grease' },
}
/** Cages of plastic in the long run, °C (handbook values from memory). */
const CAGE_TO: Partial<Record<Cage, { to: number; what: string }>> = {
  polyamide: { to: 120, what: 'A polyamide cage' },
  resin: { to: 120, what: 'A cage of fabric and resin' },
}
/** Rings of ordinary heat treatment keep their size up to this, °C; S0 and S1 further (handbook values from memory). */
export const RINGS_TO = 120
export const STABLE_TO: Readonly<Record<string, number>> = { S0: 150, S1: 200, S2: 250, S3: 300 }

/** What a warm place asks of seals, cage and rings. */
export const temperature: CheckRule = (_from, to, { temperatureC }) => {
  if (temperatureC === undefined) return null
  const rings = to.heat === null ? RINGS_TO : (STABLE_TO[to.heat] ?? RINGS_TO)
  const cage = to.cage?.kind ? CAGE_TO[to.cage.kind] : undefined
  const limits = [
    ...(to.closure.type === 'contactSeal' || to.closure.type === 'lowFrictionSeal'
      ? [to.traits.map((trait) => SEALS_TO[trait]).find(Boolean) ?? NITRILE]
      : []),
    ...(cage ? [cage] : []),
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
