import type { Slot, SlotRole } from '../arrangement'
import type { Filled } from '../kit'
import { fillBalls, fillBearing, fillTapered } from './bearings'
import { gap, made, type Bench } from './bench'
import { fillCap, fillLockNut, fillLockWasher, fillNut, fillPin, fillSnapRing, fillWasher } from './hardware'
import { fillSeal, fillSleeve, fillSpacer } from './seals'

export { gap, isBearing, type Bench } from './bench'
export { fillGrease } from './grease'
export { hardwareOf } from './hardware'

const fillPlain = (slot: Slot): Filled =>
  gap(slot, 'Write what is on the machine, or keep it where it may stay.')

const fillCheck = (slot: Slot): Filled => ({
  ...made(slot, 'look at it', slot.note),
  stays: true,
})

const fillConsumable = (slot: Slot): Filled => made(slot, slot.words.toLowerCase(), 'As needed.')

/** How each kind of slot proposes a part when none is given. Grease is worked out last, from what is filled. */
export const FILLERS: Record<Exclude<SlotRole, 'grease'>, (slot: Slot, bench: Bench) => Filled> = {
  cone: fillTapered,
  cup: fillTapered,
  ballBearing: fillBearing,
  bearing: fillBearing,
  insert: fillBearing,
  hubUnit: fillBearing,
  balls: fillBalls,
  seal: fillSeal,
  wearSleeve: fillSleeve,
  washer: fillWasher,
  castleNut: fillNut,
  lockNut: fillLockNut,
  lockWasher: fillLockWasher,
  cotterPin: fillPin,
  cap: fillCap,
  snapRing: fillSnapRing,
  spacerTube: fillSpacer,
  wheelSpacer: fillSpacer,
  plain: fillPlain,
  check: fillCheck,
  consumable: fillConsumable,
}
