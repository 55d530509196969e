'use client'

import { isEqual } from 'es-toolkit/predicate'
import { useEffect, useEffectEvent, useRef } from 'react'
import {
  useForm,
  type DefaultValues,
  type FieldValues,
  type Path,
  type UseFormRegister,
  type UseFormReturn,
} from 'react-hook-form'
import * as texts from '@/texts/ui'
import { ApiError, errorMessage } from '../call'
import { removeStored, readStored, writeStored } from '../useStoredState'

/** What was typed over values that are not those of the server any more. */

/** What a field of a form needs of it. */
export interface FieldsOf<V extends FieldValues> {
  register: UseFormRegister<V>
  /** what to change in a field; empty = nothing */
  errorOf: (name: Path<V>) => string
}

interface SentForm<V extends FieldValues> extends FieldsOf<V> {
  form: UseFormReturn<V>
  submit: (event?: React.BaseSyntheticEvent) => Promise<void>
  /** a refusal that belongs to no field; empty = none */
  message: string
  isSending: boolean
  /** whether something was typed that was not sent */
  isDirty: boolean
  /** back to what was sent last, or to the values at first */
  discard: () => void
}

interface Sending<V extends FieldValues> {
  /** values at first, the same object from one drawing to the next */
  blank: V
  /**
   * What is done with the values, which were typed over others; throws what `call` throws.
   * @returns what stands now, where that may be more than what was sent
   */
  send: (values: V, over: V) => Promise<V | void>
  /** what somebody else saved meanwhile, as values of this form: saving again is then made over them */
  readCurrent?: (current: never) => V
  /** name under which what is typed outlives a reload, until it was sent; without it nothing is kept */
  storageKey?: string
  /** of a form that is opened for one thing after another: what stands now of the one that was typed over */
  opened?: (over: V) => V
  /** whether the form is blank again once it was sent */
  emptied?: boolean
}

/** A form that is sent: what the server refuses stands at the field it is about, and that field has the focus. */
export function useSentForm<V extends FieldValues>({
  blank,
  send,
  readCurrent,
  storageKey,
  opened,
  emptied = false,
}: Sending<V>): SentForm<V> {
  const form = useForm<V>({ defaultValues: blank as DefaultValues<V> })
  const { subscribe, setError, clearErrors, getValues, reset, handleSubmit, register } = form
  const { errors, isSubmitting, isDirty, defaultValues } = form.formState
  const first = useRef(blank)
  const standing = useEffectEvent((over: V): V => opened?.(over) ?? blank)
  useEffect(() => {
    if (storageKey === undefined) return
    const stored = readStored(storageKey, { values: first.current, over: first.current })
    if (stored?.values) {
      const now = standing(stored.over)
      reset(now)
      reset(stored.values, { keepDefaultValues: true })
      if (!isEqual(stored.over, now))
        setError('root', { type: 'stale', message: texts.somethingElseWasSaved })
    }
    return subscribe({
      formState: { values: true },
      callback: ({ values, defaultValues: over }) =>
        isEqual(values, over) ? removeStored(storageKey) : writeStored(storageKey, { values, over }),
    })
  }, [subscribe, reset, setError, storageKey])
  const sent = handleSubmit(async (values) => {
    try {
      const stands = await send(values, defaultValues as V)
      reset(emptied ? blank : (stands ?? getValues()))
    } catch (error) {
      if (readCurrent && error instanceof ApiError && error.current !== undefined) {
        const typed = getValues()
        reset(readCurrent(error.current as never))
        reset(typed, { keepDefaultValues: true })
      }
      const names = Object.keys(getValues())
      const atFields = (error instanceof ApiError ? error.issues : []).filter(({ path }) =>
        names.includes(String(path[0])),
      )
      atFields.forEach(({ path, message }, i) =>
        setError(path.join('.') as Path<V>, { type: 'server', message }, { shouldFocus: i === 0 }),
      )
      if (atFields.length === 0) setError('root', { type: 'server', message: errorMessage(error) })
    }
  })
  return {
    form,
    register,
    submit: (event) => {
      // What the server said of a field that is not registered would keep the form from being sent again.
      clearErrors()
      return sent(event)
    },
    errorOf: (name) => {
      const found: unknown = name
        .split('.')
        .reduce<unknown>((at, key) => (at as Record<string, unknown> | undefined)?.[key], errors)
      return (found as { message?: string } | undefined)?.message ?? ''
    },
    message: errors.root?.message ?? '',
    isSending: isSubmitting,
    isDirty,
    discard: () => reset(),
  }
}
