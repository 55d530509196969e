export {
  ArrangementFile,
  arrangementProblemWords,
  FINDING_WORDS,
  FINDINGS,
  resolveArrangement,
  SLOT_ROLES,
  takesOf,
  type Arrangement,
  type Finding,
  type Slot,
  type Takes,
} from './arrangement'
export { arrangementOf, ARRANGEMENTS, SHIPPED_FILES } from './arrangements'
export { explodedView, type ExplodedView, type PlacedPart } from './exploded'
export { SLOT_WORDS, type Kit, type KitLine, type KitRequest, type SupplyOf } from './kit'
export { proposeKit } from './proposeKit'
export { SIZE_NAMES, SIZE_WORDS, type SizeName } from './sizes'
