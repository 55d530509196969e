/** Hatch patterns and arrowheads. Each figure brings its own, under its own ids. */
export function HatchDefs({ id, spacing = 7 }: { id: string; spacing?: number }) {
  const line = `M0 0v${spacing}`
  return (
    <defs>
      {[45, -45].map((angle) => (
        <pattern
          key={angle}
          id={`${id}-${angle > 0 ? 'forward' : 'backward'}`}
          width={spacing}
          height={spacing}
          patternUnits="userSpaceOnUse"
          patternTransform={`rotate(${angle})`}
        >
          <path d={line} stroke="var(--hatch)" strokeWidth={1.1} />
        </pattern>
      ))}
      <pattern
        id={`${id}-conflict`}
        width={9}
        height={9}
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(45)"
      >
        <path d="M0 0v9" stroke="var(--contra)" strokeWidth={2.2} />
      </pattern>
      <marker
        id={`${id}-arrow`}
        viewBox="0 0 8 8"
        refX={7}
        refY={4}
        markerWidth={7}
        markerHeight={7}
        orient="auto-start-reverse"
      >
        <path d="M0 1.2L8 4L0 6.8z" fill="var(--ink)" />
      </marker>
    </defs>
  )
}
