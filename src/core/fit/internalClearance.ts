import type { Limits } from './toleranceClass'

/** Groups of radial internal clearance, least first. */
export const CLEARANCE_GROUPS = ['C2', 'CN', 'C3', 'C4', 'C5'] as const
export type ClearanceGroup = (typeof CLEARANCE_GROUPS)[number]

type Row = readonly [upToMm: number, ...groups: (readonly [number, number])[]]

/** Deep groove ball bearings (ISO 5753-1, µm, C2 CN C3 C4 C5; from memory, rows 10–50 agree with the trade notes). */
const DEEP_GROOVE: readonly Row[] = [
  [10, [0, 7], [2, 13], [8, 23], [14, 29], [20, 37]],
  [18, [0, 9], [3, 18], [11, 25], [18, 33], [25, 45]],
  [24, [0, 10], [5, 20], [13, 28], [20, 36], [28, 48]],
  [30, [1, 11], [5, 20], [13, 28], [23, 41], [30, 53]],
  [40, [1, 11], [6, 20], [15, 33], [28, 46], [40, 64]],
  [50, [1, 11], [6, 23], [18, 36], [30, 51], [45, 73]],
  [65, [1, 15], [8, 28], [23, 43], [38, 61], [55, 90]],
  [80, [1, 15], [10, 30], [25, 51], [46, 71], [65, 105]],
  [100, [1, 18], [12, 36], [30, 58], [53, 84], [75, 120]],
  [120, [2, 20], [15, 41], [36, 66], [61, 97], [90, 140]],
  [140, [2, 23], [18, 48], [41, 81], [71, 114], [105, 160]],
  [160, [2, 23], [18, 53], [46, 91], [81, 130], [120, 180]],
  [180, [2, 25], [20, 61], [53, 102], [91, 147], [135, 200]],
  [200, [2, 30], [25, 71], [63, 117], [107, 163], [150, 230]],
]

/** Cylindrical roller bearings, interchangeable rings (ISO 5753-1, µm, C2 CN C3 C4; from memory). */
const CYLINDRICAL: readonly Row[] = [
  [24, [0, 25], [20, 45], [35, 60], [50, 75]],
  [30, [0, 25], [20, 45], [35, 60], [50, 75]],
  [40, [5, 30], [25, 50], [45, 70], [60, 85]],
  [50, [5, 35], [30, 60], [50, 80], [70, 100]],
  [65, [10, 40], [40, 70], [60, 90], [80, 110]],
  [80, [10, 45], [40, 75], [65, 100], [90, 125]],
  [100, [15, 50], [50, 85], [75, 110], [105, 140]],
  [120, [15, 55], [50, 90], [85, 125], [125, 165]],
]

/** Self-aligning ball bearings with cylindrical bore (ISO 5753-1, µm, C2 CN C3 C4; from memory). */
const SELF_ALIGNING: readonly Row[] = [
  [10, [2, 9], [6, 17], [12, 25], [19, 33]],
  [14, [2, 10], [6, 19], [13, 26], [21, 35]],
  [18, [3, 12], [8, 21], [15, 28], [23, 37]],
  [24, [4, 14], [10, 23], [17, 30], [25, 39]],
  [30, [5, 16], [11, 24], [19, 35], [29, 46]],
  [40, [6, 18], [13, 29], [23, 40], [34, 53]],
  [50, [6, 19], [14, 31], [25, 44], [37, 57]],
  [65, [7, 21], [16, 36], [30, 50], [45, 69]],
  [80, [8, 24], [18, 40], [35, 60], [54, 83]],
  [100, [9, 27], [22, 48], [42, 70], [64, 96]],
  [120, [10, 31], [25, 56], [50, 83], [75, 114]],
]

/** Spherical roller bearings with cylindrical bore (ISO 5753-1, µm, C2 CN C3 C4 C5; from memory). */
const SPHERICAL: readonly Row[] = [
  [24, [10, 20], [20, 35], [35, 45], [45, 60], [60, 75]],
  [30, [15, 25], [25, 40], [40, 55], [55, 75], [75, 95]],
  [40, [15, 30], [30, 45], [45, 60], [60, 80], [80, 100]],
  [50, [20, 35], [35, 55], [55, 75], [75, 100], [100, 125]],
  [65, [20, 40], [40, 65], [65, 90], [90, 120], [120, 150]],
  [80, [30, 50], [50, 80], [80, 110], [110, 145], [145, 180]],
  [100, [35, 60], [60, 100], [100, 135], [135, 180], [180, 225]],
  [120, [40, 75], [75, 120], [120, 160], [160, 210], [210, 260]],
]

const TABLES: Record<string, readonly Row[]> = {
  'deep-groove': DEEP_GROOVE,
  miniature: DEEP_GROOVE,
  'inch-ball': DEEP_GROOVE,
  cylindrical: CYLINDRICAL,
  'self-aligning': SELF_ALIGNING,
  spherical: SPHERICAL,
}
/** Smallest bore of the tables, over, mm. */
const SMALLEST_MM = 2.5

/**
 * Radial internal clearance of a new, unmounted bearing.
 * @param boreMm bore, mm
 * @returns µm; null for families and sizes without a table here
 */
export function internalClearance(family: string, group: ClearanceGroup, boreMm: number): Limits | null {
  const row = boreMm > SMALLEST_MM ? TABLES[family]?.find(([upTo]) => boreMm <= upTo) : undefined
  const range = row?.[1 + CLEARANCE_GROUPS.indexOf(group)]
  return Array.isArray(range) ? { lower: range[0] as number, upper: range[1] as number } : null
}

/** How much of an interference on each ring shows in the clearance (common practice). */
export const TAKEN = { inner: 0.8, outer: 0.7 }

/**
 * Clearance left once a ring is mounted: tight fits take it away, loose ones give nothing back.
 * @param interference of the ring, µm, positive = tight
 * @example clearanceLeft({ lower: 5, upper: 20 }, 'inner', { min: 2, max: 21 }) // { min: -11.8, max: 18.4 }
 */
export function clearanceLeft(
  clearance: Limits,
  ring: 'inner' | 'outer',
  interference: { min: number; max: number },
): { min: number; max: number } {
  return {
    min: clearance.lower - TAKEN[ring] * Math.max(0, interference.max),
    max: clearance.upper - TAKEN[ring] * Math.max(0, interference.min),
  }
}
