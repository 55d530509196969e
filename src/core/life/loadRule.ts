/** Factors of a pair of loads: X · Fr + Y · Fa. */
export interface Factors {
  x: number
  y: number
}

/** How loads of two directions count together in one kind of bearing. */
export type LoadRule =
  /** deep groove and 15° bearings: e and Y follow f0·Fa/C0 */
  | { by: 'axialShare'; table: 'radialContact' | 'fifteenDegrees'; f0: number; atRest: Factors }
  /** everything with a contact angle of its own; `apart` = Y that a radial load alone pushes it apart with */
  | { by: 'limit'; e: number; within: Factors; beyond: Factors; atRest: Factors; apart: number | null }
  /** flanges of a cylindrical roller bearing: a little, and only beside radial load */
  | { by: 'flanges'; e: number; beyond: Factors; mostAxialShare: number; bothWays: boolean }
  /** thrust bearings with a contact angle: a radial load only beside an axial one; `tan` of the angle */
  | { by: 'steep'; tan: number }
  | { by: 'radialOnly' }
  | { by: 'axialOnly' }

export interface Loads {
  /** kN */
  radialKn: number
  axialKn: number
}

/** Fa/Fr of a steep bearing is at least so many times the tangent of its angle (ISO 281 table for thrust bearings, from memory). */
const STEEP_LIMIT = 1.5
/** Radial factor at rest, times the tangent (ISO 76, from memory). */
const STEEP_AT_REST = 2.3

type Row = readonly [relative: number, e: number, y: number]

/** f0·Fa/C0, limit e and factor Y beyond it; X stands beside (ISO 281 table 3, from memory). */
const AXIAL_SHARE: Record<'radialContact' | 'fifteenDegrees', { x: number; rows: readonly Row[] }> = {
  radialContact: {
    x: 0.56,
    rows: [
      [0.172, 0.19, 2.3],
      [0.345, 0.22, 1.99],
      [0.689, 0.26, 1.71],
      [1.03, 0.28, 1.55],
      [1.38, 0.3, 1.45],
      [2.07, 0.34, 1.31],
      [3.45, 0.38, 1.15],
      [5.17, 0.42, 1.04],
      [6.89, 0.44, 1],
    ],
  },
  fifteenDegrees: {
    x: 0.44,
    rows: [
      [0.178, 0.38, 1.47],
      [0.357, 0.4, 1.4],
      [0.714, 0.43, 1.3],
      [1.07, 0.46, 1.23],
      [1.43, 0.47, 1.19],
      [2.14, 0.5, 1.12],
      [3.57, 0.55, 1.02],
      [5.35, 0.56, 1],
      [7.14, 0.56, 1],
    ],
  },
}

function between(rows: readonly Row[], relative: number): { e: number; y: number } {
  const at = rows.findIndex(([r]) => r >= relative)
  const high = rows[at] ?? rows.at(-1)
  const low = at < 1 ? high : rows[at - 1]
  if (!low || !high) return { e: 0, y: 0 }
  const share = low === high ? 0 : (relative - low[0]) / (high[0] - low[0])
  return { e: low[1] + share * (high[1] - low[1]), y: low[2] + share * (high[2] - low[2]) }
}

const sum = ({ x, y }: Factors, { radialKn, axialKn }: Loads): number => x * radialKn + y * axialKn

export interface EquivalentLoad {
  /** P, kN */
  kn: number
  /** limit of Fa/Fr, and the factors that counted; null where loads of one direction only are borne */
  counted: (Factors & { e: number }) | null
}

/**
 * Equivalent dynamic load (ISO 281): the factors change where Fa/Fr passes e.
 * @param c0Kn basic static rating, kN; decides e of a deep groove bearing
 * @param loads such as this kind bears: ask {@link notBorne} first
 * @example equivalentLoad({ by: 'axialShare', table: 'radialContact', f0: 14, atRest }, { radialKn: 2, axialKn: 1 }, 7.85)
 */
export function equivalentLoad(rule: LoadRule, loads: Loads, c0Kn: number): EquivalentLoad {
  const { radialKn, axialKn } = loads
  const passes = (e: number): boolean => axialKn > e * radialKn
  switch (rule.by) {
    case 'radialOnly':
      return { kn: radialKn, counted: null }
    case 'axialOnly':
      return { kn: axialKn, counted: null }
    case 'steep':
      return { kn: rule.tan * radialKn + axialKn, counted: { e: STEEP_LIMIT * rule.tan, x: rule.tan, y: 1 } }
    case 'axialShare': {
      const { x, rows } = AXIAL_SHARE[rule.table]
      const { e, y } = between(rows, (rule.f0 * axialKn) / c0Kn)
      const factors = passes(e) ? { x, y } : { x: 1, y: 0 }
      return { kn: sum(factors, loads), counted: { e, ...factors } }
    }
    case 'limit':
    case 'flanges': {
      const within = rule.by === 'limit' ? rule.within : { x: 1, y: 0 }
      const factors = passes(rule.e) ? rule.beyond : within
      return { kn: sum(factors, loads), counted: { e: rule.e, ...factors } }
    }
  }
}

/** Equivalent static load (ISO 76), at least the radial load; kN. */
export function equivalentStaticLoad(rule: LoadRule, loads: Loads): number {
  switch (rule.by) {
    case 'axialOnly':
      return loads.axialKn
    case 'steep':
      return STEEP_AT_REST * rule.tan * loads.radialKn + loads.axialKn
    case 'radialOnly':
    case 'flanges':
      return loads.radialKn
    case 'axialShare':
    case 'limit':
      return Math.max(loads.radialKn, sum(rule.atRest, loads))
  }
}

export type NotBorne = 'axial' | 'radial' | 'axialAlone' | 'tooMuchAxial' | 'tooMuchRadial'

/** Which of the loads this kind of bearing does not bear at all; null = it bears both. */
export function notBorne(rule: LoadRule, { radialKn, axialKn }: Loads): NotBorne | null {
  switch (rule.by) {
    case 'radialOnly':
      return axialKn > 0 ? 'axial' : null
    case 'axialOnly':
      return radialKn > 0 ? 'radial' : null
    case 'flanges':
      if (axialKn > 0 && radialKn === 0) return 'axialAlone'
      return axialKn > rule.mostAxialShare * radialKn ? 'tooMuchAxial' : null
    case 'steep':
      return axialKn < STEEP_LIMIT * rule.tan * radialKn ? 'tooMuchRadial' : null
    case 'axialShare':
    case 'limit':
      return null
  }
}
