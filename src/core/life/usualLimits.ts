import type { Part } from '../catalogue'

/** Bore code of a bearing by its bore: 0 to 3 for 10, 12, 15 and 17 mm, then fifths (ISO 15). */
const SMALL_BORES = [10, 12, 15, 17]
function codeOf({ dimensions: { bore = NaN } }: Part): number {
  const small = SMALL_BORES.indexOf(bore)
  return small < 0 ? bore / 5 : small
}

/** Up to and including this bore code, the limit e. */
type Steps = readonly (readonly [toCode: number, e: number])[]

/**
 * Limit e of Fa/Fr by series and bore code, as handbooks give it (typical values from memory; makers differ by about a
 * tenth). Series of which none is remembered are left out: the limit is asked for.
 */
const BY_SERIES: Partial<Record<Part['family'], Record<string, Steps>>> = {
  'self-aligning': {
    '12': [
      [2, 0.33],
      [3, 0.31],
      [4, 0.3],
      [5, 0.28],
      [6, 0.25],
      [7, 0.23],
      [8, 0.22],
      [10, 0.21],
      [11, 0.2],
      [12, 0.19],
      [22, 0.18],
    ],
    '22': [
      [0, 0.54],
      [1, 0.5],
      [3, 0.43],
      [4, 0.4],
      [5, 0.35],
      [6, 0.33],
      [7, 0.31],
      [8, 0.28],
      [9, 0.26],
      [22, 0.24],
    ],
    '13': [
      [1, 0.35],
      [3, 0.3],
      [5, 0.28],
      [7, 0.25],
      [22, 0.23],
    ],
    '23': [
      [4, 0.51],
      [7, 0.45],
      [22, 0.41],
    ],
  },
  spherical: {
    '213': [
      [5, 0.29],
      [7, 0.27],
      [22, 0.23],
    ],
    '222': [
      [5, 0.35],
      [7, 0.31],
      [8, 0.28],
      [9, 0.26],
      [13, 0.24],
      [16, 0.22],
      [40, 0.25],
    ],
    '223': [
      [10, 0.37],
      [40, 0.35],
    ],
    '230': [[40, 0.23]],
    '231': [[40, 0.3]],
    '232': [[40, 0.34]],
    '240': [[40, 0.31]],
    '241': [[40, 0.38]],
  },
  'tapered-metric': {
    '302': [
      [4, 0.35],
      [8, 0.37],
      [9, 0.4],
      [20, 0.42],
    ],
    '303': [
      [3, 0.28],
      [5, 0.3],
      [7, 0.31],
      [20, 0.35],
    ],
    '313': [[20, 0.83]],
    '320': [
      [4, 0.37],
      [6, 0.43],
      [7, 0.46],
      [8, 0.37],
      [9, 0.4],
      [10, 0.43],
      [11, 0.4],
      [12, 0.43],
      [20, 0.46],
    ],
    '322': [
      [8, 0.37],
      [9, 0.4],
      [20, 0.42],
    ],
    '323': [
      [5, 0.3],
      [7, 0.31],
      [20, 0.35],
    ],
    '330': [
      [7, 0.29],
      [20, 0.28],
    ],
    '332': [
      [6, 0.35],
      [20, 0.4],
    ],
  },
}

/** Inch tapered sets by their cone's number (typical values from memory). */
const BY_CONE: Record<string, number> = {
  L44643: 0.37,
  L44649: 0.37,
  L45449: 0.37,
  LM11749: 0.29,
  LM11949: 0.3,
  LM12749: 0.31,
  L68149: 0.42,
  LM67048: 0.41,
  LM48548: 0.38,
  LM29749: 0.33,
  LM501349: 0.4,
  LM603049: 0.43,
  LM104949: 0.31,
  HM88649: 0.55,
  M12649: 0.28,
  '25580': 0.33,
  '14125A': 0.38,
  '02475': 0.42,
  '387A': 0.35,
}

/** Limit e that is usual for this number; null where none is remembered. */
export function usualLimit(part: Part): number | null {
  if (part.set) return BY_CONE[part.set.cone] ?? null
  const code = codeOf(part)
  const steps = BY_SERIES[part.family]?.[part.series]
  return steps?.find(([to]) => code <= to)?.[1] ?? null
}
