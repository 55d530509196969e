export { boreCode } from './boreCode'
export { decode, MAX_STAMP, readAllDesignations, type Language, type Reading } from './decode'
export { confusionCost } from './lookAlikes'
export { OPEN, readTokenRow, TOKEN_KINDS, type Closure, type ClosureType, type SuffixToken } from './token'
