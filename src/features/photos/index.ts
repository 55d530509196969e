export { Photos } from './Photos'
