import { outline, type Point, type Section, type Shape } from './shape'

export interface TaperedSizes {
  bore: number
  outside: number
  coneWidth: number
  cupWidth: number
  totalWidth: number
}

/** Usual proportions of a tapered pair, shares of the wall (D − d)/2 (common practice). */
const RIB = { large: 0.36, small: 0.22, undercutLarge: 0.3, undercutSmall: 0.16 }
const CUP = { thick: 0.4, thin: 0.18 }

/** Cone, back face at the left (large rib), axial from 0. */
function coneShapes(
  { bore, outside, coneWidth: b }: Pick<TaperedSizes, 'bore' | 'outside' | 'coneWidth'>,
  withRollers: boolean,
): Shape[] {
  const h = (outside - bore) / 2
  const r = bore / 2
  const rib = Math.min(b * 0.12, h * 0.25)
  const ring: Point[] = [
    [0, r],
    [b, r],
    [b, r + h * RIB.small],
    [b - rib * 0.8, r + h * RIB.small],
    [b - rib * 0.8, r + h * RIB.undercutSmall],
    [rib, r + h * RIB.undercutLarge],
    [rib, r + h * (RIB.large + 0.1)],
    [0, r + h * RIB.large],
  ]
  if (!withRollers) return [outline(ring, 'forward')]
  const [left, right] = [rib * 1.15, b - rib]
  const roller: Point[] = [
    [left, r + h * (RIB.undercutLarge + 0.02)],
    [right, r + h * (RIB.undercutSmall + 0.02)],
    [right - h * 0.05, r + h * (1 - CUP.thick)],
    [left + h * 0.08, r + h * (1 - CUP.thin)],
  ]
  const centre = (i: number, j: number): Point => {
    const [p, q] = [roller[i] ?? [0, 0], roller[j] ?? [0, 0]]
    return [(p[0] + q[0]) / 2, (p[1] + q[1]) / 2]
  }
  const [from, to] = [centre(0, 3), centre(1, 2)]
  const [over, rise] = [(to[0] - from[0]) * 0.12, (to[1] - from[1]) * 0.12]
  return [
    outline(ring, 'forward'),
    outline(roller, 'none'),
    {
      kind: 'axisLine',
      points: [
        [from[0] - over, from[1] - rise],
        [to[0] + over, to[1] + rise],
      ],
    },
  ]
}

/** Cup, its thin edge (the wide opening) at the left, axial from `at`. */
function cupShape(
  { outside, cupWidth: c }: Pick<TaperedSizes, 'outside' | 'cupWidth'>,
  wall: number,
  at: number,
): Shape {
  const r = outside / 2
  return outline(
    [
      [at, r],
      [at + c, r],
      [at + c, r - wall * CUP.thick],
      [at, r - wall * CUP.thin],
    ],
    'backward',
  )
}

/** Half-section of an assembled set; back face of the cone at the left. */
export function taperedSection(sizes: TaperedSizes): Section {
  const wall = (sizes.outside - sizes.bore) / 2
  const length = Math.max(sizes.totalWidth, sizes.coneWidth)
  return {
    length,
    radius: sizes.outside / 2,
    shapes: [...coneShapes(sizes, true), cupShape(sizes, wall, sizes.totalWidth - sizes.cupWidth)],
  }
}

/** A usual wall where only one of the two rings is known, as a share of its diameter (common practice). */
const WALL_OF_BORE = 0.42

export function coneSection(
  bore: number,
  coneWidth: number,
  outside = bore * (1 + 2 * WALL_OF_BORE),
): Section {
  return { length: coneWidth, radius: outside / 2, shapes: coneShapes({ bore, outside, coneWidth }, true) }
}

export function cupSection(
  outside: number,
  cupWidth: number,
  bore = outside / (1 + 2 * WALL_OF_BORE),
): Section {
  return {
    length: cupWidth,
    radius: outside / 2,
    shapes: [cupShape({ outside, cupWidth }, (outside - bore) / 2, 0)],
  }
}
