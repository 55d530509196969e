import type { Arrangement, Kit } from '../kit'
import type { Recheck } from '../adjust'
import type { HubAttachment } from './attachments'
import type { PracticeNote, PracticePreferences } from './practices'
import type { GreaseOf, NutTurn, StepCode, StepContent } from './steps'
import type { OwnTool, ToolAnswer } from './tools'

/** What the fit of one ring comes to. */
export interface SeatFit {
  slot: string
  ring: 'inner' | 'outer'
  class: string
  /** interference, µm, positive = tight */
  min: number
  max: number
  /** to drop in, °C */
  celsius: number
  /** it goes in by heat rather than by force; the advice says how hot at most */
  byHeat: boolean
  heatAdvice: string
  forceKn: number
  seat?: { verdict: 'good' | 'doubtful' | 'replace'; why: string } | undefined
  /** to press it home; null where nothing is pressed */
  sleeve: { insideMm: number; outsideMm: number } | null
  rod: { thread: string; overMm: number } | null
}

export interface PlanFacts {
  arrangement: Arrangement
  kit: Kit
  fits: readonly SeatFit[]
  /** verdicts of the inspection, by part looked at */
  inspected: { part: string; text: string; verdict: 'good' | 'doubtful' | 'replace' }[]
  /** rings that would not come off, as the inspection says */
  stuck: { onShaft: boolean; inHub: boolean }
  /** to look at next, as the inspection says */
  checkNext: readonly string[]
  run: 'yes' | 'watch' | 'notUntilRepaired'
  /** a magnetic encoder: yes, no, or nobody has looked */
  encoder: boolean | null
  wet: boolean
  /** what is on or in the hub that heat would spoil; null = nobody has said */
  hubHas: readonly HubAttachment[] | null
  /** the side with the locating shoulder, as it was typed; empty = not known */
  firstSide: string
  /** of the nut, where it is known */
  nut: NutTurn | null
  grease: GreaseOf
  practices: PracticePreferences
  toolbox: readonly OwnTool[]
  /** ISO date of fitting */
  fittedOn: string
  /** room between the bearings of a hub, or their cups, as it was measured, mm */
  betweenMm: number | null
  /** depths recorded before removal */
  depths: readonly string[]
}

/** A step as it is read: its code and what it tells, and the text made of them. */
export interface PlanStep {
  id: string
  code: StepCode
  data: StepContent['data']
  text: string
  /** stands beside the step: what can hurt */
  caution?: string
  /** size of the tool, force or heat */
  tool?: string
  /** where practitioners differ */
  practice?: PracticeNote
  /** it must not go on before this is settled */
  stop?: boolean
  /** it takes its part off, or puts it in */
  moves?: 'off' | 'on'
  /** the place of the kit it is about */
  place?: string
  /** places that cannot be reached or would be in the way, were they in already */
  blockedBy?: string[]
}

export const PLAN_SECTIONS = ['before', 'removal', 'clean', 'check', 'mount', 'adjust', 'finish'] as const
export type PlanSection = (typeof PLAN_SECTIONS)[number]

export const SECTION_LABELS: Record<PlanSection, string> = {
  before: 'Before you begin',
  removal: 'Dismantling',
  clean: 'Cleaning',
  check: 'Checks',
  mount: 'Fitting',
  adjust: 'Setting',
  finish: 'Final assembly',
}

export interface TorqueRow {
  id: string
  label: string
}

export interface Plan {
  sections: { id: PlanSection; label: string; steps: PlanStep[] }[]
  /** values come from the manual: never from here */
  torques: TorqueRow[]
  alwaysNew: string[]
  tools: ToolAnswer[]
  rechecks: Recheck[]
  /** what must be settled first */
  open: string[]
  /** of that, seats that are lost */
  lost: string[]
  /** a ring may be driven or heated in: what is on its hub matters */
  heats: boolean
}
