export { SealsScreen } from './SealsScreen'
