export { FitStage } from './FitStage'
export { FitsScreen } from './FitsScreen'
