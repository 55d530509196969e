export type { DamageMode } from './findingRows'
export {
  CAUSES,
  DAMAGE,
  INSPECTED,
  INSPECTED_WORDS,
  SEVERITIES,
  type Inspected,
  type Severity,
} from './findings'
export { AGES, judgeParts, type Age } from './judgeParts'
export { setupOf, type Setup } from './setup'
