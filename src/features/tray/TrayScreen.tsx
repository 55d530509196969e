'use client'

import Papa from 'papaparse'
import { ITEM_LABELS } from '@/core/identify'
import { Frame } from '@/features/shell'
import * as common from '@/texts/common'
import * as texts from '@/texts/tray'
import { FileButton } from '@/ui/FileButton'
import { saveText } from '@/ui/saveText'
import type { Column } from '@/ui/table/column'
import { DataTable } from '@/ui/table/DataTable'
import { useTray, type ResultRow } from './useTray'

const EXAMPLE = `ref,stamp,bore,outside,width,unit,condition,element
carousel roller,6205-2RS,25,52,15,mm,used,ball
coach 2 outer,LM119?0,0.74,1.78,,in,worn,taperedRoller
turnstile 3,,17,26,5,mm,used,ball
`
/** Columns that are read, under the names they have in a file. */
const NAMES =
  'ref, stamp, bore, outside, width, coneWidth, cupWidth, totalWidth, unit, instrument, condition, element, closures, piece'
const UNIT_NAMES = 'boltSpacing, centreHeight, railSpacing, housingKind'

function percent(text: string | undefined): string {
  if (!text) return ''
  const share = Number(text)
  return share > 0.995 ? '>99 %' : share < 0.005 ? '<1 %' : `${Math.round(share * 100)} %`
}

const leadsUnlisted = (row: ResultRow): boolean => Number(row['unlisted']) > Number(row['probability'])

const COLUMNS: Column<ResultRow>[] = [
  { id: 'ref', head: texts.ref, by: (row) => row['ref'], cell: (row) => row['ref'] },
  {
    id: 'part',
    head: common.part,
    by: (row) => (row['problem'] || leadsUnlisted(row) ? null : row['designation']),
    cell: (row) => {
      if (row['problem']) return <span className="text-lamp-ink">{row['problem']}</span>
      if (leadsUnlisted(row)) return <span className="font-semibold">{texts.notListed}</span>
      return <span className="number font-medium">{row['designation']}</span>
    },
  },
  {
    id: 'probability',
    head: texts.probability,
    by: (row) => Number(row[leadsUnlisted(row) ? 'unlisted' : 'probability']),
    figures: true,
    cell: (row) => percent(row[leadsUnlisted(row) ? 'unlisted' : 'probability']),
  },
  {
    id: 'second',
    head: texts.secondCandidate,
    className: 'number text-ink2',
    cell: (row) => row[leadsUnlisted(row) ? 'base' : 'second'],
  },
  {
    id: 'secondProbability',
    head: texts.probability,
    figures: true,
    className: 'text-ink2',
    cell: (row) => percent(row[leadsUnlisted(row) ? 'probability' : 'secondProbability']),
  },
  {
    id: 'next',
    head: texts.measureNext,
    className: 'text-ink2',
    cell: ({ next = '' }) => ITEM_LABELS[next] ?? next,
  },
]

/** A tray of measured unknowns: CSV in, CSV out. */
export function TrayScreen() {
  const { state, rows, columns, name, start, stop } = useTray()
  const problems = rows.filter((row) => row['problem']).length
  return (
    <Frame
      about={<b className="font-semibold text-ink">{texts.batchTray}</b>}
      state={rows.length > 0 ? texts.rowsWithAProblem(rows.length, problems) : undefined}
    >
      <div className="mx-auto flex h-full max-w-[1120px] flex-col px-6 py-4">
        <div className="flex flex-wrap items-center gap-2">
          <h1 className="mr-auto max-sm:w-full text-[1.3125rem] font-bold">{texts.batchIdentification}</h1>
          <button
            type="button"
            className="button"
            onClick={() => saveText('tray-example.csv', 'text/csv', EXAMPLE)}
          >
            {texts.exampleFile}
          </button>
          {state.kind === 'running' ? (
            <button type="button" className="button" onClick={stop}>
              {texts.stop}
            </button>
          ) : (
            rows.length > 0 && (
              <button
                type="button"
                className="button"
                onClick={() =>
                  saveText(
                    name.replace(/(\.csv)?$/i, '-identified.csv'),
                    'text/csv',
                    Papa.unparse([...rows], { columns: [...columns] }),
                  )
                }
              >
                {texts.saveTheAnswers}
              </button>
            )
          )}
          <FileButton primary accept=".csv,text/csv" onFile={(file) => void start(file)}>
            {texts.chooseACsvFile}
          </FileButton>
        </div>
        <p className="mt-1 mb-3 max-w-[80ch] text-ink2">
          {texts.onePartARow} <span className="number text-[0.875rem]">{NAMES}</span>
          {texts.ofAUnitAlso} <span className="number text-[0.875rem]">{UNIT_NAMES}</span>
          {texts.leaveEmptyWhatIs}
        </p>
        <div aria-live="polite">
          {state.kind === 'running' && (
            <div className="mb-3">
              <p className="mb-1 text-ink2">{texts.ofRows(state.done, state.all)}</p>
              <progress
                className="h-2 w-full accent-[var(--lamp)]"
                value={state.done}
                max={state.all}
                aria-label={texts.rowsIdentified}
              />
            </div>
          )}
          {state.kind === 'refused' && (
            <p role="alert" className="mb-3 rounded-lg border border-contra px-3 py-2 text-contra">
              {state.detail}
            </p>
          )}
          {state.kind === 'done' && (
            <p className="mb-3 text-ink2">
              {texts.rowsIdentifiedSoFar(
                state.stopped ? texts.stopped : '',
                rows.length,
                problems > 0 ? texts.withAProblem(problems) : '',
              )}
            </p>
          )}
        </div>
        {rows.length > 0 && (
          <div className="min-h-0 flex-1 overflow-hidden rounded-lg border border-line bg-sheet">
            <DataTable
              label={texts.answers}
              scrolls
              onSheet
              rows={rows}
              columns={COLUMNS}
              keyOf={(_, index) => index}
              rowHeight={40}
              rowClass={(row) => (row['problem'] ? 'bg-wash' : '')}
            />
          </div>
        )}
      </div>
    </Frame>
  )
}
