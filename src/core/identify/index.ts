export {
  CLOSURE_LOOKS,
  CONDITIONS,
  ELEMENTS,
  EVIDENCE_PIECES,
  FEATURES,
  type Condition,
  type ClosureLook,
  type Evidence,
  type Feature,
  type Looks,
} from './evidence'
export {
  buildIdentifier,
  identify,
  identifyByPlainScan,
  withExperience,
  type Identification,
  type IdentifiedPart,
  type Identifier,
} from './identify'
export type { Experience } from './priors'
export { readMeasurements, type TypedMeasurement } from './readMeasurements'
export { evidenceText, ITEM_LABELS, nextText, patternText, unlistedText } from './words'
