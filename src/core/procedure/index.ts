export { HUB_ATTACHMENT_LABELS, HUB_ATTACHMENTS, hubHeatCaution, type HubAttachment } from './attachments'
export { BODIES, bodyOf } from './bodies'
export { makePlan } from './makePlan'
export type { GreaseOf } from './steps'
export { PLAN_SECTIONS, type Plan, type PlanFacts, type SeatFit } from './plan'
export {
  DEFAULT_PRACTICES,
  PRACTICE_NAMES,
  practiceNote,
  PRACTICES,
  type PracticeName,
  type PracticeNote,
  type PracticePreferences,
} from './practices'
export { TOOL_KINDS, TOOL_LABELS } from './tools'
export { partsAt, type PartNow } from './partsAt'
