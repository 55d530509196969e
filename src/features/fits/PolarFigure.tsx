import { useFigureUnits } from '@/features/shell'
import * as texts from '@/texts/fits'
import type { Limits } from './seatTypes'

const SIZE = 300
const MIDDLE = SIZE / 2
/** The nominal circle, and how far the outermost reading may stand from it, px. */
const NOMINAL = 86
const ROOM = 46

export interface PolarReading {
  at: string
  depth: string
  /** about nominal, µm */
  um: number
}

const angleOf = (at: string, i: number, n: number): number => {
  const clock = Number(at.replace(',', '.'))
  const turn = Number.isFinite(clock) && clock > 0 && clock <= 12 ? clock / 12 : i / Math.max(1, n)
  return turn * 2 * Math.PI - Math.PI / 2
}

const STROKES = ['none', '6 4', '2 3', '10 3 2 3'] as const

/** Readings of a seat around the clock, drawn far larger than they are, between the circles of its limits. */
export function PolarFigure({ readings, limits }: { readings: readonly PolarReading[]; limits: Limits }) {
  const { small } = useFigureUnits()
  const most = Math.max(
    ...readings.map((r) => Math.abs(r.um)),
    Math.abs(limits.lower),
    Math.abs(limits.upper),
    5,
  )
  const radius = (um: number): number => NOMINAL + (um / most) * ROOM
  const depths = [...new Set(readings.map((r) => r.depth))]
  return (
    <svg
      viewBox={`0 0 ${SIZE} ${SIZE}`}
      className="h-full w-full"
      role="img"
      aria-label={texts.seatAroundTheClock(
        readings
          .map((r) => `${r.at}${r.depth ? ` ${r.depth}` : ''} ${small.write(r.um)} ${small.name}`)
          .join(', '),
      )}
    >
      <path
        fillRule="evenodd"
        fill="var(--tint)"
        d={[radius(limits.upper), radius(limits.lower)]
          .map((r) => `M${MIDDLE - r} ${MIDDLE}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0z`)
          .join('')}
      />
      {[limits.upper, limits.lower].map((um, i) => (
        <circle
          key={i}
          cx={MIDDLE}
          cy={MIDDLE}
          r={radius(um)}
          fill="none"
          stroke="var(--hatch)"
          strokeWidth={1.4}
        />
      ))}
      <circle
        cx={MIDDLE}
        cy={MIDDLE}
        r={NOMINAL}
        fill="none"
        stroke="var(--ink3)"
        strokeDasharray="12 3 3 3"
        strokeWidth={1.2}
      />
      {[12, 3, 6, 9].map((clock) => {
        const a = angleOf(String(clock), 0, 1)
        return (
          <text
            key={clock}
            x={MIDDLE + Math.cos(a) * (NOMINAL + ROOM + 12)}
            y={MIDDLE + Math.sin(a) * (NOMINAL + ROOM + 12) + 5}
            textAnchor="middle"
            fontSize={14}
            className="number"
            fill="var(--ink2)"
          >
            {clock}
          </text>
        )
      })}
      {depths.map((depth, d) => {
        const own = readings.filter((r) => r.depth === depth)
        const points = own
          .map((r, i) => ({ r, a: angleOf(r.at, i, own.length) }))
          .sort((x, y) => x.a - y.a)
          .map(({ r, a }) => ({
            r,
            a,
            x: MIDDLE + Math.cos(a) * radius(r.um),
            y: MIDDLE + Math.sin(a) * radius(r.um),
          }))
        return (
          <g key={depth}>
            <polygon
              points={points.map(({ x, y }) => `${x},${y}`).join(' ')}
              fill="none"
              stroke="var(--lamp-line)"
              strokeWidth={2}
              strokeDasharray={STROKES[d % STROKES.length]}
            />
            {points.map(({ r, a, x, y }, i) => {
              const out = r.um > limits.upper || r.um < limits.lower
              return (
                <g key={i}>
                  <circle
                    cx={x}
                    cy={y}
                    r={4.5}
                    fill={out ? 'var(--contra)' : 'var(--lamp)'}
                    stroke="var(--lamp-ink)"
                  />
                  {d === 0 && (
                    <text
                      x={x + Math.cos(a) * (Math.abs(Math.cos(a)) > 0.7 ? -24 : 19)}
                      y={y + Math.sin(a) * 15 + 4}
                      textAnchor="middle"
                      fontSize={12.5}
                      className="number"
                      fill={out ? 'var(--contra)' : 'var(--ink)'}
                    >
                      {r.um > 0 ? '+' : ''}
                      {small.write(r.um)}
                    </text>
                  )}
                </g>
              )
            })}
          </g>
        )
      })}
    </svg>
  )
}
