'use client'

import { useCallback, useEffect, useRef, useState } from 'react'
import { flushSync } from 'react-dom'

const PREFIX = 'amber-socket.typed.'

/** What was kept under a key, if it has the shape of `like`. */
export const readStored = <T>(key: string, like: T): T | undefined => {
  try {
    const value: unknown = JSON.parse(localStorage.getItem(PREFIX + key) ?? 'null')
    // What an older version kept in another shape is not read.
    const fits =
      value !== null && typeof value === typeof like && Array.isArray(value) === Array.isArray(like)
    return fits ? (value as T) : undefined
  } catch {
    return undefined
  }
}

export function writeStored(key: string, value: unknown): void {
  try {
    localStorage.setItem(PREFIX + key, JSON.stringify(value))
  } catch {
    // A full or forbidden store only costs the safety net.
  }
}

export const removeStored = (key: string): void => localStorage.removeItem(PREFIX + key)

/**
 * State of a form that outlives a reload, a closed tab and a crash: it is kept in this browser until it is forgotten.
 * @param key of the form, such as `newJob.title`
 * @returns the value, its setter, and what forgets it once the server has it
 */
export function useStoredState<T>(
  key: string,
  initial: T,
): [value: T, set: (next: T | ((was: T) => T)) => void, forget: () => void] {
  const [value, setValue] = useState(initial)
  const first = useRef(initial)
  const isTouched = useRef(false)
  useEffect(() => {
    const stored = readStored(key, first.current)
    // At once, so that what was typed before the page was ready comes on top of it (useEarlyInput).
    if (stored !== undefined)
      queueMicrotask(() => flushSync(() => setValue((now) => (isTouched.current ? now : stored))))
  }, [key])
  const set = useCallback(
    (next: T | ((was: T) => T)) => {
      isTouched.current = true
      setValue((was) => {
        const value = typeof next === 'function' ? (next as (was: T) => T)(was) : next
        writeStored(key, value)
        return value
      })
    },
    [key],
  )
  const forget = useCallback(() => {
    removeStored(key)
    isTouched.current = true
    setValue(first.current)
  }, [key])
  return [value, set, forget]
}

/** Forgets everything that was typed in this browser and not sent: after signing out it is nobody's. */
export function forgetAllTyped(): void {
  for (const key of Object.keys(localStorage)) if (key.startsWith(PREFIX)) localStorage.removeItem(key)
}
