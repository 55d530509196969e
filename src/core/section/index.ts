export { partSection, type Drawable } from './partSection'
export { sealSection, tubeSection } from './hardwareSection'
export { shifted, turned, type Point, type Section, type Shape } from './shape'
export { coneSection, cupSection } from './taperedSection'
