export { decode, MAX_STAMP, readAllDesignations, type Language, type Reading } from './decode'
export { OPEN, readTokenRow, TOKEN_KINDS, type Closure, type ClosureType, type SuffixToken } from './token'
