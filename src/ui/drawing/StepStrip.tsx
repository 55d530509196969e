'use client'

import { useId } from 'react'
import type { ExplodedView } from '@/core/kit'
import type { PartNow } from '@/core/procedure'
import type { Point } from '@/core/section'
import { HatchDefs } from './HatchDefs'
import { ShapeMark } from './ShapeMark'

const WIDTH = 620
const HEIGHT = 108
const ROOM = 6
const FADED: Record<PartNow, number> = { in: 1, now: 1, blocks: 0.6, out: 0.16 }

interface Props {
  view: ExplodedView
  message: string
  stateOf: (slot: string) => PartNow
}

/** The parts along the axis at one step: what is in, in ink; what comes now, on amber; what would block it, dashed; the rest faint. */
export function StepStrip({ view, message, stateOf }: Props) {
  const id = useId().replace(/[^a-zA-Z0-9]/g, '')
  const scale = Math.min((WIDTH - 2 * ROOM) / view.length, (HEIGHT - 2 * ROOM) / (2 * view.radius))
  const left = (WIDTH - view.length * scale) / 2
  const axis = HEIGHT / 2
  const toScreen = ([a, r]: Point): readonly [number, number] => [left + a * scale, axis - r * scale]
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} className="h-full w-full" role="img" aria-label={message}>
      <HatchDefs id={id} spacing={5} />
      <path d={`M0 ${axis}H${WIDTH}`} stroke="var(--ink3)" strokeDasharray="16 4 3 4" />
      {view.hub.shapes.map((shape, i) => (
        <ShapeMark key={i} shape={shape} hatchId={id} toScreen={toScreen} scale={scale} variant="plain" />
      ))}
      {view.parts.map((part) => {
        const now = stateOf(part.slot)
        const [x] = toScreen([part.from, 0])
        return (
          <g key={part.slot} opacity={FADED[now]} data-part={part.slot} data-now={now}>
            {now === 'now' && (
              <rect
                x={x - 5}
                y={1}
                width={part.length * scale + 10}
                height={HEIGHT - 2}
                rx={5}
                fill="var(--wash)"
                stroke="var(--lamp)"
                strokeWidth={2}
              />
            )}
            {part.shapes.map((shape, i) => (
              <ShapeMark
                key={i}
                shape={shape}
                hatchId={id}
                toScreen={toScreen}
                scale={scale}
                variant={now === 'blocks' ? 'over' : 'filled'}
              />
            ))}
          </g>
        )
      })}
    </svg>
  )
}
