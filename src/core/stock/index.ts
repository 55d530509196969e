export { applyMove, asksHolders, MOVE_KINDS, type Holder, type MoveKind } from './applyMove'
