export { endPlay, USUAL_PLAY_MM } from './endPlay'
export { playCurve } from './playCurve'
export { recheckDates, type Recheck } from './recheckDates'
export { rockTest } from './rockTest'
