import type { Family, Part } from '../catalogue'
import { planSeriesOf } from '../designation'

/** Smallest corner of a ring up to a bore, mm. */
type Step = readonly [toBoreMm: number, cornerMm: number]

/** Corner of the rings, r s min, by diameter series (ISO 15, ISO 582; recalled twice, by series and by number). `00` is the narrow 160. */
const CORNERS: Readonly<Record<string, readonly Step[]>> = {
  '8': [
    [4, 0.1],
    [7, 0.15],
    [9, 0.2],
    [60, 0.3],
    [80, 0.6],
    [120, 1],
    [180, 1.1],
    [200, 1.5],
  ],
  '9': [
    [3, 0.15],
    [6, 0.2],
    [30, 0.3],
    [50, 0.6],
    [80, 1],
    [120, 1.1],
    [140, 1.5],
    [190, 2],
    [200, 2.1],
  ],
  '00': [
    [40, 0.3],
    [85, 0.6],
    [140, 1],
    [190, 1.1],
    [200, 1.5],
  ],
  '0': [
    [5, 0.2],
    [17, 0.3],
    [25, 0.6],
    [50, 1],
    [85, 1.1],
    [100, 1.5],
    [140, 2],
    [200, 2.1],
  ],
  '2': [
    [3, 0.15],
    [4, 0.2],
    [9, 0.3],
    [17, 0.6],
    [32, 1],
    [50, 1.1],
    [75, 1.5],
    [90, 2],
    [120, 2.1],
    [160, 3],
    [200, 4],
  ],
  '3': [
    [10, 0.6],
    [17, 1],
    [32, 1.1],
    [45, 1.5],
    [55, 2],
    [80, 2.1],
    [120, 3],
    [180, 4],
    [200, 5],
  ],
}

/** Families whose rings have one corner on every side that sits, or whose larger one is told (ISO 15). */
const CORNERED: ReadonlySet<Family> = new Set([
  'deep-groove',
  'deep-groove-double-row',
  'angular-contact',
  'angular-contact-double-row',
  'self-aligning',
  'spherical',
])

/** The row of corners of a series: its diameter series; the narrow 160 has a row of its own. */
function rowOf(family: Family, series: string): string | undefined {
  const plan = CORNERED.has(family) ? planSeriesOf(family, series) : undefined
  return plan?.width === '0' && plan.diameter === '0' ? '00' : plan?.diameter
}

/** In the series 3 the small bores have corners of their own. */
const SMALLEST_OF_3 = 10

/** The largest fillet of shaft and housing where that is less than the corner itself, mm (handbooks, from ISO 582). */
const FILLETS: Readonly<Record<number, number>> = { 1.1: 1, 2.1: 2, 3: 2.5, 4: 3, 5: 4 }

export interface RingCorner {
  /** the corner of the ring is at least so large, mm */
  cornerMm: number
  /** the fillet at the shoulder it sits against may be at most so large, mm */
  filletMm: number
}

/**
 * The corner of the rings of a bearing and the largest fillet it sits against. Of angular contact bearings the larger of the two,
 * at the side that takes the load.
 * @returns null for families and sizes no table is here of
 * @example ringCornerOf({ family: 'deep-groove', series: '62', dimensions: { bore: 25 } }) // { cornerMm: 1, filletMm: 1 }
 */
export function ringCornerOf({
  family,
  series,
  dimensions: { bore },
}: Pick<Part, 'family' | 'series' | 'dimensions'>): RingCorner | null {
  const diameters = rowOf(family, series)
  if (diameters === undefined || bore === undefined) return null
  if (diameters === '3' && bore < SMALLEST_OF_3) return null
  const corner = CORNERS[diameters]?.find(([to]) => bore <= to)?.[1]
  return corner === undefined ? null : { cornerMm: corner, filletMm: FILLETS[corner] ?? corner }
}
