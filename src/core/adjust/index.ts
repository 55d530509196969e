export { endPlay, NUT_LOCKS, USUAL_PLAY_MM, usualPlay, type NutLock } from './endPlay'
export { playCurve } from './playCurve'
export { recheckDates, type Recheck } from './recheckDates'
export { rockTest } from './rockTest'
