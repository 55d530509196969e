'use client'

import { FIELD_UNITS, figureProblem, storedFigure, shownFigure, type FieldQuantity } from '@/core/quantity'
import { Field } from '@/ui/Field'
import { usePreferences } from './Preferences'

interface Props {
  /** without its unit */
  label: string
  quantity: FieldQuantity
  /** with its unit where that is not the metric one */
  value: string
  onChange: (value: string) => void
  placeholder?: string
  maxLength?: number
  /** where several stand in it; else it is, when its figure cannot be read */
  invalid?: boolean
}

/** A labelled figure in the units that were chosen; what is kept says its own. */
export function FigureField({
  label,
  quantity,
  value,
  onChange,
  placeholder = '',
  maxLength = 12,
  invalid = figureProblem(value, quantity) !== '',
}: Props) {
  const { unit } = usePreferences()
  const { mm, in: inch } = FIELD_UNITS[quantity]
  return (
    <Field
      label={mm === inch ? label : `${label}, ${FIELD_UNITS[quantity][unit]}`}
      invalid={invalid}
      value={shownFigure(value, quantity, unit)}
      placeholder={shownFigure(placeholder, quantity, unit)}
      maxLength={maxLength}
      onChange={(typed) => onChange(storedFigure(typed, quantity, unit))}
    />
  )
}
