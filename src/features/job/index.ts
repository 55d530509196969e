export { BLANK_FITTING } from './blankFitting'
export { JobFrame } from './JobFrame'
export { JobProvider, useJob } from './JobContext'
export { stagePath } from './stagePath'
