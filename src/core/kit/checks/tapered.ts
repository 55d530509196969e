import { roundMicrometre } from '../../catalogue'
import { USUAL_PLAY_MM } from '../../adjust'
import type { Slot } from '../arrangement'
import { taperedSets, type FillContext } from '../fill'
import { nameOf, partAt, slotsOf, type KitRule } from './check'
import type { CheckFinding } from './facts'

/** Cones of the two ends: the inner (or left) one stands deeper on the spindle. */
function endCones(fillContext: FillContext): { inner: Slot; outer: Slot } | null {
  const cones = slotsOf(fillContext, 'cone')
  const inner = cones.find(({ side }) => side === 'inner')
  const outer = cones.find(({ side }) => side === 'outer')
  return inner && outer ? { inner, outer } : null
}

/** A cone and the cup it names. */
export const mating: KitRule = (fillContext) =>
  slotsOf(fillContext, 'cone').flatMap((slot): CheckFinding[] => {
    const [cone, cup] = [partAt(fillContext, slot.id), partAt(fillContext, slot.mate)]
    if (!cone || !cup) return []
    const slots = [slot.id, slot.mate ?? '']
    const names = { cone: cone.base, cup: cup.base }
    if (cone.series === cup.series)
      return [
        {
          code: 'coneRuns',
          result: 'pass',
          data: { end: nameOf(slot), ...names, series: cone.series },
          slots,
        },
      ]
    const data = { ...names, coneSeries: cone.series, cupSeries: cup.series }
    return [{ code: 'coneDoesNotRun', result: 'fail', data, slots }]
  })

export const twoSets: KitRule = (fillContext) => {
  const ends = endCones(fillContext)
  const [inner, outer] = [partAt(fillContext, ends?.inner.id), partAt(fillContext, ends?.outer.id)]
  if (!ends || !inner || !outer) return []
  const slots = [ends.inner.id, ends.outer.id]
  if (inner.base === outer.base) return [{ code: 'setsAlike', result: 'warn', data: {}, slots }]
  const [innerMm, outerMm] = [inner.dimensions.bore ?? 0, outer.dimensions.bore ?? 0]
  if (outerMm > innerMm)
    return [
      {
        code: 'setsSwapped',
        result: 'fail',
        data: { inner: inner.base, outer: outer.base, innerMm, outerMm },
        slots,
      },
    ]
  return [{ code: 'setsDiffer', result: 'pass', data: {}, slots }]
}

/** Cones clamped over a collar: the play is what the collar leaves (common practice, from nominal widths). */
export const clampedPlay: KitRule = (fillContext) => {
  const slot = slotsOf(fillContext, 'collar').find(({ id }) => fillContext.filled.has(id))
  const { spacerLength: collarMm, seatDistance: seatsMm } = fillContext.request.sizes
  const [first, second] = taperedSets(fillContext).map(({ set }) => set.dimensions)
  if (!slot || collarMm === undefined || seatsMm === undefined || !first || !second) return []
  const { coneWidth: b1, totalWidth: t1 } = first
  const { coneWidth: b2, totalWidth: t2 } = second
  if (b1 === undefined || b2 === undefined || t1 === undefined || t2 === undefined) return []
  const playMm = roundMicrometre(b1 + b2 + collarMm - (seatsMm + t1 + t2))
  const { min, max } = USUAL_PLAY_MM
  return [
    {
      code: 'collarPlay',
      result: playMm < 0 ? 'fail' : playMm >= min && playMm <= max ? 'pass' : 'warn',
      data: { playMm, collarMm, seatsMm, coneMm: [b1, b2], setMm: [t1, t2], rangeMm: { min, max } },
      slots: [slot.id],
    },
  ]
}
