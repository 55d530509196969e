export { ConvertScreen } from './ConvertScreen'
