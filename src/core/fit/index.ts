export { checkFit, fitProblemText } from './checkFit'
export { clearanceStages } from './clearanceStages'
export { driveUpOf } from './driveUp'
export {
  CLEARANCE_GROUPS,
  internalClearance,
  CLEARANCE_REDUCTION,
  type ClearanceGroup,
} from './internalClearance'
export { MATERIAL_NAMES, type Material } from './materials'
export { readSeat } from './readSeat'
export { recommendSeat, type UsualSeat } from './recommendSeat'
export { ringBandMm, RING_CLASSES } from './ringTolerances'
export { isHandFitted, isRaceway, SEAT_KINDS, seatKindOf, seatKindOfFamily } from './seatKind'
export { seatNominal } from './seatNominal'
export { simulateFit, type FitSpread, type SimulatedFit } from './simulateFit'
export { isShaftClass, toleranceClass } from './toleranceClass'
export { ringCornerOf } from './corners'
export { snapGrooveOf } from './snapGrooves'
