'use client'

import { useId, type ComponentProps } from 'react'
import type { ControllerRenderProps, FieldValues, Path } from 'react-hook-form'
import type { FieldsOf } from './useSentForm'

interface Props<V extends FieldValues> extends Omit<ComponentProps<'input'>, 'form' | 'name'> {
  of: FieldsOf<V>
  name: Path<V>
  label: string
  /** the label is for assistive technology alone */
  labelHidden?: boolean
  /** id of what tells the trouble, where there is no room for it below the field */
  errorIn?: string
  /** what it shows and tells where that is not what is kept, as in other units; a `Controller` gives it */
  shown?: ControllerRenderProps<V, Path<V>>
}

/** A field of a form with its label, and below it what to change. */
export function FormField<V extends FieldValues>({
  of: { register, errorOf },
  name,
  label,
  labelHidden = false,
  errorIn,
  className = '',
  shown,
  ...input
}: Props<V>) {
  const id = useId()
  const error = errorOf(name)
  return (
    <div className="min-w-0">
      <label className="block">
        <span className={labelHidden ? 'sr-only' : 'caption block'}>{label}</span>
        <input
          className={`field ${className}`}
          aria-invalid={error !== '' || undefined}
          aria-describedby={error ? (errorIn ?? id) : undefined}
          {...input}
          {...(shown ?? register(name))}
        />
      </label>
      {error && errorIn === undefined && (
        <span id={id} role="alert" className="block text-[0.875rem] text-contra">
          {error}
        </span>
      )}
    </div>
  )
}
