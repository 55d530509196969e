export { checkFit, fitProblemWords } from './checkFit'
export { CLEARANCE_GROUPS } from './internalClearance'
export { MATERIAL_NAMES } from './materials'
export { ringBandMm } from './ringTolerances'
