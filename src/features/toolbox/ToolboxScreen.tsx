'use client'

import { useState } from 'react'
import { TOOL_KINDS, TOOL_WORDS } from '@/core/procedure'
import { readFigure } from '@/core/quantity'
import { Frame } from '@/features/shell'
import type { Toolbox } from '@/contract/plan'
import { call, wordsOf } from '@/ui/call'
import { SelectField } from '@/ui/SelectField'

const SIZES = ['from', 'to', 'insideMm', 'outsideMm', 'depthMm'] as const
const SIZE_WORDS: Record<(typeof SIZES)[number], string> = {
  from: 'from',
  to: 'to',
  insideMm: 'inside',
  outsideMm: 'outside',
  depthMm: 'deep or long',
}

type Row = { kind: (typeof TOOL_KINDS)[number]; words: string } & Record<(typeof SIZES)[number], string>

const BLANK: Row = { kind: 'sleeve', words: '', from: '', to: '', insideMm: '', outsideMm: '', depthMm: '' }
const COLUMNS = 'grid grid-cols-[190px_minmax(240px,1fr)_repeat(5,78px)_44px] gap-1.5'
const text = (n: number | undefined): string => (n === undefined ? '' : String(n))
const size = (typed: string) => (typed.trim() === '' ? undefined : readFigure(typed, 'length'))

/** The shop's own tools with their sizes: plans pick from them. */
export function ToolboxScreen({ initial }: { initial: Toolbox }) {
  const [rows, setRows] = useState<readonly Row[]>(
    initial.tools.map((tool) => ({
      ...BLANK,
      kind: tool.kind,
      words: tool.words,
      ...Object.fromEntries(SIZES.map((name) => [name, text(tool[name])])),
    })),
  )
  const [state, setState] = useState('')
  const [trouble, setTrouble] = useState('')
  const set = (i: number, next: Partial<Row>) => {
    setState('not saved yet')
    const all = [...rows]
    all[i] = { ...(rows[i] ?? BLANK), ...next }
    setRows(all)
  }
  return (
    <Frame about={<b className="font-semibold text-ink">Toolbox</b>} state={state}>
      <form
        className="mx-auto flex h-full max-w-[1120px] flex-col px-6 py-4"
        onSubmit={(e) => {
          e.preventDefault()
          const tools = rows
            .filter((r) => r.words.trim() !== '')
            .map((row) => ({
              kind: row.kind,
              words: row.words,
              ...Object.fromEntries(
                SIZES.flatMap((name) => (size(row[name]) === undefined ? [] : [[name, size(row[name])]])),
              ),
            }))
          call('PUT /api/toolbox', { body: { tools } })
            .then(() => {
              setTrouble('')
              setState('saved')
            })
            .catch((error: unknown) => setTrouble(wordsOf(error)))
        }}
      >
        <div className="mb-2 flex items-center justify-between">
          <h1 className="text-[1.3125rem] font-bold">Our tools</h1>
          <button type="submit" className="button" data-primary>
            Save
          </button>
        </div>
        <p className="mb-2 text-ink2">
          Plans pick from these by size and say what is missing. Sizes are millimetres unless their unit
          stands behind them, such as 3/4 in. One size: write it on both sides; a press: its force in kN under
          “to”. Sleeves, sockets and rings that are measured inside, outside and deep are picked by what they
          drive or receive, a drift by how thick it is outside and how long.
        </p>
        {trouble && (
          <p role="alert" className="mb-2 text-contra">
            {trouble}
          </p>
        )}
        <div className="min-h-0 flex-1 overflow-auto">
          <div className={`${COLUMNS} text-caption text-ink3`}>
            <span>Kind</span>
            <span>What it is called here</span>
            {SIZES.map((name) => (
              <span key={name}>{SIZE_WORDS[name]}, mm</span>
            ))}
            <span />
          </div>
          {[...rows, BLANK].slice(0, 300).map((row, i) => (
            <div key={i} className={`mt-1 ${COLUMNS}`}>
              <SelectField
                label={`Kind of tool ${i + 1}`}
                value={row.kind}
                options={TOOL_KINDS.map((kind) => [kind, TOOL_WORDS[kind]] as const)}
                onPick={(kind) => set(i, { kind })}
              />
              <input
                className="field"
                aria-label={`Tool ${i + 1}`}
                placeholder="another tool"
                maxLength={60}
                value={row.words}
                onChange={(e) => set(i, { words: e.target.value })}
              />
              {SIZES.map((name) => (
                <input
                  key={name}
                  className="field number"
                  aria-label={`Tool ${i + 1}, ${SIZE_WORDS[name]}`}
                  maxLength={12}
                  value={row[name]}
                  onChange={(e) => set(i, { [name]: e.target.value })}
                />
              ))}
              {i < rows.length ? (
                <button
                  type="button"
                  className="button px-0"
                  aria-label={`Take tool ${i + 1} away`}
                  onClick={() => {
                    setRows(rows.filter((_, at) => at !== i))
                    setState('not saved yet')
                  }}
                >
                  ×
                </button>
              ) : (
                <span />
              )}
            </div>
          ))}
        </div>
      </form>
    </Frame>
  )
}
