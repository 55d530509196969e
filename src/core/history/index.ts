export { changesOf, machineChanges } from './changes'
