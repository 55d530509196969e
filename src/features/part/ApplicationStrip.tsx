'use client'

import type { Application } from '@/core/interchange'
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
  { key: 'rpm', label: texts.turnsAMinute, max: 200_000, turning: true },
  { key: 'kmh', label: 'km/h', max: 500, turning: true },
  { key: 'tyreMm', label: texts.mmTyre, max: 5000, turning: true },
  { key: 'temperatureC', label: texts.cAtWork, max: 400, turning: false },
] as const

/** Figures are taken when they are whole; anything else leaves the place as it was. */
function figure(text: string, max: number): number | undefined {
  const value = Number(text.replace(',', '.'))
  return text.trim() !== '' && Number.isFinite(value) && value >= 0 && value <= max ? value : undefined
}

/** Where the part works: what stands in for it depends on that. Nothing said is nothing assumed. */
export function ApplicationStrip({ turns, application, onChange }: Props) {
  return (
    <div role="group" aria-label={texts.whereItWorks} className="flex flex-wrap items-center gap-1.5">
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
      {FIGURES.filter(({ turning }) => turns || !turning).map(({ key, label, max }) => (
        <label key={key} className="flex items-center gap-1.5 text-caption text-ink2">
          <input
            className="field number w-[76px] px-2 text-right"
            inputMode="numeric"
            defaultValue={application[key] ?? ''}
            onChange={(e) => onChange({ ...application, [key]: figure(e.target.value, max) })}
          />
          {label}
        </label>
      ))}
    </div>
  )
}
