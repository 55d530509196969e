'use client'

import { useEffect, useEffectEvent, type RefObject } from 'react'
import { flushSync } from 'react-dom'

/** Hands over what was typed into a field of the page as it was sent, before React listened to it. */
export function useTypedEarly(input: RefObject<HTMLInputElement | null>, take: (text: string) => void): void {
  const hand = useEffectEvent(take)
  useEffect(() => {
    // Before the next key: from then on keys reach the field itself.
    queueMicrotask(() => {
      const typed = input.current?.value
      if (typed) flushSync(() => hand(typed))
    })
  }, [input])
}
