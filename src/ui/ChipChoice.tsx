'use client'

import { ToggleGroup } from 'radix-ui'
import type { ReactNode } from 'react'
import { NO_VALUE } from './noValue'

interface Props<T extends string> {
  label: string
  /** null = none of them */
  value: T | null
  options: readonly (readonly [value: T, label: ReactNode])[]
  onPick: (value: T) => void
  /** the chosen one pressed again: it stays chosen without it */
  onClear?: () => void
  /** of each chip */
  className?: string
}

/** One of a few, as chips: one stop of the keyboard, arrows between them. */
export function ChipChoice<T extends string>({
  label,
  value,
  options,
  onPick,
  onClear,
  className = 'px-3',
}: Props<T>) {
  return (
    <ToggleGroup.Root
      type="single"
      aria-label={label}
      className="flex flex-wrap gap-1.5"
      value={value === '' ? NO_VALUE : (value ?? '')}
      onValueChange={(picked) => {
        const option = options.find(([of]) => (of || NO_VALUE) === picked)
        if (option) onPick(option[0])
        else onClear?.()
      }}
    >
      {options.map(([option, label]) => (
        <ToggleGroup.Item key={option} value={option || NO_VALUE} className={`chip ${className}`}>
          {label}
        </ToggleGroup.Item>
      ))}
    </ToggleGroup.Root>
  )
}
