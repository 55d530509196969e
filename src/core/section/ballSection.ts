import type { Closure } from '../designation'
import { outline, type Point, type Section, type Shape } from './shape'

/** Usual proportions of a deep groove ball bearing, shares of the wall (D − d)/2 (common practice). */
const BALL = 0.58
const SHOULDER = 0.3
/** Groove radius over ball radius: the grooves are a little wider than the ball. */
const GROOVE = 1.04
const CHAMFER = 0.06

/** Points of a groove arc on the shoulder at radius `shoulder`, along the axis from left to right. */
function groove(width: number, mid: number, radius: number, shoulder: number): Point[] {
  const deep = Math.abs(mid - shoulder)
  const half = Math.sqrt(Math.max(0, radius ** 2 - deep ** 2))
  const start = Math.asin(Math.min(1, half / radius))
  const outward = shoulder > mid ? 1 : -1
  return Array.from({ length: 9 }, (_, i): Point => {
    const angle = -start + (2 * start * i) / 8
    return [width / 2 + radius * Math.sin(angle), mid + outward * radius * Math.cos(angle)]
  })
}

/** The side of an outer ring without a shoulder: nearly the depth of the groove all the way. */
function openSide(width: number, mid: number, radius: number, outer: number): Point[] {
  const depth = Math.min(mid + radius, outer - 0.01)
  return [
    [width, depth],
    [width / 2, depth],
  ]
}

/** Shields or seals between the shoulders of two rings. */
export function closureShapes(width: number, bore: number, outside: number, closure: Closure): Shape[] {
  if (closure.sides === 0) return []
  const wall = (outside - bore) / 2
  const [low, high] = [bore / 2 + SHOULDER * wall, outside / 2 - SHOULDER * wall]
  const thick = Math.max(0.4, width * 0.05)
  const gapBelow = closure.type === 'contactSeal' ? 0 : wall * 0.06
  const plate = (at: number): Shape =>
    outline(
      [
        [at, low + gapBelow],
        [at + thick, low + gapBelow],
        [at + thick, high],
        [at, high],
      ],
      closure.type === 'shield' ? 'none' : 'forward',
    )
  const inset = width * 0.05
  return closure.sides === 2 ? [plate(inset), plate(width - inset - thick)] : [plate(inset)]
}

/** A line through a ball along which it carries, `degrees` from the radial direction. */
export function contactLine(at: Point, reach: number, degrees: number): Shape {
  const [dx, dy] = [Math.sin((degrees * Math.PI) / 180) * reach, Math.cos((degrees * Math.PI) / 180) * reach]
  return {
    kind: 'axisLine',
    points: [
      [at[0] - dx, at[1] - dy],
      [at[0] + dx, at[1] + dy],
    ],
  }
}

/**
 * Half-section of a ball bearing.
 * @param bore, outside, width boundary dimensions in mm, bore < outside
 * @param angle contact angle in degrees: one shoulder of the outer ring is ground away; 0 for deep groove bearings
 */
export function ballSection(
  bore: number,
  outside: number,
  width: number,
  closure: Closure,
  angle = 0,
): Section {
  const wall = (outside - bore) / 2
  const mid = (bore + outside) / 4
  const ball = (BALL * Math.min(wall, width / 0.75)) / 2
  const c = CHAMFER * wall
  const [inner, outer] = [bore / 2, outside / 2]
  const [low, high] = [inner + SHOULDER * wall, outer - SHOULDER * wall]
  const innerRing: Point[] = [
    [c, inner],
    [width - c, inner],
    [width, inner + c],
    [width, low],
    ...groove(width, mid, ball * GROOVE, low).reverse(),
    [0, low],
    [0, inner + c],
  ]
  const outerRing: Point[] = [
    [c, outer],
    [width - c, outer],
    [width, outer - c],
    ...(angle > 0 ? openSide(width, mid, ball * GROOVE, outer) : [[width, high] as const]),
    ...groove(width, mid, ball * GROOVE, high)
      .reverse()
      .slice(angle > 0 ? 4 : 0),
    [0, high],
    [0, outer - c],
  ]
  return {
    length: width,
    radius: outer,
    shapes: [
      outline(innerRing, 'forward'),
      outline(outerRing, 'backward'),
      { kind: 'circle', at: [width / 2, mid], radius: ball },
      ...(angle > 0 ? [contactLine([width / 2, mid], ball * 1.5, angle)] : []),
      ...closureShapes(width, bore, outside, closure),
    ],
  }
}
