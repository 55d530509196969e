export { decode, MAX_STAMP, readAgainst, readAllDesignations, readClean } from './decode'
export type { Language, Reading } from './reading'
export { OPEN, readTokenRow, TOKEN_KINDS, type Closure, type ClosureType, type SuffixToken } from './token'
