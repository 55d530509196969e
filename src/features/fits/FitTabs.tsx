'use client'

import { Tabs } from 'radix-ui'
import type { ReactNode } from 'react'
import * as texts from '@/texts/fits'
import { useUrlChoice } from '@/ui/urlState'

export const FIT_TABS = [
  ['seat', texts.seats],
  ['spacing', texts.spacing],
  ['adjust', texts.setting],
  ['grease', texts.grease],
  ['life', texts.life],
] as const
export type FitTab = (typeof FIT_TABS)[number][0]

const NAMES = FIT_TABS.map(([name]) => name)

/** The judgement that is shown; it stands in the address. */
export function useFitTab(): [FitTab, (tab: FitTab) => void] {
  const [tab, setTab] = useUrlChoice('tab', NAMES, 'seat')
  return [tab, (next) => void setTab(next)]
}

interface Props {
  tab: FitTab
  onTab: (tab: FitTab) => void
  /** beside the tabs */
  beside: ReactNode
  children: ReactNode
}

/** The judgements of fitting, one beside the other; keys 1 to 5 where nothing is typed. */
export function FitTabs({ tab, onTab, beside, children }: Props) {
  return (
    <Tabs.Root
      value={tab}
      onValueChange={(picked) => {
        const name = NAMES.find((n) => n === picked)
        if (name) onTab(name)
      }}
      className="grid h-full min-h-0 grid-rows-[auto_minmax(0,1fr)]"
    >
      <div className="flex min-h-[52px] flex-wrap items-center gap-1.5 border-b border-line px-[18px] py-1">
        <Tabs.List aria-label={texts.judge} className="flex flex-wrap gap-1">
          {FIT_TABS.map(([name, label]) => (
            <Tabs.Trigger key={name} value={name} className="chip px-3">
              {label}
            </Tabs.Trigger>
          ))}
        </Tabs.List>
        <div className="flex min-w-0 flex-wrap items-center gap-1.5 lg:ml-auto">{beside}</div>
      </div>
      <Tabs.Content value={tab} tabIndex={-1} className="grid min-h-0 grid-rows-[minmax(0,1fr)]">
        {children}
      </Tabs.Content>
    </Tabs.Root>
  )
}
