/** A point of a half-section: along the axis and away from it, mm. */
export type Point = readonly [axial: number, radial: number]

/** Hatching of a cut part: neighbours are hatched against each other. */
export type Hatch = 'forward' | 'backward' | 'none'

/** One outline of a half-section, drawn above the axis and mirrored below it. */
export type Shape =
  | { kind: 'outline'; points: readonly Point[]; hatch: Hatch }
  | { kind: 'circle'; at: Point; radius: number }
  | { kind: 'axisLine'; points: readonly [Point, Point] }
  /** drawn once, across the axis: a pin; `thick` in mm */
  | { kind: 'across'; points: readonly Point[]; thick: number }

/** A part drawn to scale: half-section above the axis. Figures not in the catalogue are usual proportions. */
export interface Section {
  /** length along the axis and largest radius, mm */
  length: number
  radius: number
  /** drawn behind the length that is told, mm: the stud of a track roller */
  beyond?: number
  shapes: readonly Shape[]
}

export const outline = (points: readonly Point[], hatch: Hatch): Shape => ({ kind: 'outline', points, hatch })

/** The same shape with every point moved. */
function moved(shape: Shape, move: (point: Point) => Point): Shape {
  switch (shape.kind) {
    case 'circle':
      return { ...shape, at: move(shape.at) }
    case 'axisLine':
      return { ...shape, points: [move(shape.points[0]), move(shape.points[1])] }
    case 'outline':
    case 'across':
      return { ...shape, points: shape.points.map(move) }
  }
}

/** Mirrors a section along the axis: the outer set of a hub faces the other way. */
export const turned = (section: Section): Section => ({
  ...section,
  shapes: section.shapes.map((shape) => moved(shape, ([a, r]) => [section.length - a, r])),
})

/** Moves shapes along the axis by `by` mm. */
export const shifted = (shapes: readonly Shape[], by: number): Shape[] =>
  shapes.map((shape) => moved(shape, ([a, r]) => [a + by, r]))

/** A rectangle along the axis from `from` to `to`, between two radii, mm. */
export const block = (from: number, to: number, low: number, high: number, hatch: Hatch): Shape =>
  outline(
    [
      [from, low],
      [to, low],
      [to, high],
      [from, high],
    ],
    hatch,
  )
