export { InspectScreen } from './InspectScreen'
