'use client'

import { useKeys } from '@/ui/useKeys'
import { FIT_TABS, type FitTab } from './FitTabs'

/** 1 to 5 choose a tab while nothing is typed. */
export function useTabKeys(onTab: (tab: FitTab) => void): void {
  useKeys(Object.fromEntries(FIT_TABS.map(([tab], i) => [String(i + 1), () => onTab(tab)])))
}
