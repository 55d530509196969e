import { MM_PER_INCH } from './units'

/** A thread as it is written on a nut or measured on a spindle. */
export interface Thread {
  diameterMm: number
  pitchMm: number
  leftHand: boolean
}

const METRIC = /^M\s*(\d+(?:[.,]\d+)?)\s*(?:[x×]\s*(\d+(?:[.,]\d+)?))?$/i
const INCH = /^(?:(\d+)[ -])?(?:(\d+)\/(\d+)|(\d+(?:\.\d+)?))\s*["”]?\s*[-–x×]\s*(\d+)$/i
const LEFT = /\s*(?:\bLH\b|\bleft(?:[ -]hand)?\b)\s*$/i
/** Coarse pitch of metric threads by diameter, mm (ISO 261). */
const COARSE: Readonly<Record<number, number>> = {
  6: 1,
  8: 1.25,
  10: 1.5,
  12: 1.75,
  14: 2,
  16: 2,
  18: 2.5,
  20: 2.5,
  22: 2.5,
  24: 3,
  27: 3,
  30: 3.5,
  33: 3.5,
  36: 4,
}
/**
 * Threads an inch of numbered screws by their number, coarse and fine (ASME B1.1): `10-32` is no ten inches, but the `1-24` of a
 * bicycle's steerer is one inch.
 */
const NUMBERED: Readonly<Record<string, readonly number[]>> = {
  0: [80],
  1: [64, 72],
  2: [56, 64],
  3: [48, 56],
  4: [40, 48],
  5: [40, 44],
  6: [32, 40],
  8: [32, 36],
  10: [24, 32],
  12: [24, 28],
}
/** Diameter of numbered screws, in (ASME B1.1). */
const numberedIn = (n: number): number => 0.06 + 0.013 * n
const number = (text: string | undefined): number => Number((text ?? '').replace(',', '.'))

/**
 * Reads a thread such as `3/4-16`, `1 1/8-12`, `M20x1.5` or `M24x2 LH`.
 * @returns null when it is no thread, or a metric one without pitch whose coarse pitch is not listed
 * @example readThread('3/4-16') // { diameterMm: 19.05, pitchMm: 1.5875, leftHand: false }
 */
export function readThread(text: string): Thread | null {
  const leftHand = LEFT.test(text)
  const bare = text.replace(LEFT, '').trim()
  const metric = METRIC.exec(bare)
  if (metric) {
    const diameterMm = number(metric[1])
    const pitchMm = metric[2] === undefined ? COARSE[diameterMm] : number(metric[2])
    return pitchMm && pitchMm < diameterMm ? { diameterMm, pitchMm, leftHand } : null
  }
  const inch = INCH.exec(bare)
  if (!inch) return null
  const [, whole, top, bottom, plain, perInch] = inch
  const threads = Number(perInch)
  const size = number(plain)
  const plainIn = NUMBERED[plain ?? '']?.includes(threads) ? numberedIn(size) : size
  const inches = top === undefined ? plainIn : Number(whole ?? 0) + Number(top) / Number(bottom)
  if (!(inches > 0) || !(inches < 12) || !(threads >= 4 && threads <= 80)) return null
  return { diameterMm: inches * MM_PER_INCH, pitchMm: MM_PER_INCH / threads, leftHand }
}
