import { isRaceway, type SeatKind } from './seatKind'
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
  [225, [2, 35], [25, 85], [75, 140], [125, 195], [175, 265]],
  [250, [2, 40], [31, 95], [85, 160], [145, 225], [205, 300]],
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
  [140, [15, 60], [60, 105], [100, 145], [145, 190]],
  [160, [20, 70], [70, 120], [115, 165], [165, 215]],
  [180, [25, 75], [75, 125], [120, 170], [170, 220]],
  [200, [35, 90], [90, 145], [140, 195], [195, 250]],
  [225, [45, 105], [105, 165], [160, 220], [220, 280]],
  [250, [45, 110], [110, 175], [170, 235], [235, 300]],
]

/** Self-aligning ball bearings with cylindrical bore (ISO 5753-1, µm, C2 CN C3 C4; from memory). */
const SELF_ALIGNING: readonly Row[] = [
  [6, [1, 8], [5, 15], [10, 20], [15, 25]],
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
  [140, [10, 38], [30, 68], [60, 100], [90, 140]],
  [160, [15, 44], [35, 80], [70, 120], [110, 161]],
]

/** The same with tapered bore. */
const SELF_ALIGNING_TAPER: readonly Row[] = [
  [24, [7, 17], [13, 26], [20, 33], [28, 42]],
  [30, [9, 20], [15, 28], [23, 39], [33, 50]],
  [40, [12, 24], [19, 35], [29, 46], [40, 59]],
  [50, [14, 27], [22, 39], [33, 52], [45, 65]],
  [65, [18, 32], [27, 47], [41, 61], [56, 80]],
  [80, [23, 39], [35, 57], [50, 75], [69, 98]],
  [100, [29, 47], [42, 68], [62, 90], [84, 116]],
  [120, [35, 56], [50, 81], [75, 108], [100, 139]],
  [140, [40, 68], [60, 98], [90, 130], [120, 170]],
  [160, [45, 74], [65, 110], [100, 150], [140, 191]],
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
  [140, [50, 95], [95, 145], [145, 190], [190, 240], [240, 300]],
  [160, [60, 110], [110, 170], [170, 220], [220, 280], [280, 350]],
  [180, [65, 120], [120, 180], [180, 240], [240, 310], [310, 390]],
  [200, [70, 130], [130, 200], [200, 260], [260, 340], [340, 430]],
  [225, [80, 140], [140, 220], [220, 290], [290, 380], [380, 470]],
  [250, [90, 150], [150, 240], [240, 320], [320, 420], [420, 520]],
]

/** The same with tapered bore. */
const SPHERICAL_TAPER: readonly Row[] = [
  [24, [15, 25], [25, 35], [35, 45], [45, 60], [60, 75]],
  [30, [20, 30], [30, 40], [40, 55], [55, 75], [75, 95]],
  [40, [25, 35], [35, 50], [50, 65], [65, 85], [85, 105]],
  [50, [30, 45], [45, 60], [60, 80], [80, 100], [100, 130]],
  [65, [40, 55], [55, 75], [75, 95], [95, 120], [120, 160]],
  [80, [50, 70], [70, 95], [95, 120], [120, 150], [150, 200]],
  [100, [55, 80], [80, 110], [110, 140], [140, 180], [180, 230]],
  [120, [65, 100], [100, 135], [135, 170], [170, 220], [220, 280]],
  [140, [80, 120], [120, 160], [160, 200], [200, 260], [260, 330]],
  [160, [90, 130], [130, 180], [180, 230], [230, 300], [300, 380]],
  [180, [100, 140], [140, 200], [200, 260], [260, 340], [340, 430]],
  [200, [110, 160], [160, 220], [220, 290], [290, 370], [370, 470]],
  [225, [120, 180], [180, 250], [250, 320], [320, 410], [410, 520]],
  [250, [140, 200], [200, 270], [270, 350], [350, 450], [450, 570]],
]

const TAPER_TABLES: Record<string, readonly Row[]> = {
  'self-aligning': SELF_ALIGNING_TAPER,
  spherical: SPHERICAL_TAPER,
}

/** Smallest bore of the tables with tapered bore, over, mm. */
const SMALLEST_TAPER_MM = 18

const TABLES: Record<string, readonly Row[]> = {
  'deep-groove': DEEP_GROOVE,
  miniature: DEEP_GROOVE,
  'inch-ball': DEEP_GROOVE,
  cylindrical: CYLINDRICAL,
  needle: CYLINDRICAL,
  'self-aligning': SELF_ALIGNING,
  spherical: SPHERICAL,
}
/** Smallest bore of the tables, over, mm. */
const SMALLEST_MM = 2.5

/**
 * Radial internal clearance of a new, unmounted bearing.
 * @param boreMm bore, mm
 * @param kind how it sits: a tapered bore has rows of its own; without an inner ring the seats make the clearance
 * @returns µm; null for families and sizes without a table here
 */
export function internalClearance(
  family: string,
  group: ClearanceGroup,
  boreMm: number,
  kind?: SeatKind,
): Limits | null {
  if (kind !== undefined && (isRaceway(kind, 'inner') || isRaceway(kind, 'outer'))) return null
  const taper = kind === 'onSleeve'
  const rows = (taper ? TAPER_TABLES : TABLES)[family]
  const row =
    boreMm > (taper ? SMALLEST_TAPER_MM : SMALLEST_MM) ? rows?.find(([upTo]) => boreMm <= upTo) : undefined
  const range = row?.[1 + CLEARANCE_GROUPS.indexOf(group)]
  return Array.isArray(range) ? { lower: range[0] as number, upper: range[1] as number } : null
}

/** How much of an interference on each ring shows in the clearance (common practice). */
export const CLEARANCE_REDUCTION = { inner: 0.8, outer: 0.7 }

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
    min: clearance.lower - CLEARANCE_REDUCTION[ring] * Math.max(0, interference.max),
    max: clearance.upper - CLEARANCE_REDUCTION[ring] * Math.max(0, interference.min),
  }
}
