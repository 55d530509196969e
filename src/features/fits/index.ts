export { FitsScreen } from './FitsScreen'
