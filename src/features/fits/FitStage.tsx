'use client'

import * as texts from '@/texts/fits'
import { Link } from '@/ui/Link'
import { useState } from 'react'
import { cavityBetween } from '@/core/grease'
import { betweenCups } from '@/core/kit'
import { readThread, writeMm } from '@/core/quantity'
import { BLANK_FITTING, JobFrame, useJob } from '@/features/job'
import type { FittingDraft } from '@/contract/plan'
import { useAnswer } from '@/ui/useAnswer'
import { SelectField } from '@/ui/SelectField'
import { AdjustTab } from './AdjustTab'
import { FIT_HINTS } from './FitsScreen'
import { FitTabs, useFitTab } from './FitTabs'
import { GreaseTab } from './GreaseTab'
import { LifeTab } from './LifeTab'
import { seatInHand } from './seatInHand'
import { SeatTab } from './SeatTab'
import { SpacingTab } from './SpacingTab'
import { usePractices } from './usePractices'
import { useTabKeys } from './useTabKeys'

const LOADS = ['light', 'normal', 'heavy'] as const

/** Thread of a nut as it is written on the kit, such as 3/4-16 or M20x1.5, for the setting pane. */
function threadFields(text: string | undefined): Record<string, string> {
  const thread = readThread(text ?? '')
  return thread ? { 'adjust.pitch': writeMm(thread.pitchMm) } : {}
}

/** How the parts of a job's kit sit, are spaced, set and greased; everything typed stays with the job. */
export function FitStage() {
  const { job, change, pathTo } = useJob()
  const [tab, setTab] = useFitTab()
  const [at, setAt] = useState('')
  const practices = usePractices()
  useTabKeys(setTab)
  const draft = job.fitting ?? BLANK_FITTING
  const put = (next: Partial<FittingDraft>) => change({ fitting: { ...draft, ...next }, stage: 'fit' })
  const { answer, message } = useAnswer('GET /api/jobs/{id}/seats', job.kit && { path: { id: job.id } })
  const all = answer?.seats ?? []
  const inHand = seatInHand({ seats: all }, draft, at)
  const seat = inHand?.seat
  const sizes = job.kit?.sizes ?? {}
  const set = (name: string, value: string) => put({ fields: { ...draft.fields, [name]: value } })
  const text = (size: string | number | undefined): string | undefined =>
    size === undefined || size === '' ? undefined : String(size)
  const [length, lips] = [
    betweenCups({ seatDistance: text(sizes.seatDistance), cavityLength: text(sizes.cavityLength) }),
    text(sizes.sealShaft),
  ]
  const between = cavityBetween(all)
  const bearings = answer?.bearings ?? []
  const tapered = all.some((s) => s.family.startsWith('tapered'))
  const noSeats = !job.kit
    ? texts.seatsComeFromThe
    : bearings.length > 0 || answer?.hasSeats === false
      ? texts.noRingOfThis
      : answer && texts.noBearingStandsIn
  return (
    <JobFrame stage="fit" hints={FIT_HINTS}>
      <FitTabs
        tab={tab}
        onTab={setTab}
        beside={
          tab === 'seat' && all.length > 0 ? (
            <>
              <SelectField
                className="field max-w-full w-[310px]"
                label={texts.seatHeading}
                value={seat?.id ?? ''}
                options={all.map(
                  (s) =>
                    [
                      s.id,
                      `${s.label}, ${s.ring === 'inner' ? texts.onItsShaft : texts.inItsBore}: ${s.designation}`,
                    ] as const,
                )}
                onPick={setAt}
              />
              <SelectField
                className="field w-[130px]"
                label={texts.load}
                value={draft.load}
                options={LOADS.map((load) => [load, texts.loadOfLoad(load)] as const)}
                onPick={(load) => put({ load })}
              />
            </>
          ) : null
        }
      >
        {tab === 'seat' &&
          (inHand && seat ? (
            <SeatTab
              key={seat.id}
              {...inHand}
              onTyped={(typed) => put({ seats: { ...draft.seats, [seat.id]: typed } })}
              onMaterial={(material) =>
                put({ materials: { ...draft.materials, [seat.body]: material ?? undefined } })
              }
              practice={practices('heat')}
              hubHas={draft.hubHas}
            />
          ) : (
            <div className="px-[18px] pt-14 text-ink2">
              {message && (
                <p role="alert" className="mb-2 text-contra">
                  {message}
                </p>
              )}
              <p className="mb-3">{noSeats}</p>
              <Link href={pathTo('kit')} className="button">
                {texts.toTheKit}
              </Link>
            </div>
          ))}
        {tab === 'spacing' && (
          <SpacingTab
            fields={{
              ...(text(sizes.spacerLength) && { 'spacing.spacer': String(sizes.spacerLength) }),
              ...draft.fields,
            }}
            set={set}
            depths={draft.depths}
            onDepths={(depths) => put({ depths })}
            firstSide={draft.firstSide}
            onFirstSide={(firstSide) => put({ firstSide })}
          />
        )}
        {tab === 'adjust' &&
          (all.length > 0 && !tapered && answer?.setting.lock !== 'cone' ? (
            <p className="px-[18px] pt-14 text-ink2">{texts.nothingToSetHere}</p>
          ) : (
            <AdjustTab
              fields={{ ...threadFields(job.kit?.thread), ...draft.fields }}
              set={set}
              practice={practices('adjustment')}
              usual={answer?.setting}
              fittedOn={draft.fittedOn}
              wet={job.intake.use.some((u) => u === 'washed' || u === 'submerged')}
            />
          ))}
        {tab === 'grease' && (
          <GreaseTab
            bearings={bearings}
            usual={{
              ...(length && { length }),
              ...(between && { inner: between.innerMm.toFixed(1), outer: between.outerMm.toFixed(1) }),
              ...(lips && { lips }),
            }}
            fields={{
              ...(job.intake.use.includes('washed') && { 'grease.washed': 'yes' }),
              ...draft.fields,
            }}
            set={set}
            practice={practices('grease')}
          />
        )}
        {tab === 'life' && <LifeTab designation={bearings[0] ?? ''} fields={draft.fields} set={set} />}
      </FitTabs>
    </JobFrame>
  )
}
