export { BEARING_ROWS, isRaceway, placeText, positionText, ROUND_PARTS, rowText } from './clock'
export type { DamageMode } from './findingRows'
export {
  INSPECTED,
  INSPECTED_LABELS,
  inspectedText,
  SEVERITIES,
  type Inspected,
  type Severity,
} from './findingKinds'
export { CAUSES, DAMAGE } from './findings'
export { AGES, judgeParts, type Age } from './judgeParts'
export { damageOf, inspectedOf } from './inspectedOf'
export { runsOnceFitted } from './runsOnceFitted'
export { setupOf, type Setup } from './setup'
