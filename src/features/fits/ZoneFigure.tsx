import { useFigureUnits } from '@/features/shell'
import type { FitResponse } from '@/contract/fit'
import * as texts from '@/texts/fits'

const WIDTH = 430
const HEIGHT = 300
const ROOM = { left: 54, top: 26, bottom: 40 }

interface Props {
  fit: FitResponse
  ring: 'inner' | 'outer'
  /** measured seat about nominal, µm */
  readings: readonly number[]
}

/** Tolerance zones of ring and seat about the nominal size, to one scale; what was measured in amber. */
export function ZoneFigure({ fit, ring, readings }: Props) {
  const { small } = useFigureUnits()
  const signed = (um: number): string => `${um > 0 ? '+' : ''}${small.write(um)}`
  const all = [0, fit.limits.lower, fit.limits.upper, fit.bearing.lower, fit.bearing.upper, ...readings]
  const [low, high] = [Math.min(...all) - 3, Math.max(...all) + 3]
  const y = (um: number): number =>
    ROOM.top + ((high - um) / (high - low)) * (HEIGHT - ROOM.top - ROOM.bottom)
  const ringText = ring === 'inner' ? texts.boreOfTheRing : texts.outsideOfTheRing
  const bars = [
    [fit.raceway ? texts.rollingElements : ringText, fit.bearing, 96, 'var(--tint)'],
    [ring === 'inner' ? 'shaft' : 'housing', fit.limits, 250, 'var(--sheet)'],
  ] as const
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="h-full w-full"
      role="img"
      aria-label={texts.toleranceZonesOfRing(small.name)}
    >
      <path d={`M${ROOM.left} ${y(0)}H${WIDTH - 12}`} stroke="var(--ink3)" strokeDasharray="12 3 3 3" />
      <text
        x={ROOM.left - 8}
        y={y(0) + 5}
        textAnchor="end"
        fontSize={13}
        className="number"
        fill="var(--ink2)"
      >
        0
      </text>
      {bars.map(([label, { lower, upper }, x, fill]) => (
        <g key={label}>
          <rect
            x={x}
            y={y(upper)}
            width={86}
            height={Math.max(2, y(lower) - y(upper))}
            fill={fill}
            stroke="var(--ink)"
            strokeWidth={1.7}
          />
          <text x={x + 92} y={y(upper) + 4} fontSize={13} className="number" fill="var(--ink)">
            {signed(upper)}
          </text>
          <text x={x + 92} y={y(lower) + 6} fontSize={13} className="number" fill="var(--ink)">
            {signed(lower)}
          </text>
          <text x={x + 43} y={HEIGHT - 14} textAnchor="middle" fontSize={13.5} fill="var(--ink2)">
            {label}
          </text>
        </g>
      ))}
      {readings.map((um, i) => (
        <circle
          key={i}
          cx={262 + (i * 62) / Math.max(1, readings.length - 1)}
          cy={y(um)}
          r={4.5}
          fill="var(--lamp)"
          stroke="var(--lamp-ink)"
        />
      ))}
    </svg>
  )
}
