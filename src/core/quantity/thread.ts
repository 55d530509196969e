import { MM_PER_INCH } from './units'

/** A thread as it is written on a nut or measured on a spindle. */
export interface Thread {
  diameterMm: number
  pitchMm: number
  leftHand: boolean
}

const METRIC = /^M\s*(\d+(?:[.,]\d+)?)\s*(?:[x×*\s-]\s*(\d+(?:[.,]\d+)?))?$/i
const INCH_SIZE = /^(?:(\d+)(?:[ -]|\.(?=\d+\/)))?(?:(\d+)\/(\d+)|(\d+(?:\.\d+)?))\s*(?:["”]|in(?:ch)?\b)?$/i
/** Threads an inch behind the size, or the name of the series alone, which says them. */
const INCH = /^(.+?)\s*(?:[-–x×*]\s*(\d+)\s*(?:-?\s*UN(?:[CFS]|EF)?)?|-?\s*(UN[CF]))$/i
const LEFT = /\s*-?\s*(?:\bLH\b|\bleft(?:[ -]hand(?:ed)?)?\b)\s*$/i
/** How closely it is cut: `M12x1.5-6g`, `1/2-20 UNF-2A` (ISO 965-1, ASME B1.1). It fits either way. */
const TOLERANCE = /\s*[-\s]\s*(?:[4-8][eghEGH](?:[4-8][ghGH])?|[123][abAB])$/
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
/** Threads an inch of the coarse and fine series, by diameter in sixteenths of an inch (ASME B1.1). */
const UNIFIED: Readonly<Record<'UNC' | 'UNF', Readonly<Record<number, number>>>> = {
  UNC: { 4: 20, 5: 18, 6: 16, 7: 14, 8: 13, 9: 12, 10: 11, 12: 10, 14: 9, 16: 8, 18: 7, 20: 7, 22: 6, 24: 6 },
  UNF: {
    4: 28,
    5: 24,
    6: 24,
    7: 20,
    8: 20,
    9: 18,
    10: 18,
    12: 16,
    14: 14,
    16: 12,
    18: 12,
    20: 12,
    22: 12,
    24: 12,
  },
}
/** Diameter of numbered screws, in (ASME B1.1). */
const numberedIn = (n: number): number => 0.06 + 0.013 * n
const number = (text: string | undefined): number => Number((text ?? '').replace(',', '.'))

function readMetric(bare: string): Omit<Thread, 'leftHand'> | null {
  const metric = METRIC.exec(bare)
  if (!metric) return null
  const diameterMm = number(metric[1])
  const coarse = COARSE[diameterMm]
  const pitchMm = metric[2] === undefined ? coarse : number(metric[2])
  return pitchMm && pitchMm < diameterMm && pitchMm <= (coarse ?? pitchMm) ? { diameterMm, pitchMm } : null
}

function readUnified(bare: string): Omit<Thread, 'leftHand'> | null {
  const [, said, perInch, named] = INCH.exec(bare) ?? []
  const size = INCH_SIZE.exec(said ?? '')
  if (!size) return null
  const [, whole, top, bottom, plain] = size
  const typed = number(plain)
  const plainIn = NUMBERED[plain ?? '']?.includes(Number(perInch)) ? numberedIn(typed) : typed
  const inches = top === undefined ? plainIn : Number(whole ?? 0) + Number(top) / Number(bottom)
  const series = named?.toUpperCase() === 'UNC' ? UNIFIED.UNC : UNIFIED.UNF
  const threads = named === undefined ? Number(perInch) : series[inches * 16]
  if (threads === undefined || !(inches > 0) || !(inches < 12) || !(threads >= 4 && threads <= 80))
    return null
  return { diameterMm: inches * MM_PER_INCH, pitchMm: MM_PER_INCH / threads }
}

/**
 * Reads a thread such as `3/4-16`, `1 1/8-12`, `7/16 UNF`, `M20x1.5`, `M12-1.5` or `M24x2 LH`; how closely it is cut is read over.
 * @returns null when it is no thread: a pitch above the coarse one, a metric one without pitch whose coarse pitch is not listed
 * @example readThread('3/4-16') // { diameterMm: 19.05, pitchMm: 1.5875, leftHand: false }
 */
export function readThread(text: string): Thread | null {
  const trimmed = text.trim()
  const leftHand = LEFT.test(trimmed)
  const bare = trimmed.replace(LEFT, '').trim()
  const plain = bare.replace(TOLERANCE, '')
  const read = readMetric(bare) ?? readUnified(bare) ?? readMetric(plain) ?? readUnified(plain)
  return read && { ...read, leftHand }
}

/** Most words that one thread is written in: `M20 x 1.5 LH`. */
const MAX_WORDS = 4

/**
 * The first thread in a text, as long as it is read: the name of a nut with its thread.
 * @example threadIn('self-locking nut M16x1.5')?.pitchMm // 1.5
 */
export function threadIn(text: string): Thread | null {
  const words = text.trim().split(/\s+/)
  for (let from = 0; from < words.length; from++)
    for (let length = Math.min(MAX_WORDS, words.length - from); length > 0; length--) {
      const read = readThread(words.slice(from, from + length).join(' '))
      if (read) return read
    }
  return null
}

/** Whether one screws onto the other. */
export const isSameThread = (a: Thread, b: Thread): boolean =>
  a.leftHand === b.leftHand &&
  Math.abs(a.diameterMm - b.diameterMm) < 0.05 &&
  Math.abs(a.pitchMm - b.pitchMm) < 0.01
