'use client'

import { useEffect } from 'react'
import { FIT_TABS, type FitTab } from './FitTabs'

const typing = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement && target.matches('input, textarea, select, [cmdk-input]')

/** 1 to 5 choose a tab while nothing is typed. */
export function useTabKeys(onTab: (tab: FitTab) => void): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || typing(event.target)) return
      const tab = FIT_TABS[Number(event.key) - 1]
      if (!tab) return
      event.preventDefault()
      onTab(tab[0])
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  }, [onTab])
}
