export { CrossReference } from './CrossReference'
export { PartScreen } from './PartScreen'
export { applicationOf, sheetQuestion } from './sheetQuestion'
export { NotListed } from './NotListed'
