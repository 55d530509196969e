'use client'

import { useEffect } from 'react'
import {
  useForm,
  type DefaultValues,
  type FieldValues,
  type Path,
  type UseFormRegister,
  type UseFormReturn,
} from 'react-hook-form'
import { Refused, wordsOf } from '../call'
import { useKept } from '../useKept'

/** What a field of a form needs of it. */
export interface FieldsOf<V extends FieldValues> {
  register: UseFormRegister<V>
  /** what to change in a field; empty = nothing */
  troubleOf: (name: Path<V>) => string
}

interface SentForm<V extends FieldValues> extends FieldsOf<V> {
  form: UseFormReturn<V>
  submit: (event?: React.BaseSyntheticEvent) => Promise<void>
  /** a refusal that belongs to no field; empty = none */
  words: string
  isSending: boolean
}

interface Sending<V extends FieldValues> {
  /** values at first, the same object from one drawing to the next */
  blank: V
  /** what is done with the values; throws what `call` throws */
  send: (values: V) => Promise<void>
  /** name under which what is typed outlives a reload, until it was sent; without it nothing is kept */
  keptAs?: string
  /** whether the form is blank again once it was sent */
  emptied?: boolean
}

/** A form that is sent: what the server refuses stands at the field it is about, and that field has the focus. */
export function useSentForm<V extends FieldValues>({
  blank,
  send,
  keptAs,
  emptied = false,
}: Sending<V>): SentForm<V> {
  const [kept, setKept, forgetKept] = useKept<V>(keptAs ?? 'form', blank)
  const form = useForm<V>({
    defaultValues: blank as DefaultValues<V>,
    ...(keptAs !== undefined && { values: kept, resetOptions: { keepDirtyValues: true } }),
  })
  const { subscribe, setError, getValues, reset, handleSubmit, register } = form
  const { errors, isSubmitting } = form.formState
  useEffect(
    () =>
      keptAs === undefined
        ? undefined
        : subscribe({ formState: { values: true }, callback: ({ values }) => setKept({ ...values }) }),
    [subscribe, setKept, keptAs],
  )
  const submit = handleSubmit(async (values) => {
    try {
      await send(values)
      forgetKept()
      if (emptied) reset(blank)
    } catch (error) {
      const names = Object.keys(getValues())
      const atFields = (error instanceof Refused ? error.issues : []).filter(({ path }) =>
        names.includes(String(path[0])),
      )
      atFields.forEach(({ path, message }, i) =>
        setError(path.join('.') as Path<V>, { type: 'server', message }, { shouldFocus: i === 0 }),
      )
      if (atFields.length === 0) setError('root', { type: 'server', message: wordsOf(error) })
    }
  })
  return {
    form,
    register,
    submit,
    troubleOf: (name) => {
      const found: unknown = name
        .split('.')
        .reduce<unknown>((at, key) => (at as Record<string, unknown> | undefined)?.[key], errors)
      return (found as { message?: string } | undefined)?.message ?? ''
    },
    words: errors.root?.message ?? '',
    isSending: isSubmitting,
  }
}
