export { confusionCost } from './lookAlikes'
export { meaningOf, meaningOfText } from './meaningOf'
export { designationOf, type Written, type WrittenOption } from './canonical'
export { decode, readAgainst, readAllDesignations, withRepairs } from './decode'
export { MAX_STAMP, readClean, readExact, type ExactReading } from './readExact'
export { suggestionsFor, type Suggestion } from './suggest'
export { sizesIn } from './readSizes'
export type { Language, Reading } from './reading'
export {
  CLOSURE_TYPES,
  OPEN,
  readTokenRow,
  TOKEN_KINDS,
  type Closure,
  type ClosureType,
  type SuffixToken,
} from './token'
