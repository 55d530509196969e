'use client'

import * as common from '@/texts/common'
import * as texts from '@/texts/logbook'
import { useAnswer } from '@/ui/useAnswer'
import { CountChart } from './CountChart'
import { FigureTable, MoreMachines, ViewFrame } from './ViewFrame'

/** Bars of the chart; the table has more. */
const BARS = 12

/** What the parts of closed jobs cost, by machine. */
export function CostView({ query }: { query: string }) {
  const answer = useAnswer('GET /api/logbook/cost', { query: new URLSearchParams(query) })
  return (
    <ViewFrame
      answer={answer}
      isEmpty={({ machines }) => machines.length === 0}
      empty={texts.noClosedJobWith}
    >
      {({ machines, allMachines, currency }) => (
        <div className="grid grid-cols-1 gap-6">
          <CountChart
            label={texts.costOfPartsByMachine}
            counts={machines.slice(0, BARS).map(({ label, cost }) => ({ label, count: cost }))}
            unit={texts.parts(currency)}
          />
          <FigureTable
            caption={texts.partsOfClosedJobs}
            columns={[common.machine, common.jobs, texts.partsOfCurrency(currency), texts.linesWithoutAPrice]}
            rows={machines.map(({ label, jobs, cost, unpriced }) => [label, jobs, cost.toFixed(2), unpriced])}
          />
          <MoreMachines shown={machines.length} all={allMachines} />
        </div>
      )}
    </ViewFrame>
  )
}
