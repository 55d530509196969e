import { USUAL_PLAY_MM } from '../../adjust'
import type { Slot } from '../arrangement'
import { fillPracticeOf, hardwareOf, spindleThread } from '../fill'
import { CAP_OFF_MM, isOver, isPinFor, isWithin, THREAD_PASSES_MM, WASHER_OFF_MM } from '../tolerances'
import { leansOn, partAt, slotsOf, type KitRule } from './check'
import type { CheckFinding } from './facts'

/** Slots of a castle nut where no listed one tells it (common practice). */
const USUAL_SLOTS = 6

const withNut = (slot: Slot): string[] => [slot.id, ...(slot.at === undefined ? [] : [slot.at])]

export const nutPasses: KitRule = (fillContext) =>
  slotsOf(fillContext, 'castleNut').flatMap((slot): CheckFinding[] => {
    const coneSlot = leansOn(fillContext, slot, 'cone')
    const nut = hardwareOf(partAt(fillContext, slot.id), 'castleNut')
    const cone = partAt(fillContext, coneSlot?.id)
    const boreMm = cone?.dimensions.bore
    if (
      !coneSlot ||
      !nut ||
      !cone ||
      boreMm === undefined ||
      !isOver(nut.threadMm, boreMm + THREAD_PASSES_MM)
    )
      return []
    const data = { cone: cone.base, thread: nut.thread, threadMm: nut.threadMm, boreMm }
    return [{ code: 'nutOverCone', result: 'fail', data, slots: [slot.id, coneSlot.id] }]
  })

export const washerFollowsNut: KitRule = (fillContext) =>
  slotsOf(fillContext, 'washer').flatMap((slot): CheckFinding[] => {
    const washer = hardwareOf(partAt(fillContext, slot.id), 'washer')
    const thread = spindleThread(slot, fillContext)
    if (!washer || !thread || isWithin(washer.threadMm, thread.threadMm, WASHER_OFF_MM)) return []
    const data = { washerMm: washer.threadMm, thread: thread.thread }
    return [{ code: 'washerOffNut', result: 'fail', data, slots: withNut(slot) }]
  })

export const pinFollowsNut: KitRule = (fillContext) =>
  slotsOf(fillContext, 'cotterPin').flatMap((slot): CheckFinding[] => {
    const pin = hardwareOf(partAt(fillContext, slot.id), 'cotterPin')
    const thread = spindleThread(slot, fillContext)
    if (!pin || !thread || isPinFor(pin, thread.threadMm)) return []
    const data = { pinMm: pin.pinMm, overMm: pin.threadOverMm, toMm: pin.threadToMm }
    return [{ code: 'pinOffNut', result: 'warn', data, slots: withNut(slot) }]
  })

export const slotStep: KitRule = (fillContext) =>
  slotsOf(fillContext, 'castleNut').flatMap((slot): CheckFinding[] => {
    const nut = hardwareOf(partAt(fillContext, slot.id), 'castleNut')
    const pitchMm = nut?.pitchMm ?? spindleThread({ at: slot.id }, fillContext)?.pitchMm
    if (pitchMm === undefined || !fillContext.filled.has(slot.id)) return []
    const stepMm = pitchMm / (nut?.slots ?? USUAL_SLOTS)
    const wide = stepMm > USUAL_PLAY_MM.max
    const data = { stepMm, wide, assumedSlots: nut ? null : USUAL_SLOTS }
    return [{ code: 'slotStep', result: wide ? 'warn' : 'pass', data, slots: [slot.id] }]
  })

export const capFits: KitRule = (fillContext) =>
  slotsOf(fillContext, 'cap').flatMap((slot): CheckFinding[] => {
    const capMm = hardwareOf(partAt(fillContext, slot.id), 'cap')?.hubBoreMm
    const mouthMm = fillContext.request.sizes.hubMouth
    if (capMm === undefined || mouthMm === undefined) return []
    const slots = [slot.id]
    return isWithin(capMm, mouthMm, CAP_OFF_MM)
      ? [{ code: 'capFits', result: 'pass', data: { mouthMm }, slots }]
      : [{ code: 'capOff', result: 'fail', data: { capMm, mouthMm }, slots }]
  })

/** A cap that grease is pumped through serves the inner bearing only where the whole hub is full (common practice). */
export const capFill: KitRule = (fillContext) =>
  slotsOf(fillContext, 'cap').flatMap((slot): CheckFinding[] => {
    const cap = partAt(fillContext, slot.id)
    if (!cap || hardwareOf(cap, 'cap')?.kind !== 'grease-fill cap') return []
    const practice = fillPracticeOf(fillContext)
    const result = practice === 'hubFull' ? 'pass' : 'warn'
    return [{ code: 'capFill', result, data: { cap: cap.base, practice }, slots: [slot.id] }]
  })

/** A fitting in hub or spindle reaches the bearings only where the whole hub is full (common practice). */
export const fittingFill: KitRule = (fillContext) =>
  slotsOf(fillContext, 'nipple').flatMap((slot): CheckFinding[] => {
    if (slot.fills === undefined || !fillContext.filled.has(slot.id)) return []
    const practice = fillPracticeOf(fillContext)
    const data = { place: slot.label, fills: slot.fills, practice }
    return [{ code: 'fittingFill', result: practice === 'hubFull' ? 'pass' : 'warn', data, slots: [slot.id] }]
  })
