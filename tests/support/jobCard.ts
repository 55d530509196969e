import { expect } from 'vitest'
import { arrangementOf, proposeKit, type KitRequest } from '@/core/kit'
import { makePlan, type Plan, type PlanFacts, type SeatFit } from '@/core/procedure'
import { NOTHING_SAID } from './planFacts'
import { shippedKnowledge } from './shipped'

export const TIGHT: SeatFit = {
  slot: '',
  ring: 'outer',
  class: 'N7',
  min: -4,
  max: 39,
  celsius: 98,
  byHeat: true,
  heatAdvice:
    'Heat the hub to about 100 °C by hot air, plate or induction, never with a flame; at most 150 °C.',
  forceKn: 12,
  sleeve: { insideMm: 54, outsideMm: 61.5 },
  rod: { thread: 'M16', overMm: 62 },
}

/** A job card: an arrangement, what is said of its kit, what is known beside it. */
export function plan(code: string, request: Partial<KitRequest> = {}, more: Partial<PlanFacts> = {}): Plan {
  const arrangement = arrangementOf(code)
  const kit = proposeKit(arrangement, { positions: 2, parts: {}, sizes: {}, ...request }, shippedKnowledge)
  return makePlan({
    arrangement,
    kit,
    ...NOTHING_SAID,
    encoder: false,
    ...more,
  })
}

export const A1: Partial<KitRequest> = {
  parts: { innerCone: 'L68149', innerCup: 'L68110', outerCone: 'LM12749', outerCup: 'LM12710' },
  sizes: { sealShaft: 42, sealHousing: 62, sealWidth: 8, cavityLength: 48, hubMouth: 45.24 },
  thread: '3/4-16',
}
export const B2: Partial<KitRequest> = { parts: { bearing: '6004-2RS' }, sizes: { spacerLength: 38 } }
export const D1: Partial<KitRequest> = { parts: { hubUnit: '39x72x37', axleNut: 'axle nut M24x1.5' } }

export const stepsOf = ({ sections }: Plan) => sections.flatMap((s) => s.steps)
export const order = (p: Plan, ...ids: string[]) => {
  const indexes = ids.map((id) => stepsOf(p).findIndex((step) => step.id === id))
  expect(indexes, ids.join(' < ')).not.toContain(-1)
  expect(indexes, ids.join(' < ')).toEqual([...indexes].sort((a, b) => a - b))
}
export const all = (p: Plan) =>
  stepsOf(p)
    .map((s) => `${s.text} ${s.tool ?? ''} ${s.caution ?? ''}`)
    .join('\n')

export const C2: Partial<KitRequest> = { parts: { bearingRear: '629-2RS', bearingFront: '628-2RS' } }
