'use client'

import { UnitText, useFigureUnits } from '@/features/shell'
import dynamic from 'next/dynamic'
import { FitPane } from './FitPane'
import { useMemo } from 'react'
import { internalClearance, readSeat, CLEARANCE_REDUCTION, type Material, type UsualSeat } from '@/core/fit'
import { hubHeatCaution, type HubAttachment, type SchoolNote } from '@/core/procedure'
import {
  guessInstrument,
  INSTRUMENTS,
  INSTRUMENT_LABELS,
  lengthInMm,
  NEWTON_PER_LBF,
  writeInch,
  writeMm,
} from '@/core/quantity'
import type { FitRequest, FitResponse } from '@/contract/fit'
import type { FittingDraft } from '@/contract/plan'
import { Field } from '@/ui/Field'
import { SchoolBox } from '@/ui/SchoolBox'
import { ReadAs } from '@/ui/ReadAs'
import { useAnswer } from '@/ui/useAnswer'
import { VerdictMark } from '@/ui/VerdictMark'
import { SelectField } from '@/ui/SelectField'
import { ChipChoice } from '@/ui/ChipChoice'
import { PolarFigure } from './PolarFigure'
import { RodStackFigure } from './RodStackFigure'
import {
  bothUnits,
  signedUm,
  umInches,
  usualOf,
  type Seat,
  type ShownSeat,
  type TypedSeat,
} from './seatTypes'
import { ZoneFigure } from './ZoneFigure'

const ClearanceChart = dynamic(() => import('./ClearanceChart').then((chart) => chart.ClearanceChart))

const Distribution = dynamic(() => import('./Distribution').then((chart) => chart.Distribution))

/** Usual classes by which ring is tight (common practice, handbooks). */
const CLASSES: Record<'inner' | 'outer', readonly string[]> = {
  inner: ['g6', 'h6', 'j6', 'k5', 'k6', 'm6'],
  outer: ['H7', 'J7', 'K7', 'M7', 'N7', 'P7'],
}
const MATERIALS = [
  ['steel', 'steel'],
  ['castIron', 'cast iron'],
  ['aluminium', 'aluminium'],
  ['magnesium', 'magnesium'],
] as const
const GROUPS = ['C2', 'CN', 'C3', 'C4', 'C5'] as const
const BODY_LABELS: Record<Seat['body'], string> = {
  shaft: 'Shaft',
  hub: 'Hub or housing',
  carrier: 'Carrier',
}
const SEAT_SIGNS = { good: 'pass', doubtful: 'warn', replace: 'fail' } as const

const pounds = (kn: number): number => Math.round((kn * 1000) / NEWTON_PER_LBF)

const mmOf = (text: string): number => lengthInMm(text) ?? NaN

interface Props {
  seat: ShownSeat
  typed: TypedSeat
  load: FittingDraft['load']
  /** of the shaft or hub this ring sits on or in; null = nobody has said */
  material: Material | null
  onTyped: (typed: TypedSeat) => void
  onMaterial: (material: Material | null) => void
  /** class of the other ring of the same bearing, for the clearance */
  otherClass?: string | undefined
  school: SchoolNote | null
  /** what is on or in the hub that heat would spoil; null = nobody has said */
  hubHas?: readonly HubAttachment[] | null
}

function question(
  { seat, typed, material, otherClass }: Props,
  usual: UsualSeat,
): FitRequest & { family: Seat['family'] } {
  const readings = readSeat(typed.readings ?? '')
  return {
    ring: seat.ring,
    class: typed.class?.trim() || usual.class,
    bore: seat.bore,
    outside: seat.outside,
    width: seat.width,
    clearanceClass: typed.clearance ?? seat.clearance,
    family: seat.family,
    kind: seat.kind,
    ...(seat.shaftMm !== undefined && { shaftMm: seat.shaftMm }),
    // Shields and seals both keep a grease that heat harms.
    sealed: seat.sealed,
    precision: seat.precision,
    wheel: seat.turning === 'outer',
    byThumb: seat.byThumb,
    ...(typed.wall?.trim() && (seat.ring === 'inner' ? { hollow: typed.wall } : { hubOutside: typed.wall })),
    ...(material && { materials: { [seat.ring === 'inner' ? 'shaft' : 'housing']: material } }),
    ...(otherClass && { otherClass }),
    ...(readings.length > 0 && {
      readings,
      instrument: typed.instrument ?? guessInstrument(readings.map((r) => r.value)),
    }),
  }
}

function Inputs({ seat, typed, material, onTyped, onMaterial, usual }: Props & { usual: UsualSeat }) {
  const { ring } = seat
  const nominal = ring === 'inner' ? (seat.shaftMm ?? seat.bore) : seat.outside
  const readings = readSeat(typed.readings ?? '')
  const now = typed.class?.trim() || usual.class
  const classes = [...new Set([usual.class, ...CLASSES[ring]])]
  return (
    <>
      <label className="mb-1 block">
        <span className="caption block">Class of the {ring === 'inner' ? 'shaft' : 'housing'}</span>
        <input
          className="field number"
          maxLength={5}
          placeholder={usual.class}
          value={typed.class ?? ''}
          onChange={(e) => onTyped({ ...typed, class: e.target.value })}
        />
      </label>
      <div className="mb-2">
        <ChipChoice
          label="Usual classes"
          className="number px-2.5"
          value={now}
          options={classes.map((name) => [name, name] as const)}
          onPick={(name) => onTyped({ ...typed, class: name })}
        />
      </div>
      <p className="mb-2 text-[0.84375rem] text-ink2" data-testid="recommended">
        Usual: <b className="number text-ink">{usual.class}</b>
        {usual.clearance && (
          <>
            {' '}
            with <b className="number text-ink">{usual.clearance}</b>
          </>
        )}
        . {usual.why}
      </p>
      <div className="mb-2 grid grid-cols-2 gap-2">
        <SelectField
          caption
          label="Clearance"
          value={typed.clearance ?? seat.clearance}
          options={GROUPS.map((group) => [group, group] as const)}
          onPick={(clearance) => onTyped({ ...typed, clearance })}
        />
        <SelectField
          caption
          label={`${BODY_LABELS[seat.body]} of`}
          value={material ?? ''}
          options={[['', 'not said'], ...MATERIALS]}
          onPick={(picked) => onMaterial(picked || null)}
        />
      </div>
      <div className="mb-2">
        <Field
          label={ring === 'inner' ? 'Hollow shaft: bore' : 'Hub outside diameter'}
          value={typed.wall ?? ''}
          placeholder={ring === 'inner' ? 'solid' : 'thick'}
          onChange={(wall) => onTyped({ ...typed, wall })}
        />
        <ReadAs
          fields={
            ring === 'inner'
              ? [
                  { name: 'shaft', text: `${seat.bore} mm`, role: 'outside' },
                  { name: 'its bore', text: typed.wall ?? '', role: 'bore' },
                ]
              : [
                  { name: 'hub', text: `${seat.outside} mm`, role: 'bore' },
                  { name: 'its outside', text: typed.wall ?? '', role: 'outside' },
                ]
          }
        />
      </div>
      <label className="block">
        <span className="caption block">Readings: clock position, size, depth</span>
        <textarea
          className="field number h-[96px] py-2"
          placeholder={`12 ${writeMm(nominal + 0.004)} front\n3 ${writeMm(nominal + 0.006)} front`}
          maxLength={2000}
          value={typed.readings ?? ''}
          onChange={(e) => onTyped({ ...typed, readings: e.target.value })}
        />
      </label>
      {readings.length > 0 && (
        <SelectField
          caption
          label="Measured with"
          value={typed.instrument ?? guessInstrument(readings.map((r) => r.value))}
          options={INSTRUMENTS.map((name) => [name, INSTRUMENT_LABELS[name]] as const)}
          onPick={(instrument) => onTyped({ ...typed, instrument })}
        />
      )}
    </>
  )
}

function Verdict({ fit }: { fit: FitResponse }) {
  if (!fit.seat) return null
  return (
    <div
      className="mb-2 rounded-lg border border-line bg-sheet px-3 py-2 text-[0.90625rem]"
      data-testid="seat"
    >
      <p className="grid grid-cols-[20px_1fr]">
        <VerdictMark verdict={SEAT_SIGNS[fit.seat.verdict]} />
        <span>
          <b>Seat {fit.seat.verdict}.</b> <UnitText text={fit.seat.why} />{' '}
          <UnitText
            text={`Out of round ${fit.seat.outOfRound} µm, taper ${fit.seat.taper} µm, mean ${signedUm(fit.seat.mean)} µm.`}
          />
        </span>
      </p>
      {fit.repair.length > 0 && (
        <ol className="mt-1 list-decimal pl-6 text-[0.84375rem]" data-testid="repair">
          {fit.repair.map(({ way, when, advised }) => (
            <li key={way} className={advised ? '' : 'text-contra'}>
              <b>{way}</b>
              {advised ? '' : ' (not advised)'}. <span className="text-ink2">{when}</span>
            </li>
          ))}
        </ol>
      )}
    </div>
  )
}

/** One seat: its class, what it does to the ring, whether the measured one is still good. */
export function SeatTab(props: Props) {
  const { seat, typed, load, material, otherClass, school, hubHas = null } = props
  const usual = usualOf(seat, typed, load, material)
  const asked = question(props, usual)
  const { answer: fit, words } = useAnswer('POST /api/fits/check', asked && { body: asked })
  const nominal = seat.ring === 'inner' ? (seat.shaftMm ?? seat.bore) : seat.outside
  const measured = readSeat(typed.readings ?? '').flatMap((r) => {
    const mm = mmOf(r.value)
    return Math.abs(mm - nominal) < 1 ? [{ at: r.at, depth: r.depth ?? '', um: (mm - nominal) * 1000 }] : []
  })
  const group = typed.clearance ?? seat.clearance
  const spread = useMemo(
    () =>
      fit && {
        seat: fit.limits,
        ring: fit.bearing,
        clearance: internalClearance(seat.family, group, seat.bore, seat.kind),
        taken: CLEARANCE_REDUCTION[seat.ring],
        sign: seat.ring === 'inner' ? (1 as const) : (-1 as const),
      },
    [fit, seat.family, seat.bore, seat.ring, seat.kind, group],
  )
  const { small } = useFigureUnits()
  const { sleeve, rod } = fit?.tools ?? {}
  return (
    <FitPane
      label="Fit"
      words={words}
      inputs={
        <>
          <Inputs {...props} usual={usual} />
          {school && seat.kind !== 'insert' && !seat.byThumb && <SchoolBox note={school} />}
        </>
      }
      beside={
        <>
          {fit && measured.length > 0 && (
            <figure>
              <div className="mx-auto h-[236px]">
                <PolarFigure readings={measured} limits={fit.limits} />
              </div>
              <figcaption className="text-[0.8125rem] text-ink3">
                Band of the class in tint, nominal size dash-dot, {small.name}; each depth its own dashes.
              </figcaption>
            </figure>
          )}
          {spread && (
            <>
              <h2 className="caption mt-1">Expected fit (simulation)</h2>
              <Distribution spread={spread} tight={seat.ring === seat.turning && !seat.byThumb} />
            </>
          )}
          <h2 className="caption mt-2">Clearance: new, mounted, warm</h2>
          {fit?.stages ? (
            <>
              <ClearanceChart stages={fit.stages} />
              <p className="text-[0.84375rem] text-ink2" data-testid="clearance">
                <UnitText
                  text={`${signedUm(fit.stages.mounted.min)} to ${signedUm(fit.stages.mounted.max)} µm of ${group} left`}
                />{' '}
                when mounted
                {otherClass ? ` with ${otherClass} on the other ring` : ''}; warm with the inner ring 5 K
                hotter.
              </p>
            </>
          ) : (
            <p className="text-[0.875rem] text-ink3">
              No table of this family here: set by adjustment, or see its maker.
            </p>
          )}
        </>
      }
    >
      {fit && (
        <>
          <h1 className="text-[1.3125rem] font-bold" data-testid="fit-answer">
            {signedUm(fit.interference.min)} to {signedUm(fit.interference.max)} µm
            {fit.interference.min >= 0
              ? ' tight'
              : fit.interference.max <= 0
                ? ' loose'
                : ', from loose to tight'}
          </h1>
          <p className="text-[0.875rem] text-ink2">
            {seat.designation}, {seat.ring === 'inner' ? 'bore' : 'outside'}{' '}
            <span className="number">
              {nominal} mm ({writeInch(nominal)} in)
            </span>{' '}
            in {asked.class}
            {seat.precision === 'Normal' ? '' : `, rings of class ${seat.precision}`}:{' '}
            {umInches(fit.interference.min)} to {umInches(fit.interference.max)} in. Plus is tight, mean{' '}
            {signedUm(fit.interference.mean)} µm.
          </p>
          <div className="my-1 h-[240px]">
            <ZoneFigure fit={fit} ring={seat.ring} readings={measured.map((m) => m.um)} />
          </div>
          <Verdict fit={fit} />
          <dl className="grid grid-cols-[120px_1fr] text-[0.875rem]">
            {(
              [
                [
                  'Heat',
                  seat.ring === 'outer' && fit.heat.byHeat
                    ? `${fit.heat.advice} ${hubHeatCaution(hubHas)}`
                    : fit.heat.advice,
                ],
                [
                  'Press force',
                  fit.tools === null
                    ? 'none: never pressed'
                    : fit.pressForceKn.max > 0
                      ? `${fit.pressForceKn.min} to ${fit.pressForceKn.max} kN (${pounds(fit.pressForceKn.max)} lbf at most), only through this ring`
                      : 'none: by hand',
                ],
                [
                  'Sleeve',
                  sleeve
                    ? `${bothUnits(sleeve.insideMm)} inside, ${bothUnits(sleeve.outsideMm)} outside${rod && fit.pressForceKn.max > 0 ? `; or ${rod.thread} rod through this sleeve, its far washer on the hub, wider than ${bothUnits(rod.overMm)}` : ''}`
                    : '',
                ],
              ] as const
            ).map(([name, text]) =>
              text === '' ? null : (
                <div key={name} className="contents">
                  <dt className="border-t border-line2 py-1 font-semibold">{name}</dt>
                  <dd className="border-t border-line2 py-1">
                    <UnitText text={text} />
                  </dd>
                </div>
              ),
            )}
          </dl>
          {sleeve && rod && fit.pressForceKn.max > 0 && (
            <RodStackFigure
              bore={seat.bore}
              outside={seat.outside}
              width={seat.width}
              sleeve={sleeve}
              thread={rod.thread}
              overMm={rod.overMm}
            />
          )}
          <ul className="text-[0.875rem] text-ink2">
            {fit.advice.map((line) => (
              <li key={line} className="border-t border-line2 py-1">
                <UnitText text={line} />
              </li>
            ))}
          </ul>
        </>
      )}
    </FitPane>
  )
}
