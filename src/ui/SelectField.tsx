'use client'

import { lazy, Suspense, useState } from 'react'
import { SelectButton } from './SelectButton'
import type { SelectProps } from './selectProps'

const loadList = () => import('./SelectList').then(({ SelectList }) => ({ default: SelectList }))
const SelectList = lazy(loadList)

interface Props<T extends string> extends SelectProps<T> {
  /** shown above the field; without it the label is for assistive technology alone */
  caption?: boolean
}

/** One of a list. The list itself is loaded when somebody comes near it. */
export function SelectField<T extends string>({ caption = false, ...select }: Props<T>) {
  const { label, value, options, onPick, className = 'field', disabled } = select
  const [isRequested, setRequested] = useState(false)
  const pick = (picked: string): void => {
    const option = options.find(([of]) => of === picked)
    if (option) onPick(option[0])
  }
  const closed = (
    <SelectButton
      label={label}
      className={className}
      disabled={disabled}
      aria-expanded={isRequested}
      onPointerEnter={() => void loadList()}
      onFocus={() => void loadList()}
      onClick={() => setRequested(true)}
      onKeyDown={(e) => {
        if (e.key !== 'ArrowDown' && e.key !== 'ArrowUp') return
        e.preventDefault()
        setRequested(true)
      }}
    >
      {options.find(([of]) => of === value)?.[1]}
    </SelectButton>
  )
  const field = isRequested ? (
    <Suspense fallback={closed}>
      <SelectList {...select} className={className} onPick={pick} />
    </Suspense>
  ) : (
    closed
  )
  if (!caption) return field
  return (
    <div className="block min-w-0">
      <span aria-hidden className="caption mb-0.5 block leading-tight">
        {label}
      </span>
      {field}
    </div>
  )
}
