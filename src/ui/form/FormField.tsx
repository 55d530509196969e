'use client'

import { useId, type ComponentProps } from 'react'
import type { FieldValues, Path } from 'react-hook-form'
import type { FieldsOf } from './useSentForm'

interface Props<V extends FieldValues> extends Omit<ComponentProps<'input'>, 'form' | 'name'> {
  of: FieldsOf<V>
  name: Path<V>
  label: string
  /** the label is for assistive technology alone */
  labelHidden?: boolean
  /** id of what tells the trouble, where there is no room for it below the field */
  troubleIn?: string
}

/** A field of a form with its label, and below it what to change. */
export function FormField<V extends FieldValues>({
  of: { register, troubleOf },
  name,
  label,
  labelHidden = false,
  troubleIn,
  className = '',
  ...input
}: Props<V>) {
  const id = useId()
  const trouble = troubleOf(name)
  return (
    <div className="min-w-0">
      <label className="block">
        <span className={labelHidden ? 'sr-only' : 'caption block'}>{label}</span>
        <input
          className={`field ${className}`}
          aria-invalid={trouble !== '' || undefined}
          aria-describedby={trouble ? (troubleIn ?? id) : undefined}
          {...input}
          {...register(name)}
        />
      </label>
      {trouble && troubleIn === undefined && (
        <span id={id} role="alert" className="block text-[0.875rem] text-contra">
          {trouble}
        </span>
      )}
    </div>
  )
}
