export { CompareScreen } from './CompareScreen'
