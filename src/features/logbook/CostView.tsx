'use client'

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
      empty="No closed job with a kit in this time."
    >
      {({ machines, allMachines, currency }) => (
        <div className="grid grid-cols-1 gap-6">
          <CountChart
            label="Cost of parts by machine"
            counts={machines.slice(0, BARS).map(({ label, cost }) => ({ label, count: cost }))}
            unit={`parts, ${currency}`}
          />
          <FigureTable
            caption="Parts of closed jobs, at the prices of their kits"
            columns={['Machine', 'Jobs', `Parts, ${currency}`, 'Lines without a price']}
            rows={machines.map(({ label, jobs, cost, unpriced }) => [label, jobs, cost.toFixed(2), unpriced])}
          />
          <MoreMachines shown={machines.length} all={allMachines} />
        </div>
      )}
    </ViewFrame>
  )
}
