export { StoreScreen } from './StoreScreen'
