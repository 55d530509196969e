'use client'

import { useState } from 'react'
import type { Material } from '@/core/fit'
import { Frame, type KeyHint } from '@/features/shell'
import type { FittingDraft } from '@/contract/plan'
import * as texts from '@/texts/fits'
import { ShowExample } from '@/ui/ShowExample'
import { useAnswer } from '@/ui/useAnswer'
import { useStoredState } from '@/ui/useStoredState'
import { SelectField } from '@/ui/SelectField'
import { ChipChoice } from '@/ui/ChipChoice'
import { AdjustTab } from './AdjustTab'
import { seatFor } from './seatFor'
import { FitTabs, useFitTab } from './FitTabs'
import { GreaseTab } from './GreaseTab'
import { LifeTab } from './LifeTab'
import { SeatTab } from './SeatTab'
import { SpacingTab } from './SpacingTab'
import type { Seat, TypedSeat } from './seatTypes'
import { usePractices } from './usePractices'
import { useTabKeys } from './useTabKeys'

export const FIT_HINTS: readonly KeyHint[] = [
  { keys: '1 – 5', label: texts.seatsSpacingSettingGreaseLife, foot: true },
]

const RINGS = [
  ['inner', texts.innerOnItsShaft],
  ['outer', texts.outerInItsBore],
] as const

type TypedSeats = Record<Seat['ring'], TypedSeat>
const NO_SEATS: TypedSeats = { inner: {}, outer: {} }
/** What was typed of the seats of a bearing; another bearing has seats of its own. */
const NOTHING_TYPED = { of: '', seats: NO_SEATS }
const NO_FIELDS: Record<string, string> = {}
const NO_DEPTHS: FittingDraft['depths'] = []

/** Fits, spacing, setting, grease and life as a quick look-up, without a job. */
export function FitsScreen({ designation }: { designation: string }) {
  const [tab, setTab] = useFitTab()
  const [number, setNumber] = useStoredState(
    designation ? `fits.number.${designation}` : 'fits.number',
    designation,
  )
  const [ring, setRing] = useState<Seat['ring']>('inner')
  const [rotatingRing, setRotatingRing] = useState<Seat['rotatingRing']>('inner')
  const [stored, setStored] = useStoredState<{ of: string; seats: TypedSeats }>('fits.seatsOf', NOTHING_TYPED)
  const [materials, setMaterials] = useState<Record<Seat['ring'], Material | null>>({
    inner: null,
    outer: null,
  })
  const [fields, setFields] = useStoredState<Record<string, string>>('fits.fields', NO_FIELDS)
  const [depths, setDepths] = useStoredState<FittingDraft['depths']>('fits.depths', NO_DEPTHS)
  const [firstSide, setFirstSide] = useStoredState<FittingDraft['firstSide']>('fits.firstSide', '')
  const practices = usePractices()
  useTabKeys(setTab)
  const { answer: sheet, message } = useAnswer(
    'GET /api/part-sheet',
    number.trim() === '' ? null : { query: { designation: number.trim() } },
  )
  const set = (name: string, value: string) => setFields((was) => ({ ...was, [name]: value }))
  const seat = sheet && seatFor(sheet, ring, rotatingRing)
  const typed = stored.of === seat?.designation ? stored.seats : NO_SEATS
  const other = ring === 'inner' ? 'outer' : 'inner'
  return (
    <Frame about={<b className="font-semibold text-ink">{texts.fitsAndSetting}</b>} hints={FIT_HINTS}>
      <FitTabs
        tab={tab}
        onTab={setTab}
        beside={
          <>
            <label className="flex shrink-0 items-center gap-2">
              <span className="caption">{texts.bearing}</span>
              <input
                className="field number w-[210px]"
                autoFocus
                placeholder="6205-2RS"
                maxLength={80}
                value={number}
                onChange={(e) => setNumber(e.target.value)}
              />
            </label>
            {tab === 'seat' && (
              <>
                <ChipChoice
                  label={texts.ring}
                  className="shrink-0 px-3"
                  value={ring}
                  options={RINGS}
                  onPick={setRing}
                />
                {seat?.kind !== 'linear' && (
                  <SelectField
                    className="field w-[180px]"
                    label={texts.whichRingTurnsAgainst}
                    value={rotatingRing}
                    options={[
                      ['inner', texts.innerRingRotates],
                      ['outer', texts.outerRingRotates],
                    ]}
                    onPick={setRotatingRing}
                  />
                )}
              </>
            )}
          </>
        }
      >
        {tab === 'seat' &&
          (seat ? (
            <SeatTab
              key={`${seat.designation} ${ring}`}
              seat={seat}
              typed={typed[ring]}
              load="normal"
              material={materials[ring]}
              onTyped={(next) => setStored({ of: seat.designation, seats: { ...typed, [ring]: next } })}
              onMaterial={(material) => setMaterials({ ...materials, [ring]: material })}
              otherClass={typed[other].class}
              practice={practices('heat')}
            />
          ) : (
            <div
              className={`px-[18px] pt-14 ${message ? 'text-contra' : 'text-ink2'}`}
              role={message ? 'alert' : undefined}
            >
              {message || (sheet ? texts.thisOneAloneHas : texts.typeTheBearingSuch)}
              {!message && !sheet && <ShowExample onShow={() => setNumber('6205-2RS')} />}
            </div>
          ))}
        {tab === 'spacing' && (
          <SpacingTab
            fields={fields}
            set={set}
            depths={depths}
            onDepths={setDepths}
            firstSide={firstSide}
            onFirstSide={setFirstSide}
          />
        )}
        {tab === 'adjust' && (
          <AdjustTab fields={fields} set={set} practice={practices('adjustment')} fittedOn="" wet={false} />
        )}
        {tab === 'grease' && (
          <GreaseTab
            bearings={number.trim() === '' ? [] : [number.trim()]}
            usual={{}}
            fields={fields}
            set={set}
            practice={practices('grease')}
          />
        )}
        {tab === 'life' && <LifeTab designation={number.trim()} fields={fields} set={set} />}
      </FitTabs>
    </Frame>
  )
}
