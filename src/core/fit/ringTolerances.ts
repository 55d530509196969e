import type { SeatKind } from './seatKind'
import { toleranceClass, type Limits } from './toleranceClass'

/**
 * Tolerances of new rings about their nominal size. ISO 492 radial and tapered bearings, classes Normal, 6 and 5 (values
 * from memory, checked against the trade notes' rows); ABMA 19.2 class 4 for inch tapered rings, which are plus.
 */
export const RING_CLASSES = ['Normal', 'P6', 'P5'] as const
export type RingClass = (typeof RING_CLASSES)[number]

/** Up to and including this nominal size, mm, and the band, µm, of Normal, 6 and 5. */
type Row = readonly [upToMm: number, normal: number, p6: number, p5: number]

const BORE: readonly Row[] = [
  [10, 8, 7, 5],
  [18, 8, 7, 5],
  [30, 10, 8, 6],
  [50, 12, 10, 8],
  [80, 15, 12, 9],
  [120, 20, 15, 10],
  [180, 25, 18, 13],
  [250, 30, 22, 15],
  [315, 35, 25, 18],
  [Infinity, 40, 30, 23],
]
const OUTSIDE: readonly Row[] = [
  [18, 8, 7, 5],
  [30, 9, 8, 6],
  [50, 11, 9, 7],
  [80, 13, 11, 9],
  [120, 15, 13, 10],
  [150, 18, 15, 11],
  [180, 25, 18, 13],
  [250, 30, 20, 15],
  [315, 35, 25, 18],
  [Infinity, 40, 28, 20],
]
/** Metric tapered bearings, Normal class only: their own table of ISO 492. */
const TAPERED_BORE: readonly (readonly [number, number])[] = [
  [50, 12],
  [80, 15],
  [120, 20],
  [180, 25],
  [Infinity, 30],
]
const TAPERED_OUTSIDE: readonly (readonly [number, number])[] = [
  [30, 12],
  [50, 14],
  [80, 16],
  [120, 18],
  [150, 20],
  [180, 25],
  [Infinity, 30],
]
/** ABMA 19.2 class 4: bores to 3 in +13, beyond +25; outsides to 12 in +25 µm. */
const INCH_BORE: readonly (readonly [number, number])[] = [
  [76.2, 13],
  [Infinity, 25],
]
const INCH_OUTSIDE: readonly (readonly [number, number])[] = [
  [304.8, 25],
  [Infinity, 51],
]

/** Bores of insert bearings are plus (ISO 9628, from memory). */
const INSERT_BORE: readonly (readonly [number, number])[] = [
  [18, 15],
  [31.75, 18],
  [50.8, 21],
  [80.962, 24],
  [Infinity, 28],
]
/** Under the needles, where no inner ring is: classes of the enveloping circle (ISO 3245 and ISO 1206, from memory). */
const ENVELOPE = { drawnCup: 'F8', needleNoRing: 'F6' } as const

/** Sleeves of linear ball bearings outside (common practice, from memory). */
const LINEAR_OUTSIDE = 'h6'

const bandOf = (rows: readonly (readonly number[])[], mm: number, column: number): number =>
  rows.find(([upTo = 0]) => mm <= upTo)?.[column] ?? 0

/**
 * Limits of a new ring's diameter.
 * @param kind tapered rings are told in Normal (class 4) only; without an inner ring the circle under the needles is told, of a cage
 *   its nominal size
 * @returns µm about nominal
 * @example ringLimits('bore', 25) // { lower: -10, upper: 0 }
 */
export function ringLimits(
  role: 'bore' | 'outside',
  mm: number,
  kind: SeatKind = 'ball',
  ringClass: RingClass = 'Normal',
): Limits {
  const bore = role === 'bore'
  switch (kind) {
    case 'insert':
      if (bore) return { lower: 0, upper: bandOf(INSERT_BORE, mm, 1) }
      break
    case 'wideRing':
      if (bore) return toleranceClass('J7', mm) ?? { lower: 0, upper: 0 }
      break
    case 'drawnCup':
    case 'needleNoRing':
      if (bore) return toleranceClass(ENVELOPE[kind], mm) ?? { lower: 0, upper: 0 }
      break
    case 'needleCage':
      return { lower: 0, upper: 0 }
    case 'linear':
      if (!bore) return toleranceClass(LINEAR_OUTSIDE, mm) ?? { lower: 0, upper: 0 }
      break
    case 'taperedInch':
      return { lower: 0, upper: bandOf(bore ? INCH_BORE : INCH_OUTSIDE, mm, 1) }
    case 'taperedMetric':
      return { lower: -bandOf(bore ? TAPERED_BORE : TAPERED_OUTSIDE, mm, 1), upper: 0 }
    default:
  }
  return { lower: -bandOf(bore ? BORE : OUTSIDE, mm, 1 + RING_CLASSES.indexOf(ringClass)), upper: 0 }
}

/** Width of the tolerance band of a new ring's diameter, Normal class, mm. */
export const ringBandMm = (role: 'bore' | 'outside', mm: number): number =>
  bandOf(role === 'bore' ? BORE : OUTSIDE, mm, 1) / 1000
