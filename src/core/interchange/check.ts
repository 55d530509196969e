import { wheelRpm } from '../grease'
import type { Variant } from './variant'

export type CheckResult = 'pass' | 'warn' | 'fail'

/** One thing that was compared. */
export interface Check {
  check: string
  result: CheckResult
  detail: string
  /** what the old and the new one say of it, each for itself; left out where only both together say something */
  values?: readonly [was: string, now: string]
  /** what a difference means */
  meaning?: string
}

/** What two numbers tell differently of one thing. @param label in front of both, where they do not say what they are of */
export const differs = (
  check: string,
  result: CheckResult,
  values: readonly [was: string, now: string],
  meaning: string,
  label = '',
): Check => ({
  check,
  result,
  detail: `${label && `${label} `}${values[0]} → ${values[1]}. ${meaning}`,
  values,
  meaning,
})

export const LOADS = ['light', 'normal', 'heavy'] as const
export const ROTATING_RINGS = ['inner', 'outer'] as const

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
  rotatingRing?: (typeof ROTATING_RINGS)[number] | undefined
}

/** What is compared of an old part and the one that is to replace it; null when there is nothing to say. */
export type CheckRule = (
  from: Variant,
  to: Variant,
  application: Application,
) => Check | readonly Check[] | null

/** Turns a minute as said, or worked out from the road. */
export const turnsOf = ({ rpm, kmh, tyreMm }: Application): number | undefined =>
  rpm ?? (kmh !== undefined && tyreMm !== undefined && tyreMm > 0 ? wheelRpm(kmh, tyreMm) : undefined)
