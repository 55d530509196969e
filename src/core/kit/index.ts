export {
  ArrangementFile,
  ArrangementSnapshot,
  arrangementProblemText,
  isSeparable,
  resolveArrangement,
  type Arrangement,
  type Slot,
} from './arrangement'
export { bearingsOfKit } from './bearingsOfKit'
export { arrangementOf, ARRANGEMENTS, SHIPPED_FILES } from './arrangements'
export { bearingName, bearingSlots } from './bearingPlaces'
export { slotOf, suitsArrangement, withDecisions, type JobBearing } from './bearingSlots'
export { emptyKit } from './emptyKit'
export { explodedView, type ExplodedView, type DrawnPart } from './exploded'
export { FINDING_LABELS, FINDINGS, type Finding } from './findings'
export { SLOT_LABELS, type Kit, type KitLine, type KitRequest, type SupplyOf } from './kit'
export { nextStep, priceOf, proposeKit } from './proposeKit'
export { countedText } from './countedText'
export { isWholeBearing, ROLES, SLOT_ROLES, type SlotRole } from './roles'
export { betweenCups, SIZE_NAMES, SIZE_ROLES, SIZE_LABELS, type SizeName } from './sizes'
export { moveSlot, slotsInOrder } from './slotOrder'
export { capsFor } from './fill/listedHardware'
export { goesWith } from './goesWith'
