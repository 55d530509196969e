'use client'

import { useEffectEvent, useLayoutEffect } from 'react'
import { tinykeys } from 'tinykeys'

const typing = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  target.matches('input, textarea, [role=combobox], [role=option], [cmdk-input]')

/** By key as tinykeys writes it (`w`, `$mod+Enter`, `([1-5])`); what returns false was none of its keys now. */
export type Keys = Readonly<Record<string, (event: KeyboardEvent) => false | void>>

interface When {
  /** also while something is typed: keys with Ctrl or Alt */
  whileTyping?: boolean
  /** before any field gets the key */
  capture?: boolean
}

/** Keys of a screen, while nothing is typed. */
export function useKeys(keys: Keys, { whileTyping = false, capture = false }: When = {}): void {
  const press = useEffectEvent((key: string, event: KeyboardEvent) => {
    // Nor are arrows that a list or a group took for itself.
    if (!whileTyping && (typing(event.target) || event.defaultPrevented)) return
    if (keys[key]?.(event) !== false) event.preventDefault()
  })
  const names = JSON.stringify(Object.keys(keys))
  // Before the screen is painted: a key pressed as soon as it is seen has its listener.
  useLayoutEffect(
    () =>
      tinykeys(
        window,
        Object.fromEntries(
          (JSON.parse(names) as string[]).map((key) => [key, (event: KeyboardEvent) => press(key, event)]),
        ),
        { capture },
      ),
    [names, capture],
  )
}
