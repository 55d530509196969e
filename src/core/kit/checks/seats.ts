import { sitsIn } from '../../catalogue'
import { checkSeal } from '../../seals'
import { sleeveUnder } from '../fill'
import { sealSizesOf, seatOf } from '../seats'
import { isOver, isWithin, SEAL_UNDER_CONE_MM, SEAL_UNDER_CUP_MM, SEAT_OFF_MM } from '../tolerances'
import { partAt, slotsOf, type KitRule } from './check'
import type { CheckFinding } from './facts'

/** What is fitted against the seat as measured: another size is not close enough. */
export const seatsFit: KitRule = (fillContext) =>
  fillContext.arrangement.slots.flatMap((slot) => {
    const seat = seatOf(slot, fillContext.request.sizes)
    const fitted = partAt(fillContext, slot.id)
    if (!fitted) return []
    const sleeve = sleeveUnder(slot.id, fillContext)
    return (
      [
        ['shaft', sleeve ? sleeve.shaftMm : fitted.dimensions.bore, seat.shaft],
        ['housing', fitted.dimensions.outside, seat.housing],
      ] as const
    ).flatMap(([on, sizeMm, measuredMm]): CheckFinding[] => {
      if (measuredMm === undefined || sizeMm === undefined || isWithin(sizeMm, measuredMm, SEAT_OFF_MM))
        return []
      const data = { part: fitted.base, on, sizeMm, measuredMm }
      return [{ code: 'partOffSeat', result: 'fail', data, slots: [slot.id] }]
    })
  })

/** A listed housing and the insert that is to sit in it. */
export const housingHolds: KitRule = (fillContext) =>
  slotsOf(fillContext, 'housing').flatMap((slot): CheckFinding[] => {
    const housing = partAt(fillContext, slot.id)
    const insertSlot = slotsOf(fillContext, 'insert').find(({ id }) => partAt(fillContext, id))
    const insert = partAt(fillContext, insertSlot?.id)
    // A unit brings its own.
    if (housing?.hardware?.what !== 'housing' || !insertSlot || insert?.family !== 'insert' || insert.housing)
      return []
    const slots = [slot.id, insertSlot.id]
    if (sitsIn(insert, housing))
      return [
        { code: 'housingHolds', result: 'pass', data: { housing: housing.base, insert: insert.base }, slots },
      ]
    const data = {
      housing: housing.base,
      seatMm: housing.hardware.seatMm,
      insert: insert.base,
      outsideMm: insert.dimensions.outside ?? null,
    }
    return [{ code: 'housingOff', result: 'fail', data, slots }]
  })

export const sealFits: KitRule = (fillContext) =>
  slotsOf(fillContext, 'seal').flatMap((slot): CheckFinding[] => {
    const seal = partAt(fillContext, slot.id)
    const { shaft, housing, width } = sealSizesOf(slot, fillContext.request.sizes)
    if (!seal || shaft === undefined || housing === undefined) return []
    const answer = checkSeal(seal, { shaft, housing, width })
    const end = slot.side && slotsOf(fillContext, 'seal').length > 1 ? slot.side : ''
    const slots = [slot.id]
    if (answer?.fits)
      return [{ code: 'sealFits', result: 'pass', data: { end, answer: answer.reason }, slots }]
    const data = { seal: seal.base, end, answer: answer?.reason ?? null }
    return [{ code: 'sealOff', result: 'fail', data, slots }]
  })

/** A seal on a stub spindle runs on a journal behind the inner cone and sits in a bore that the cup passes. */
export const sealRoom: KitRule = (fillContext) =>
  slotsOf(fillContext, 'seal').flatMap((slot): CheckFinding[] => {
    const coneSlot = slotsOf(fillContext, 'cone').find(({ id, side }) => id === slot.at || side === slot.side)
    const seal = partAt(fillContext, slot.id)
    const [shaftMm, housingMm] = [seal?.dimensions.bore, seal?.dimensions.outside]
    if (!coneSlot || !seal || shaftMm === undefined || housingMm === undefined) return []
    const coneMm = partAt(fillContext, coneSlot.id)?.dimensions.bore
    if (coneMm !== undefined && isOver(coneMm - SEAL_UNDER_CONE_MM, shaftMm)) {
      const data = { seal: seal.base, shaftMm, coneMm }
      return [{ code: 'sealUnderCone', result: 'fail', data, slots: [slot.id, coneSlot.id] }]
    }
    const cupMm = partAt(fillContext, coneSlot.mate)?.dimensions.outside
    if (cupMm !== undefined && isOver(cupMm - SEAL_UNDER_CUP_MM, housingMm)) {
      const slots = [slot.id, coneSlot.mate ?? '']
      return [{ code: 'sealUnderCup', result: 'warn', data: { housingMm, cupMm }, slots }]
    }
    return []
  })
