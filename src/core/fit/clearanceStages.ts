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
 * Mounted: tight rings take their share away, loose ones give nothing back. On a taper the nut takes it instead: the least drop
 * from a bearing of little clearance, the most from one of much (handbook rule). Warm: the inner ring is hotter than the outer
 * by ΔT and grows by α · ΔT · dm more (handbook relation).
 * @param fits interference of each ring, µm, positive = tight; a ring left out takes nothing
 * @param innerHotterK how much hotter the inner ring runs, K; the outer one hotter is negative
 * @param dmMm mean diameter (d + D) / 2
 * @param drawnUp drop of the clearance while its nut draws it up, µm; null where it is not
 * @returns µm
 */
export function clearanceStages(
  clearance: Limits,
  fits: { inner?: Span | undefined; outer?: Span | undefined },
  innerHotterK: number,
  dmMm: number,
  drawnUp: Span | null = null,
): { fresh: Span; mounted: Span; warm: Span } {
  const taken = (ring: 'inner' | 'outer', end: 'min' | 'max'): number =>
    CLEARANCE_REDUCTION[ring] * Math.max(0, fits[ring]?.[end] ?? 0)
  const [least, most] = drawnUp ? [drawnUp.max, drawnUp.min] : [taken('inner', 'min'), taken('inner', 'max')]
  const mounted = {
    min: clearance.lower - most - taken('outer', 'max'),
    max: clearance.upper - least - taken('outer', 'min'),
  }
  const grown = MATERIALS.steel.expansion * 1e-6 * innerHotterK * dmMm * 1000
  return {
    fresh: { min: clearance.lower, max: clearance.upper },
    mounted,
    warm: { min: mounted.min - grown, max: mounted.max - grown },
  }
}
