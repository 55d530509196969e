export { CrossReference } from './CrossReference'
export { PartScreen } from './PartScreen'
export { NotListed } from './NotListed'
