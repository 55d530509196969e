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
  type Identification,
  type IdentifiedPart,
  type Identifier,
} from './identify'
export { readMeasurements, type TypedMeasurement } from './readMeasurements'
export { evidenceWords, ITEM_WORDS, nextWords, patternWords, unlistedWords } from './words'
