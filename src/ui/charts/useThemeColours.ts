'use client'

import { useEffect, useState } from 'react'

const NAMES = [
  'ink',
  'ink2',
  'ink3',
  'line',
  'line2',
  'lamp',
  'wash',
  'agree',
  'contra',
  'tint',
  'sheet',
] as const
export type ThemeColours = Record<(typeof NAMES)[number], string>

const read = (): ThemeColours => {
  const style = getComputedStyle(document.documentElement)
  return Object.fromEntries(
    NAMES.map((name) => [name, style.getPropertyValue(`--${name}`).trim()]),
  ) as ThemeColours
}

/** Colours of the present theme for what is drawn on a canvas; null before the first paint. */
export function useThemeColours(): ThemeColours | null {
  const [colours, setColours] = useState<ThemeColours | null>(null)
  useEffect(() => {
    const take = () => setColours(read())
    queueMicrotask(take)
    const watch = new MutationObserver(take)
    watch.observe(document.documentElement, { attributes: true, attributeFilter: ['data-theme'] })
    return () => watch.disconnect()
  }, [])
  return colours
}
