'use client'

import { FigureField } from '@/features/shell'
import * as common from '@/texts/common'
import * as texts from '@/texts/convert'
import { ChipChoice } from '@/ui/ChipChoice'
import { Field } from '@/ui/Field'
import { ReadAs } from '@/ui/ReadAs'
import { BOLT_FIELDS, LOCATING, KINDS, LOAD_FIELDS, type Conversion, type FigureRow } from './useConversion'

/** The seats as they are now, and what they bear. */
export function ConversionForm({ conversion }: { conversion: Conversion }) {
  const { kind, seats, setSeats, shoulders, positions, locating, figures } = conversion
  const figureField = ([name, label, usual, quantity]: FigureRow) => (
    <FigureField
      key={name}
      label={label}
      quantity={quantity}
      value={figures[name] ?? ''}
      placeholder={usual}
      onChange={(typed) => conversion.setFigure(name, typed)}
    />
  )
  return (
    <form
      className="min-h-0 overflow-auto border-r border-line px-[18px] py-3"
      onSubmit={(e) => e.preventDefault()}
    >
      <ChipChoice label={texts.conversion} value={kind} options={KINDS} onPick={conversion.setKind} />
      {seats.map((seat, i) => (
        <fieldset key={i} className="mt-3">
          <legend className="caption">{i === 0 ? texts.oneEndAsIt : texts.otherEndIfItDiffers}</legend>
          <div className="grid grid-cols-3 gap-1.5">
            {(
              [
                ['shaft', common.shaft, '25'],
                ['housing', common.bore, '52'],
                ['width', common.width, '20'],
              ] as const
            ).map(([name, label, example]) => (
              <Field
                key={name}
                label={label}
                value={seat[name]}
                placeholder={i === 0 ? example : ''}
                onChange={(v) => setSeats(seats.map((s, at) => (at === i ? { ...s, [name]: v } : s)))}
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
        <Field label={texts.betweenShoulders} value={shoulders} onChange={conversion.setShoulders} />
        <Field label={texts.wheels} value={positions} maxLength={3} onChange={conversion.setPositions} />
      </div>
      {kind !== 'ballToTapered' && (
        <div className="mt-2">
          <span className="caption block">{texts.theWheelIsHeldBy}</span>
          <ChipChoice
            label={texts.theWheelIsHeldBy}
            value={locating}
            options={LOCATING}
            onPick={conversion.setLocating}
          />
        </div>
      )}
      <h2 className="caption mt-3">{texts.whatOneEndCarries}</h2>
      <div className="grid grid-cols-2 gap-1.5">{LOAD_FIELDS.map(figureField)}</div>
      <h2 className="caption mt-3">{texts.theBoltThatHolds}</h2>
      <div className="grid grid-cols-3 gap-1.5">{BOLT_FIELDS.map(figureField)}</div>
      <p className="mt-3 text-[0.84375rem] text-ink3">{texts.widthIsThatOf}</p>
    </form>
  )
}
