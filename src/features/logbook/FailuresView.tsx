'use client'

import * as common from '@/texts/common'
import * as texts from '@/texts/logbook'
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
      empty={texts.noJobInThis}
    >
      {({ findings, causes, machines, all, months }) => (
        <div className="grid grid-cols-1 gap-x-8 gap-y-6 lg:grid-cols-2">
          <section>
            <h2 className="text-[1.0625rem] font-bold">{texts.whatWasFound}</h2>
            <CountChart label={texts.findingsByKind} counts={findings.slice(0, BARS)} unit={texts.findings} />
            <FigureTable
              caption={texts.findingsOfInspect}
              columns={[texts.finding, texts.found, common.jobs]}
              rows={findings.map(({ label, count, jobs }) => [label, count, jobs])}
            />
          </section>
          <section>
            <h2 className="text-[1.0625rem] font-bold">{texts.whatItPointsTo}</h2>
            <CountChart label={texts.likelyCauses} counts={causes.slice(0, BARS)} unit={texts.findings} />
            <p className="mb-2 text-[0.875rem] text-ink2">{texts.eachFindingIsShared}</p>
            <FigureTable
              caption={texts.likelyCauses}
              columns={[texts.cause, texts.findingsUpper]}
              rows={causes.map(({ label, count }) => [label, count.toFixed(1)])}
            />
          </section>
          <section>
            <h2 className="text-[1.0625rem] font-bold">{texts.jobsByMonth}</h2>
            <CountChart
              label={texts.jobsByMonth}
              counts={months.map(({ month, jobs }) => ({ label: month, count: jobs }))}
              unit={texts.jobs}
              upright
            />
          </section>
          <section>
            <h2 className="mb-1 text-[1.0625rem] font-bold">{texts.where}</h2>
            <FigureTable
              caption={texts.jobsByMachine}
              columns={[common.machine, common.jobs, texts.cameBackHead]}
              rows={machines.map(({ label, jobs, cameBack }) => [label, jobs, cameBack])}
            />
            <MoreMachines shown={machines.length} all={all.machines} />
          </section>
        </div>
      )}
    </ViewFrame>
  )
}
