'use client'

import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { stagePath } from '@/features/job'
import { FigureField, Frame, UnitText } from '@/features/shell'
import { readFigure, type FieldQuantity } from '@/core/quantity'
import type { ConvertResponse } from '@/contract/convert'
import { call, errorMessage } from '@/ui/call'
import { ChipChoice } from '@/ui/ChipChoice'
import { Field } from '@/ui/Field'
import { ReadAs } from '@/ui/ReadAs'
import { ShowExample } from '@/ui/ShowExample'
import type { Column } from '@/ui/table/column'
import { DataTable } from '@/ui/table/DataTable'
import { useAnswer } from '@/ui/useAnswer'
import { useKept } from '@/ui/useKept'
import { useUrlChoice } from '@/ui/urlState'
import { SeatFigure } from './SeatFigure'

type SeatPart = ConvertResponse['seats'][number]['parts'][number]

const partColumns = (chosen: string | null, onChoose: (designation: string) => void): Column<SeatPart>[] => [
  {
    id: 'number',
    head: 'Number',
    className: 'w-[130px] py-1 align-top',
    cell: ({ designation }) => (
      <button
        type="button"
        className="chip number"
        aria-pressed={designation === chosen}
        onClick={() => onChoose(designation)}
      >
        {designation}
      </button>
    ),
  },
  {
    id: 'sizes',
    head: 'Sizes',
    className: 'number w-[180px] py-2 align-top text-[0.84375rem]',
    cell: ({ bore, outside, width }) => <UnitText text={`${bore} × ${outside} × ${width} mm`} />,
  },
  {
    id: 'rating',
    head: 'Rating',
    figures: true,
    className: 'w-[84px] py-2 align-top text-[0.84375rem] text-ink2',
    cell: ({ ratingKn }) => <UnitText text={`${ratingKn.toFixed(1)} kN`} />,
  },
  {
    id: 'remarks',
    head: 'Remarks',
    className: 'py-2 align-top text-ink2',
    cell: ({ sensible, message }) => (
      <>
        {sensible ? '' : <b className="text-contra">Not advised. </b>}
        <UnitText text={message} />
      </>
    ),
  },
]

const KINDS = [
  ['bushToBall', 'bush to ball'],
  ['taperedToBall', 'tapered to ball'],
  ['ballToTapered', 'ball to tapered'],
] as const
const NAMES = { bushToBall: 'bush', taperedToBall: 'tapered pair', ballToTapered: 'ball bearings' } as const
const HELD = [
  ['', 'as usual'],
  ['spacer', 'clamped, spacer'],
  ['ring', 'washer and ring'],
] as const
/** Name, label, usual figure, what it counts. */
type FigureRow = readonly [string, string, string, FieldQuantity?]
const LOAD_FIELDS: readonly FigureRow[] = [
  ['radial', 'Radial', '', 'force'],
  ['axial', 'Axial', '', 'force'],
  ['rpm', 'Turns a minute', '200'],
  ['hours', 'Wanted, hours', '5000'],
]
const BOLT_FIELDS: readonly FigureRow[] = [
  ['clamped', 'Clamped', '', 'length'],
  ['thread', 'Thread', '', 'length'],
  ['depth', 'its depth', '', 'length'],
]
const QUANTITY_OF = new Map<string, FieldQuantity>(
  [...LOAD_FIELDS, ...BOLT_FIELDS].flatMap(([name, , , quantity]) => (quantity ? [[name, quantity]] : [])),
)
const NO_SEAT = { shaft: '', housing: '', width: '' }
const EXAMPLE = { shaft: '25', housing: '52', width: '20' }
const NO_SEATS = [NO_SEAT, NO_SEAT]
const NONE_CHOSEN = ['', '']
const NO_FIGURES: Readonly<Record<string, string>> = {}

/** Another kind of bearing in the same seats: what fits, what else changes, both opinions, and its kit. */
export function ConvertScreen() {
  const router = useRouter()
  const [kind, setKind] = useUrlChoice(
    'kind',
    KINDS.map(([id]) => id),
    'bushToBall',
  )
  const [seats, setSeats] = useKept('convert.seats', NO_SEATS)
  const [chosen, setChosen] = useKept('convert.chosen', NONE_CHOSEN)
  const [shoulders, setShoulders] = useKept('convert.shoulders', '')
  const [positions, setPositions] = useKept('convert.positions', '1')
  const [held, setHeld] = useState<(typeof HELD)[number][0]>('')
  const [figures, setFigures] = useKept<Readonly<Record<string, string>>>('convert.figures', NO_FIGURES)
  const figureOf = (name: string): number => {
    const typed = figures[name] ?? ''
    const quantity = QUANTITY_OF.get(name)
    return quantity ? readFigure(typed, quantity) : Number(typed.replace(',', '.') || NaN)
  }
  const given = (name: string, usual: number): number =>
    Number.isFinite(figureOf(name)) ? figureOf(name) : usual
  const loaded = given('radial', 0) + given('axial', 0) > 0
  const bolted = BOLT_FIELDS.every(([name]) => figureOf(name) > 0)
  const [error, setError] = useState('')
  const [drawn, setDrawn] = useState(0)
  const whole = seats.filter((s) => s.shaft.trim() && s.housing.trim() && s.width.trim())
  const { answer, message } = useAnswer(
    'POST /api/convert',
    whole.length > 0
      ? {
          body: {
            kind,
            seats: whole,
            chosen: chosen.slice(0, whole.length),
            positions: Number(positions) || 1,
            ...(shoulders.trim() && { shoulders }),
            ...(held !== '' && { clamped: held === 'spacer' }),
            ...(loaded && {
              load: {
                radialKn: given('radial', 0),
                axialKn: given('axial', 0),
                rpm: given('rpm', 200),
                wantedHours: given('hours', 5000),
              },
            }),
            ...(bolted && {
              fastener: {
                clampedMm: figureOf('clamped'),
                threadMm: figureOf('thread'),
                depthMm: figureOf('depth'),
              },
            }),
          },
        }
      : null,
  )
  const end = answer?.seats[drawn] ?? answer?.seats[0]
  const pick = end?.parts.find((p) => p.designation === end.chosen)
  const figureField = ([name, label, usual, quantity]: FigureRow) => (
    <FigureField
      key={name}
      label={label}
      quantity={quantity}
      value={figures[name] ?? ''}
      placeholder={usual}
      onChange={(typed) => setFigures({ ...figures, [name]: typed })}
    />
  )
  const openJob = () => {
    if (!answer?.kit) return
    call('POST /api/jobs', {
      body: {
        title: `Conversion: ${NAMES[kind]} to ${answer.seats.map((s) => s.chosen).join(' and ')}`,
      },
    })
      .then((job) =>
        call('PATCH /api/jobs/{id}', {
          path: { id: job.id },
          body: { version: job.version, kit: answer.kit, stage: 'kit' },
        }),
      )
      .then((job) => router.push(stagePath(job.id, 'kit')))
      .catch((error: unknown) => setError(errorMessage(error)))
  }
  return (
    <Frame about={<h1 className="font-semibold text-ink">Conversions</h1>}>
      <div className="panes [--panes:300px_minmax(0,1fr)_330px]">
        <form
          className="min-h-0 overflow-auto border-r border-line px-[18px] py-3"
          onSubmit={(e) => e.preventDefault()}
        >
          <ChipChoice
            label="Conversion"
            value={kind}
            options={KINDS}
            onPick={(next) => {
              void setKind(next)
              setChosen(['', ''])
            }}
          />
          {seats.map((seat, i) => (
            <fieldset key={i} className="mt-3">
              <legend className="caption">
                {i === 0 ? 'One end, as it is now' : 'Other end, if it differs'}
              </legend>
              <div className="grid grid-cols-3 gap-1.5">
                {(
                  [
                    ['shaft', 'Shaft', '25'],
                    ['housing', 'Bore', '52'],
                    ['width', 'Width', '20'],
                  ] as const
                ).map(([name, label, example]) => (
                  <Field
                    key={name}
                    label={label}
                    value={seat[name]}
                    placeholder={i === 0 ? example : ''}
                    onChange={(v) => {
                      setSeats(seats.map((s, at) => (at === i ? { ...s, [name]: v } : s)))
                      setChosen(['', ''])
                    }}
                  />
                ))}
              </div>
              <ReadAs
                fields={[
                  { name: 'shaft', text: seat.shaft, role: 'bore' },
                  { name: 'bore', text: seat.housing, role: 'outside' },
                  { name: 'width', text: seat.width, role: 'width' },
                ]}
              />
            </fieldset>
          ))}
          <div className="mt-3 grid grid-cols-2 gap-1.5">
            <Field label="Between shoulders" value={shoulders} onChange={setShoulders} />
            <Field label="Wheels" value={positions} most={3} onChange={setPositions} />
          </div>
          {kind !== 'ballToTapered' && (
            <div className="mt-2">
              <span className="caption block">The wheel is held by</span>
              <ChipChoice label="The wheel is held by" value={held} options={HELD} onPick={setHeld} />
            </div>
          )}
          <h2 className="caption mt-3">What one end carries, if it is known</h2>
          <div className="grid grid-cols-2 gap-1.5">{LOAD_FIELDS.map(figureField)}</div>
          <h2 className="caption mt-3">The bolt that holds it, if there is one</h2>
          <div className="grid grid-cols-3 gap-1.5">{BOLT_FIELDS.map(figureField)}</div>
          <p className="mt-3 text-[0.84375rem] text-ink3">
            Width is that of the bush or bearing in its seat; of a tapered pair its total width. Measure both
            ends: they may differ.
          </p>
        </form>
        <section aria-label="Parts" className="min-h-0 overflow-auto px-[18px] py-3" tabIndex={0}>
          {(message || error) && (
            <p role="alert" className="mb-2 text-contra">
              {message || error}
            </p>
          )}
          {!answer && !message && (
            <div className="pt-14 text-ink2">
              <UnitText text="Type the seat of one end, such as the 25 mm pin and 52 mm bore of a deckchair trolley, 20 mm wide. Parts that fit it follow, with what else must change." />
              <ShowExample onShow={() => setSeats([EXAMPLE, NO_SEAT])} />
            </div>
          )}
          {answer?.seats.map((seat, i) => (
            <div key={i} className="mb-4">
              <h2 className="text-[1.0625rem] font-bold">
                {answer.seats.length > 1 ? `End ${i + 1}` : 'Fits this seat'}
              </h2>
              {seat.parts.length === 0 && (
                <p className="text-ink2" data-testid="none">
                  Nothing of that kind carries enough in this seat. Change axle and hub together, or keep what
                  is in it.
                </p>
              )}
              {seat.parts.length > 0 && seat.chosen === null && (
                <p className="text-[0.90625rem]" data-testid="not-sensible">
                  <b>Nothing sensible.</b> What comes near is too weak, or cuts strength away: change axle and
                  hub together, or keep what is in it.
                </p>
              )}
              {seat.parts.length > 0 && (
                <DataTable
                  label="Parts for this seat"
                  rows={seat.parts}
                  columns={partColumns(seat.chosen, (designation) => {
                    setChosen(answer.seats.map((s, at) => (at === i ? designation : (s.chosen ?? ''))))
                    setDrawn(i)
                  })}
                  keyOf={({ designation }) => designation}
                />
              )}
            </div>
          ))}
          {answer && answer.changes.length > 0 && (
            <>
              <h2 className="text-[1.0625rem] font-bold">What else changes</h2>
              <dl className="grid grid-cols-[120px_1fr] text-[0.90625rem]" data-testid="changes">
                {answer.changes.map(({ what, message: text }) => (
                  <div key={what} className="contents">
                    <dt className="border-t border-line2 py-1.5 font-semibold">{what}</dt>
                    <dd className="border-t border-line2 py-1.5">{text}</dd>
                  </div>
                ))}
              </dl>
            </>
          )}
        </section>
        <aside className="min-h-0 overflow-auto border-l border-line bg-sheet px-[18px] py-3">
          {pick && whole[drawn < whole.length ? drawn : 0] && (
            <div className="h-[300px]">
              <SeatFigure part={pick} seat={whole[drawn < whole.length ? drawn : 0] ?? NO_SEAT} />
            </div>
          )}
          {answer && (
            <>
              <h2 className="caption mt-2">Two opinions, both held</h2>
              {answer.opinions.map(({ opinion, right }) => (
                <p key={opinion} className="border-t border-line2 py-1.5 text-[0.90625rem]">
                  <b>{opinion}.</b> <span className="text-ink2">Right: {right}</span>
                </p>
              ))}
              <details className="border-t border-line2 py-1.5 text-[0.90625rem]">
                <summary className="flex min-h-11 cursor-pointer items-center font-bold">
                  Swap the whole assembly instead
                </summary>
                {(
                  [
                    ['Belongs to it', answer.assembly.parts],
                    ['Must match', answer.assembly.mustMatch],
                    ['Is lost', answer.assembly.lost],
                  ] as const
                ).map(([name, list]) => (
                  <p key={name} className="mb-1.5 text-ink2">
                    <b className="text-ink">{name}:</b> {list.join('; ')}.
                  </p>
                ))}
              </details>
              <button
                type="button"
                data-primary
                className="button mt-2 w-full"
                disabled={!answer.kit}
                onClick={openJob}
              >
                Open a job with this kit
              </button>
              <p className="mt-2 text-[0.8125rem] text-ink3">
                Ratings are typical ones or worked out from the sizes, right to about a fifth: a life may be
                half or double. Look the maker&apos;s up before it is decided. Wheel ends, brakes and what
                carries people: the manual of the machine and local rules come first.
              </p>
            </>
          )}
        </aside>
      </div>
    </Frame>
  )
}
