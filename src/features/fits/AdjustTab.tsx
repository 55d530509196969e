'use client'

import { FigureField, firstProblem, UnitText } from '@/features/shell'
import dynamic from 'next/dynamic'
import * as common from '@/texts/common'
import * as texts from '@/texts/fits'
import { FitPane } from './FitPane'
import { isStepless, NUT_LOCKS, recheckDates, USUAL_PLAY_MM, type NutLock } from '@/core/adjust'
import type { PracticeNote } from '@/core/procedure'
import { MM_PER_INCH, readFigure, type FieldQuantity } from '@/core/quantity'
import { useTimes } from '@/ui/Times'
import { ChipChoice } from '@/ui/ChipChoice'
import { PracticeBox } from '@/ui/PracticeBox'
import { useAnswer } from '@/ui/useAnswer'
import { NutFigure } from './NutFigure'
import { CollarBox } from './CollarBox'
import { RockTest } from './RockTest'
import type { Fields, SetField } from './seatTypes'

const PlayChart = dynamic(() => import('./PlayChart').then((chart) => chart.PlayChart))

const FIELDS = [
  ['threads', texts.threadsAnInch, '14', 'plain'],
  // The pitch is that of a metric thread: its millimetres stay.
  ['pitch', texts.orPitchMm, '', 'plain'],
  ['degrees', texts.nutBackedOff, '90', 'angle'],
  ['slots', texts.slots, '6', 'plain'],
  ['holes', texts.crossHolesField, '1', 'plain'],
  ['places', texts.retainerFitsInPlaces, '12', 'plain'],
  ['offset', texts.firstSlotAt, '0', 'angle'],
  ['min', texts.playFrom, '', 'length'],
  ['max', texts.playTo, '', 'length'],
] as const satisfies readonly (readonly [string, string, string, FieldQuantity])[]
type FieldName = (typeof FIELDS)[number][0]
/** Fields that say nothing of a nut held otherwise. */
const ONLY_WITH: Partial<Record<FieldName, readonly NutLock[]>> = {
  slots: ['slots', 'retainer'],
  holes: ['slots', 'retainer'],
  places: ['retainer'],
  offset: ['slots', 'retainer'],
}
const QUANTITY = Object.fromEntries(FIELDS.map(([name, , , quantity]) => [name, quantity])) as Record<
  FieldName,
  FieldQuantity
>
const LOCK_CHOICES = [
  ['slots', texts.slotsPin],
  ['retainer', texts.sheetRetainer],
  ['clamp', texts.clamped],
  ['cone', texts.coneLockNut],
] as const satisfies readonly (readonly [(typeof NUT_LOCKS)[number], string])[]

const TAPERED_PRACTICES = [
  [texts.byFeel, texts.spinTheWheelWhile],
  [common.measured, texts.dialIndicatorOnThe],
] as const
const CONE_PRACTICES = [
  [texts.byFeel, texts.oneEndFixedFirst],
  [texts.inTheMachine, texts.clampingSqueezesTheAxle],
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
  const number = (name: FieldName): number => readFigure(value(name), QUANTITY[name])
  const shown = FIELDS.filter(([name]) => ONLY_WITH[name]?.includes(lock) ?? true)
  const problem = firstProblem(shown.map(([name, label, , quantity]) => [label, value(name), quantity]))
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
      label={texts.endPlayUpper}
      message={problem || message}
      inputs={
        <>
          <span className="caption block">{texts.theNutIsHeldBy}</span>
          <ChipChoice
            label={texts.theNutIsHeldBy}
            value={lock}
            options={LOCK_CHOICES}
            onPick={(name) => set('adjust.lock', name)}
          />
          <div className="mt-2 grid grid-cols-2 gap-1.5">
            {shown.map(([name, label, , quantity]) => (
              <FigureField
                key={name}
                label={name === 'degrees' && lock === 'cone' ? texts.coneBackedOff : label}
                quantity={quantity}
                value={value(name)}
                onChange={(v) => set(`adjust.${name}`, v)}
              />
            ))}
          </div>
          <p className="mt-1 text-[0.8125rem] text-ink3">
            {fields['adjust.min'] === undefined && fields['adjust.max'] === undefined
              ? texts.playAsIsUsual
              : texts.playAsTyped}
          </p>
          {lock === 'clamp' && <CollarBox fields={fields} set={set} target={target} />}
          {lock !== 'cone' && <RockTest fields={fields} set={set} />}
          <p className="mt-3 rounded-r-lg border-l-4 border-lamp bg-wash px-3 py-2 text-[0.875rem]">
            {texts.wheelOnStandsWheels}
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
          <h2 className="caption mt-2">{common.lookAgain}</h2>
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
            <span className="number">{found.axialMm.toFixed(3)}</span>{' '}
            {texts.mmInForThisTurn(inches(found.axialMm))}
          </p>
          <p className="mb-1 text-[0.875rem] text-ink2">
            {found.slotStepDegrees === null || found.slotStepMm === null ? (
              <>
                {texts.steplessThePlayWanted(
                  Math.round(found.turnForTarget.min),
                  Math.round(found.turnForTarget.max),
                )}
              </>
            ) : (
              <>
                {texts.oneStepOfThe(
                  Math.round(found.slotStepDegrees),
                  found.slotStepMm.toFixed(3),
                  inches(found.slotStepMm),
                )}
              </>
            )}
          </p>
          <PlayChart curve={found.curve} target={target} />
          <p className="text-[0.8125rem] text-ink3">
            {!isStepless(lock) && texts.pointsASlotFaces}
            {texts.dashedBelowZero}
          </p>
          <ul className="mt-1 text-[0.90625rem]">
            {found.advice.map((line) => (
              <li key={line} className="border-t border-line2 py-1.5">
                <UnitText text={line} />
              </li>
            ))}
          </ul>
        </>
      )}
    </FitPane>
  )
}
