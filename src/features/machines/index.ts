export { MachineField } from './MachineField'
export { MachineList } from './MachineList'
export { MachineScreen } from './MachineScreen'
