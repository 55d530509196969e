export { freeVolumeMl } from './freeVolume'
export { greaseFill, schoolFor, speedFactor, wheelRpm, type FillSchool } from './fill'
