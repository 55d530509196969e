export { drawnOptions, type SectionOptions } from './extras'
export { partSection, type Drawable } from './partSection'
export {
  capSection,
  castleNutSection,
  cotterPinSection,
  housingSection,
  sealSection,
  tubeSection,
} from './hardwareSection'
export { block, outline, shifted, turned, type Point, type Section, type Shape } from './shape'
export { coneSection, cupSection } from './taperedSection'
