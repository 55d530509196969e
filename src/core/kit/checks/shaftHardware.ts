import type { Part } from '../../catalogue'
import { isSameSize } from '../../interchange'
import { knownPart } from '../../part'
import { isSameThread, readThread, threadIn } from '../../quantity'
import type { Slot } from '../arrangement'
import { hardwareOf, runsOn, SLEEVE_TAPER, sleeveOf, sleeveUnder, snapRingSeat } from '../fill'
import { ROLES } from '../roles'
import { isOver, isWithin, LOCK_NUT_UNDER_MM, LOCK_WASHER_OFF_MM } from '../tolerances'
import { partAt, slotsOf, type KitRule } from './check'
import type { CheckFinding } from './facts'

const withAt = ({ id, at }: Slot): string[] => [id, ...(at === undefined ? [] : [at])]

/** A listed castle nut against the thread as it was typed. */
export const nutRunsOnThread: KitRule = (fillContext) =>
  fillContext.arrangement.slots.flatMap((slot): CheckFinding[] => {
    const nut = hardwareOf(partAt(fillContext, slot.id), 'castleNut')
    const typed = fillContext.request.thread?.trim() ?? ''
    if (!nut || typed === '' || runsOn(nut, typed)) return []
    return [{ code: 'nutOffThread', result: 'fail', data: { nut: nut.thread, typed }, slots: [slot.id] }]
  })

/** A nut written by hand with its thread, against that of the part it holds or of the spindle as it was typed. */
export const writtenNutRuns: KitRule = (fillContext) =>
  fillContext.arrangement.slots.flatMap((slot): CheckFinding[] => {
    const value = fillContext.filled.get(slot.id)?.value
    if (ROLES[slot.role].fastener !== 'nut' || value?.kind !== 'text') return []
    const held = partAt(fillContext, slot.at)
    const spindle = fillContext.arrangement.thread ? fillContext.request.thread : undefined
    const runsAlong = held?.shank?.thread ?? spindle ?? ''
    const [nut, thread] = [threadIn(value.text), readThread(runsAlong)]
    if (!nut || !thread || isSameThread(nut, thread)) return []
    const data = { nut: value.text, of: held?.shank ? held.base : '', thread: runsAlong }
    return [{ code: 'writtenNutOff', result: 'warn', data, slots: withAt(slot) }]
  })

/** A lock nut is screwed on beside the bearing it clamps: its thread passes the bore and its face reaches the ring. */
export const lockNutHolds: KitRule = (fillContext) =>
  slotsOf(fillContext, 'lockNut').flatMap((slot): CheckFinding[] => {
    const part = partAt(fillContext, slot.id)
    const nut = hardwareOf(part, 'lockNut')
    const bearing = partAt(fillContext, slot.at)
    const boreMm = bearing?.dimensions.bore
    if (!part || !nut || !bearing || boreMm === undefined || !slot.at) return []
    const sleeve = sleeveUnder(slot.at, fillContext)
    const data = { nut: part.base, threadMm: nut.threadMm, bearing: bearing.base, boreMm }
    if (sleeve)
      return sleeve.nut === part.base
        ? []
        : [
            {
              code: 'nutOffSleeve',
              result: 'fail',
              data: { ...data, sleeve: sleeve.part.base, own: sleeve.nut },
              slots: withAt(slot),
            },
          ]
    if (isOver(nut.threadMm, boreMm) || !isOver(nut.outsideMm, boreMm))
      return [{ code: 'lockNutOff', result: 'fail', data, slots: withAt(slot) }]
    return isWithin(nut.threadMm, boreMm, LOCK_NUT_UNDER_MM)
      ? []
      : [{ code: 'lockNutSmall', result: 'warn', data, slots: withAt(slot) }]
  })

/** A tab washer goes with its nut. */
export const lockWasherFollowsNut: KitRule = (fillContext) =>
  slotsOf(fillContext, 'lockWasher').flatMap((slot): CheckFinding[] => {
    const [part, nutPart] = [partAt(fillContext, slot.id), partAt(fillContext, slot.at)]
    const [washer, nut] = [hardwareOf(part, 'lockWasher'), hardwareOf(nutPart, 'lockNut')]
    if (!part || !nutPart || !washer || !nut || isWithin(washer.boreMm, nut.threadMm, LOCK_WASHER_OFF_MM))
      return []
    const data = { washer: part.base, washerMm: washer.boreMm, nut: nutPart.base, threadMm: nut.threadMm }
    return [{ code: 'lockWasherOff', result: 'fail', data, slots: withAt(slot) }]
  })

/** A sleeve fits a bearing of its bore and series that has a taper. */
export const sleeveHolds: KitRule = (fillContext) =>
  slotsOf(fillContext, 'adapterSleeve').flatMap((slot): CheckFinding[] => {
    const part = partAt(fillContext, slot.id)
    const sleeve = hardwareOf(part, 'adapterSleeve')
    const value = knownPart(fillContext.filled.get(slot.at ?? '')?.value)
    const boreMm = value?.part.dimensions.bore
    if (!part || !sleeve || !value || boreMm === undefined) return []
    const usual = sleeveOf(slot.at, fillContext)
    const data = { sleeve: part.base, sleeveMm: sleeve.bearingBoreMm, bearing: value.designation, boreMm }
    if (value.taper !== SLEEVE_TAPER)
      return [{ code: 'sleeveUnderCylinder', result: 'fail', data, slots: withAt(slot) }]
    if (!isSameSize(sleeve.bearingBoreMm, boreMm))
      return [{ code: 'sleeveOff', result: 'fail', data, slots: withAt(slot) }]
    return usual === null || lengthSeries(usual.part) === lengthSeries(part)
      ? []
      : [
          {
            code: 'sleeveOfOtherSeries',
            result: 'warn',
            data: { ...data, usual: usual.part.base },
            slots: withAt(slot),
          },
        ]
  })

/** What the number of a sleeve says of its length: `H3` of H308 and of HE308, whose bore is in inches. */
const lengthSeries = ({ base }: Part): string => base.replace(/\D/g, '').slice(0, -2)

/** A snap ring is named by the shaft or the bore whose groove it sits in. */
export const snapRingSits: KitRule = (fillContext) =>
  slotsOf(fillContext, 'snapRing').flatMap((slot): CheckFinding[] => {
    const part = partAt(fillContext, slot.id)
    const [ring, eRing] = [hardwareOf(part, 'snapRing'), hardwareOf(part, 'eRing')]
    const seatMm = snapRingSeat(slot, fillContext)
    if (!part || (!ring && !eRing)) return []
    const data = { ring: part.base, seat: slot.ring, seatMm: seatMm ?? null }
    const isKind = ring ? ring.kind === `${slot.ring} snap ring` : slot.ring === 'shaft'
    const fits =
      seatMm === undefined ||
      (ring
        ? isSameSize(ring.nominalMm, seatMm)
        : eRing !== null && seatMm >= eRing.shaftFromMm && seatMm <= eRing.shaftToMm)
    return isKind && fits ? [] : [{ code: 'snapRingOff', result: 'fail', data, slots: withAt(slot) }]
  })
