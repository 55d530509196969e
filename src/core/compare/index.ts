export { compareParts, COMPARED_RESULTS } from './compareParts'
export { readFeature } from './readFeature'
export { UNIT_FEATURE_FACTS, UNIT_FEATURES } from './unitFeatures'
