export { greaseFill, speedFactor, type FillSchool } from './fill'
