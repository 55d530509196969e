export { StatusScreen } from './StatusScreen'
