export { TrayScreen } from './TrayScreen'
