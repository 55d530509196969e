'use client'

import Papa from 'papaparse'
import { Frame } from '@/features/shell'
import { saveText } from '@/ui/saveText'
import { useTray, type ResultRow } from './useTray'

/** Rows shown; the file holds them all. */
const SHOWN = 300

const EXAMPLE = `ref,stamp,bore,outside,width,unit,condition,element
carousel roller,6205-2RS,25,52,15,mm,used,ball
coach 2 outer,LM119?0,0.74,1.78,,in,worn,taperedRoller
turnstile 3,,12,18,4,mm,used,ball
`

function percent(text: string | undefined): string {
  if (!text) return ''
  const share = Number(text)
  return share > 0.995 ? '>99 %' : share < 0.005 ? '<1 %' : `${Math.round(share * 100)} %`
}

function Row({ row }: { row: ResultRow }) {
  const unlistedLeads = Number(row['unlisted']) > Number(row['probability'])
  if (row['problem'])
    return (
      <tr className="border-t border-line2 bg-wash">
        <td className="px-2 py-2">{row['ref']}</td>
        <td colSpan={5} className="px-2 text-lamp-ink">
          {row['problem']}
        </td>
      </tr>
    )
  return (
    <tr className="h-10 border-t border-line2">
      <td className="px-2">{row['ref']}</td>
      <td className="px-2">
        {unlistedLeads ? (
          <span className="font-semibold">not listed</span>
        ) : (
          <span className="number font-medium">{row['designation']}</span>
        )}
      </td>
      <td className="number px-2 text-right">
        {percent(unlistedLeads ? row['unlisted'] : row['probability'])}
      </td>
      <td className="number px-2 text-ink2">{unlistedLeads ? row['base'] : row['second']}</td>
      <td className="number px-2 text-right text-ink2">
        {percent(unlistedLeads ? row['probability'] : row['secondProbability'])}
      </td>
      <td className="px-2 text-ink2">{row['next']}</td>
    </tr>
  )
}

/** A tray of measured unknowns: CSV in, CSV out. */
export function TrayScreen() {
  const { state, rows, columns, name, start, stop } = useTray()
  const problems = rows.filter((row) => row['problem']).length
  return (
    <Frame
      about={<b className="font-semibold text-ink">Batch tray</b>}
      state={rows.length > 0 ? `${rows.length} rows, ${problems} with a problem` : undefined}
    >
      <div className="mx-auto flex h-full max-w-[1120px] flex-col px-6 py-4">
        <div className="flex items-center gap-2">
          <h1 className="mr-auto text-[1.3125rem] font-bold">Batch identification</h1>
          <button
            type="button"
            className="button"
            onClick={() => saveText('tray-example.csv', 'text/csv', EXAMPLE)}
          >
            Example file
          </button>
          {state.kind === 'running' ? (
            <button type="button" className="button" onClick={stop}>
              Stop
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
                Save the answers
              </button>
            )
          )}
          <label className="button cursor-pointer" data-primary>
            Choose a CSV file
            <input
              type="file"
              accept=".csv,text/csv"
              className="sr-only"
              onChange={(e) => {
                const file = e.target.files?.[0]
                e.target.value = ''
                if (file) void start(file)
              }}
            />
          </label>
        </div>
        <p className="mt-1 mb-3 max-w-[80ch] text-ink2">
          One part a row. The first line names the columns:{' '}
          <span className="number text-[0.875rem]">
            ref, stamp, bore, outside, width, coneWidth, cupWidth, totalWidth, unit, instrument, condition,
            element, closures, piece
          </span>
          . Leave empty what is not known.
        </p>
        <div aria-live="polite">
          {state.kind === 'running' && (
            <div className="mb-3">
              <p className="mb-1 text-ink2">
                {state.done} of {state.all} rows
              </p>
              <progress
                className="h-2 w-full accent-[var(--lamp)]"
                value={state.done}
                max={state.all}
                aria-label="Rows identified"
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
              {state.stopped ? 'Stopped. ' : ''}
              {rows.length} rows identified{problems > 0 ? `, ${problems} with a problem` : ''}
              {rows.length > SHOWN ? `; the first ${SHOWN} are shown, the file holds all` : ''}.
            </p>
          )}
        </div>
        {rows.length > 0 && (
          <div
            role="region"
            aria-label="Answers"
            tabIndex={0}
            className="min-h-0 flex-1 overflow-auto rounded-lg border border-line bg-sheet"
          >
            <table className="w-full text-[0.90625rem]">
              <thead className="caption sticky top-0 bg-sheet text-left">
                <tr>
                  <th className="px-2 py-2 font-semibold">Ref</th>
                  <th className="px-2 font-semibold">Part</th>
                  <th className="px-2 text-right font-semibold">Probability</th>
                  <th className="px-2 font-semibold">Second candidate</th>
                  <th className="px-2 text-right font-semibold">Probability</th>
                  <th className="px-2 font-semibold">Measure next</th>
                </tr>
              </thead>
              <tbody>
                {rows.slice(0, SHOWN).map((row, i) => (
                  <Row key={i} row={row} />
                ))}
              </tbody>
            </table>
          </div>
        )}
      </div>
    </Frame>
  )
}
