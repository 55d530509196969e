import * as texts from '@/texts/fits'

const SIZE = 210
const MIDDLE = SIZE / 2
const OUTER = 78
const INNER = 40

/** A castle nut from its face: slots, the holes of the spindle, and how far it is turned back. */
interface Props {
  /** held by a pin through its slots; else a round nut with a clamp screw */
  slotted: boolean
  slots: number
  holes: number
  degrees: number
}

export function NutFigure({ slotted, slots, holes, degrees }: Props) {
  const at = (angle: number, r: number): [number, number] => [
    MIDDLE + r * Math.cos(((angle - 90) * Math.PI) / 180),
    MIDDLE + r * Math.sin(((angle - 90) * Math.PI) / 180),
  ]
  const hexagon = Array.from({ length: 6 }, (_, i) => at(i * 60 + 30 - degrees, OUTER + 8).join(',')).join(
    ' ',
  )
  const [bx, by] = at(-degrees, OUTER + 20)
  const [sx, sy] = at(0, OUTER + 20)
  return (
    <svg
      viewBox={`0 0 ${SIZE} ${SIZE}`}
      className="h-full w-full"
      role="img"
      aria-label={
        slotted
          ? texts.nutWithSlotsOver(slots, holes, Math.round(degrees))
          : texts.clampNutTurnedBackDegrees(Math.round(degrees))
      }
    >
      <polygon points={hexagon} fill="var(--tint)" stroke="var(--ink)" strokeWidth={1.7} />
      <circle cx={MIDDLE} cy={MIDDLE} r={INNER} fill="var(--sheet)" stroke="var(--ink)" strokeWidth={1.7} />
      {Array.from({ length: slotted ? Math.min(slots, 60) : 1 }, (_, i) => {
        const angle = (i * 360) / slots - degrees
        const [x1, y1] = at(angle, INNER + 4)
        const [x2, y2] = at(angle, OUTER)
        return (
          <path
            key={i}
            d={`M${x1} ${y1}L${x2} ${y2}`}
            stroke="var(--ink)"
            strokeWidth={9}
            strokeLinecap="butt"
          />
        )
      })}
      {Array.from({ length: slotted ? holes : 0 }, (_, i) => {
        const [x1, y1] = at((i * 180) / holes, INNER - 6)
        const [x2, y2] = at((i * 180) / holes + 180, INNER - 6)
        return (
          <path
            key={i}
            d={`M${x1} ${y1}L${x2} ${y2}`}
            stroke="var(--lamp-line)"
            strokeWidth={4}
            strokeDasharray="5 3"
          />
        )
      })}
      {degrees > 0 && degrees < 300 && (
        <path
          d={`M${sx} ${sy}A${OUTER + 20} ${OUTER + 20} 0 ${degrees > 180 ? 1 : 0} 0 ${bx} ${by}`}
          fill="none"
          stroke="var(--lamp-line)"
          strokeWidth={2.4}
        />
      )}
    </svg>
  )
}
