import { useId } from 'react'
import { OPEN } from '@/core/designation'
import { partSection, turned, type Drawable, type Point } from '@/core/section'
import * as texts from '@/texts/fits'
import { HatchDefs } from '@/ui/drawing/HatchDefs'
import { ShapeMark } from '@/ui/drawing/ShapeMark'

const W = 470
const H = 330
const ROOM = 26

interface Props {
  bearings: readonly Drawable[]
  /** mm; null = not known */
  cavity: { length: number; inner: number; outer: number } | null
  /** shares filled, 0 to 1 */
  fill: { bearing: number; cavity: number }
}

/** Bearings and the room between them in section, to scale; grease in amber, thrown to the outside as it lies at work. */
export function GreaseFigure({ bearings, cavity, fill }: Props) {
  const id = useId().replace(/[^a-zA-Z0-9]/g, '')
  const sections = bearings.slice(0, 2).flatMap((part) => partSection(part, OPEN) ?? [])
  const [first, second = sections.length > 1 ? sections[1] : undefined] = sections
  if (!first) return null
  const gap = cavity?.length ?? (second ? first.length : 0)
  const length = first.length + gap + (second?.length ?? 0)
  const radius = Math.max(first.radius, second?.radius ?? 0, (cavity?.outer ?? 0) / 2)
  const scale = Math.min((W - 2 * ROOM) / length, (H - 2 * ROOM) / (2 * radius))
  const cy = H / 2
  const left = (W - length * scale) / 2
  const toScreen =
    (from: number) =>
    ([a, r]: Point): readonly [number, number] => [left + (a + from) * scale, cy - r * scale]
  const ring = (key: string, from: number, to: number, inner: number, outer: number, share: number) => {
    if (share <= 0) return null
    // The share of a ring-shaped room, lying outside.
    const inside = Math.sqrt(Math.max(0, outer ** 2 - share * (outer ** 2 - inner ** 2)))
    const [x, width] = [left + from * scale, (to - from) * scale]
    const height = ((outer - inside) / 2) * scale
    return (
      <g key={key} fill="var(--lamp)" fillOpacity={0.55}>
        <rect x={x} y={cy - (outer / 2) * scale} width={width} height={height} />
        <rect x={x} y={cy + (inside / 2) * scale} width={width} height={height} />
      </g>
    )
  }
  const starts = [0, first.length + gap]
  return (
    <svg
      viewBox={`0 0 ${W} ${H}`}
      className="h-full w-full"
      role="img"
      aria-label={texts.greaseBearingsFilledPer(
        Math.round(fill.bearing * 100),
        Math.round(fill.cavity * 100),
      )}
    >
      <HatchDefs id={id} />
      {cavity && (
        <g fill="var(--sheet)" stroke="var(--hatch)" strokeWidth={1.4}>
          {[-1, 1].map((side) => (
            <rect
              key={side}
              x={left + first.length * scale}
              y={side < 0 ? cy - (cavity.outer / 2) * scale : cy + (cavity.inner / 2) * scale}
              width={cavity.length * scale}
              height={((cavity.outer - cavity.inner) / 2) * scale}
            />
          ))}
        </g>
      )}
      {cavity && ring('cavity', first.length, first.length + gap, cavity.inner, cavity.outer, fill.cavity)}
      {sections.slice(0, 2).map((section, i) => {
        const drawn = i === 1 ? turned(section) : section
        const from = starts[i] ?? 0
        const at = toScreen(from)
        const { bore = 0, outside = 0 } = bearings[i]?.dimensions ?? {}
        // Grease first, then the rings as solid sheet with their hatching: what shows between them is filled.
        const solid = drawn.shapes.filter((shape) => shape.kind === 'outline')
        return (
          <g key={i}>
            {ring(`b${i}`, from, from + section.length, bore, outside, fill.bearing)}
            {solid.flatMap((shape, k) =>
              [1, -1].map((side) => (
                <polygon
                  key={`${k} ${side}`}
                  points={shape.points.map(([a, r]) => at([a, r * side]).join(',')).join(' ')}
                  fill="var(--sheet)"
                />
              )),
            )}
            {drawn.shapes.map((shape, k) => (
              <ShapeMark key={k} shape={shape} hatchId={id} toScreen={at} scale={scale} />
            ))}
          </g>
        )
      })}
      <path d={`M10 ${cy}H${W - 10}`} stroke="var(--ink3)" strokeWidth={1.2} strokeDasharray="16 4 3 4" />
    </svg>
  )
}
