export { MachineList } from './MachineList'
