'use client'

import { useEffect } from 'react'

const typing = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  target.matches('input, textarea, [role=combobox], [role=option], [cmdk-input]')

/**
 * Keys of a screen, while nothing is typed and no modifier is held.
 * @param onKey gets the key; whether it was one of the screen's
 */
export function useKeys(onKey: (key: string) => boolean): void {
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || typing(event.target)) return
      if (onKey(event.key)) event.preventDefault()
    }
    window.addEventListener('keydown', listen)
    return () => window.removeEventListener('keydown', listen)
  })
}
