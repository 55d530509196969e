export {
  ARRANGEMENTS,
  ARRANGEMENT_CODES,
  type Arrangement,
  type ArrangementCode,
  type Slot,
} from './arrangement'
export { explodedView, type ExplodedView, type PlacedPart } from './exploded'
export { findSeals } from './findSeals'
export { type Kit, type KitCheck, type KitLine, type KitRequest, type KitSizes } from './kit'
export { proposeKit } from './proposeKit'
