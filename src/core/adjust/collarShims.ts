import type { Play } from './endPlay'

/** Shims put together at most: more of them bed in and lose the setting (common practice). */
const MAX_SHIMS = 3
/** Below this a dial indicator on a hub shows nothing that can be told from none, mm (common practice). */
const NOTHING_MM = 0.005
/** Put under the collar where no play shows, to have some to measure, mm (common practice). */
const TRIAL_MM = 0.2

export interface CollarShims {
  /** how much longer the collar with its shims has to be, mm; negative = shorter */
  change: Play
  /** shims of those at hand that do it, fewest first; null = none do, or it has to be shorter */
  shims: readonly number[] | null
  message: string
}

/** Sums of up to three of the shims, each thickness as often as wanted. */
function* sums(shims: readonly number[], many: number, from = 0): Generator<number[]> {
  if (many === 0) return yield []
  for (let i = from; i < shims.length; i++)
    for (const rest of sums(shims, many - 1, i)) yield [shims[i] ?? 0, ...rest]
}

const mm = (value: number): string => value.toFixed(3).replace(/0$/, '')

/**
 * What to change where two tapered bearings are clamped over a collar: the nut is at its torque, the length of the collar with its
 * shims sets the play, and a longer one gives more.
 *
 * @param playMm measured with the nut at its torque, mm
 * @param target play wanted, mm
 * @param shimsMm thicknesses at hand, mm
 * @example collarShims(0.02, { min: 0.05, max: 0.1 }, [0.05]).shims // [0.05]
 */
export function collarShims(playMm: number, target: Play, shimsMm: readonly number[]): CollarShims {
  const change = { min: target.min - playMm, max: target.max - playMm }
  if (playMm >= target.min && playMm <= target.max)
    return { change, shims: [], message: 'The play is as wanted: lock it, and turn it over once more.' }
  if (playMm < NOTHING_MM)
    return {
      change,
      shims: null,
      message: `No play shows: the bearings may be squeezed by any amount. Put ${TRIAL_MM} mm more under the collar, tighten, and measure again.`,
    }
  if (change.max < 0)
    return {
      change,
      shims: null,
      message: `Take ${mm(-change.max)} to ${mm(-change.min)} mm out: shims, or the collar ground flat and square by as much.`,
    }
  const middle = (change.min + change.max) / 2
  const at = shimsMm.filter((shim) => shim > 0)
  for (let many = 1; many <= MAX_SHIMS; many++) {
    const fitting = [...sums(at, many)]
      .map((shims) => ({ shims, deviation: Math.abs(shims.reduce((a, b) => a + b, 0) - middle) }))
      .filter(({ deviation }) => deviation <= (change.max - change.min) / 2 + 1e-9)
      .sort((a, b) => a.deviation - b.deviation)
    const [best] = fitting
    if (best)
      return {
        change,
        shims: best.shims,
        message: `Add ${best.shims.map(mm).join(' + ')} mm of shims, tighten to the torque, and measure again.`,
      }
  }
  return {
    change,
    shims: null,
    message: `Add ${mm(Math.max(0, change.min))} to ${mm(change.max)} mm of shims: none at hand, up to three together, come to that.`,
  }
}
