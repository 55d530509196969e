interface Props {
  /** id prefix of the arrowheads */
  id: string
  from: readonly [number, number]
  to: readonly [number, number]
  text: string
  /** the measured value, in amber beside the nominal one */
  measured?: string | undefined
}

/** How far from the middle of its line a diameter is written, and half its length, in units of the figure. */
const ABOVE_AXIS = 66
const HALF_TEXT = 42

/** Keeps figures readable where a centre line or outline passes behind them. */
const HALO = { paintOrder: 'stroke', stroke: 'var(--figure-ground, var(--paper))', strokeWidth: 5 } as const

/** A dimension line with arrowheads: nominal in ink, measured in amber. Horizontal or vertical. */
export function DimensionLine({ id, from, to, text, measured }: Props) {
  const vertical = from[0] === to[0]
  const [mid, y] = [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2]
  const turn = vertical ? `rotate(-90 ${mid} ${y})` : undefined
  // A diameter is written above the axis, which would cross its middle.
  const x =
    mid + (vertical ? Math.max(0, Math.min(ABOVE_AXIS, Math.abs(to[1] - from[1]) / 2 - HALF_TEXT)) : 0)
  return (
    <g>
      <path
        d={`M${from[0]} ${from[1]}L${to[0]} ${to[1]}`}
        stroke="var(--ink)"
        strokeWidth={1.2}
        markerStart={`url(#${id}-arrow)`}
        markerEnd={`url(#${id}-arrow)`}
      />
      <text
        x={x}
        y={y - 7}
        transform={turn}
        textAnchor="middle"
        className="number"
        fontSize={15}
        fill="var(--ink)"
      >
        {text}
      </text>
      {measured && (
        <text
          x={x}
          y={y + 17}
          transform={turn}
          textAnchor="middle"
          className="number"
          fontSize={13.5}
          fill="var(--lamp-ink)"
          {...HALO}
        >
          {measured}
        </text>
      )}
    </g>
  )
}
