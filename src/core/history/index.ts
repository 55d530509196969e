export { CLASH, merged } from './merge'
export { changesOf, machineChanges } from './changes'
