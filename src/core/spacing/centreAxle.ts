/** What is measured on both sides: how far the axle stands out of the same feature, or the gap between wheel and frame. */
export const AXLE_MEASURES = ['standsOut', 'gap'] as const
export type AxleMeasure = (typeof AXLE_MEASURES)[number]

export interface CentredAxle {
  shiftMm: number
  /** null = it stands central */
  toward: 'left' | 'right' | null
  /** what each side must read afterwards, mm */
  mustReadMm: number
  /** turns of the thread for the shift; null = no thread given */
  turns: number | null
}

/**
 * How far to move an axle or wheel so that it stands central: half the difference of what is measured from the same feature on
 * both sides (common practice). The side that stands out more goes in; the side with the larger gap is moved toward.
 * @param pitchMm of the thread that moves it, mm
 * @example centreAxle(31.4, 29.8, 'gap') // 0.8 mm to the left, where the larger gap is; each side then reads 30.6
 */
export function centreAxle(
  leftMm: number,
  rightMm: number,
  measure: AxleMeasure,
  pitchMm?: number,
): CentredAxle {
  const half = (leftMm - rightMm) / 2
  const toLarger = half > 0 ? 'left' : 'right'
  const toSmaller = half > 0 ? 'right' : 'left'
  const shiftMm = Math.abs(half)
  return {
    shiftMm,
    toward: half === 0 ? null : measure === 'gap' ? toLarger : toSmaller,
    mustReadMm: (leftMm + rightMm) / 2,
    turns: pitchMm === undefined ? null : shiftMm / pitchMm,
  }
}
