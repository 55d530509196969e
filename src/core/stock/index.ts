export { applyMove, asksHolders, MAX_PIECES, MOVE_KINDS, type Holder, type MoveKind } from './applyMove'
