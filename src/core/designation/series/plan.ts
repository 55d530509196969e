import type { Catalogue, Family, Part } from '../../catalogue'

/** Where a series of numbers stands in the boundary plan: width series and diameter series (ISO 15, ISO 104). */
export interface PlanSeries {
  family: Family
  /** as it stands in the number, and in the `series` column of the catalogue */
  series: string
  /** null where the family keeps widths of its own, such as the total width of tapered sets (ISO 355) */
  width: string | null
  diameter: string
  /** bore codes that are made: beyond them the digits are another number, such as the inch cone 3984 */
  codes: readonly [number, number]
}

type Row = readonly [series: string, width: string | null, diameter: string, from?: number, to?: number]

const series = (family: Family, rows: readonly Row[]): PlanSeries[] =>
  rows.map(([name, width, diameter, from = 0, to = 96]) => ({
    family,
    series: name,
    width,
    diameter,
    codes: [from, to],
  }))

const CYLINDRICAL = ['NU', 'NJ', 'NUP', 'N', 'NF', 'NCF', 'NH'].flatMap((type) =>
  series('cylindrical', [
    [`${type}10`, '1', '0'],
    [`${type}20`, '2', '0'],
    [`${type}30`, '3', '0'],
    [`${type}18`, '1', '8'],
    [`${type}19`, '1', '9'],
    [`${type}29`, '2', '9'],
    [`${type}22`, '2', '2'],
    [`${type}23`, '2', '3'],
    [`${type}2`, '0', '2'],
    [`${type}3`, '0', '3'],
    [`${type}4`, '0', '4'],
  ]),
)

/** Number series of ISO 15 and ISO 104 with their place in the plan. Thrust bearings have a plan of their own: T. */
export const PLAN_SERIES: readonly PlanSeries[] = [
  ...series('deep-groove', [
    ['60', '1', '0', 0, 96],
    ['62', '0', '2', 0, 64],
    ['63', '0', '3', 0, 56],
    ['64', '0', '4', 3, 20],
    ['67', '1', '7', 0, 20],
    ['68', '1', '8', 0, 96],
    ['69', '1', '9', 0, 96],
    ['160', '0', '0', 1, 80],
    ['622', '2', '2', 0, 18],
    ['623', '2', '3', 0, 18],
    ['630', '3', '0', 0, 14],
    ['632', '3', '2', 0, 10],
    ['633', '3', '3', 2, 10],
    ['638', '3', '8', 0, 12],
    ['639', '3', '9', 0, 12],
  ]),
  ...series('deep-groove-double-row', [
    ['42', '2', '2', 0, 22],
    ['43', '2', '3', 0, 20],
  ]),
  ...series('angular-contact', [
    ['718', '1', '8', 0, 96],
    ['719', '1', '9', 0, 96],
    ['70', '1', '0', 0, 96],
    ['72', '0', '2', 0, 52],
    ['73', '0', '3', 0, 40],
    ['74', '0', '4', 5, 20],
    ['QJ10', '1', '0', 5, 60],
    ['QJ2', '0', '2', 2, 44],
    ['QJ3', '0', '3', 3, 40],
  ]),
  ...series('angular-contact-double-row', [
    ['30', '3', '0', 0, 12],
    ['32', null, '2', 0, 30],
    ['33', null, '3', 2, 18],
    ['38', '3', '8', 0, 16],
    ['39', '3', '9', 0, 16],
  ]),
  ...series('self-aligning', [
    ['12', '0', '2', 0, 30],
    ['13', '0', '3', 0, 22],
    ['22', '2', '2', 0, 22],
    ['23', '2', '3', 0, 22],
  ]),
  ...series('spherical', [
    ['213', '0', '3', 4, 22],
    ['222', '2', '2', 5, 64],
    ['223', '2', '3', 6, 56],
    ['230', '3', '0', 18, 96],
    ['231', '3', '1', 18, 96],
    ['232', '3', '2', 16, 92],
    ['238', '3', '8', 36, 96],
    ['239', '3', '9', 20, 96],
    ['240', '4', '0', 18, 96],
    ['241', '4', '1', 18, 96],
  ]),
  ...CYLINDRICAL,
  ...series('cylindrical', [
    ['NN30', '3', '0'],
    ['NNU49', '4', '9'],
    ['NNCF49', '4', '9'],
    ['NNCF50', '5', '0'],
  ]),
  ...series('needle', [
    ['NA48', '4', '8', 20, 76],
    ['NA49', '4', '9', 0, 60],
    ['NA69', '6', '9', 0, 60],
    ['NKIA59', '5', '9', 0, 20],
  ]),
  ...series('tapered-metric', [
    ['302', null, '2', 2, 44],
    ['303', null, '3', 2, 32],
    ['313', null, '3', 3, 30],
    ['320', null, '0', 4, 96],
    ['322', null, '2', 2, 44],
    ['323', null, '3', 2, 36],
    ['329', null, '9', 4, 76],
    ['330', null, '0', 5, 30],
    ['331', null, '1', 8, 30],
    ['332', null, '2', 5, 24],
  ]),
  ...series('thrust-ball', [
    ['511', 'T', 'T1', 0, 96],
    ['512', 'T', 'T2', 0, 72],
    ['513', 'T', 'T3', 4, 40],
    ['514', 'T', 'T4', 5, 30],
  ]),
  ...series('thrust-spherical', [
    ['293', null, 'T3', 17, 96],
    ['294', null, 'T4', 12, 96],
  ]),
  ...series('thrust-roller', [
    ['811', 'T', 'T1', 2, 60],
    ['812', 'T', 'T2', 6, 60],
  ]),
]

const PLACES = new Map(PLAN_SERIES.map((series) => [`${series.family} ${series.series}`, series]))

/** Where a series stands in the boundary plan; undefined for those that keep sizes of their own. */
export const planSeriesOf = (family: Family, series: string): PlanSeries | undefined =>
  PLACES.get(`${family} ${series}`)

/** Outside diameters and widths of the plan, millimetres, as far as listed bearings show them. */
export interface BoundaryPlan {
  outside: (diameterSeries: string, bore: number) => number | undefined
  width: (widthSeries: string, diameterSeries: string, bore: number) => number | undefined
}

/** Parts that agree on a size; where they do not, the plan does not know it. */
class Agreed {
  private readonly sizes = new Map<string, number | null>()

  put(key: string, mm: number | undefined): void {
    if (mm === undefined) return
    const known = this.sizes.get(key)
    this.sizes.set(key, known === undefined || known === mm ? mm : null)
  }

  get = (key: string): number | undefined => this.sizes.get(key) ?? undefined
}

const plans = new WeakMap<Catalogue, BoundaryPlan>()

function build(parts: readonly Part[]): BoundaryPlan {
  const [outsides, widths] = [new Agreed(), new Agreed()]
  for (const { family, series: name, dimensions, computed, piece } of parts) {
    const series = planSeriesOf(family, name)
    const { bore, outside, width } = dimensions
    if (!series || computed || piece !== 'complete' || bore === undefined) continue
    outsides.put(`${series.diameter} ${bore}`, outside)
    if (series.width !== null) widths.put(`${series.width} ${series.diameter} ${bore}`, width)
  }
  return {
    outside: (diameter, bore) => outsides.get(`${diameter} ${bore}`),
    width: (width, diameter, bore) => widths.get(`${width} ${diameter} ${bore}`),
  }
}

/**
 * The boundary plan of ISO 15 as the listed bearings show it: one diameter series has one outside for a bore, whatever
 * the family; one dimension series one width. Worked out once for a catalogue.
 */
export function boundaryPlan(catalogue: Catalogue): BoundaryPlan {
  const known = plans.get(catalogue)
  if (known) return known
  const made = build(catalogue.parts)
  plans.set(catalogue, made)
  return made
}
