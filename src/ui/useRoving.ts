'use client'

import { useEffect, type KeyboardEvent, type RefObject } from 'react'

const STEPS: Readonly<Record<string, number>> = { ArrowDown: 1, ArrowUp: -1, Home: -Infinity, End: Infinity }

/**
 * One stop of the keyboard for many alike: Tab goes in and out, arrows, Home and End go from one to the next.
 * @param itemsIn what is gone through, in order; asked for after each drawing
 * @returns what the frame does on a key
 */
export function useRoving(
  frame: RefObject<HTMLElement | null>,
  itemsIn: (frame: HTMLElement) => readonly HTMLElement[],
): (event: KeyboardEvent) => void {
  const stopAt = (items: readonly HTMLElement[], at: HTMLElement | undefined): void => {
    for (const item of items) item.tabIndex = item === at ? 0 : -1
  }
  // Rows come and go: after each drawing the stop is where the focus is, where it was, or the first.
  useEffect(() => {
    if (!frame.current) return
    const items = itemsIn(frame.current)
    const stop =
      items.find((item) => item === document.activeElement) ??
      items.find((item) => item.getAttribute('tabindex') === '0') ??
      items[0]
    stopAt(items, stop)
  })
  return (event) => {
    const step = STEPS[event.key]
    if (step === undefined || !frame.current || event.ctrlKey || event.altKey || event.metaKey) return
    const items = itemsIn(frame.current)
    const at = items.findIndex((item) => item === event.target)
    if (at < 0) return
    event.preventDefault()
    const next = items[Math.max(0, Math.min(items.length - 1, at + step))]
    stopAt(items, next)
    next?.focus()
  }
}
