'use client'

import { useState } from 'react'
import { readFigure, type FieldQuantity } from '@/core/quantity'
import { firstProblem } from '@/features/shell'
import * as common from '@/texts/common'
import * as texts from '@/texts/convert'
import { useAnswer } from '@/ui/useAnswer'
import { useStoredState } from '@/ui/useStoredState'
import { useUrlChoice } from '@/ui/urlState'

export const KINDS = [
  ['bushToBall', texts.bushToBall],
  ['taperedToBall', texts.taperedToBall],
  ['ballToTapered', texts.ballToTapered],
] as const
export const KIND_NAMES = {
  bushToBall: 'bush',
  taperedToBall: texts.taperedPair,
  ballToTapered: texts.ballBearings,
} as const
export const LOCATING = [
  ['', texts.asUsual],
  ['spacer', texts.clampedSpacer],
  ['ring', texts.washerAndRing],
] as const
/** Name, label, usual figure, what it counts. */
export type FigureRow = readonly [string, string, string, FieldQuantity]
export const LOAD_FIELDS: readonly FigureRow[] = [
  ['radial', texts.radial, '', 'force'],
  ['axial', texts.axial, '', 'force'],
  ['rpm', common.turnsAMinute, '200', 'turns'],
  ['hours', texts.wantedHours, '5000', 'hours'],
]
export const BOLT_FIELDS: readonly FigureRow[] = [
  ['clamped', texts.clamped, '', 'length'],
  ['thread', texts.thread, '', 'length'],
  ['depth', texts.itsDepth, '', 'length'],
]
const QUANTITY_OF = new Map<string, FieldQuantity>(
  [...LOAD_FIELDS, ...BOLT_FIELDS].map(([name, , , quantity]) => [name, quantity]),
)
export const NO_SEAT = { shaft: '', housing: '', width: '' }
const NO_SEATS = [NO_SEAT, NO_SEAT]
const NONE_CHOSEN = ['', '']
const NO_FIGURES: Readonly<Record<string, string>> = {}

/** What is asked of a conversion as it is typed, kept in the browser, with its answer. */
export function useConversion() {
  const [kind, setKind] = useUrlChoice(
    'kind',
    KINDS.map(([id]) => id),
    'bushToBall',
  )
  const [seats, setSeats] = useStoredState('convert.seats', NO_SEATS)
  const [chosen, setChosen] = useStoredState('convert.chosen', NONE_CHOSEN)
  const [shoulders, setShoulders] = useStoredState('convert.shoulders', '')
  const [positions, setPositions] = useStoredState('convert.positions', '1')
  const [locating, setLocating] = useState<(typeof LOCATING)[number][0]>('')
  const [figures, setFigures] = useStoredState<Readonly<Record<string, string>>>(
    'convert.figures',
    NO_FIGURES,
  )
  const figureOf = (name: string): number => {
    const typed = figures[name] ?? ''
    const quantity = QUANTITY_OF.get(name)
    return quantity ? readFigure(typed, quantity) : NaN
  }
  const given = (name: string, usual: number): number =>
    Number.isFinite(figureOf(name)) ? figureOf(name) : usual
  const loaded = given('radial', 0) + given('axial', 0) > 0
  const bolted = BOLT_FIELDS.every(([name]) => figureOf(name) > 0)
  const problem = firstProblem(
    [...LOAD_FIELDS, ...BOLT_FIELDS].map(([name, label, , quantity]) => [
      label,
      figures[name] ?? '',
      quantity,
    ]),
  )
  const whole = seats.filter((s) => s.shaft.trim() && s.housing.trim() && s.width.trim())
  const { answer, message } = useAnswer(
    'POST /api/convert',
    whole.length > 0 && problem === ''
      ? {
          body: {
            kind,
            seats: whole,
            chosen: chosen.slice(0, whole.length),
            positions: Number(positions) || 1,
            ...(shoulders.trim() && { shoulders }),
            ...(locating !== '' && { clamped: locating === 'spacer' }),
            ...(loaded && {
              load: {
                radialKn: given('radial', 0),
                axialKn: given('axial', 0),
                rpm: given('rpm', 200),
                wantedHours: given('hours', 5000),
              },
            }),
            ...(bolted && {
              fastener: {
                clampedMm: figureOf('clamped'),
                threadMm: figureOf('thread'),
                depthMm: figureOf('depth'),
              },
            }),
          },
        }
      : null,
  )
  const byNewParts = (): void => setChosen(NONE_CHOSEN)
  return {
    kind,
    setKind: (next: typeof kind): void => {
      void setKind(next)
      byNewParts()
    },
    seats,
    setSeats: (next: typeof seats): void => {
      setSeats(next)
      byNewParts()
    },
    /** ends whose three sizes are typed */
    whole,
    setChosen,
    shoulders,
    setShoulders,
    positions,
    setPositions,
    locating,
    setLocating,
    figures,
    setFigure: (name: string, typed: string): void => setFigures({ ...figures, [name]: typed }),
    answer,
    message: problem || message,
  }
}
export type Conversion = ReturnType<typeof useConversion>
