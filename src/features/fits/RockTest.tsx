'use client'

import { FigureField, UnitText } from '@/features/shell'
import { rockTest } from '@/core/adjust'
import { readFigure } from '@/core/quantity'
import * as texts from '@/texts/fits'
import type { Fields, SetField } from './seatTypes'

const LENGTHS = [
  ['dial', texts.dial],
  ['radius', texts.atRadius],
  ['rows', texts.betweenRows],
] as const
/** Contact angle of usual tapered wheel bearings, degrees (common practice). */
const USUAL_ANGLE = '15'

/** A wheel rocked by hand, a dial at a radius: what end play that is. */
export function RockTest({ fields, set }: { fields: Fields; set: SetField }) {
  const value = (name: string) => fields[`adjust.${name}`] ?? (name === 'angle' ? USUAL_ANGLE : '')
  const mm = (name: string) => readFigure(value(name), 'length')
  const [radius, rows, angle] = [mm('radius'), mm('rows'), readFigure(value('angle'), 'angle')]
  const play = rockTest(mm('dial'), radius, rows, angle)
  const known = radius > 0 && rows > 0 && angle > 0 && angle < 90 && play > 0
  return (
    <>
      <h2 className="caption mt-3">{texts.rockedAtTopAndBottom}</h2>
      <div className="mb-1.5 grid grid-cols-2 gap-1.5">
        {LENGTHS.map(([name, label]) => (
          <FigureField
            key={name}
            label={label}
            quantity="length"
            value={value(name)}
            onChange={(v) => set(`adjust.${name}`, v)}
          />
        ))}
        <FigureField
          label={texts.contactAngle}
          quantity="angle"
          value={value('angle')}
          onChange={(v) => set('adjust.angle', v)}
        />
      </div>
      <p className="text-[0.90625rem]" data-testid="rock">
        {known ? (
          <>
            {texts.about}{' '}
            <b className="number">
              <UnitText text={texts.mm(play.toFixed(3))} />
            </b>{' '}
            {texts.endPlay}
          </>
        ) : (
          <span className="text-ink3">{texts.dialReadingFromOne}</span>
        )}
      </p>
    </>
  )
}
