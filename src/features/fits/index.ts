export { BLANK_FITTING, FitStage } from './FitStage'
export { FitsScreen } from './FitsScreen'
