'use client'

import { useState } from 'react'
import type { Application } from '@/core/interchange'
import { readFigure } from '@/core/quantity'
import { FigureField } from '@/features/shell'
import * as common from '@/texts/common'
import * as texts from '@/texts/part'

interface Props {
  /** one of its rings turns against the other */
  turns: boolean
  application: Application
  onChange: (application: Application) => void
}

interface Chip {
  label: string
  on: (application: Application) => boolean
  set: Application
  /** asked of what turns alone */
  turning?: true
}

const CHIPS: readonly Chip[] = [
  { label: texts.slow, on: (p) => p.speed === 'slow', set: { speed: 'slow' }, turning: true },
  { label: texts.wet, on: (p) => p.wet === true, set: { wet: true } },
  { label: texts.lightLoad, on: (p) => p.load === 'light', set: { load: 'light' } },
  { label: texts.heavyLoad, on: (p) => p.load === 'heavy', set: { load: 'heavy' } },
  {
    label: texts.innerRingRotates,
    on: (p) => p.rotatingRing === 'inner',
    set: { rotatingRing: 'inner' },
    turning: true,
  },
  {
    label: texts.outerRingRotates,
    on: (p) => p.rotatingRing === 'outer',
    set: { rotatingRing: 'outer' },
    turning: true,
  },
]

const FIGURES = [
  { key: 'rpm', label: common.turnsAMinute, quantity: 'turns', max: 200_000, turning: true },
  { key: 'kmh', label: texts.roadSpeed, quantity: 'speed', max: 500, turning: true },
  { key: 'tyreMm', label: texts.onATyreOf, quantity: 'length', max: 5000, turning: true },
  { key: 'temperatureC', label: texts.atWork, quantity: 'temperature', max: 400, turning: false },
] as const

interface FigureProps {
  figure: (typeof FIGURES)[number]
  value: number | undefined
  onChange: (value: number | undefined) => void
}

/** A figure is taken when it is whole; what cannot be read is marked, and leaves the place as it was. */
function ApplicationFigure({ figure: { label, quantity, max }, value, onChange }: FigureProps) {
  const read = (text: string): number | undefined => {
    const figure = readFigure(text, quantity)
    return figure >= 0 && figure <= max ? figure : undefined
  }
  const [typed, setTyped] = useState(() => (value === undefined ? '' : String(value)))
  const [stood, setStood] = useState(value)
  // Changed from elsewhere, as by another part or the way back in the browser.
  if (value !== stood) {
    setStood(value)
    if (value !== read(typed)) setTyped(value === undefined ? '' : String(value))
  }
  return (
    <FigureField
      label={label}
      quantity={quantity}
      value={typed}
      invalid={typed.trim() !== '' && read(typed) === undefined}
      onChange={(text) => {
        setTyped(text)
        onChange(read(text))
      }}
    />
  )
}

/** Where the part works: what stands in for it depends on that. Nothing said is nothing assumed. */
export function ApplicationStrip({ turns, application, onChange }: Props) {
  return (
    <div role="group" aria-label={texts.whereItWorks}>
      <div className="flex flex-wrap gap-1.5">
        {CHIPS.filter(({ turning }) => turns || !turning).map(({ label, on, set }) => (
          <button
            key={label}
            type="button"
            className="chip px-2.5"
            aria-pressed={on(application)}
            onClick={() => {
              const cleared = Object.fromEntries(Object.keys(set).map((key) => [key, undefined]))
              onChange({ ...application, ...(on(application) ? cleared : set) })
            }}
          >
            {label}
          </button>
        ))}
      </div>
      <div className="mt-1.5 grid max-w-[33rem] grid-cols-4 items-end gap-1.5">
        {FIGURES.filter(({ turning }) => turns || !turning).map((figure) => (
          <ApplicationFigure
            key={figure.key}
            figure={figure}
            value={application[figure.key]}
            onChange={(value) => onChange({ ...application, [figure.key]: value })}
          />
        ))}
      </div>
    </div>
  )
}
