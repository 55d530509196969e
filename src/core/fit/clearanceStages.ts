import { CLEARANCE_REDUCTION } from './internalClearance'
import { MATERIALS } from './materials'
import type { Limits } from './toleranceClass'

interface Span {
  min: number
  max: number
}

/**
 * Radial clearance as it goes from new to mounted to warm.
 *
 * Mounted: tight rings take their share away, loose ones give nothing back. Warm: the inner ring is hotter than the outer
 * by ΔT and grows by α · ΔT · dm more (handbook relation).
 * @param fits interference of each ring, µm, positive = tight; a ring left out takes nothing
 * @param innerHotterK how much hotter the inner ring runs, K; the outer one hotter is negative
 * @param dmMm mean diameter (d + D) / 2
 * @returns µm
 */
export function clearanceStages(
  clearance: Limits,
  fits: { inner?: Span | undefined; outer?: Span | undefined },
  innerHotterK: number,
  dmMm: number,
): { fresh: Span; mounted: Span; warm: Span } {
  const taken = (end: 'min' | 'max'): number =>
    CLEARANCE_REDUCTION.inner * Math.max(0, fits.inner?.[end] ?? 0) +
    CLEARANCE_REDUCTION.outer * Math.max(0, fits.outer?.[end] ?? 0)
  const mounted = { min: clearance.lower - taken('max'), max: clearance.upper - taken('min') }
  const grown = MATERIALS.steel.expansion * 1e-6 * innerHotterK * dmMm * 1000
  return {
    fresh: { min: clearance.lower, max: clearance.upper },
    mounted,
    warm: { min: mounted.min - grown, max: mounted.max - grown },
  }
}
