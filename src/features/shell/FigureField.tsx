'use client'

import { FIELD_UNITS, storedFigure, shownFigure, type FieldQuantity } from '@/core/quantity'
import { Field } from '@/ui/Field'
import { usePreferences } from './Preferences'

interface Props {
  /** without its unit */
  label: string
  /** left out for a figure that has no unit, or one that is the same everywhere */
  quantity?: FieldQuantity | undefined
  /** with its unit where that is not the metric one */
  value: string
  onChange: (value: string) => void
  placeholder?: string
  maxLength?: number
}

/** A labelled figure in the units that were chosen; what is kept says its own. */
export function FigureField({ label, quantity, value, onChange, placeholder = '', maxLength = 12 }: Props) {
  const { unit } = usePreferences()
  if (!quantity) return <Field {...{ label, value, onChange, placeholder, maxLength }} />
  return (
    <Field
      label={`${label}, ${FIELD_UNITS[quantity][unit]}`}
      value={shownFigure(value, quantity, unit)}
      placeholder={shownFigure(placeholder, quantity, unit)}
      maxLength={maxLength}
      onChange={(typed) => onChange(storedFigure(typed, quantity, unit))}
    />
  )
}
