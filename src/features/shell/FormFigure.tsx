'use client'

import type { ComponentProps } from 'react'
import { useController, type Control, type FieldValues } from 'react-hook-form'
import { shownFigure, storedFigure, type FieldQuantity } from '@/core/quantity'
import { FormField } from '@/ui/form/FormField'
import { usePreferences } from './Preferences'

interface Props<V extends FieldValues> extends ComponentProps<typeof FormField<V>> {
  control: Control<V>
  quantity: FieldQuantity
}

/** A figure of a form in the units that were chosen; what is kept says its own. */
export function FormFigure<V extends FieldValues>({ control, quantity, name, ...field }: Props<V>) {
  const { unit } = usePreferences()
  const { field: kept } = useController({ control, name })
  const stored = String(kept.value)
  return (
    <FormField
      {...field}
      name={name}
      shown={{
        ...kept,
        value: shownFigure(stored, quantity, unit) as typeof kept.value,
        onChange: (e: React.ChangeEvent<HTMLInputElement>) =>
          kept.onChange(storedFigure(e.target.value, quantity, unit)),
      }}
    />
  )
}
