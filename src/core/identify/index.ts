export {
  CLOSURE_LOOKS,
  CONDITIONS,
  ELEMENTS,
  EVIDENCE_PIECES,
  FEATURES,
  type Condition,
  type ObservedClosure,
  type Evidence,
  type Feature,
  type Observations,
} from './evidence'
export type { IdentifiedPart } from './explained'
export { buildIdentifier, withShop, type Identifier } from './identifier'
export { identify, identifyByPlainScan, type Identification } from './identify'
export { ITEM_LABELS } from './labels'
export type { Experience } from './priors'
export { readMeasurements, type TypedMeasurement } from './readMeasurements'
export { evidenceText, nextText, patternText, unlistedText } from './texts'
