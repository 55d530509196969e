import { wheelRpm } from '../grease'
import type { Variant } from './variant'

export type CheckResult = 'pass' | 'warn' | 'fail'

/** One thing that was compared. */
export interface Check {
  check: string
  result: CheckResult
  detail: string
  /** a pass that makes the new part the better one */
  better?: true
}

export const LOADS = ['light', 'normal', 'heavy'] as const
export const TURNING = ['inner', 'outer'] as const

/** Where the part works, as far as it is known. */
export interface Application {
  speed?: 'slow' | 'fast' | undefined
  /** turns a minute, when somebody knows */
  rpm?: number | undefined
  /** of a wheel: road speed and outside of the tyre, from which the turns follow */
  kmh?: number | undefined
  tyreMm?: number | undefined
  wet?: boolean | undefined
  /** of the bearing at work, °C */
  temperatureC?: number | undefined
  load?: (typeof LOADS)[number] | undefined
  /** the ring that turns: a wheel turns the outer one */
  turning?: (typeof TURNING)[number] | undefined
}

/** One comparison of an old part with the one that is to replace it; null when there is nothing to say. */
export type CheckRule = (from: Variant, to: Variant, application: Application) => Check | null

/** Turns a minute as said, or worked out from the road. */
export const turnsOf = ({ rpm, kmh, tyreMm }: Application): number | undefined =>
  rpm ?? (kmh !== undefined && tyreMm !== undefined && tyreMm > 0 ? wheelRpm(kmh, tyreMm) : undefined)
