export { BinScreen } from './BinScreen'
