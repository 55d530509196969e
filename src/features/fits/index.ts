export { FitStage } from './FitStage'
export { FitsScreen } from './FitsScreen'
export { lookUpSeatQuestion } from './seatFor'
export { firstSeatQuestion } from './seatQuestion'
