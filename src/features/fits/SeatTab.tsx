'use client'

import { UnitText, useFigureUnits } from '@/features/shell'
import dynamic from 'next/dynamic'
import * as texts from '@/texts/fits'
import { FitPane } from './FitPane'
import { useMemo } from 'react'
import {
  internalClearance,
  isHandFitted,
  isRaceway,
  readSeat,
  seatNominal,
  CLEARANCE_REDUCTION,
} from '@/core/fit'
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
  if (raceway) return texts.runningClearanceBehind
  return min >= 0 ? texts.tight : max <= 0 ? texts.looseBehind : texts.fromLooseToTight
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
  const slidesOn = isHandFitted(seat.kind, seat.ring)
  const isByHand = slidesOn || seat.byThumb || isRaceway(seat.kind, seat.ring)
  const group = typed.clearance ?? seat.clearance
  const spread = useMemo(
    () =>
      fit && {
        seat: fit.limits,
        ring: fit.bearing,
        clearance: slidesOn ? null : internalClearance(seat.family, group, seat.bore, seat.kind),
        taken: CLEARANCE_REDUCTION[seat.ring],
        sign: seat.ring === 'inner' ? (1 as const) : (-1 as const),
      },
    [fit, seat.family, seat.bore, seat.ring, seat.kind, group, slidesOn],
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
                {texts.bandOfTheClass(small.name)}
              </figcaption>
            </figure>
          )}
          {spread && (
            <>
              <h2 className="caption mt-1">{texts.expectedFitSimulation}</h2>
              <Distribution
                spread={spread}
                tight={seat.ring === seat.rotatingRing && !seat.byThumb && !slidesOn}
                raceway={fit?.raceway ?? false}
              />
            </>
          )}
          <h2 className="caption mt-2">{texts.clearanceNewMountedWarm}</h2>
          {fit?.stages ? (
            <>
              <ClearanceChart stages={fit.stages} />
              <p className="text-[0.84375rem] text-ink2" data-testid="clearance">
                <UnitText
                  text={texts.toMOfLeft(
                    signedUm(fit.stages.mounted.min),
                    signedUm(fit.stages.mounted.max),
                    group,
                  )}
                />{' '}
                <UnitText
                  text={
                    fit.stages.drawnUp
                      ? texts.whenDrawnUp(fit.stages.drawnUp, otherClass ?? null)
                      : texts.whenMounted(otherClass ?? null)
                  }
                />
              </p>
            </>
          ) : (
            <p className="text-[0.875rem] text-ink3">
              {isRaceway(seat.kind, 'inner')
                ? texts.notATableOf
                : seat.kind === 'onSleeve'
                  ? texts.leftOnItsSleeve
                  : texts.noTableOfThis}
            </p>
          )}
        </>
      }
    >
      {fit && difference && (
        <>
          <h1 className="text-[1.3125rem] font-bold" data-testid="fit-answer">
            {texts.toM(signedUm(difference.min), signedUm(difference.max), differenceText(fit))}
          </h1>
          <p className="text-[0.875rem] text-ink2">
            {seat.designation}, {seat.ring === 'inner' ? texts.bore : texts.outsideLower}{' '}
            <span className="number">{texts.sizeInBoth(size, writeInch(size))}</span>{' '}
            {texts.inItsSeat({
              class: question.class,
              nominal: size === nominal ? null : nominal,
              precision: seat.precision === 'Normal' ? null : seat.precision,
              min: umInches(difference.min),
              max: umInches(difference.max),
              isClearance: fit.raceway,
              meanUm: signedUm(difference.mean),
            })}
          </p>
          <div className="my-1 h-[240px]">
            <ZoneFigure fit={fit} ring={seat.ring} readings={measured.map((m) => m.um)} />
          </div>
          <SeatVerdict fit={fit} />
          <dl className="grid grid-cols-[120px_1fr] text-[0.875rem]">
            {(
              [
                [
                  texts.heat,
                  seat.ring === 'outer' && fit.heat.byHeat
                    ? `${fit.heat.advice} ${hubHeatCaution(hubHas)}`
                    : fit.heat.advice,
                ],
                [
                  texts.pressForce,
                  fit.tools === null
                    ? texts.noneNeverPressed
                    : fit.pressForceKn.max > 0
                      ? texts.toKnLbfAt(
                          fit.pressForceKn.min,
                          fit.pressForceKn.max,
                          pounds(fit.pressForceKn.max),
                        )
                      : texts.noneByHand,
                ],
                [
                  texts.sleeve,
                  sleeve
                    ? texts.insideOutside(bothUnits(sleeve.insideMm), bothUnits(sleeve.outsideMm)) +
                      (rod && fit.pressForceKn.max > 0
                        ? texts.orRodThroughThis(rod.thread, bothUnits(rod.overMm))
                        : '')
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
