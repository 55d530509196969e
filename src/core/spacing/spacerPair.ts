import { stackUp, type StackItem, type StackResult } from './stackUp'

/** Axial play a pair of ordinary ball bearings takes up by itself, mm (common practice). */
export const AXIAL_PLAY_MM = 0.1

export interface SpacerPair {
  /** between the shoulders of the hub that the outer rings sit against */
  shouldersMm: number
  spacerMm: number
  /** how far each may be off, ± mm */
  shouldersOffMm: number
  spacerOffMm: number
  /** what the bearings take up, mm */
  playMm?: number | undefined
}

export interface SpacerVerdict extends StackResult {
  verdict: 'good' | 'sideLoad' | 'loose' | 'doubtful'
  message: string
}

const mm = (value: number): string => `${Math.abs(value).toFixed(2)} mm`

/**
 * Whether a spacer tube between two clamped bearings is right for its hub. Shorter than the shoulders, the clamped inner
 * rings are pulled together and load the bearings sideways; longer, the outer rings can wander by the difference, unless
 * they are pressed in and held.
 * @returns gap = spacer − shoulders, mm: negative = squeezed
 */
export function judgeSpacerPair(pair: SpacerPair): SpacerVerdict {
  const play = pair.playMm ?? AXIAL_PLAY_MM
  const item = (label: string, sign: 1 | -1, length: number, deviation: number): StackItem => ({
    label,
    sign,
    mm: length,
    plusMm: deviation,
    minusMm: deviation,
  })
  const stack = stackUp([
    item('spacer', 1, pair.spacerMm, pair.spacerOffMm),
    item('shoulders', -1, pair.shouldersMm, pair.shouldersOffMm),
  ])
  const { min, max } = stack.worst
  const verdictOf = (verdict: SpacerVerdict['verdict'], message: string): SpacerVerdict => ({
    ...stack,
    verdict,
    message,
  })
  if (max < -play)
    return verdictOf(
      'sideLoad',
      `The spacer is ${mm(stack.nominalMm)} short: clamped, it loads the bearings sideways. New spacer, or a shim of that thickness.`,
    )
  if (min > play)
    return verdictOf(
      'loose',
      `The spacer is ${mm(stack.nominalMm)} long: the hub can move between the bearings. Shorten it, or shim the outer rings.`,
    )
  if (min < -play || max > play)
    return verdictOf(
      'doubtful',
      `Between ${mm(min)} ${min < 0 ? 'short' : 'long'} and ${mm(max)} ${max < 0 ? 'short' : 'long'}: clamp it and turn one inner ring, it should just drag the other.`,
    )
  return verdictOf(
    'good',
    `Within ${mm(play)}, which the bearings take up. Clamp it and turn: no drag, no rattle.`,
  )
}
