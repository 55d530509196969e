/** A point of a half-section: along the axis and away from it, mm. */
export type Point = readonly [axial: number, radial: number]

/** Hatching of a cut part: neighbours are hatched against each other. */
export type Hatch = 'forward' | 'backward' | 'none'

/** One outline of a half-section, drawn above the axis and mirrored below it. */
export type Shape =
  | { kind: 'outline'; points: readonly Point[]; hatch: Hatch }
  | { kind: 'circle'; at: Point; radius: number }
  | { kind: 'axisLine'; points: readonly [Point, Point] }

/** A part drawn to scale: half-section above the axis. Figures not in the catalogue are usual proportions. */
export interface Section {
  /** length along the axis and largest radius, mm */
  length: number
  radius: number
  shapes: readonly Shape[]
}

export const outline = (points: readonly Point[], hatch: Hatch): Shape => ({ kind: 'outline', points, hatch })

/** Mirrors a section along the axis: the outer set of a hub faces the other way. */
export function turned(section: Section): Section {
  const flip = ([a, r]: Point): Point => [section.length - a, r]
  return {
    ...section,
    shapes: section.shapes.map((shape): Shape => {
      if (shape.kind === 'circle') return { ...shape, at: flip(shape.at) }
      if (shape.kind === 'axisLine')
        return { ...shape, points: [flip(shape.points[0]), flip(shape.points[1])] }
      return { ...shape, points: shape.points.map(flip) }
    }),
  }
}

export const shifted = (shapes: readonly Shape[], by: number): Shape[] =>
  shapes.map((shape): Shape => {
    if (shape.kind === 'circle') return { ...shape, at: [shape.at[0] + by, shape.at[1]] }
    if (shape.kind === 'axisLine')
      return { ...shape, points: [[shape.points[0][0] + by, shape.points[0][1]], [shape.points[1][0] + by, shape.points[1][1]]] } // prettier-ignore
    return { ...shape, points: shape.points.map(([a, r]): Point => [a + by, r]) }
  })
