'use client'

import { useId, useMemo } from 'react'
import { emptyKit, explodedView, resolveArrangement, type ArrangementFile } from '@/core/kit'
import type { Point } from '@/core/section'
import { HatchDefs } from './HatchDefs'
import { ShapeMark } from './ShapeMark'

const [WIDTH, HEIGHT, MARGIN] = [300, 84, 3]

interface Props {
  file: ArrangementFile
  /** every arrangement there is, to be based on */
  others: readonly ArrangementFile[]
}

/** An arrangement as a small section along its axis, to be recognised: its parts in order, in usual proportions. */
export function ArrangementSketch({ file, others }: Props) {
  const id = useId().replace(/[^a-zA-Z0-9]/g, '')
  const view = useMemo(() => {
    const resolved = resolveArrangement(file, (code) => others.find((o) => o.code === code))
    return resolved.ok ? explodedView(resolved.value, emptyKit(resolved.value)) : null
  }, [file, others])
  if (!view) return null
  const scale = Math.min((WIDTH - 2 * MARGIN) / view.length, (HEIGHT - 2 * MARGIN) / (2 * view.radius))
  const left = (WIDTH - view.length * scale) / 2
  const toScreen = ([a, r]: Point): readonly [number, number] => [left + a * scale, HEIGHT / 2 - r * scale]
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} className="h-[84px] w-full" aria-hidden>
      <HatchDefs id={id} spacing={4} />
      <path
        d={`M0 ${HEIGHT / 2}H${WIDTH}`}
        stroke="var(--ink3)"
        strokeDasharray="12 3 3 3"
        strokeWidth={0.8}
      />
      {view.hub.shapes.map((shape, i) => (
        <ShapeMark key={i} shape={shape} hatchId={id} toScreen={toScreen} scale={scale} variant="plain" />
      ))}
      {view.parts.flatMap(({ slot, shapes }) =>
        shapes.map((shape, i) => (
          <ShapeMark key={`${slot} ${i}`} shape={shape} hatchId={id} toScreen={toScreen} scale={scale} />
        )),
      )}
    </svg>
  )
}
