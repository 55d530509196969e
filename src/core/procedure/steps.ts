import type { SlotRole } from '../kit'
import type { HubAttachment } from './attachments'
import type { Alone } from './facts'
import type { Driven, DrawnUp, MinMax, RingPressed } from './driven'
import type { PracticeName } from './practices'
import type { Bar } from './tools'

/** A part by its name in the kit, with its number where a new one goes in. */
type Named = { name: string }
type Nothing = Record<never, never>

/** What takes a ring out: a puller, where its bore is known one for blind holes, or a drift. */
export type OutBy = { puller: { boreMm: number } | 'any' } | { drift: Bar | 'any' }

/** Before the machine is lifted, and dismantling: what each step needs to be told, by its code. Sizes in mm. */
export interface RemovalFacts {
  /** as the author of the arrangement wrote it */
  caution: { text: string }
  wheelNutsCracked: Nothing
  axleNutSlackened: { capFirst: boolean }
  /** what is recorded is lost with dismantling; `recorded`: what already is */
  record: {
    of: 'unit' | 'cones' | 'loose balls' | 'housing' | 'cups' | 'bearings' | Alone
    hub: string
    recorded: string[]
  }
  wheelOut: { fasteners: 'one' | 'several' }
  sensorOut: Nothing
  aside: Named
  capOff: Named
  pinOut: Named
  nutLockOff: Named
  wheelOff: Named
  /** `tabFirst`: a washer is bent over it */
  nutOff: Named & { tabFirst: boolean; slackened: boolean }
  /** a nut that drew its bearing up takes the blows that free it */
  nutLoosened: Named & { tabFirst: boolean }
  bentWasherOff: Named & { withNut: boolean }
  jamNutOff: Named
  clampScrewLoose: Named
  setScrewsLoose: Named & { onInsert: boolean }
  retainerOut: Named
  boltsOut: Named
  /** `caught`: its seal held it in the hub */
  coneOut: Named & { caught: boolean }
  cupOut: Named & { by: OutBy }
  bearingPushedOut: Named
  bearingOffSleeve: Named & { ownNut: boolean }
  bearingOutWithAxle: Named
  hubUnitOut: Named & { hub: string }
  /** `outerStaysIn`: of a bearing whose rings come apart */
  bearingOffShaft: Named & { outerStaysIn: string | null; by: OutBy }
  bearingOut: Named & {
    from: string
    tiltSpacer: boolean
    ringMayStay: boolean
    by: OutBy
  }
  insertOut: Named
  /** a bearing that is driven off nowhere */
  bearingFreed: Named & { kind: 'thrustBearing' | 'rodEnd' | 'trackRoller' }
  boltOnUnitOff: Named
  ballsOut: Named
  adjustingConeOff: Named
  sealOut: Named
  snapRingOut: Named
  spacerOut: Named
  collarAside: Named
  shimsAside: Named
  axleOut: Named
  pivotPinOut: Named
  housingOff: Named
  sleeveOff: Named
  plainOff: Named
  hubOff: { tapered: boolean; axle: 'fastened' | 'plain'; hub: string }
  shaftOut: Nothing
  carrierOff: Nothing
  hubOutOfUnit: Nothing
  stuckOnShaft: { spoilt: HubAttachment[] }
  stuckInHub: { hub: string; spoilt: HubAttachment[] }
}

/** Cleaning and checks. */
export interface CheckStepFacts {
  partsClean: { hub: string }
  seatsClean: Nothing
  found: { found: string; verdict: 'good' | 'doubtful' | 'replace' }
  seat: { part: string; class: string; verdict: 'good' | 'doubtful' | 'replace'; why: string }
  seatsMeasured: Nothing
  /** bearings with the largest fillet their shoulders may have, mm */
  fillets: { of: { part: string; filletMm: number }[] }
  /** bearings held by a snap ring in their outer ring, with the room it takes, mm; null where no table tells it */
  snapRings: { of: { part: string; ringOutsideMm: number | null }[] }
  lookAlso: { at: string[] }
  spacerLength: { hub: string }
  threadTried: Nothing
  closuresRight: Nothing
  partsCompared: { conesToo: boolean }
}

/** The grease of one position. */
export type GreaseOf = {
  /** `strokes`: of the shop's gun; `forEach`: of what, where there are several; null = no amount is known */
  amount: { grams: number; strokes: number | null; grease: string; forEach: string | null } | null
  /** why as much, of the grease that was in it, and what the place says; empty = nothing */
  reason: string
  thickener: string
  note: string
}

/** Fitting. */
export interface MountingFacts {
  wearSleeveOn: Named
  bearingByThumb: Named & { hub: string }
  bearingOnSleeve: Named & { drawnUp: DrawnUp | null }
  bearingIn: Named & {
    into: string | null
    when: 'stacked' | 'first' | 'over spacer' | 'next'
    pressed: RingPressed
    /** of a bearing whose rings come apart: which keeps the rollers, and what the outer one goes into */
    apart: { rollers: 'inner' | 'outer'; hub: string } | null
    closedOneSide: boolean
    /** of the arrangement, where the kind of bearing asks for one */
    note: string
    driven: Driven
  }
  cupIn: Named & { hub: string; driven: Driven }
  coneOn: Named
  conesPacked: { grease: GreaseOf }
  coneIn: Named
  insertOn: Named & { inHousing: boolean }
  hubUnitIn: Named & { hub: string; encoder: boolean; driven: Driven }
  hubIntoUnit: { driven: Driven }
  spacerIn: Named & { carrierNote: string | null }
  snapRingIn: Named & { encoder: boolean }
  /** `outsideMm`: of the seal; null = not known. `filmOnly`: nothing is packed behind it */
  sealIn: Named & { filmOnly: boolean; outsideMm: number | null }
  wheelSpacerIn: Named
  washerOn: Named
  castleNutOn: Named
  lockWasherOn: Named
  lockNutOn: Named
  ballsIn: Named & { count: number }
  looked: Named & { note: string }
  encoderFound: Named
  greaseIn: { grease: GreaseOf }
  collarOn: Named & { note: string }
  sleeveOn: Named
  /** any other part, as its role says; `note`: of the arrangement */
  fitted: Named & { role: SlotRole; note: string }
  trial: Nothing
  hubOn: { hub: string; onto: 'spindle' | 'axle' }
  wheelIn: { axle: 'through' | 'started' }
  carrierOn: Nothing
  shaftIn: Nothing
  tabBent: Nothing
}

/** When a fastener gets its torque, and what belongs to it. */
export type TorqueMoment =
  | 'before it is covered'
  | 'bolts first'
  | 'draws home'
  | 'cone held'
  | 'inner held'
  | 'clamps the nut'
  | 'brake held'
  | 'in turn'
  | 'fully tight'
  | 'crosswise'
  | 'plain'

/** What sets the play, and by how much: of the nut. */
export interface NutTurn {
  /** from one place that can be locked to the next; null = stepless */
  step: { mm: number; degrees: number } | null
  target: MinMax
  /** back from no play for the target, degrees */
  turn: MinMax
  /** nobody has typed the manual's figure */
  usual: boolean
  /** of its thread, mm */
  pitchMm: number
}

/** Setting, torques, and putting together. */
export interface FinishFacts {
  torque: Named & { moment: TorqueMoment }
  torqueDrawsUp: Named & { drawnUp: DrawnUp }
  torqueAxle: Nothing
  torqueAxleFeltAgain: Nothing
  conesSet: { nut: NutTurn | null }
  clampedNothingToSet: { by: 'spacer' | 'collar' }
  rollersSeated: { byFeel: boolean; lock: 'slot' | 'second nut' | 'clamp' }
  playMeasured: { nut: NutTurn | null }
  wheelBackIn: Nothing
  threadlockerOn: Nothing
  cotterPinIn: Named
  axleNutStaked: Nothing
  nutLockOn: Named
  tabWasherBent: Named
  greasePumped: Named & { fills: 'between' | 'behindInner' }
  capOn: Named
  capPumped: Nothing
  wheelNutsOn: Named
  sensorIn: Nothing
  turned: { as: 'by thumb' | 'wheel' | 'shaft' | Alone }
  toolsCounted: { wheel: boolean }
}

/** Every step of a job card with what it tells; the texts stand in `texts/`. */
export interface StepFacts extends RemovalFacts, CheckStepFacts, MountingFacts, FinishFacts {}
export type StepCode = keyof StepFacts

/** Codes that need no more than a name. */
export type NamedCode<F> = {
  [C in keyof F]: Named extends F[C] ? (F[C] extends Named ? C : never) : never
}[keyof F]

/** A step by its code. */
export type StepContent<C extends StepCode = StepCode> = { [K in C]: { code: K; data: StepFacts[K] } }[C]

/** A step before it has its text. */
export type Step = StepContent & {
  id: string
  /** where practitioners differ */
  practice?: PracticeName
  /** it must not go on before this is settled */
  stop?: true
  /** the place of the kit it is about */
  place?: string
  /** places that cannot be reached or would be in the way, were they in already */
  blockedBy?: string[]
  /** a ring is driven home: how it is started is said in full the first time only */
  start?: 'full' | 'again'
}
