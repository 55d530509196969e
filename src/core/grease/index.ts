export { cavityBetween } from './cavityBetween'
export {
  greaseFill,
  practiceFor,
  speedFactor,
  PRACTICE_LABELS,
  FILL_PRACTICES,
  type FillPractice,
} from './fill'
export { freeVolumeMl, GREASE_DENSITY } from './freeVolume'
export { lipFilmMl } from './lipFilm'
export { mixing, MIXING_LABELS, THICKENER_LABELS, THICKENERS } from './mixing'
export { GREASED_BY_RULE, greasingOf, GREASINGS, isFilledForLife, type Greasing } from './greasing'
export { relubricationGrams, relubricationHours, wheelRpm } from './relubrication'
