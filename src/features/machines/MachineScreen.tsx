'use client'

import type { Route } from 'next'
import { typedAmount } from '@/core/quantity'
import * as common from '@/texts/common'
import * as texts from '@/texts/machines'
import { Link } from '@/ui/Link'
import { useRouter } from 'next/navigation'
import { useState, type FormEvent } from 'react'
import { Frame } from '@/features/shell'
import type { MachineChange, MachineDetail } from '@/contract/machine'
import { ChangeList } from '@/ui/ChangeList'
import { call, urlOf, errorMessage } from '@/ui/call'
import { Field } from '@/ui/Field'
import { MachineDrawing } from './MachineDrawing'
import { MachineField } from './MachineField'
import { EditPosition } from './EditPosition'
import { Found, PositionParts } from './PositionParts'

/** One machine: its name, its positions, what each carries now and carried before. */
export function MachineScreen({ initial }: { initial: MachineDetail }) {
  const router = useRouter()
  const [machine, setMachine] = useState(initial)
  const [draft, setDraft] = useState({ name: initial.name, place: initial.place, note: initial.note })
  const [position, setPosition] = useState({ name: '', side: '', arrangement: '', fitted: '', quantity: '1' })
  const [error, setError] = useState('')
  const [saved, setSaved] = useState('')
  const [merging, setMerging] = useState(false)
  const put = (change: MachineChange, then: () => void): void => {
    call('PATCH /api/machines/{id}', { path: { id: machine.id }, body: change })
      .then((stored) => {
        setMachine(stored)
        setError('')
        setSaved(texts.saved)
        then()
      })
      .catch((thrown: unknown) => setError(errorMessage(thrown)))
  }
  const addPosition = (event: FormEvent) => {
    event.preventDefault()
    const { name, side, arrangement, fitted, quantity } = position
    put(
      {
        positions: [
          {
            name,
            side,
            fitted,
            quantity: typedAmount(quantity),
            ...(arrangement.trim() && { arrangement: arrangement.trim() }),
          },
        ],
      },
      () => setPosition({ name: '', side: '', arrangement: '', fitted: '', quantity: '1' }),
    )
  }
  const field = (name: keyof typeof position, label: string, placeholder = '') => (
    <Field
      text={name !== 'fitted'}
      label={label}
      value={position[name]}
      placeholder={placeholder}
      maxLength={120}
      onChange={(value) => setPosition({ ...position, [name]: value })}
    />
  )
  return (
    <Frame about={<h1 className="font-semibold text-ink">{machine.name}</h1>} state={saved}>
      <div role="region" aria-label={common.machine} tabIndex={0} className="h-full overflow-auto">
        <div className="mx-auto max-w-[1000px] px-6 py-4">
          <p>
            <Link
              href={'/machines' as Route}
              className="inline-flex min-h-10 items-center underline underline-offset-4"
            >
              {texts.machineRegister}
            </Link>
          </p>
          <form
            className="fields mb-4 [--field-width:11rem] sm:grid-cols-[minmax(0,1fr)_minmax(0,1fr)_auto]"
            onSubmit={(e) => {
              e.preventDefault()
              put(draft, () => undefined)
            }}
          >
            <Field
              text
              label={common.machine}
              value={draft.name}
              maxLength={120}
              onChange={(name) => setDraft({ ...draft, name })}
            />
            <Field
              text
              label={texts.whereItStands}
              value={draft.place}
              maxLength={120}
              onChange={(place) => setDraft({ ...draft, place })}
            />
            <span className="flex gap-2">
              <button type="submit" className="button" data-primary>
                {common.save}
              </button>
              <a
                className="button"
                href={urlOf('GET /api/machines/{id}/labels.pdf', { path: { id: machine.id } })}
                target="_blank"
                rel="noreferrer"
              >
                {common.labels}
              </a>
            </span>
            <label className="col-span-full">
              <span className="caption block">{common.note}</span>
              <textarea
                className="field min-h-[60px]"
                maxLength={2000}
                value={draft.note}
                onChange={(e) => setDraft({ ...draft, note: e.target.value })}
              />
            </label>
          </form>
          {error && (
            <p role="alert" className="mb-3 rounded-lg border border-contra px-3 py-2 text-contra">
              {error}
            </p>
          )}
          <MachineDrawing positions={machine.positions} />
          {machine.positions.map((p) => (
            <section
              key={p.id}
              id={`position-${p.id}`}
              className="mb-3 scroll-mt-4 rounded-lg target:border-ink border border-line bg-sheet px-5 py-3"
            >
              <h2 className="text-[1rem] font-bold">
                {p.name}
                {p.side && `, ${p.side}`}{' '}
                <span className="font-normal text-ink2">
                  {p.arrangement && `· ${p.arrangement} `}
                  {texts.countAlike(p.quantity)}
                  {p.since && texts.since(p.since)}
                </span>
              </h2>
              {p.parts.length === 0 && (
                <p className="text-ink2">
                  {p.fitted ? <span className="number">{p.fitted}</span> : texts.nothingRecordedYet}{' '}
                  {texts.closingAJobAt}
                </p>
              )}
              <PositionParts parts={p.parts} label={texts.inItNow} />
              <PositionParts parts={p.history} label={texts.before} />
              <Found found={p.found} />
              <EditPosition position={p} onSave={(change) => put(change, () => undefined)} />
            </section>
          ))}
          {machine.similar.length > 0 && (
            <section aria-label={texts.machinesLikeThisOne} className="mb-3 px-5">
              <h2 className="caption mb-1">{texts.machinesWithTheSameParts}</h2>
              <ul className="text-[0.90625rem]">
                {machine.similar.map(({ id, name, place, shared }) => (
                  <li key={id} className="border-t border-line2 py-1">
                    <Link
                      href={`/machines/${id}` as Route}
                      className="inline-flex min-h-8 items-center font-semibold underline underline-offset-4"
                    >
                      {name}
                    </Link>
                    {place && <span className="text-ink2"> · {place}</span>}{' '}
                    <span className="number text-ink2">{shared.join(', ')}</span>
                  </li>
                ))}
              </ul>
            </section>
          )}
          <form className="rounded-lg border border-line px-5 py-3" onSubmit={addPosition}>
            <h2 className="mb-2 text-[1rem] font-bold">{texts.addAPosition}</h2>
            <div className="fields lg:grid-cols-[minmax(0,1.4fr)_1fr_1fr_minmax(0,1.4fr)_80px_auto]">
              {field('name', texts.position, texts.rearAxle)}
              {field('side', texts.side, 'left')}
              {field('arrangement', texts.arrangement, 'A1')}
              {field('fitted', texts.inItNow, '6003-2RS')}
              {field('quantity', texts.alike)}
              <button type="submit" className="button" disabled={position.name.trim() === ''}>
                {common.add}
              </button>
            </div>
          </form>
          <ChangeList of={{ kind: 'machines', id: machine.id }} stamp={JSON.stringify(machine)} />
          <div className="mt-4">
            {merging ? (
              <div className="max-w-[520px] rounded-lg border border-line px-5 py-3">
                <p className="mb-2">{texts.whichMachineIsThis}</p>
                <MachineField
                  machine={null}
                  onChoose={(into) => {
                    if (!into) return
                    call('POST /api/machines/{id}/merge', {
                      path: { id: machine.id },
                      body: { into: into.id },
                    })
                      .then(({ id }) => router.push(`/machines/${id}` as Route))
                      .catch((thrown: unknown) => setError(errorMessage(thrown)))
                  }}
                />
              </div>
            ) : (
              <button type="button" className="chip" onClick={() => setMerging(true)}>
                {texts.itIsInThe}
              </button>
            )}
          </div>
        </div>
      </div>
    </Frame>
  )
}
