import type { Closure } from '../designation'
import { bow } from './rollerSection'
import { block, outline, type Section, type Shape } from './shape'

/** Share of a thrust needle cage that its needles take up along the radius (common practice; drawing only). */
const NEEDLE_SHARE = { from: 0.18, to: 0.86 }

/** Thrust bearing of rollers: a cage with needles alone, or rollers between two washers. Sizes in mm. */
export function thrustRollerSection(
  bore: number,
  outside: number,
  height: number,
  kind: 'cage' | 'washer' | 'complete',
): Section {
  const [inner, outer] = [bore / 2, outside / 2]
  const wall = outer - inner
  const rollers = (from: number, to: number): Shape =>
    block(from, to, inner + wall * NEEDLE_SHARE.from, inner + wall * NEEDLE_SHARE.to, 'none')
  const shapes: Record<typeof kind, Shape[]> = {
    washer: [block(0, height, inner, outer, 'forward')],
    cage: [block(height * 0.08, height * 0.92, inner, outer, 'backward'), rollers(0, height)],
    complete: [
      block(0, height * 0.28, inner, outer * 0.995, 'forward'),
      rollers(height * 0.28, height * 0.72),
      block(height * 0.72, height, inner * 1.005, outer, 'backward'),
    ],
  }
  return { length: height, radius: outer, shapes: shapes[kind] }
}

/** Outer ring over inner ring of a spherical plain bearing where the catalogue does not give it (common practice). */
const OUTER_RING_SHARE = 0.75

/** Spherical plain bearing: an inner ring that swivels in a hollow outer one. */
export function sphericalPlainSection(
  bore: number,
  outside: number,
  width: number,
  outerRing = width * OUTER_RING_SHARE,
): Section {
  const [inner, outer] = [bore / 2, outside / 2]
  const wall = outer - inner
  const edge = (width - outerRing) / 2
  const [shoulder, dip] = [inner + wall * 0.3, wall * 0.34]
  const ball = bow(0, width, shoulder, dip)
  const hollow = bow(edge, width - edge, shoulder + dip * 0.6, dip * 0.4)
  return {
    length: width,
    radius: outer,
    shapes: [
      outline([[0, inner], [width, inner], ...[...ball].reverse()], 'forward'),
      outline([[edge, outer], [width - edge, outer], ...[...hollow].reverse()], 'backward'),
    ],
  }
}

/** Linear ball bearing as shares of its wall: the balls that run on the shaft, and where its sleeve begins; its end rings as shares
 * of the length (common practice; drawing only). */
const LINEAR = { ball: 0.3, sleeve: 0.52, end: 0.06 }

/** Linear ball bearing: balls in a row along the shaft under a thin sleeve, a seal at either end. Sizes in mm. */
export function linearSection(bore: number, outside: number, length: number, closure: Closure): Section {
  const [inner, outer] = [bore / 2, outside / 2]
  const wall = outer - inner
  const [radius, end] = [wall * LINEAR.ball, length * LINEAR.end]
  const room = length - 4 * end
  const balls = Math.max(1, Math.floor(room / (2 * radius)))
  const seal = (from: number): Shape =>
    block(
      from,
      from + end,
      inner,
      inner + wall * LINEAR.sleeve,
      closure.type === 'shield' ? 'none' : 'forward',
    )
  return {
    length,
    radius: outer,
    shapes: [
      block(0, length, inner + wall * LINEAR.sleeve, outer, 'backward'),
      ...Array.from({ length: balls }, (_, i): Shape => ({
        kind: 'circle',
        at: [2 * end + ((i + 0.5) * room) / balls, inner + radius],
        radius,
      })),
      ...[0, length - end].slice(0, closure.sides).map(seal),
    ],
  }
}

/** Stud of a track roller over its outside, and its length over the width of the roller (common practice; drawing only). */
const STUD_SHARE = 0.4
const STUD_LENGTH = 1.5

/** Track roller: a thick outer ring on needles, over an inner ring between washers, or on a stud with its flange (`bore` undefined); drawn with five sixths of the width where that of the roller is not known. */
export function trackRollerSection(
  bore: number | undefined,
  outside: number,
  width: number,
  rollerWidth = width * 0.84,
): Section {
  const outer = outside / 2
  const hasStud = bore === undefined
  const inner = hasStud ? (outer * STUD_SHARE) / 1.6 : bore / 2
  const wall = outer - inner
  const edge = (width - rollerWidth) / 2
  const [race, tread] = [inner + wall * 0.25, inner + wall * 0.45]
  // The width of a roller with a stud is its own, that of one with a bore is over the washers.
  const [from, to] = hasStud ? [0, width] : [edge, width - edge]
  const rolling = [
    block(edge, width - edge, race, tread, 'none'),
    block(from, to, tread, outer, 'backward'),
  ] as const
  if (!hasStud)
    return { length: width, radius: outer, shapes: [block(0, width, inner, race, 'forward'), ...rolling] }
  const beyond = width * STUD_LENGTH
  const stud = outline(
    [
      [0, 0],
      [0, tread],
      [edge, tread],
      [edge, race],
      [width, race],
      [width, outer * STUD_SHARE],
      [width + beyond, outer * STUD_SHARE],
      [width + beyond, 0],
    ],
    'forward',
  )
  return { length: width, radius: outer, beyond, shapes: [stud, ...rolling] }
}
