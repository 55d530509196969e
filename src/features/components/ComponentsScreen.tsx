'use client'

import { useState, type ReactNode } from 'react'
import { Frame } from '@/features/shell'
import { ApiError } from '@/ui/call'
import { ChipChoice } from '@/ui/ChipChoice'
import { DidYouMean } from '@/ui/DidYouMean'
import { Field } from '@/ui/Field'
import { FormField } from '@/ui/form/FormField'
import { FileButton } from '@/ui/FileButton'
import { FormMessage } from '@/ui/form/FormMessage'
import { SaveButtons } from '@/ui/form/SaveButtons'
import { useSentForm } from '@/ui/form/useSentForm'
import { notifyDone } from '@/ui/notify'
import { SelectField } from '@/ui/SelectField'
import type { Column } from '@/ui/table/column'
import { DataTable } from '@/ui/table/DataTable'
import { VerdictMark } from '@/ui/VerdictMark'

const VERDICTS = ['pass', 'warn', 'fail', 'gap'] as const
const HUBS = [
  ['', 'not said'],
  ['steel', 'steel'],
  ['aluminium', 'aluminium'],
] as const

interface Item {
  number: string
  bin: string
  pieces: number
}
const ITEMS: readonly Item[] = Array.from({ length: 400 }, (_, i) => ({
  number: `62${String(i % 21).padStart(2, '0')}-2RS`,
  bin: i % 7 === 0 ? '' : `${'ABCD'[i % 4]}${(i % 30) + 1}`,
  pieces: (i * 37) % 90,
}))
const COLUMNS: readonly Column<Item>[] = [
  {
    id: 'number',
    head: 'Number',
    by: ({ number }) => number,
    className: 'number',
    cell: ({ number }) => number,
  },
  { id: 'bin', head: 'Bin', by: ({ bin }) => bin || null, cell: ({ bin }) => bin || '–', optional: true },
  { id: 'pieces', head: 'Pieces', by: ({ pieces }) => pieces, figures: true, cell: ({ pieces }) => pieces },
]
const BLANK = { number: '62O5', pieces: '-3' }

function Part({ name, children }: { name: string; children: ReactNode }) {
  return (
    <section aria-label={name} className="border-t border-line py-4">
      <h2 className="mb-2 text-[1.0625rem] font-bold">{name}</h2>
      {children}
    </section>
  )
}

/** A form that is always refused, at a field or below them all. */
function RefusedForm() {
  const { submit, message, isDirty, discard, ...fields } = useSentForm({
    blank: BLANK,
    send: ({ number }) =>
      Promise.reject(
        new ApiError('Nothing was changed.', [], true, [
          { path: [number === '' ? '' : 'pieces'], message: 'A quantity is zero or more.' },
        ]),
      ),
  })
  return (
    <form onSubmit={(e) => void submit(e)} className="grid max-w-[520px] gap-2">
      <FormField of={fields} name="number" label="Number" className="number" maxLength={40} />
      <FormField of={fields} name="pieces" label="Pieces" className="number" maxLength={6} />
      <FormMessage message={message} />
      <SaveButtons isDirty={isDirty} discard={discard} />
    </form>
  )
}

/** Every component of ui with its states: for who works on the program. Not in the menu. */
export function ComponentsScreen() {
  const [hub, setHub] = useState<(typeof HUBS)[number][0]>('')
  const [text, setText] = useState('24.98')
  return (
    <Frame about={<h1 className="font-semibold text-ink">Components</h1>}>
      <div role="region" aria-label="Components" tabIndex={0} className="h-full overflow-auto">
        <div className="mx-auto max-w-[900px] px-4 py-4">
          <Part name="Buttons and chips">
            <div className="flex flex-wrap items-center gap-2">
              <button type="button" className="button" data-primary>
                Main action
              </button>
              <button type="button" className="button">
                Another action
              </button>
              <button type="button" className="button" disabled>
                Not now
              </button>
              <button type="button" className="chip" aria-pressed>
                pressed
              </button>
              <button type="button" className="chip" aria-pressed={false}>
                not pressed
              </button>
              <FileButton accept=".csv" onFile={() => undefined}>
                Choose a file
              </FileButton>
              <span className="tag">tag</span>
              <kbd>Ctrl K</kbd>
            </div>
          </Part>
          <Part name="One of a few, one of a list">
            <div className="grid items-start gap-4 sm:grid-cols-3">
              <ChipChoice label="Hub" value={hub} options={HUBS} onPick={setHub} />
              <SelectField caption label="Hub or housing of" value={hub} options={HUBS} onPick={setHub} />
              <SelectField caption disabled label="Not now" value={hub} options={HUBS} onPick={setHub} />
            </div>
          </Part>
          <Part name="Fields">
            <div className="grid gap-4 sm:grid-cols-2">
              <Field label="Bore" value={text} onChange={setText} />
              <Field text label="Note" value="" placeholder="empty" onChange={() => undefined} />
            </div>
          </Part>
          <Part name="A form with a refusal at its field">
            <RefusedForm />
          </Part>
          <Part name="Verdicts">
            <p className="flex gap-5">
              {VERDICTS.map((verdict) => (
                <span key={verdict}>
                  <VerdictMark verdict={verdict} isSaid /> {verdict}
                </span>
              ))}
            </p>
          </Part>
          <Part name="Messages and suggestions">
            <button
              type="button"
              className="button"
              onClick={() => void notifyDone('Moved to the bin.', () => Promise.resolve())}
            >
              Say what was done
            </button>
            <DidYouMean
              suggestions={[{ designation: '6205', changed: 'O read as 0' }]}
              onPick={() => undefined}
            />
          </Part>
          <Part name="A table of 400 rows, and an empty one">
            <div className="h-[260px] overflow-hidden rounded-lg border border-line bg-sheet">
              <DataTable
                label="Items"
                scrolls
                onSheet
                rows={ITEMS}
                columns={COLUMNS}
                columnsKey="components"
                keyOf={(_, index) => index}
              />
            </div>
            <div className="mt-3">
              <DataTable label="Nothing" rows={[]} columns={COLUMNS} keyOf={({ number }) => number} />
            </div>
          </Part>
        </div>
      </div>
    </Frame>
  )
}
