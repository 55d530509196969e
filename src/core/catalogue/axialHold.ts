import { familyFacts } from './families'
import type { Part } from './part'

/** Along its axis a cylindrical roller bearing lets its rings slide, holds them one way or both ways. */
export type AxialHold = 'slides' | 'oneWay' | 'bothWays'

/** The ring that keeps the rollers when the other is drawn off. */
export type RollerRing = 'inner' | 'outer'

interface Flanges {
  hold: AxialHold
  /** absent where the rings do not come apart */
  rollers?: RollerRing
}

type Kind = Pick<Part, 'family' | 'series'>

/** By which rings have flanges (ISO 246, types of ISO 15 series): the letters of the series. */
const CYLINDRICAL: Readonly<Record<string, Flanges>> = {
  N: { hold: 'slides', rollers: 'inner' },
  NN: { hold: 'slides', rollers: 'inner' },
  NF: { hold: 'oneWay', rollers: 'inner' },
  NCF: { hold: 'oneWay' },
  NNCF: { hold: 'oneWay' },
  NU: { hold: 'slides', rollers: 'outer' },
  NNU: { hold: 'slides', rollers: 'outer' },
  NJ: { hold: 'oneWay', rollers: 'outer' },
  NUP: { hold: 'bothWays', rollers: 'outer' },
  NH: { hold: 'bothWays', rollers: 'outer' },
}

/** Needle bearings combined with balls, which hold the shaft; all others let it slide (ISO 1206, common practice). */
const COMBINED: readonly (readonly [RegExp, AxialHold])[] = [
  [/^NKIB/, 'bothWays'],
  [/^NK(?:IA|X)/, 'oneWay'],
]

/** Needles for the radial load and balls for the axial one in one bearing. */
export const isCombined = ({ family, series }: Kind): boolean =>
  family === 'needle' && COMBINED.some(([letters]) => letters.test(series))

const flangesOf = ({ family, series }: Kind): Flanges | undefined =>
  family === 'cylindrical' ? CYLINDRICAL[series.replace(/\d+$/, '')] : undefined

/** Balls that touch at four points hold the shaft both ways in one row (ISO 15 series QJ). */
const FOUR_POINT = /^QJ/

/** One row that touches at an angle holds the shaft one way, and wants a second one against it: angular contact balls, tapered rollers. */
export const wantsMate = ({ family, series }: Kind): boolean => {
  const { rows, traits } = familyFacts(family)
  return rows !== 2 && traits?.includes('angularContact') === true && !FOUR_POINT.test(series)
}

/** How a radial bearing holds its shaft along the axis; what is no needle, cylindrical roller or one row at an angle holds it both ways. */
export function axialHold(part: Kind): AxialHold {
  if (part.family === 'needle')
    return COMBINED.find(([letters]) => letters.test(part.series))?.[1] ?? 'slides'
  return flangesOf(part)?.hold ?? (wantsMate(part) ? 'oneWay' : 'bothWays')
}

/** The ring the rollers stay with, of a bearing whose rings come apart; null where they do not. */
export function rollersStayWith(part: Kind): RollerRing | null {
  const flanges = flangesOf(part)
  return flanges && flanges.hold !== 'bothWays' ? (flanges.rollers ?? null) : null
}
