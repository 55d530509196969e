'use client'

import { useAnswer } from '@/ui/useAnswer'
import { CountChart } from './CountChart'
import { FigureTable, MoreMachines, ViewFrame } from './ViewFrame'

/** Bars of a chart; the table has them all. */
const BARS = 8

/** What fails most, where, when, and what it points to. */
export function FailuresView({ query }: { query: string }) {
  const answer = useAnswer('GET /api/logbook/failures', { query: new URLSearchParams(query) })
  return (
    <ViewFrame
      answer={answer}
      isEmpty={({ findings, machines }) => findings.length + machines.length === 0}
      empty="No job in this time. Choose a longer one, or every machine."
    >
      {({ findings, causes, machines, all, months }) => (
        <div className="grid grid-cols-1 gap-x-8 gap-y-6 lg:grid-cols-2">
          <section>
            <h2 className="text-[1.0625rem] font-bold">What was found</h2>
            <CountChart label="Findings by kind" counts={findings.slice(0, BARS)} unit="findings" />
            <FigureTable
              caption="Findings of Inspect"
              columns={['Finding', 'Found', 'Jobs']}
              rows={findings.map(({ label, count, jobs }) => [label, count, jobs])}
            />
          </section>
          <section>
            <h2 className="text-[1.0625rem] font-bold">What it points to</h2>
            <CountChart label="Likely causes" counts={causes.slice(0, BARS)} unit="findings" />
            <p className="mb-2 text-[0.875rem] text-ink2">
              Each finding is shared out over its possible causes by their weight: an indication, not a
              diagnosis.
            </p>
            <FigureTable
              caption="Likely causes"
              columns={['Cause', 'Findings']}
              rows={causes.map(({ label, count }) => [label, count.toFixed(1)])}
            />
          </section>
          <section>
            <h2 className="text-[1.0625rem] font-bold">Jobs by month</h2>
            <CountChart
              label="Jobs by month"
              counts={months.map(({ month, jobs }) => ({ label: month, count: jobs }))}
              unit="jobs"
              upright
            />
          </section>
          <section>
            <h2 className="mb-1 text-[1.0625rem] font-bold">Where</h2>
            <FigureTable
              caption="Jobs by machine"
              columns={['Machine', 'Jobs', 'Came back']}
              rows={machines.map(({ label, jobs, cameBack }) => [label, jobs, cameBack])}
            />
            <MoreMachines shown={machines.length} all={all.machines} />
          </section>
        </div>
      )}
    </ViewFrame>
  )
}
