import type { Family } from '../catalogue'
import {
  block,
  castleNutSection,
  capSection,
  cotterPinSection,
  housingSection,
  outline,
  partSection,
  tubeSection,
  type Point,
  type Section,
  type Shape,
} from '../section'

/** Diameters around a place, mm, for the outline of a part nobody has named yet. */
export interface Around {
  bore: number
  outside: number
}
export type RoleOutline = (around: Around) => Section

/**
 * Outlines of parts nobody has named yet, and of those known by words alone, in usual proportions (common practice). What has an
 * outer face is drawn as it stands at the left end of an axis: that face to the left.
 */

/** Lengths that do not grow with the bearing, mm. */
const LENGTH = 12
const TUBE = 40
const SHEET = 1.5

/** Half-section that goes round the axis, between the radii of its points. */
function round(points: readonly Point[], more: readonly Shape[] = []): Section {
  return {
    length: Math.max(...points.map(([x]) => x)),
    radius: Math.max(...points.map(([, r]) => r)),
    shapes: [outline(points, 'forward'), ...more],
  }
}

const radii = ({ bore, outside }: Around) => {
  const [r, o] = [bore / 2, outside / 2]
  return { r, o, wall: o - r }
}

/** A whole bearing as one of its family is drawn, `share` of the difference of its diameters wide. */
export const bearingOutline =
  (family: Family, share = 0.5, series = ''): RoleOutline =>
  ({ bore, outside }) =>
    partSection({
      family,
      series,
      piece: 'complete',
      dimensions: { bore, outside, width: (outside - bore) * share },
    }) ?? tubeSection(LENGTH, bore / 2, outside / 2)

/** A ring between two shares of the bore. */
export const disc =
  (length: number, inner: number, outer: number): RoleOutline =>
  ({ bore }) =>
    tubeSection(length, bore * inner, bore * outer)

/** A tube over the shaft, with a wall that is a share of the room. */
export const tube =
  (wall: number, length = TUBE): RoleOutline =>
  ({ bore, outside }) =>
    tubeSection(length, bore / 2, bore / 2 + (outside - bore) * wall)

/** A nut, its edges broken. */
export const nut =
  (lengthOf: (bore: number) => number, inner: number, outer: number): RoleOutline =>
  ({ bore }) => {
    const [length, i, o] = [lengthOf(bore), bore * inner, bore * outer]
    const edge = (o - i) * 0.18
    return round([
      [0, i],
      [length, i],
      [length, o - edge],
      [length - edge, o],
      [edge, o],
      [0, o - edge],
    ])
  }

export const castleNut: RoleOutline = ({ bore }) =>
  castleNutSection({ threadMm: bore * 0.88, acrossFlatsMm: bore * 1.4, heightMm: bore * 0.7 })

/** A washer of sheet with one tab bent over. */
export const tabbed =
  (sheet: number, inner: number, outer: number): RoleOutline =>
  ({ bore }) => {
    const [i, o] = [bore * inner, bore * outer]
    return round([
      [0, i],
      [sheet, i],
      [sheet, o - sheet],
      [sheet * 3, o - sheet],
      [sheet * 3, o],
      [0, o],
    ])
  }

export const cotterPin: RoleOutline = ({ bore }) => cotterPinSection(bore * 0.13, bore * 1.6)

/** A bolt beside the axis, not cut, as drawings show it: its profile from the head on, in its own diameters. */
const beside =
  (profile: readonly Point[]): RoleOutline =>
  ({ outside }) => {
    const [circle, d] = [outside * 0.53, outside * 0.16]
    const upper = profile.map(([x, r]): Point => [x * d, circle + r * d])
    const lower = profile.map(([x, r]): Point => [x * d, circle - r * d])
    const length = Math.max(...upper.map(([x]) => x))
    return {
      length,
      radius: Math.max(...upper.map(([, r]) => r)),
      shapes: [
        outline([...upper, ...lower.reverse()], 'none'),
        {
          kind: 'axisLine',
          points: [
            [0, circle],
            [length, circle],
          ],
        },
      ],
    }
  }

export const bolt = beside([
  [0, 0.8],
  [0.65, 0.8],
  [0.65, 0.5],
  [3.2, 0.5],
  [3.4, 0.35],
])
export const stud = beside([
  [0, 0.35],
  [0.2, 0.5],
  [2.2, 0.5],
  [2.2, 0.62],
  [3, 0.62],
  [3, 0.8],
  [3.4, 0.8],
])
/** With the cone by which it centres the wheel. */
export const wheelNut = beside([
  [0, 0.65],
  [0.15, 0.85],
  [1.1, 0.85],
  [1.6, 0.55],
])

/** A screw without a head, its point on the shaft. */
export const setScrew: RoleOutline = (around) => {
  const { r, wall } = radii(around)
  const d = wall * 0.4
  const points: Point[] = [
    [d / 2, r],
    [d, r + d * 0.4],
    [d, r + wall * 0.7],
    [0, r + wall * 0.7],
    [0, r + d * 0.4],
  ]
  return { length: d, radius: r + wall * 0.7, shapes: [outline(points, 'none')] }
}

/** A plate that is bolted on, with a rim that enters the bore. */
export const cover: RoleOutline = (around) => {
  const { o } = radii(around)
  return round([
    [0, 0],
    [5, 0],
    [5, o - 5],
    [10, o - 5],
    [10, o],
    [5, o],
    [5, o * 1.25],
    [0, o * 1.25],
  ])
}

export const cap: RoleOutline = ({ outside }) => capSection(outside)

/** Pressed sheet with a hole for the axle. */
export const dustCover: RoleOutline = (around) => {
  const { r, o } = radii(around)
  return round([
    [0, r * 1.05],
    [SHEET, r * 1.05],
    [SHEET, o - SHEET],
    [7, o - SHEET],
    [7, o],
    [0, o],
  ])
}

/** Dished sheet behind a hub. */
export const shield: RoleOutline = (around) => {
  const { r, o } = radii(around)
  return round([
    [0, r * 1.1],
    [SHEET, r * 1.1],
    [5, o * 1.15],
    [10, o * 1.15],
    [10, o * 1.15 + SHEET],
    [4, o * 1.15 + SHEET],
  ])
}

export const ringInBore: RoleOutline = ({ outside }) => tubeSection(2, outside / 2 - 3, outside / 2 + 1)

export const wearSleeve: RoleOutline = (around) => {
  const { r } = radii(around)
  return round([
    [0, r],
    [LENGTH, r],
    [LENGTH, r + 1],
    [1, r + 1],
    [1, r + 4],
    [0, r + 4],
  ])
}

/** A solid rod, its edges broken. */
export const rod: RoleOutline = ({ bore }) => {
  const [length, r] = [bore * 2, bore * 0.49]
  const edge = r * 0.15
  const points: Point[] = [
    [0, 0],
    [length, 0],
    [length, r - edge],
    [length - edge, r],
    [edge, r],
    [0, r - edge],
  ]
  return { length, radius: r, shapes: [outline(points, 'none')] }
}

/** A wheel flange on a hub that is pressed into a bearing. */
export const flangedHub: RoleOutline = (around) => {
  const { r, o } = radii(around)
  return round([
    [0, r * 0.5],
    [30, r * 0.5],
    [30, r * 0.98],
    [8, r * 0.98],
    [8, o * 1.5],
    [0, o * 1.5],
  ])
}

export const housing: RoleOutline = ({ outside }) => housingSection(outside)

/** A hub with its wheel flange, in an outer ring with the flange it is bolted on by; two rows of balls between. */
export const boltOnUnit: RoleOutline = (around) => {
  const { r, o, wall } = radii(around)
  const length = wall * 2.2
  const at = (x: number, radius: number): Point => [x * length, radius]
  const ball = (x: number): Shape => ({ kind: 'circle', at: at(x, r + wall * 0.5), radius: wall * 0.19 })
  const ring = [
    at(0.4, r + wall * 0.7),
    at(0.92, r + wall * 0.7),
    at(0.92, o),
    at(0.74, o),
    at(0.74, o * 1.2),
    at(0.6, o * 1.2),
    at(0.6, o),
    at(0.4, o),
  ]
  return round(
    [
      at(0, r),
      at(1, r),
      at(1, r + wall * 0.3),
      at(0.32, r + wall * 0.3),
      at(0.32, o * 1.35),
      at(0.2, o * 1.35),
      at(0.2, r + wall * 0.45),
      at(0, r + wall * 0.45),
    ],
    [outline(ring, 'backward'), ball(0.5), ball(0.82)],
  )
}

/** A loose ball on the axle. */
const BALL_MM = 7
export const looseBalls: RoleOutline = ({ bore }) => ({
  length: BALL_MM,
  radius: bore / 2 + BALL_MM,
  shapes: [{ kind: 'circle', at: [BALL_MM / 2, bore / 2 + BALL_MM / 2], radius: BALL_MM / 2 }],
})

/** A quarter of an ellipse about a centre, from one angle to another, degrees. */
const quarter = (centre: Point, along: number, across: number, from: number, to: number): Point[] =>
  Array.from({ length: 9 }, (_, i): Point => {
    const angle = ((from + ((to - from) * i) / 8) * Math.PI) / 180
    return [centre[0] + along * Math.cos(angle), centre[1] + across * Math.sin(angle)]
  })

/** Pressed into the hub, its raceway open to the outside. */
export const ballCup: RoleOutline = (around) => {
  const { r, wall } = radii(around)
  const [low, high, length] = [r + wall * 0.3, r + wall * 0.85, 8]
  const race = quarter([0, low], length - 2, high - 2 - low, 0, 90)
  return round([[0, high], [length, high], [length, low], ...race])
}

/** On the thread of the axle, its raceway toward the hub; `collar` = flats to turn it by, over its length. */
const coneOfBalls =
  (length: number, collar: number): RoleOutline =>
  (around) => {
    const { r, wall } = radii(around)
    const [low, high] = [r + wall * 0.15, r + wall * 0.6]
    const race = quarter([length, high], (length - collar) * 0.6, high - low, 270, 180)
    const flats: Point[] =
      collar === 0
        ? []
        : [
            [collar, high],
            [collar, high + wall * 0.2],
            [0, high + wall * 0.2],
          ]
    return round([[0, r], [length, r], ...race, ...(collar === 0 ? [[0, high] as Point] : flats)])
  }
export const ballCone = coneOfBalls(10, 0)
export const adjustingCone = coneOfBalls(16, 6)

/** Any other part of the machine. */
export const otherPart: RoleOutline = ({ bore, outside }) => ({
  length: 8,
  radius: bore * 0.5 + (outside - bore) * 0.25,
  shapes: [block(0, 8, bore * 0.45, bore * 0.5 + (outside - bore) * 0.25, 'forward')],
})
