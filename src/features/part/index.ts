export { CrossReference } from './CrossReference'
export { PartScreen } from './PartScreen'
