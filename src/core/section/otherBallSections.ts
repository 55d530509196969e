import { OPEN, type Closure } from '../designation'
import { closureShapes, contactLine } from './ballSection'
import { bow } from './rollerSection'
import { block, outline, type Point, type Section } from './shape'

/** Usual proportions, shares of the wall (D − d)/2 (common practice). */
const RING = 0.3
const BALL_TWO_ROWS = 0.46

/** What a double row ball bearing is made like. */
interface DoubleRow {
  selfAligning?: boolean
  /** contact angle in degrees, lines meeting outside the rings; 0 for deep groove bearings */
  angle?: number
  closure?: Closure
  /** width of an outer ring that is narrower than the inner one, mm */
  outerWidth?: number | undefined
}

/** Half-section of a double row ball bearing; self-aligning ones have a hollow outer ring. Sizes in mm. */
export function doubleRowSection(
  bore: number,
  outside: number,
  width: number,
  { selfAligning = false, angle = 0, closure = OPEN, outerWidth = width }: DoubleRow,
): Section {
  const [inner, outer] = [bore / 2, outside / 2]
  const wall = outer - inner
  const mid = (inner + outer) / 2
  const ball = Math.min((BALL_TWO_ROWS * wall) / 2, width * 0.21)
  const [low, high] = [
    Math.min(inner + RING * wall, mid - ball * 0.6),
    Math.max(outer - RING * wall, mid + ball * 0.6),
  ]
  const race = mid + ball
  const [from, to] = [(width - outerWidth) / 2, (width + outerWidth) / 2]
  const hollow: Point[] = selfAligning
    ? bow(from, to, Math.min(race, outer) - wall * 0.08, wall * 0.08).reverse()
    : [
        [to, high],
        [from, high],
      ]
  return {
    length: width,
    radius: outer,
    shapes: [
      outline(
        [
          [0, inner],
          [width, inner],
          [width, low],
          [0, low],
        ],
        'forward',
      ),
      outline([[from, outer], [to, outer], ...hollow], 'backward'),
      { kind: 'circle', at: [width * 0.27, mid], radius: ball },
      { kind: 'circle', at: [width * 0.73, mid], radius: ball },
      ...(angle > 0
        ? [
            contactLine([width * 0.27, mid], ball * 1.5, angle),
            contactLine([width * 0.73, mid], ball * 1.5, -angle),
          ]
        : []),
      ...closureShapes(width, bore, outside, closure),
    ],
  }
}

/** Half-section of a thrust ball bearing: shaft washer, balls, housing washer along the axis. `height` in mm. */
export function thrustSection(bore: number, outside: number, height: number): Section {
  const [inner, outer] = [bore / 2, outside / 2]
  const mid = (inner + outer) / 2
  const ball = Math.min(height * 0.28, (outer - inner) * 0.34)
  const washer = height / 2 - ball * 0.55
  const gap = (outer - inner) * 0.03
  return {
    length: height,
    radius: outer,
    shapes: [
      outline(
        [
          [0, inner],
          [washer, inner],
          [washer, outer - gap],
          [0, outer - gap],
        ],
        'forward',
      ),
      outline(
        [
          [height - washer, inner + gap],
          [height, inner + gap],
          [height, outer],
          [height - washer, outer],
        ],
        'backward',
      ),
      { kind: 'circle', at: [height / 2, mid], radius: ball },
    ],
  }
}

/** Half-section of a double direction thrust ball bearing: the shaft washer between two rows and two housing washers. `height` in mm. */
export function doubleThrustSection(bore: number, outside: number, height: number): Section {
  const [inner, outer] = [bore / 2, outside / 2]
  const mid = (inner + outer) / 2
  const ball = Math.min(height * 0.16, (outer - inner) * 0.3)
  const gap = (outer - inner) * 0.03
  const housingBore = inner + (outer - inner) * 0.16
  const shaftWasher = height * 0.1
  const row = shaftWasher + ball * 0.55
  const housingWasher = height / 2 - row - ball * 0.55
  const middle = height / 2
  return {
    length: height,
    radius: outer,
    shapes: [
      block(middle - shaftWasher, middle + shaftWasher, inner, outer - gap, 'forward'),
      block(0, housingWasher, housingBore, outer, 'backward'),
      block(height - housingWasher, height, housingBore, outer, 'backward'),
      { kind: 'circle', at: [middle - row, mid], radius: ball },
      { kind: 'circle', at: [middle + row, mid], radius: ball },
    ],
  }
}

/** Outer ring of an insert over its inner ring, where the catalogue does not give it (common practice). */
const OUTER_OVER_INNER = 0.5

/** Half-section of an insert bearing: long inner ring, spherical outside. */
export function insertSection(
  bore: number,
  outside: number,
  width: number,
  outerRing = width * OUTER_OVER_INNER,
): Section {
  const [inner, outer] = [bore / 2, outside / 2]
  const wall = outer - inner
  const mid = (inner + outer) / 2
  const ball = Math.min(wall * 0.29, outerRing * 0.42)
  const from = width * 0.5 - outerRing / 2 + (width - outerRing) * 0.12
  const to = from + outerRing
  const screw = Math.min((width - to) * 0.25, wall * 0.12)
  const bulge = outer - Math.sqrt(Math.max(0, outer ** 2 - (outerRing / 2) ** 2))
  return {
    length: width,
    radius: outer,
    shapes: [
      outline(
        [
          [0, inner],
          [width, inner],
          [width, inner + wall * 0.26],
          [to, inner + wall * 0.34],
          [from, inner + wall * 0.34],
          [0, inner + wall * 0.26],
        ],
        'forward',
      ),
      outline(
        [...bow(from, to, outer - bulge, bulge), [to, outer - wall * 0.34], [from, outer - wall * 0.34]],
        'backward',
      ),
      { kind: 'circle', at: [(from + to) / 2, mid], radius: ball },
      outline(
        [
          [(to + width) / 2 - screw, inner],
          [(to + width) / 2 + screw, inner],
          [(to + width) / 2 + screw, inner + wall * 0.28],
          [(to + width) / 2 - screw, inner + wall * 0.28],
        ],
        'none',
      ),
    ],
  }
}
