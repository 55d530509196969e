import type { Point, Shape } from '@/core/section'

export type ShapeVariant = 'filled' | 'gap' | 'conflict' | 'plain' | 'over'

interface Props {
  shape: Shape
  /** ids of the hatch patterns */
  hatchId: string
  /** from millimetres to the figure */
  toScreen: (point: Point) => readonly [number, number]
  scale: number
  variant?: ShapeVariant
}

const STROKE: Record<ShapeVariant, string> = {
  filled: 'var(--ink)',
  gap: 'var(--lamp-ink)',
  conflict: 'var(--contra)',
  plain: 'var(--hatch)',
  over: 'var(--contra)',
}

function fillOf(shape: Shape, hatchId: string, variant: ShapeVariant, mirrored: boolean): string {
  if (variant === 'gap' || variant === 'over') return 'none'
  if (variant === 'plain') return 'var(--tint)'
  if (variant === 'conflict') return `url(#${hatchId}-conflict)`
  if (shape.kind !== 'outline' || shape.hatch === 'none') return 'var(--sheet)'
  const forward = (shape.hatch === 'forward') !== mirrored
  return `url(#${hatchId}-${forward ? 'forward' : 'backward'})`
}

const list = (points: readonly Point[], toScreen: Props['toScreen']): string =>
  points.map((p) => toScreen(p).join(',')).join(' ')

/** One outline of a section, above and below the axis. */
export function ShapeMark({ shape, hatchId, toScreen, scale, variant = 'filled' }: Props) {
  const stroke = STROKE[variant]
  const dash = variant === 'gap' || variant === 'over' ? '6 4' : undefined
  if (shape.kind === 'across')
    return (
      <polyline
        points={list(shape.points, toScreen)}
        fill="none"
        stroke={stroke}
        strokeWidth={Math.max(1.6, shape.thick * scale)}
        strokeLinejoin="round"
      />
    )
  return (
    <>
      {[1, -1].map((side) => {
        const mirror = ([a, r]: Point) => toScreen([a, r * side])
        switch (shape.kind) {
          case 'outline':
            return (
              <polygon
                key={side}
                points={list(shape.points, mirror)}
                fill={fillOf(shape, hatchId, variant, side === -1)}
                stroke={stroke}
                strokeWidth={variant === 'plain' ? 1.4 : 1.7}
                strokeDasharray={dash}
              />
            )
          case 'circle': {
            const [cx, cy] = mirror(shape.at)
            return (
              <circle
                key={side}
                cx={cx}
                cy={cy}
                r={shape.radius * scale}
                fill={fillOf(shape, hatchId, variant, false)}
                stroke={stroke}
                strokeWidth={1.7}
              />
            )
          }
          case 'axisLine':
            return (
              <polyline
                key={side}
                points={list(shape.points, mirror)}
                fill="none"
                stroke="var(--ink3)"
                strokeWidth={1.2}
                strokeDasharray="10 3 2 3"
              />
            )
        }
      })}
    </>
  )
}
