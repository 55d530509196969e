import type { NeedleDesign } from '../catalogue'
import { block, outline, type Point, type Section, type Shape } from './shape'

/** Usual proportions, shares of the wall (D − d)/2 (common practice). */
const RING = 0.24
const FLANGE = 0.38
const FLANGE_WIDTH = 0.14

export type Flanges = { inner: 0 | 1 | 2; outer: 0 | 1 | 2 }

/** Which rings carry flanges: NU none inside, N none outside, NJ one inside, NUP two inside (one a loose ring). */
export function flangesOf(series: string): Flanges {
  if (series.startsWith('NNU')) return { inner: 0, outer: 2 }
  if (series.startsWith('NUP')) return { inner: 2, outer: 2 }
  if (series.startsWith('NU')) return { inner: 0, outer: 2 }
  if (series.startsWith('NJ')) return { inner: 1, outer: 2 }
  if (/^NN?CF/.test(series)) return { inner: 2, outer: 1 }
  return { inner: 2, outer: 0 }
}

/** A ring with its raceway between flanges; `up` = +1 for the inner ring (flanges outward), −1 for the outer. */
function ring(
  seat: number,
  width: number,
  wall: number,
  flanges: 0 | 1 | 2,
  up: 1 | -1,
  hatch: 'forward' | 'backward',
): Shape {
  const [race, top] = [seat + up * RING * wall, seat + up * FLANGE * wall]
  const edge = FLANGE_WIDTH * width
  const left: Point[] =
    flanges >= 1
      ? [
          [0, top],
          [edge, top],
          [edge, race],
        ]
      : [[0, race]]
  const right: Point[] =
    flanges === 2
      ? [
          [width - edge, race],
          [width - edge, top],
          [width, top],
        ]
      : [[width, race]]
  return outline([[0, seat], ...left, ...right, [width, seat]], hatch)
}

/** Half-section of a cylindrical roller bearing with one row of rollers or two. Sizes in mm. */
export function cylindricalSection(
  bore: number,
  outside: number,
  width: number,
  flanges: Flanges,
  rows: 1 | 2 = 1,
): Section {
  const [inner, outer] = [bore / 2, outside / 2]
  const wall = outer - inner
  const [low, high] = [inner + RING * wall, outer - RING * wall]
  const edge = FLANGE_WIDTH * width * 1.15
  const step = (width - 2 * edge) / rows
  return {
    length: width,
    radius: outer,
    shapes: [
      ring(inner, width, wall, flanges.inner, 1, 'forward'),
      ring(outer, width, wall, flanges.outer, -1, 'backward'),
      ...Array.from({ length: rows }, (_, i) =>
        block(edge + i * step, edge + (i + 1) * step, low, high, 'none'),
      ),
    ],
  }
}

/** Points of an arc bulging outward by `bulge` at its middle, from left to right. */
export const bow = (from: number, to: number, radius: number, bulge: number): Point[] =>
  Array.from({ length: 9 }, (_, i): Point => {
    const t = i / 8
    return [from + (to - from) * t, radius + bulge * 4 * t * (1 - t)]
  })

/** Half-section of a spherical roller bearing: two rows of barrels in a hollow outer ring. */
export function sphericalSection(bore: number, outside: number, width: number): Section {
  const [inner, outer] = [bore / 2, outside / 2]
  const wall = outer - inner
  const hollow = outer - wall * 0.26
  const dip = wall * 0.12
  const barrel = (from: number, to: number, tilt: number): Shape => {
    const low = inner + wall * 0.34
    const high = hollow - wall * 0.02
    const top = bow(from, to, high - dip, dip * 0.6).map(([a, r], i): Point => [
      a,
      r + (tilt * (i - 4) * dip) / 8,
    ])
    const under = bow(from, to, low, -dip * 0.3).map(([a, r], i): Point => [
      a,
      r + (tilt * (i - 4) * dip) / 8,
    ])
    return outline([...top, ...under.reverse()], 'none')
  }
  const mid = width / 2
  return {
    length: width,
    radius: outer,
    shapes: [
      outline(
        [
          [0, inner],
          [width, inner],
          [width, inner + wall * 0.28],
          [mid, inner + wall * 0.34],
          [0, inner + wall * 0.28],
        ],
        'forward',
      ),
      outline(
        [
          [0, outer],
          [width, outer],
          [width, hollow - dip],
          ...bow(0, width, hollow - dip, dip).reverse(),
          [0, hollow - dip],
        ],
        'backward',
      ),
      barrel(width * 0.08, mid - width * 0.03, 1),
      barrel(mid + width * 0.03, width * 0.92, -1),
    ],
  }
}

/** Shares of height and wall at which the raceways of a spherical roller thrust bearing begin and end (common practice; drawing only). */
const STEEP = { low: 0.22, high: 0.76, shaft: 0.8, housing: 0.3, lip: 0.1 }

/** Half-section of a spherical roller thrust bearing: barrels at half a right angle between shaft and housing washer. `height` in mm. */
export function sphericalThrustSection(bore: number, outside: number, height: number): Section {
  const [inner, outer] = [bore / 2, outside / 2]
  const wall = outer - inner
  const at = (along: number, up: number): Point => [along * height, inner + up * wall]
  const [from, to] = [at(STEEP.shaft, STEEP.low), at(STEEP.lip, STEEP.high)]
  const [length, rise] = [to[0] - from[0], to[1] - from[1]]
  const whole = Math.hypot(length, rise)
  // Away from the shaft washer, a right angle to the raceway.
  const [across, up] = [rise / whole, -length / whole]
  const thick = Math.min(height, wall) * 0.36
  const edge = (share: number, off: number): Point => [
    from[0] + length * share + across * off,
    from[1] + rise * share + up * off,
  ]
  const shares = Array.from({ length: 9 }, (_, i) => 0.16 + (i * 0.68) / 8)
  const bulge = (share: number): number => thick * 0.12 * (1 - ((share - 0.5) / 0.34) ** 2)
  return {
    length: height,
    radius: outer,
    shapes: [
      outline([at(0, 0), at(STEEP.shaft, 0), from, to, at(0, STEEP.high)], 'forward'),
      outline(
        [at(1, 1), at(STEEP.housing, 1), at(STEEP.housing, 0.92), at(1 - STEEP.lip / 2, 0.36), at(1, 0.36)],
        'backward',
      ),
      outline(
        [
          ...shares.map((share) => edge(share, thick * 0.08 - bulge(share) * 0.4)),
          ...shares.map((share) => edge(share, thick + bulge(share))).reverse(),
        ],
        'none',
      ),
    ],
  }
}

/** Half-section of a needle roller bearing: thin cup, machined rings with or without the inner one, cage or inner ring alone. */
export function needleSection(bore: number, outside: number, width: number, kind: NeedleDesign): Section {
  const [inner, outer] = [bore / 2, outside / 2]
  const wall = outer - inner
  const edge = width * 0.1
  const box = (from: number, to: number, low: number, high: number): Point[] => [
    [from, low],
    [to, low],
    [to, high],
    [from, high],
  ]
  if (kind === 'innerRing')
    return { length: width, radius: outer, shapes: [outline(box(0, width, inner, outer), 'forward')] }
  if (kind === 'cage')
    return {
      length: width,
      radius: outer,
      shapes: [
        outline(box(0, width, inner + wall * 0.25, outer - wall * 0.25), 'backward'),
        outline(box(edge, width - edge, inner, outer), 'none'),
      ],
    }
  if (kind === 'drawnCup' || kind === 'closedCup') {
    const sheet = Math.min(wall * 0.34, 1.5)
    const cup: Point[] = [
      [0, outer],
      [width, outer],
      [width, inner + wall * 0.1],
      [width - sheet, inner + wall * 0.1],
      [width - sheet, outer - sheet],
      [sheet, outer - sheet],
    ]
    const end: Point[] =
      kind === 'closedCup'
        ? [
            [sheet, 0],
            [0, 0],
          ]
        : [
            [sheet, inner + wall * 0.1],
            [0, inner + wall * 0.1],
          ]
    return {
      length: width,
      radius: outer,
      shapes: [
        outline([...cup, ...end], 'backward'),
        outline(box(edge, width - edge, inner, outer - sheet), 'none'),
      ],
    }
  }
  const low = kind === 'withInner' ? inner + wall * 0.3 : inner
  const needle = outer - wall * 0.34
  const shapes: Shape[] = [
    outline(
      [
        [0, outer],
        [width, outer],
        [width, needle - wall * 0.1],
        [width - edge, needle - wall * 0.1],
        [width - edge, needle],
        [edge, needle],
        [edge, needle - wall * 0.1],
        [0, needle - wall * 0.1],
      ],
      'backward',
    ),
    outline(box(edge, width - edge, low, needle), 'none'),
  ]
  if (kind === 'withInner') shapes.unshift(outline(box(0, width, inner, low), 'forward'))
  return { length: width, radius: outer, shapes }
}
