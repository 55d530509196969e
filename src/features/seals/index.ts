export { sealsQuestion } from './sealsQuestion'
export { SealsScreen } from './SealsScreen'
