'use client'

import { useKeys } from '@/ui/useKeys'
import { FIT_TABS, type FitTab } from './FitTabs'

/** 1 to 5 choose a tab while nothing is typed. */
export function useTabKeys(onTab: (tab: FitTab) => void): void {
  useKeys((key) => {
    const tab = FIT_TABS[Number(key) - 1]
    if (tab) onTab(tab[0])
    return tab !== undefined
  })
}
