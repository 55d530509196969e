'use client'

import { useState } from 'react'
import { ROLES, SLOT_ROLES, type ArrangementFile } from '@/core/kit'
import { Frame } from '@/features/shell'
import type { ArrangementChoice } from '@/contract/kit'
import { call, wordsOf } from '@/ui/call'
import { notifyDone } from '@/ui/notify'
import { saveText } from '@/ui/saveText'
import { SelectField } from '@/ui/SelectField'
import { ArrangementFigure } from './ArrangementFigure'
import { PlaceRows } from './PlaceRows'

const emptyFile = (): ArrangementFile => ({
  code: '',
  words: '',
  position: 'wheel',
  basedOn: 'B1',
  drop: [],
  slots: [],
})

/** Arrangements of the shop's own: another one with places added, changed or taken away. */
export function ArrangementsScreen({ initial }: { initial: ArrangementChoice[] }) {
  const [all, setAll] = useState(initial)
  const [file, setFile] = useState<ArrangementFile>(emptyFile)
  const [words, setWords] = useState('')
  const [saved, setSaved] = useState('')
  const base = all.find((a) => a.code === file.basedOn)
  const change = (part: Partial<ArrangementFile>): void => {
    setSaved('')
    setFile({ ...file, ...part })
  }
  const refresh = async (): Promise<void> => setAll((await call('GET /api/arrangements')).arrangements)
  const run = (work: Promise<unknown>, done: string): void => {
    work
      .then(refresh)
      .then(() => {
        setWords('')
        setSaved(done)
      })
      .catch((error: unknown) => setWords(wordsOf(error)))
  }
  const readIn = (chosen: File): void => {
    chosen
      .text()
      .then((text) => call('PUT /api/arrangements', { body: JSON.parse(text) }))
      .then((read) => {
        setFile(read)
        return refresh()
      })
      .catch((error: unknown) =>
        setWords(
          error instanceof SyntaxError ? 'This is no JSON. Choose a file saved here.' : wordsOf(error),
        ),
      )
  }
  const under = base?.slots ?? []
  return (
    <Frame about={<b className="font-semibold text-ink">Arrangements</b>} state={saved}>
      <div className="panes [--panes:320px_minmax(0,1fr)]">
        <nav aria-label="Arrangements" className="flex min-h-0 flex-col border-r border-line">
          <button
            type="button"
            className="button m-4 mb-2"
            onClick={() => {
              setFile(emptyFile())
              setWords('')
            }}
          >
            New arrangement
          </button>
          <div className="min-h-0 flex-1 overflow-auto">
            {all.map((a) => (
              <button
                key={a.code}
                type="button"
                aria-current={a.own && a.code === file.code ? 'true' : undefined}
                onClick={() => {
                  setWords('')
                  setFile(a.own ? a.file : { ...emptyFile(), basedOn: a.code, position: a.position })
                }}
                className={`block min-h-12 w-full px-4 py-1.5 text-left ${a.own && a.code === file.code ? 'bg-sheet font-bold' : ''}`}
              >
                <span className="block leading-tight">
                  <span className="number">{a.code}</span> {a.words}
                </span>
                <span className="block text-caption font-normal text-ink3">
                  {a.trouble || `${a.own ? 'own' : 'ships'}, ${a.places.length} places`}
                </span>
              </button>
            ))}
          </div>
        </nav>
        <form
          className="min-h-0 overflow-auto px-6 py-4"
          onSubmit={(e) => {
            e.preventDefault()
            run(call('PUT /api/arrangements', { body: file }), `${file.code} saved`)
          }}
        >
          <h1 className="text-[1.3125rem] font-bold">
            {file.code ? `Arrangement ${file.code}` : 'An arrangement of your own'}
          </h1>
          <p className="mb-3 max-w-[70ch] text-ink2">
            Start from one that is nearly right; add what this machine has more, and take away what it has
            not. The same checks hold for it.
          </p>
          {words && (
            <p role="alert" className="mb-3 rounded-lg border border-contra px-3 py-2 text-contra">
              {words}
            </p>
          )}
          <div className="fields mb-3 [--field-width:12rem] lg:grid-cols-[130px_minmax(0,1fr)_150px_150px]">
            <label>
              <span className="caption block">Code</span>
              <input
                className="field number"
                placeholder="roller-3"
                maxLength={12}
                value={file.code}
                onChange={(e) => change({ code: e.target.value })}
              />
            </label>
            <label>
              <span className="caption block">What it is</span>
              <input
                className="field"
                placeholder="Carousel roller with shim"
                maxLength={120}
                value={file.words}
                onChange={(e) => change({ words: e.target.value })}
              />
            </label>
            <label>
              <span className="caption block">One position is a</span>
              <input
                className="field"
                maxLength={40}
                value={file.position}
                onChange={(e) => change({ position: e.target.value })}
              />
            </label>
            <SelectField
              caption
              label="Based on"
              value={file.basedOn ?? ''}
              options={[
                ['', 'nothing'],
                ...all.filter((a) => a.code !== file.code).map(({ code }) => [code, code] as const),
              ]}
              onPick={(code) => change({ basedOn: code || undefined, drop: [] })}
            />
          </div>
          <ArrangementFigure file={file} others={all.map((a) => a.file)} />
          {base && (
            <fieldset className="mb-3">
              <legend className="caption mb-1">Places of {base.code}; crossed-out items are omitted</legend>
              <div className="flex flex-wrap gap-1.5">
                {under.map((slot) => {
                  const dropped = file.drop.includes(slot.id)
                  return (
                    <button
                      key={slot.id}
                      type="button"
                      className={`chip px-2.5 ${dropped ? 'line-through opacity-70' : ''}`}
                      aria-pressed={dropped}
                      onClick={() =>
                        change({
                          drop: dropped ? file.drop.filter((d) => d !== slot.id) : [...file.drop, slot.id],
                        })
                      }
                    >
                      {slot.words}
                    </button>
                  )
                })}
              </div>
            </fieldset>
          )}
          <PlaceRows
            slots={file.slots}
            after={[...under.filter((s) => !file.drop.includes(s.id)), ...file.slots]}
            onChange={(slots) => change({ slots })}
          />
          <div className="mt-4 flex gap-2">
            <button type="submit" className="button" data-primary>
              Save
            </button>
            <button
              type="button"
              className="button"
              onClick={() =>
                saveText(
                  `arrangement-${file.code || 'new'}.json`,
                  'application/json',
                  JSON.stringify(file, null, 2),
                )
              }
            >
              JSON
            </button>
            <label className="button cursor-pointer">
              Import
              <input
                type="file"
                accept=".json,application/json"
                className="sr-only"
                onChange={(e) => {
                  const chosen = e.target.files?.[0]
                  e.target.value = ''
                  if (chosen) readIn(chosen)
                }}
              />
            </label>
            {all.some((a) => a.own && a.code === file.code) && (
              <button
                type="button"
                className="button ml-auto"
                onClick={() =>
                  run(
                    call('DELETE /api/arrangements/{code}', { path: { code: file.code } }).then(() =>
                      notifyDone(`${file.code} removed`, () =>
                        call('POST /api/bin/{kind}/{key}', {
                          path: { kind: 'arrangement', key: file.code },
                        }).then(() => run(Promise.resolve(), `${file.code} is back`)),
                      ),
                    ),
                    `${file.code} removed`,
                  )
                }
              >
                Remove
              </button>
            )}
          </div>
          <p className="mt-4 text-caption text-ink3">
            Kinds of place: {SLOT_ROLES.map((r) => ROLES[r].label).join(', ')}.
          </p>
        </form>
      </div>
    </Frame>
  )
}
