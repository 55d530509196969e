import type { Part } from './part'

/** Along its axis a cylindrical roller bearing lets its rings slide, holds them one way or both ways. */
export type AxialHold = 'slides' | 'oneWay' | 'bothWays'

/** By which rings have flanges (ISO 246, types of ISO 15 series): the letters of the series. */
const CYLINDRICAL: Readonly<Record<string, AxialHold>> = {
  N: 'slides',
  NU: 'slides',
  NN: 'slides',
  NNU: 'slides',
  NJ: 'oneWay',
  NF: 'oneWay',
  NUP: 'bothWays',
  NH: 'bothWays',
}

/** How a radial bearing holds its shaft along the axis; all but some cylindrical roller bearings hold it both ways. */
export const axialHold = ({ family, series }: Pick<Part, 'family' | 'series'>): AxialHold =>
  family === 'cylindrical' ? (CYLINDRICAL[series.replace(/\d+$/, '')] ?? 'bothWays') : 'bothWays'
