'use client'

import { collarShims } from '@/core/adjust'
import { readFigure, readFigures } from '@/core/quantity'
import { FigureField, UnitText } from '@/features/shell'
import * as texts from '@/texts/fits'
import { type Fields, type SetField } from './seatTypes'

/** Shims that are usual in a set, mm. */
const USUAL_SHIMS = '0.05 0.1 0.2 0.5'

interface Props {
  fields: Fields
  set: SetField
  /** play wanted, mm */
  target: { min: number; max: number }
}

/** Two tapered bearings clamped over a collar: the shims that give the play wanted. */
export function CollarBox({ fields, set, target }: Props) {
  const typed = fields['adjust.collarPlay'] ?? ''
  const shims = fields['adjust.shims'] ?? USUAL_SHIMS
  const play = readFigure(typed, 'length')
  const wants = target.max >= target.min && target.min >= 0
  const { message } = collarShims(play, target, readFigures(shims))
  return (
    <>
      <h2 className="caption mt-3">{texts.conesClampedOverACollar}</h2>
      <div className="mb-1.5 grid grid-cols-2 gap-1.5">
        <FigureField
          label={texts.playAtTorque}
          quantity="length"
          value={typed}
          onChange={(v) => set('adjust.collarPlay', v)}
        />
        <FigureField
          label={texts.shims}
          quantity="length"
          value={shims}
          maxLength={40}
          invalid={shims.trim() !== '' && readFigures(shims).length === 0}
          onChange={(v) => set('adjust.shims', v)}
        />
      </div>
      <p className="text-[0.90625rem]" data-testid="collar">
        {typed.trim() !== '' && play >= 0 && wants ? (
          <UnitText text={message} />
        ) : (
          <span className="text-ink3">{texts.nutAtItsTorque}</span>
        )}
      </p>
    </>
  )
}
