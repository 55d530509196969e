'use client'

import { FigureField, UnitText } from '@/features/shell'
import dynamic from 'next/dynamic'
import { FitPane } from './FitPane'
import { isStepless, NUT_LOCKS, recheckDates, USUAL_PLAY_MM, type NutLock } from '@/core/adjust'
import type { PracticeNote } from '@/core/procedure'
import { MM_PER_INCH, readFigure } from '@/core/quantity'
import { useTimes } from '@/ui/Times'
import { ChipChoice } from '@/ui/ChipChoice'
import { PracticeBox } from '@/ui/PracticeBox'
import { useAnswer } from '@/ui/useAnswer'
import { NutFigure } from './NutFigure'
import { CollarBox } from './CollarBox'
import { RockTest } from './RockTest'
import { figure, type Fields, type SetField } from './seatTypes'

const PlayChart = dynamic(() => import('./PlayChart').then((chart) => chart.PlayChart))

const FIELDS = [
  ['threads', 'Threads an inch', '14'],
  ['pitch', 'or pitch, mm', ''],
  ['degrees', 'Nut backed off, °', '90'],
  ['slots', 'Slots', '6'],
  ['holes', 'Cross holes', '1'],
  ['places', 'Retainer fits in, places', '12'],
  ['offset', 'First slot at, °', '0'],
  ['min', 'Play from', ''],
  ['max', 'Play to', ''],
] as const
type FieldName = (typeof FIELDS)[number][0]
/** Fields that say nothing of a nut held otherwise. */
const ONLY_WITH: Partial<Record<FieldName, readonly NutLock[]>> = {
  slots: ['slots', 'retainer'],
  holes: ['slots', 'retainer'],
  places: ['retainer'],
  offset: ['slots', 'retainer'],
}
/** The pitch is that of a metric thread: its millimetres stay. */
const LENGTHS: readonly FieldName[] = ['min', 'max']
const LOCK_CHOICES = [
  ['slots', 'slots, pin'],
  ['retainer', 'sheet retainer'],
  ['clamp', 'clamped'],
  ['cone', 'cone, lock nut'],
] as const satisfies readonly (readonly [(typeof NUT_LOCKS)[number], string])[]

const TAPERED_PRACTICES = [
  [
    'By feel',
    'Spin the wheel while tightening until it drags, to seat the rollers. Back off a quarter turn: that only frees it. Then finger-tight, without a tool; if no slot lines up, loosen to the next one, never tighten.',
  ],
  [
    'Measured',
    'Dial indicator on the hub, push and pull. End play 0.025 to 0.25 mm for utility axles, about 0.01 to 0.05 mm for finer ones; the manual of the machine rules.',
  ],
] as const
const CONE_PRACTICES = [
  [
    'By feel',
    'One end fixed first, the axle standing out alike on both sides. Run the free cone in by hand until the play is just gone, hold it with a thin spanner, lock its nut against it. At least three threads show.',
  ],
  [
    'In the machine',
    'Clamping squeezes the axle: a trace of play at the rim on the bench may be right where it is gone once clamped. No drag, no play then.',
  ],
] as const

/** A cone is moved by an hour of a clock at a time, degrees. */
const A_TWELFTH = '30'

const inches = (mm: number): string => (mm / MM_PER_INCH).toFixed(4)

interface Props {
  fields: Fields
  set: SetField
  practice: PracticeNote | null
  /** what is usual for this arrangement */
  usual?: { lock: NutLock; play: { min: number; max: number } } | undefined
  /** ISO date of fitting; empty = today */
  fittedOn: string
  wet: boolean
}

/** The nut that sets a tapered pair, or the cone of a wheel: thread and turn to play, both ways of doing it, when to look again. */
export function AdjustTab({ fields, set, practice, usual, fittedOn, wet }: Props) {
  const play = usual?.play ?? USUAL_PLAY_MM
  const lock = NUT_LOCKS.find((name) => name === fields['adjust.lock']) ?? usual?.lock ?? 'slots'
  const usually = (name: string): string =>
    name === 'min' || name === 'max'
      ? String(play[name])
      : name === 'degrees' && lock === 'cone'
        ? A_TWELFTH
        : (FIELDS.find(([field]) => field === name)?.[2] ?? '')
  const value = (name: string): string => fields[`adjust.${name}`] ?? usually(name)
  const number = (name: FieldName): number =>
    LENGTHS.includes(name) ? readFigure(value(name), 'length') : figure(value(name))
  const pitch = fields['adjust.pitch']?.trim()
    ? { pitchMm: number('pitch') }
    : { threadsPerInch: number('threads') }
  const { today } = useTimes()
  const { answer: found, message } = useAnswer('POST /api/adjust/endplay', {
    body: {
      ...pitch,
      degrees: number('degrees'),
      lock,
      slots: number('slots'),
      crossHoles: number('holes'),
      ...(lock === 'retainer' && { retainerPlaces: number('places') }),
      offsetDegrees: isStepless(lock) ? 0 : number('offset'),
      target: { min: number('min'), max: number('max') },
    },
  })
  const target = { min: number('min'), max: number('max') }
  const day = fittedOn || today()
  return (
    <FitPane
      label="End play"
      message={message}
      inputs={
        <>
          <span className="caption block">The nut is held by</span>
          <ChipChoice
            label="The nut is held by"
            value={lock}
            options={LOCK_CHOICES}
            onPick={(name) => set('adjust.lock', name)}
          />
          <div className="mt-2 grid grid-cols-2 gap-1.5">
            {FIELDS.filter(([name]) => ONLY_WITH[name]?.includes(lock) ?? true).map(([name, label]) => (
              <FigureField
                key={name}
                label={name === 'degrees' && lock === 'cone' ? 'Cone backed off, °' : label}
                quantity={LENGTHS.includes(name) ? 'length' : undefined}
                value={value(name)}
                onChange={(v) => set(`adjust.${name}`, v)}
              />
            ))}
          </div>
          <p className="mt-1 text-[0.8125rem] text-ink3">
            {fields['adjust.min'] === undefined && fields['adjust.max'] === undefined
              ? 'Play as is usual for this kind of hub; type what the manual says.'
              : 'Play as typed.'}
          </p>
          {lock === 'clamp' && <CollarBox fields={fields} set={set} target={target} />}
          {lock !== 'cone' && <RockTest fields={fields} set={set} />}
          <p className="mt-3 rounded-r-lg border-l-4 border-lamp bg-wash px-3 py-2 text-[0.875rem]">
            Wheel on stands, wheels chocked, power locked off.
          </p>
        </>
      }
      beside={
        <>
          <div className="mx-auto h-[190px] w-[210px]">
            <NutFigure
              slotted={!isStepless(lock)}
              slots={Math.max(1, Math.min(60, Math.round(number('slots')) || 6))}
              holes={Math.max(1, Math.min(12, Math.round(number('holes')) || 1))}
              degrees={Math.max(0, Math.min(360, number('degrees') || 0))}
            />
          </div>
          {(lock === 'cone' ? CONE_PRACTICES : TAPERED_PRACTICES).map(([name, text]) => (
            <p key={name} className="border-t border-line2 py-1.5 text-[0.875rem]">
              <b>{name}.</b>{' '}
              <span className="text-ink2">
                <UnitText text={text} />
              </span>
            </p>
          ))}
          {practice && lock !== 'cone' && <PracticeBox note={practice} />}
          <h2 className="caption mt-2">Look again</h2>
          <ul data-testid="rechecks" className="text-[0.875rem]">
            {recheckDates(day, true, wet).map(({ date, text: what }) => (
              <li key={date} className="border-t border-line2 py-1.5">
                <b className="number">{date}</b> {what}
              </li>
            ))}
          </ul>
        </>
      }
    >
      {found && (
        <>
          <p data-testid="end-play" className="text-[1.3125rem] font-bold">
            <span className="number">{found.axialMm.toFixed(3)}</span> mm ({inches(found.axialMm)} in) for
            this turn
          </p>
          <p className="mb-1 text-[0.875rem] text-ink2">
            {found.slotStepDegrees === null || found.slotStepMm === null ? (
              <>
                Stepless. The play wanted is {Math.round(found.turnForTarget.min)}° to{' '}
                {Math.round(found.turnForTarget.max)}° back from no play.
              </>
            ) : (
              <>
                One step of the nut is {Math.round(found.slotStepDegrees)}°, {found.slotStepMm.toFixed(3)} mm
                ({inches(found.slotStepMm)} in).
              </>
            )}
          </p>
          <PlayChart curve={found.curve} target={target} />
          <p className="text-[0.8125rem] text-ink3">
            {isStepless(lock) ? '' : 'Points: a slot faces a hole; filled ones give the play wanted. '}
            Dashed, below zero: squeezed, preload.
          </p>
          <ul className="mt-1 text-[0.90625rem]">
            {found.advice.map((line) => (
              <li key={line} className="border-t border-line2 py-1.5">
                {line}
              </li>
            ))}
          </ul>
        </>
      )}
    </FitPane>
  )
}
