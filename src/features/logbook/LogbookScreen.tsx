'use client'

import dynamic from 'next/dynamic'
import { Tabs } from 'radix-ui'
import { useCallback, useState, type ReactNode } from 'react'
import { Frame } from '@/features/shell'
import type { Output } from '@/contract/endpoints'
import * as common from '@/texts/common'
import * as texts from '@/texts/logbook'
import { useUrlChoice, useUrlText } from '@/ui/urlState'
import { useKeys } from '@/ui/useKeys'
import { MachineFilter } from './MachineFilter'
import { RecheckList } from './RecheckList'
import { urlOf } from '@/ui/call'
import { SelectField } from '@/ui/SelectField'
import { USUAL_MONTHS, viewQuery } from './viewQuery'

const CostView = dynamic(() => import('./CostView').then((chart) => chart.CostView))

const SeatsView = dynamic(() => import('./SeatsView').then((chart) => chart.SeatsView))

const IdentificationView = dynamic(() =>
  import('./IdentificationView').then((chart) => chart.IdentificationView),
)

const ServiceView = dynamic(() => import('./ServiceView').then((chart) => chart.ServiceView))

const FailuresView = dynamic(() => import('./FailuresView').then((chart) => chart.FailuresView))

const TABS = [
  ['rechecks', texts.rechecks],
  ['failures', texts.whatFails],
  ['service', texts.timeInService],
  ['cost', texts.cost],
  ['seats', texts.seatWear],
  ['identification', texts.identification],
] as const
type Tab = (typeof TABS)[number][0]
const NAMES = TABS.map(([name]) => name)

const SPANS = [
  ['6', texts.last6Months],
  ['12', texts.last12Months],
  ['24', texts.last2Years],
  ['60', texts.last5Years],
  ['600', texts.all],
] as const

const HINTS = [{ keys: '1 – 6', label: texts.rechecksWhatFailsService, foot: true }]

interface Props {
  rechecks: Output<'GET /api/rechecks'>
  /** address of the calendar feed; with a key where signing in is asked for, for a calendar cannot sign in */
  calendar: string
}

/** Jobs after they were closed: what is due, and what the history says. */
export function LogbookScreen({ rechecks, calendar }: Props) {
  const [tab, setTab] = useUrlChoice('tab', NAMES, 'rechecks')
  const [months, setMonths] = useUrlChoice(
    'months',
    SPANS.map(([value]) => value),
    USUAL_MONTHS,
  )
  const [machine, setMachine] = useUrlText('machine')
  const chooseMachine = useCallback((id: string) => void setMachine(id), [setMachine])
  const [state, setState] = useState('')
  useKeys(Object.fromEntries(NAMES.map((name, i) => [String(i + 1), () => void setTab(name)])))
  const query = viewQuery(months, machine)
  const views: Record<Tab, ReactNode> = {
    rechecks: <RecheckList initial={rechecks} onState={setState} />,
    failures: <FailuresView query={query} />,
    service: <ServiceView query={query} />,
    cost: <CostView query={query} />,
    seats: <SeatsView query={query} />,
    identification: <IdentificationView query={query} />,
  }
  return (
    <Frame about={<h1 className="font-semibold text-ink">{common.logbook}</h1>} hints={HINTS} state={state}>
      <Tabs.Root
        value={tab}
        onValueChange={(next) => void setTab(next as Tab)}
        activationMode="manual"
        className="grid h-full min-h-0 grid-cols-1 grid-rows-[auto_minmax(0,1fr)]"
      >
        <div className="flex flex-wrap items-center gap-2 border-b border-line px-[18px] py-1.5">
          <Tabs.List aria-label={common.logbook} className="flex flex-wrap gap-1">
            {TABS.map(([name, label]) => (
              <Tabs.Trigger key={name} value={name} className="chip min-h-11 px-3">
                {label}
              </Tabs.Trigger>
            ))}
          </Tabs.List>
          {tab !== 'rechecks' && (
            <div className="ml-auto flex items-center gap-2 max-sm:flex-wrap">
              <MachineFilter value={machine} onChange={chooseMachine} />
              <SelectField
                label={texts.time}
                className="field w-[150px]"
                value={months}
                options={SPANS}
                onPick={(span) => void setMonths(span)}
              />
              <a
                className="chip px-3"
                href={urlOf('GET /api/logbook/{table}', {
                  path: { table: `${tab}.csv` },
                  query: new URLSearchParams(query),
                })}
                download
              >
                {common.csv}
              </a>
            </div>
          )}
          {tab === 'rechecks' && (
            <a className="chip ml-auto px-3" href={calendar}>
              {texts.calendar}
            </a>
          )}
        </div>
        <Tabs.Content value={tab} tabIndex={-1} className="min-h-0">
          {views[tab]}
        </Tabs.Content>
      </Tabs.Root>
    </Frame>
  )
}
