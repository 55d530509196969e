'use client'

import {
  CLEARANCE_GROUPS,
  internalClearance,
  isHandFitted,
  isRaceway,
  readSeat,
  seatNominal,
  type Material,
  type UsualSeat,
} from '@/core/fit'
import type { HubAttachment, PracticeNote } from '@/core/procedure'
import { guessInstrument, INSTRUMENTS, INSTRUMENT_LABELS, writeMm } from '@/core/quantity'
import type { FittingDraft } from '@/contract/plan'
import * as common from '@/texts/common'
import * as texts from '@/texts/fits'
import { Field } from '@/ui/Field'
import { ReadAs } from '@/ui/ReadAs'
import { SelectField } from '@/ui/SelectField'
import { ChipChoice } from '@/ui/ChipChoice'
import type { Seat, ShownSeat, TypedSeat } from './seatTypes'

/** Usual classes by which ring is tight (common practice, handbooks). */
const CLASSES: Record<'inner' | 'outer', readonly string[]> = {
  inner: ['g6', 'h6', 'j6', 'k5', 'k6', 'm6'],
  outer: ['H7', 'J7', 'K7', 'M7', 'N7', 'P7'],
}
/** Where the shaft or the bore is the raceway. */
const RACEWAY_CLASSES: Record<'inner' | 'outer', readonly string[]> = {
  inner: ['f6', 'g5', 'g6', 'h5', 'h6'],
  outer: ['G6', 'H6', 'H7'],
}
/** Slid onto its shaft by hand and held by screws, a collar or a sleeve. */
const HAND_CLASSES = { inner: ['h6', 'h7', 'h8', 'h9', 'h10'], outer: CLASSES.outer }
const classesOf = ({ kind, ring }: ShownSeat): readonly string[] =>
  (isRaceway(kind, ring) ? RACEWAY_CLASSES : isHandFitted(kind, ring) ? HAND_CLASSES : CLASSES)[ring]
const MATERIALS = [
  ['steel', texts.steel],
  ['castIron', texts.castIron],
  ['aluminium', texts.aluminium],
  ['magnesium', texts.magnesium],
] as const
const BODY_LABELS: Record<Seat['body'], string> = {
  shaft: common.shaft,
  hub: texts.hubOrHousing,
  carrier: texts.carrier,
}

export interface SeatProps {
  seat: ShownSeat
  typed: TypedSeat
  load: FittingDraft['load']
  /** of the shaft or hub this ring sits on or in; null = nobody has said */
  material: Material | null
  onTyped: (typed: TypedSeat) => void
  onMaterial: (material: Material | null) => void
  /** class of the other ring of the same bearing, for the clearance */
  otherClass?: string | undefined
  practice: PracticeNote | null
  /** what is on or in the hub that heat would spoil; null = nobody has said */
  hubHas?: readonly HubAttachment[] | null
}

/** What is typed of a seat: class, clearance, material, readings. */
export function SeatInputs({
  seat,
  typed,
  material,
  onTyped,
  onMaterial,
  usual,
}: SeatProps & { usual: UsualSeat }) {
  const { ring } = seat
  const nominal = seatNominal(seat)
  const readings = readSeat(typed.readings ?? '')
  const now = typed.class?.trim() || usual.class
  const classes = [...new Set([usual.class, ...classesOf(seat)])]
  const group = typed.clearance ?? seat.clearance
  // Groups with a table for this bearing: what is set by adjustment, or made by its seats, has none to choose from.
  const tables = CLEARANCE_GROUPS.filter((name) => internalClearance(seat.family, name, seat.bore, seat.kind))
  const groups = CLEARANCE_GROUPS.filter((name) => tables.includes(name) || name === group)
  return (
    <>
      <label className="mb-1 block">
        <span className="caption block">{texts.classOfThe(ring)}</span>
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
          label={texts.usualClasses}
          className="number px-2.5"
          value={now}
          options={classes.map((name) => [name, name] as const)}
          onPick={(name) => onTyped({ ...typed, class: name })}
        />
      </div>
      <p className="mb-2 text-[0.84375rem] text-ink2" data-testid="recommended">
        {texts.usual} <b className="number text-ink">{usual.class}</b>
        {usual.clearance && (
          <>
            {' '}
            {texts.withClass} <b className="number text-ink">{usual.clearance}</b>
          </>
        )}
        . {usual.why}
      </p>
      <div className="mb-2 grid grid-cols-2 gap-2">
        {tables.length > 0 && (
          <SelectField
            caption
            label={texts.clearance}
            value={group}
            options={groups.map((name) => [name, name] as const)}
            onPick={(clearance) => onTyped({ ...typed, clearance })}
          />
        )}
        <SelectField
          caption
          label={texts.of(BODY_LABELS[seat.body])}
          value={material ?? ''}
          options={[['', texts.notSaid], ...MATERIALS]}
          onPick={(picked) => onMaterial(picked || null)}
        />
      </div>
      <div className="mb-2">
        <Field
          label={ring === 'inner' ? texts.hollowShaftBore : texts.hubOutsideDiameter}
          value={typed.wall ?? ''}
          placeholder={ring === 'inner' ? texts.solid : texts.thick}
          onChange={(wall) => onTyped({ ...typed, wall })}
        />
        <ReadAs
          fields={
            ring === 'inner'
              ? [
                  { name: 'shaft', text: texts.mmOfBore(seat.bore), role: 'outside' },
                  { name: texts.itsBore, text: typed.wall ?? '', role: 'bore' },
                ]
              : [
                  { name: 'hub', text: texts.mmOfOutside(seat.outside), role: 'bore' },
                  { name: texts.itsOutside, text: typed.wall ?? '', role: 'outside' },
                ]
          }
        />
      </div>
      <label className="block">
        <span className="caption block">{texts.readingsClockPositionSizeDepth}</span>
        <textarea
          className="field number h-[96px] py-2"
          placeholder={texts.exampleReadings(writeMm(nominal + 0.004), writeMm(nominal + 0.006))}
          maxLength={2000}
          value={typed.readings ?? ''}
          onChange={(e) => onTyped({ ...typed, readings: e.target.value })}
        />
      </label>
      {readings.length > 0 && (
        <SelectField
          caption
          label={texts.measuredWith}
          value={typed.instrument ?? guessInstrument(readings.map((r) => r.value))}
          options={INSTRUMENTS.map((name) => [name, INSTRUMENT_LABELS[name]] as const)}
          onPick={(instrument) => onTyped({ ...typed, instrument })}
        />
      )}
    </>
  )
}
