'use client'

import { useId } from 'react'
import type { ExplodedView, DrawnPart } from '@/core/kit'
import type { Point } from '@/core/section'
import * as common from '@/texts/common'
import * as texts from '@/texts/ui'
import { HatchDefs } from './HatchDefs'
import { ShapeMark } from './ShapeMark'

const WIDTH = 775
const HEIGHT = 286
const BALLOON = 13
const ROOM = { top: 46, side: 8, bottom: 6 }
/** Room that the word under a conflict takes along the axis. */
const WORD = 78

const STATE_LABELS = { filled: 'filled', gap: 'missing', conflict: common.doesNotFit } as const

interface Props {
  view: ExplodedView
  title: string
  selected: string | null
  onSelect: (slot: string) => void
  nameOf: (slot: string) => string
}

/** A kit along the axis in fitting order, to scale; gaps dashed, conflicts hatched with a word. */
export function ExplodedFigure({ view, title, selected, onSelect, nameOf }: Props) {
  const id = useId().replace(/[^a-zA-Z0-9]/g, '')
  const tall = HEIGHT - ROOM.top - ROOM.bottom
  const scale = Math.min((WIDTH - 2 * ROOM.side) / view.length, tall / (2 * view.radius))
  const left = (WIDTH - view.length * scale) / 2
  const axis = ROOM.top + tall / 2
  const toScreen = ([a, r]: Point): readonly [number, number] => [left + a * scale, axis - r * scale]
  const [hubX, hubY] = toScreen([view.hub.from + view.hub.length / 2, 0])
  const placeOf = ({ from, length }: DrawnPart): number =>
    Math.min(WIDTH - BALLOON - 2, Math.max(BALLOON + 2, toScreen([from + length / 2, 0])[0]))
  /** Conflicts with their word below; close together, the first says it for all: each is hatched and red. */
  const worded = view.parts
    .filter(({ state }) => state === 'conflict')
    .sort((a, b) => placeOf(a) - placeOf(b))
    .reduce<DrawnPart[]>((before, part) => {
      const last = before.at(-1)
      return last && placeOf(part) - placeOf(last) < WORD ? before : [...before, part]
    }, [])
  const colour = (part: DrawnPart) =>
    part.state === 'filled' ? 'var(--ink)' : part.state === 'gap' ? 'var(--lamp-ink)' : 'var(--contra)'
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="h-full w-full"
      role="group"
      aria-label={texts.explodedViewInFitting(title)}
    >
      <HatchDefs id={id} spacing={6} />
      <path d={`M0 ${axis}H${WIDTH}`} stroke="var(--ink3)" strokeDasharray="16 4 3 4" />
      {view.hub.shapes.map((shape, i) => (
        <ShapeMark key={i} shape={shape} hatchId={id} toScreen={toScreen} scale={scale} variant="plain" />
      ))}
      <text x={hubX} y={hubY - 10} textAnchor="middle" fontSize={13} fill="var(--ink3)">
        {view.hub.label}
      </text>
      {view.parts.map((part) => {
        const [x, y] = toScreen([part.from + part.length / 2, part.radius])
        const at = placeOf(part)
        const chosen = part.slot === selected
        return (
          <g
            key={part.slot}
            role="button"
            tabIndex={-1}
            aria-label={`${part.balloon} ${nameOf(part.slot)}: ${STATE_LABELS[part.state]}`}
            aria-pressed={chosen}
            onClick={() => onSelect(part.slot)}
            className="cursor-pointer outline-none"
          >
            <rect x={at - 20} y={0} width={40} height={HEIGHT} fill="transparent" />
            {part.shapes.map((shape, i) => (
              <ShapeMark
                key={i}
                shape={shape}
                hatchId={id}
                toScreen={toScreen}
                scale={scale}
                variant={part.state}
              />
            ))}
            <path
              d={`M${at} ${20 + BALLOON}L${x} ${y}`}
              stroke={part.state === 'filled' ? 'var(--ink3)' : colour(part)}
              strokeDasharray={part.state === 'gap' ? '4 3' : undefined}
            />
            <circle
              cx={at}
              cy={20}
              r={BALLOON}
              fill={chosen ? 'var(--lamp)' : 'var(--sheet)'}
              stroke={chosen ? 'var(--ink)' : colour(part)}
              strokeWidth={1.6}
              strokeDasharray={part.state === 'gap' && !chosen ? '4 3' : undefined}
            />
            <text
              x={at}
              y={25}
              textAnchor="middle"
              className="number"
              fontWeight={600}
              fontSize={13}
              fill={chosen ? '#24211b' : colour(part)}
            >
              {part.balloon}
            </text>
            {worded.includes(part) && (
              <text
                x={at}
                y={HEIGHT - 4}
                textAnchor="middle"
                fontSize={12.5}
                fontWeight={700}
                fill="var(--contra)"
              >
                {common.doesNotFit}
              </text>
            )}
          </g>
        )
      })}
    </svg>
  )
}
