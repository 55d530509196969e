export { isSeparable } from './isSeparable'
export { JobFrame } from './JobFrame'
export { JobProvider, useJob, type MachineChoice } from './JobContext'
export { stagePath } from './StageRail'
