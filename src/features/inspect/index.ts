export { inspectQuestion } from './inspectQuestion'
export { InspectScreen } from './InspectScreen'
