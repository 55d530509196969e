'use client'

import { withNamesOfToday } from '@/core/olderNames'
import { useState } from 'react'
import { useWatch, type Path } from 'react-hook-form'
import { ROLES, SLOT_ROLES, type ArrangementFile } from '@/core/kit'
import { Frame } from '@/features/shell'
import type { ArrangementChoice } from '@/contract/kit'
import * as texts from '@/texts/arrangements'
import * as common from '@/texts/common'
import { call, errorMessage } from '@/ui/call'
import { FileButton } from '@/ui/FileButton'
import { FormField } from '@/ui/form/FormField'
import { FormMessage } from '@/ui/form/FormMessage'
import { SaveButtons } from '@/ui/form/SaveButtons'
import { useSentForm } from '@/ui/form/useSentForm'
import { notifyDone } from '@/ui/notify'
import { saveText } from '@/ui/saveText'
import { SelectField } from '@/ui/SelectField'
import { ArrangementFigure } from './ArrangementFigure'
import { withNames } from './withNames'
import { SlotRows } from './SlotRows'

const emptyFile = (): ArrangementFile => ({
  code: '',
  title: '',
  position: 'wheel',
  basedOn: 'B1',
  drop: [],
  slots: [],
})

const NEW = emptyFile()

/** Arrangements of the shop's own: another one with places added, changed or taken away. */
export function ArrangementsScreen({ initial }: { initial: ArrangementChoice[] }) {
  const [all, setAll] = useState(initial)
  const [saved, setSaved] = useState('')
  const [error, setError] = useState('')
  const refresh = async (): Promise<void> => setAll((await call('GET /api/arrangements')).arrangements)
  const { submit, form, message, isDirty, discard, ...fields } = useSentForm<ArrangementFile>({
    blank: NEW,
    storageKey: 'arrangement',
    opened: (over) => initial.find((a) => a.own && a.code === over.code)?.file ?? over,
    readCurrent: (current: ArrangementFile) => current,
    send: async (typed, over) => {
      const named = withNames(typed, slotsOf(typed.basedOn))
      form.setValue('slots', named.slots)
      // Under another code it is another arrangement.
      const body = { ...named, over: over.code === named.code ? over : null }
      const stands = await call('PUT /api/arrangements', { body })
      await refresh()
      setSaved(texts.saved(typed.code))
      return stands
    },
  })
  const file = useWatch({ control: form.control }) as ArrangementFile
  const base = all.find((a) => a.code === file.basedOn)
  const slotsOf = (code: string | undefined): string[] =>
    all.find((a) => a.code === code)?.slots.map(({ id }) => id) ?? []
  const change = (part: Partial<ArrangementFile>): void => {
    for (const [name, value] of Object.entries(part))
      form.setValue(name as keyof ArrangementFile, value, { shouldDirty: true })
  }
  /** Another one is worked on; what was not saved can be taken up again. */
  const open = (next: ArrangementFile): void => {
    const was = form.getValues()
    setError('')
    form.reset(next)
    if (isDirty)
      void notifyDone(texts.changesOfNotSaved(was.code || texts.theNewArrangement), () => {
        form.reset(was, { keepDefaultValues: true })
        return Promise.resolve()
      })
  }
  const run = (work: Promise<unknown>, done: string): void => {
    work
      .then(refresh)
      .then(() => {
        setError('')
        setSaved(done)
      })
      .catch((thrown: unknown) => setError(errorMessage(thrown)))
  }
  const readIn = (chosen: File): void => {
    chosen
      .text()
      .then((text) =>
        call('PUT /api/arrangements', { body: withNamesOfToday(JSON.parse(text)) as ArrangementFile }),
      )
      .then((read) => {
        open(read)
        return refresh()
      })
      .catch((thrown: unknown) =>
        setError(thrown instanceof SyntaxError ? texts.thisIsNoJson : errorMessage(thrown)),
      )
  }
  const under = base?.slots ?? []
  return (
    <Frame
      about={<b className="font-semibold text-ink">{common.arrangements}</b>}
      state={isDirty ? common.notSavedYetKept : saved}
    >
      <div className="panes [--panes:320px_minmax(0,1fr)]">
        <nav aria-label={common.arrangements} className="flex min-h-0 flex-col border-r border-line">
          <button type="button" className="button m-4 mb-2" onClick={() => open(emptyFile())}>
            {texts.newArrangement}
          </button>
          <div className="min-h-0 flex-1 overflow-auto">
            {all.map((a) => (
              <button
                key={a.code}
                type="button"
                aria-current={a.own && a.code === file.code ? 'true' : undefined}
                onClick={() =>
                  open(a.own ? a.file : { ...emptyFile(), basedOn: a.code, position: a.position })
                }
                className={`block min-h-12 w-full px-4 py-1.5 text-left ${a.own && a.code === file.code ? 'bg-sheet font-bold' : ''}`}
              >
                <span className="block leading-tight">
                  <span className="number">{a.code}</span> {a.title}
                </span>
                <span className="block text-caption font-normal text-ink3">
                  {a.error || texts.places(a.own ? common.own : texts.ships, a.places.length)}
                </span>
              </button>
            ))}
          </div>
        </nav>
        <form
          className="min-h-0 overflow-auto px-6 py-4"
          onSubmit={(e) => {
            setError('')
            void submit(e)
          }}
        >
          <h1 className="text-[1.3125rem] font-bold">
            {file.code ? texts.arrangementOfCode(file.code) : texts.anArrangementOfYourOwn}
          </h1>
          <p className="mb-3 max-w-[70ch] text-ink2">{texts.startFromOneThat}</p>
          <FormMessage message={error || message} />
          <div className="fields mb-3 [--field-width:12rem] lg:grid-cols-[130px_minmax(0,1fr)_150px_150px]">
            <FormField
              of={fields}
              name="code"
              label={texts.code}
              className="number"
              placeholder={texts.exampleCode}
              maxLength={12}
            />
            <FormField
              of={fields}
              name="title"
              label={texts.whatItIs}
              placeholder={texts.carouselRollerWithShim}
              maxLength={120}
            />
            <FormField of={fields} name="position" label={texts.onePositionIsA} maxLength={40} />
            <SelectField
              caption
              label={texts.basedOn}
              value={file.basedOn ?? ''}
              options={[
                ['', texts.nothing],
                ...all.filter((a) => a.code !== file.code).map(({ code }) => [code, code] as const),
              ]}
              onPick={(code) => change({ basedOn: code || undefined, drop: [] })}
            />
          </div>
          <ArrangementFigure file={file} others={all.map((a) => a.file)} />
          {base && (
            <fieldset className="mb-3">
              <legend className="caption mb-1">{texts.placesOfCrossedOut(base.code)}</legend>
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
                      {slot.label}
                    </button>
                  )
                })}
              </div>
            </fieldset>
          )}
          <SlotRows
            slots={file.slots}
            base={under.filter((s) => !file.drop.includes(s.id))}
            errorOf={(index, field) => fields.errorOf(`slots.${index}.${field}` as Path<ArrangementFile>)}
            onChange={(slots) => change({ slots })}
          />
          <SaveButtons isDirty={isDirty} discard={discard} className="mt-4">
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
              {texts.json}
            </button>
            <FileButton accept=".json,application/json" onFile={readIn}>
              {common.importIt}
            </FileButton>
            {all.some((a) => a.own && a.code === file.code) && (
              <button
                type="button"
                className="button ml-auto"
                onClick={() =>
                  run(
                    call('DELETE /api/arrangements/{code}', { path: { code: file.code } }).then(() =>
                      notifyDone(texts.removed(file.code), () =>
                        call('POST /api/bin/{kind}/{key}', {
                          path: { kind: 'arrangement', key: file.code },
                        }).then(() => run(Promise.resolve(), texts.isBack(file.code))),
                      ),
                    ),
                    texts.removed(file.code),
                  )
                }
              >
                {texts.remove}
              </button>
            )}
          </SaveButtons>
          <p className="mt-4 text-caption text-ink3">
            {texts.kindsOfPlace(SLOT_ROLES.map((r) => ROLES[r].label).join(', '))}
          </p>
        </form>
      </div>
    </Frame>
  )
}
