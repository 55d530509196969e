'use client'

import { UnitText, useFigureUnits } from '@/features/shell'
import dynamic from 'next/dynamic'
import { FitPane } from './FitPane'
import { useMemo } from 'react'
import { internalClearance, isRaceway, readSeat, seatNominal, CLEARANCE_REDUCTION } from '@/core/fit'
import type { FitResponse } from '@/contract/fit'
import { hubHeatCaution } from '@/core/procedure'
import { lengthInMm, NEWTON_PER_LBF, writeInch } from '@/core/quantity'
import { PracticeBox } from '@/ui/PracticeBox'
import { useAnswer } from '@/ui/useAnswer'
import { PolarFigure } from './PolarFigure'
import { RodStackFigure } from './RodStackFigure'
import { SeatInputs, type SeatProps } from './SeatInputs'
import { seatQuestion } from './seatQuestion'
import { SeatVerdict } from './SeatVerdict'
import { bothUnits, signedUm, umInches, usualOf } from './seatTypes'
import { ZoneFigure } from './ZoneFigure'

const ClearanceChart = dynamic(() => import('./ClearanceChart').then((chart) => chart.ClearanceChart))

const Distribution = dynamic(() => import('./Distribution').then((chart) => chart.Distribution))

const pounds = (kn: number): number => Math.round((kn * 1000) / NEWTON_PER_LBF)

const mmOf = (text: string): number => lengthInMm(text) ?? NaN

/** What the two are apart, µm: interference, or on a raceway its running clearance. */
function differenceOf({ raceway, interference: { min, mean, max } }: FitResponse) {
  return raceway ? { min: -max, mean: -mean, max: -min } : { min, mean, max }
}

function differenceText({ raceway, interference: { min, max } }: FitResponse): string {
  if (raceway) return ' running clearance'
  return min >= 0 ? ' tight' : max <= 0 ? ' loose' : ', from loose to tight'
}

/** One seat: its class, what it does to the ring, whether the measured one is still good. */
export function SeatTab(props: SeatProps) {
  const { seat, typed, load, material, otherClass, practice, hubHas = null } = props
  const usual = usualOf(seat, typed, load, material)
  const question = seatQuestion(props, usual)
  const { answer: fit, message } = useAnswer('POST /api/fits/check', question && { body: question })
  const nominal = seatNominal(seat)
  const size = seat.ring === 'inner' ? nominal : seat.outside
  const measured = readSeat(typed.readings ?? '').flatMap((r) => {
    const mm = mmOf(r.value)
    return Math.abs(mm - nominal) < 1 ? [{ at: r.at, depth: r.depth ?? '', um: (mm - nominal) * 1000 }] : []
  })
  const isByHand = seat.kind === 'insert' || seat.byThumb || isRaceway(seat.kind, seat.ring)
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
  const difference = fit && differenceOf(fit)
  const { small } = useFigureUnits()
  const { sleeve, rod } = fit?.tools ?? {}
  return (
    <FitPane
      label="Fit"
      message={message}
      inputs={
        <>
          <SeatInputs {...props} usual={usual} />
          {practice && !isByHand && <PracticeBox note={practice} />}
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
              <Distribution
                spread={spread}
                tight={seat.ring === seat.rotatingRing && !seat.byThumb}
                raceway={fit?.raceway ?? false}
              />
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
              {isRaceway(seat.kind, 'inner')
                ? 'Not a table of the bearing: shaft, rolling elements and bore make it together.'
                : 'No table of this family here: set by adjustment, or see its maker.'}
            </p>
          )}
        </>
      }
    >
      {fit && difference && (
        <>
          <h1 className="text-[1.3125rem] font-bold" data-testid="fit-answer">
            {signedUm(difference.min)} to {signedUm(difference.max)} µm{differenceText(fit)}
          </h1>
          <p className="text-[0.875rem] text-ink2">
            {seat.designation}, {seat.ring === 'inner' ? 'bore' : 'outside'}{' '}
            <span className="number">
              {size} mm ({writeInch(size)} in)
            </span>{' '}
            in {question.class}
            {size === nominal ? '' : ` of ${nominal} mm`}
            {seat.precision === 'Normal' ? '' : `, rings of class ${seat.precision}`}:{' '}
            {umInches(difference.min)} to {umInches(difference.max)} in. {fit.raceway ? 'Minus' : 'Plus'} is
            tight, mean {signedUm(difference.mean)} µm.
          </p>
          <div className="my-1 h-[240px]">
            <ZoneFigure fit={fit} ring={seat.ring} readings={measured.map((m) => m.um)} />
          </div>
          <SeatVerdict fit={fit} />
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
