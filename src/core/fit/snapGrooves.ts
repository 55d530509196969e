import type { Family, Part } from '../catalogue'
import { planSeriesOf } from '../designation'

/**
 * Outside of a bearing, diameter of its groove and outside of the ring in it, at most, mm: ISO 464, diameter series 0, 2, 3 and 4
 * (recalled twice, by outside and by number).
 */
const GROOVES: readonly (readonly [outsideMm: number, grooveMm: number, ringMm: number])[] = [
  [30, 28.17, 34.7],
  [32, 30.15, 36.7],
  [35, 33.17, 39.7],
  [37, 34.77, 41.3],
  [40, 38.1, 44.6],
  [42, 39.75, 46.3],
  [47, 44.6, 52.7],
  [52, 49.73, 57.9],
  [55, 52.6, 60.7],
  [62, 59.61, 67.7],
  [68, 64.82, 74.6],
  [72, 68.81, 78.6],
  [75, 71.83, 81.6],
  [80, 76.81, 86.6],
  [85, 81.81, 91.6],
  [90, 86.79, 96.5],
  [95, 91.82, 101.6],
  [100, 96.8, 106.5],
  [110, 106.81, 116.6],
  [115, 111.81, 121.6],
  [120, 115.21, 129.7],
  [125, 120.22, 134.7],
  [130, 125.22, 139.7],
  [140, 135.23, 149.7],
  [150, 145.24, 159.7],
  [160, 155.22, 169.7],
  [170, 163.65, 182.9],
  [180, 173.66, 192.9],
]

/** Width of the groove, at least, and thickness of its ring, at most, by the outside up to which they hold, mm (ISO 464). */
const WIDTHS: readonly (readonly [toOutsideMm: number, widthMm: number, ringMm: number])[] = [
  [58, 1.35, 1.12],
  [85, 1.9, 1.7],
  [115, 2.7, 2.46],
  [160, 3.1, 2.82],
  [200, 3.5, 3.1],
]

/** Families that are made with such a groove, and diameter series that the table is of. */
const FAMILIES: ReadonlySet<Family> = new Set(['deep-groove', 'angular-contact-double-row', 'cylindrical'])
const SERIES: ReadonlySet<string | undefined> = new Set(['0', '2', '3', '4'])

export interface SnapGroove {
  /** diameter at its bottom, at most, mm */
  grooveMm: number
  /** width, at least, mm */
  widthMm: number
  /** outside of the ring in it, at most, mm: the housing leaves it room */
  ringOutsideMm: number
  /** thickness of the ring, at most, mm */
  ringThickMm: number
}

/**
 * Groove in the outer ring of a radial bearing that is made with one, and the snap ring that goes into it. Where it stands along the
 * ring is not told here.
 * @returns null for series and sizes no table is here of
 * @example snapGrooveOf(part6205) // { grooveMm: 49.73, widthMm: 1.35, ringOutsideMm: 57.9, ringThickMm: 1.12 }
 */
export function snapGrooveOf({
  family,
  series,
  dimensions: { outside },
}: Pick<Part, 'family' | 'series' | 'dimensions'>): SnapGroove | null {
  if (outside === undefined || !FAMILIES.has(family)) return null
  if (!SERIES.has(planSeriesOf(family, series)?.diameter)) return null
  const groove = GROOVES.find(([of]) => of === outside)
  const width = WIDTHS.find(([to]) => outside <= to)
  return groove && width
    ? { grooveMm: groove[1], widthMm: width[1], ringOutsideMm: groove[2], ringThickMm: width[2] }
    : null
}
