'use client'

import { useEffect, useState } from 'react'

/** Typing rests this long before it is asked. */
export const DEBOUNCE_MS = 150

/** A value once it has not changed for so long; at once for 0. */
export function useRested<T>(value: T, ms = DEBOUNCE_MS): T {
  const [rested, setRested] = useState(value)
  useEffect(() => {
    if (ms === 0) return
    const timer = setTimeout(() => setRested(value), ms)
    return () => clearTimeout(timer)
  }, [value, ms])
  return ms === 0 ? value : rested
}
