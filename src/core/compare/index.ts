export { compareParts, COMPARED_RESULTS } from './compareParts'
export { UNIT_FEATURE_FACTS, UNIT_FEATURES } from './unitFeatures'
