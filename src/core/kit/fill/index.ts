import { boltsText, housingsFor, insertLock, type HousingDetails } from '../../catalogue'
import { insertOfUnit } from '../../designation'
import { writeBoth } from '../../quantity'
import type { Slot } from '../arrangement'
import type { Filled } from '../kit'
import { isWholeBearing, type SlotRole } from '../roles'
import { fillBalls, fillBearing, fillTapered, wholeBearings } from './bearings'
import { filledWith, fillPlain, gap, type FillContext } from './fillContext'
import {
  fillAdapterSleeve,
  fillCap,
  fillLockNut,
  fillLockWasher,
  fillNut,
  fillPin,
  fillSnapRing,
  fillWasher,
  nutByThread,
} from './hardware'
import { fillSeal, fillSleeve, fillSpacer } from './seals'

export { fillBalls, ringFor, taperedSets } from './bearings'
export { filledWith, gap, type FillContext } from './fillContext'
export { fillGrease, fillPracticeOf } from './grease'
export {
  comesWithSleeve,
  hardwareOf,
  isWithoutSleeve,
  runsOn,
  SLEEVE_TAPER,
  sleeveOf,
  sleeveUnder,
  snapRingSeat,
  spindleThread,
} from './hardware'

/** The housing of a unit by what it is bolted on with, as the end of a sentence. */
function housingText(housing: HousingDetails | undefined): string {
  if (!housing) return ''
  const { centreHeightMm } = housing
  return [
    `: ${boltsText(housing)}`,
    ...(centreHeightMm === undefined ? [] : [`the shaft ${writeBoth(centreHeightMm)} above its foot`]),
  ].join(', ')
}

const comesWith = (slot: Slot, other: string, reason: string): Filled => ({
  slot,
  state: 'filled',
  designation: `with ${other}`,
  value: null,
  part: null,
  reason,
  stays: true,
})

const withUnit = (slot: Slot, unit: string, check: string): Filled =>
  comesWith(slot, unit, `Part of the unit ${unit}: nothing to order.${check}`)

const unitOf = (fillContext: FillContext): Filled | undefined =>
  wholeBearings(fillContext).find(({ filled: { part } }) => part && insertOfUnit(part) !== null)?.filled

/** What a unit of insert and housing brings along; of an insert alone it is written by hand. */
function fillOfUnit(slot: Slot, fillContext: FillContext): Filled {
  const unit = unitOf(fillContext)
  return unit ? withUnit(slot, unit.designation, '') : fillPlain(slot)
}

/** Set screws or collar come with a new insert. */
function fillLock(slot: Slot, fillContext: FillContext): Filled {
  const insert = wholeBearings(fillContext).find(({ filled: { part } }) => part?.family === 'insert')?.filled
  const lock = insertLock(insert?.part?.base ?? '')
  return insert && lock && !unitOf(fillContext)
    ? comesWith(slot, insert.designation, `A new ${insert.designation} brings ${lock}: nothing to order.`)
    : fillOfUnit(slot, fillContext)
}

/** The housing of a unit comes with it; for an insert alone the old one stays, or one of those that hold it is chosen. */
function fillHousing(slot: Slot, fillContext: FillContext): Filled {
  const unit = unitOf(fillContext)
  if (unit)
    return withUnit(
      slot,
      unit.designation,
      ` Check it against the old housing${housingText(unit.part?.housing)}.`,
    )
  const insert = wholeBearings(fillContext).find(({ filled: { part } }) => part?.family === 'insert')?.filled
    .part
  const housings = insert ? housingsFor(insert, fillContext.context.catalogue).map(({ base }) => base) : []
  return housings.length === 0
    ? fillPlain(slot)
    : gap(
        slot,
        `Reuse the old one where its seat is sound. New: ${housings.join(', ')} ${housings.length === 1 ? 'holds' : 'hold'} ${insert?.base}, by how they are bolted on.`,
        housings,
      )
}

const fillCheck = (slot: Slot): Filled => ({
  slot,
  state: 'filled',
  designation: 'look at it',
  value: null,
  part: null,
  reason: slot.note,
  stays: true,
})

const fillConsumable = (slot: Slot): Filled =>
  filledWith(slot, { kind: 'text', text: slot.label.toLowerCase() }, 'As needed.')

type Filler = (slot: Slot, fillContext: FillContext) => Filled

/** Roles that follow from what stands around them, beside whole bearings; every other is written by hand. */
const FOLLOWING: Partial<Record<SlotRole, Filler>> = {
  cone: fillTapered,
  cup: fillTapered,
  balls: (slot, fillContext) => fillBalls(slot, fillContext),
  seal: fillSeal,
  wearSleeve: fillSleeve,
  washer: fillWasher,
  castleNut: fillNut,
  axleNut: nutByThread('nut'),
  clampNut: nutByThread('clamp nut'),
  ringNut: nutByThread('ring nut'),
  lockingRingNut: nutByThread('ring nut'),
  jamNut: nutByThread('lock nut'),
  lockNut: fillLockNut,
  lockWasher: fillLockWasher,
  adapterSleeve: fillAdapterSleeve,
  cotterPin: fillPin,
  cap: fillCap,
  snapRing: fillSnapRing,
  spacerTube: fillSpacer,
  collar: fillSpacer,
  wheelSpacer: fillSpacer,
  check: fillCheck,
  housing: fillHousing,
  setScrews: fillLock,
  nipple: fillOfUnit,
  threadlocker: fillConsumable,
  consumable: fillConsumable,
}

/** Proposes a part for a place when none is given. Grease is worked out last, from what is filled. */
export const propose: Filler = (slot, fillContext) => {
  const fill = FOLLOWING[slot.role] ?? (isWholeBearing(slot.role) ? fillBearing : fillPlain)
  return fill(slot, fillContext)
}
