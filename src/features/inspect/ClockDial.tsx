'use client'

import { ToggleGroup } from 'radix-ui'
import * as texts from '@/texts/inspect'

const HOURS = Array.from({ length: 12 }, (_, i) => i + 1)
/** Of the dial and of the circle of its hours, px; neighbours stand 48 apart. */
const SIZE = 244
const CIRCLE = 94

/** Point of an hour on a circle about the middle. */
const at = (hour: number, radius: number): [x: number, y: number] => {
  const turn = (hour / 12) * 2 * Math.PI
  return [SIZE / 2 + Math.sin(turn) * radius, SIZE / 2 - Math.cos(turn) * radius]
}

/** A ring of the dial between two radii, from hour to hour. */
const zone = (from: number, to: number, inner: number, outer: number): string => {
  const [a, b, c, d] = [at(from, outer), at(to, outer), at(to, inner), at(from, inner)]
  return `M${a.join(' ')}A${outer} ${outer} 0 0 1 ${b.join(' ')}L${c.join(' ')}A${inner} ${inner} 0 0 0 ${d.join(' ')}Z`
}

interface Props {
  /** what was seen */
  label: string
  hours: readonly number[]
  onHours: (hours: number[]) => void
}

/** Where on a ring something was seen: the hours of a clock, seen from outside the machine, 12 at the top as it was fitted. */
export function ClockDial({ label, hours, onHours }: Props) {
  return (
    <ToggleGroup.Root
      type="multiple"
      value={hours.map(String)}
      onValueChange={(chosen) => onHours(chosen.map(Number).sort((a, b) => a - b))}
      aria-label={texts.where(label)}
      className="relative shrink-0"
      style={{ width: SIZE, height: SIZE }}
    >
      <svg viewBox={`0 0 ${SIZE} ${SIZE}`} className="absolute inset-0" aria-hidden>
        <path d={zone(4, 8, CIRCLE - 26, CIRCLE + 26)} fill="var(--tint)" stroke="var(--hatch)" />
        <circle
          cx={SIZE / 2}
          cy={SIZE / 2}
          r={CIRCLE + 26}
          fill="none"
          stroke="var(--hatch)"
          strokeWidth={1.4}
        />
        <circle
          cx={SIZE / 2}
          cy={SIZE / 2}
          r={CIRCLE - 26}
          fill="none"
          stroke="var(--hatch)"
          strokeWidth={1.4}
        />
        <text x={SIZE / 2} y={SIZE / 2 - 4} textAnchor="middle" fontSize={12.5} fill="var(--ink2)">
          {texts.tintedLoad}
        </text>
        <text x={SIZE / 2} y={SIZE / 2 + 13} textAnchor="middle" fontSize={12.5} fill="var(--ink2)">
          {texts.byWeight}
        </text>
      </svg>
      {HOURS.map((hour) => {
        const [left, top] = at(hour, CIRCLE)
        const chosen = hours.includes(hour)
        return (
          <ToggleGroup.Item
            key={hour}
            value={String(hour)}
            aria-label={texts.oclock(hour)}
            className={`number absolute size-11 -translate-x-1/2 -translate-y-1/2 rounded-full border text-[0.9375rem] font-semibold ${chosen ? 'border-2 border-lamp-ink bg-lamp text-[#24211b]' : 'border-edge bg-sheet'}`}
            style={{ left, top }}
          >
            {hour}
          </ToggleGroup.Item>
        )
      })}
    </ToggleGroup.Root>
  )
}
