import type { FillPractice } from '../../grease'
import type { Finding } from '../findings'

/** What each check found, by its code: sizes in mm. The texts stand in `checkTexts.ts`. */
export interface CheckFacts {
  coneRuns: { end: string; cone: string; cup: string; series: string }
  coneDoesNotRun: { cone: string; cup: string; coneSeries: string; cupSeries: string }
  partOffSeat: { part: string; on: 'shaft' | 'housing'; sizeMm: number; measuredMm: number }
  setsAlike: Record<never, never>
  setsDiffer: Record<never, never>
  setsSwapped: { inner: string; outer: string; innerMm: number; outerMm: number }
  housingHolds: { housing: string; insert: string }
  housingOff: { housing: string; seatMm: number; insert: string; outsideMm: number | null }
  /** `answer`: what the seal check says of journal and counterbore */
  sealFits: { end: string; answer: string }
  sealOff: { seal: string; end: string; answer: string | null }
  sealUnderCone: { seal: string; shaftMm: number; coneMm: number }
  sealUnderCup: { housingMm: number; cupMm: number }
  nutOverCone: { cone: string; thread: string; threadMm: number; boreMm: number }
  nutOffThread: { nut: string; typed: string }
  lockNutOff: { nut: string; threadMm: number; bearing: string; boreMm: number }
  lockNutSmall: { nut: string; threadMm: number; bearing: string; boreMm: number }
  /** `own`: the nut that comes with the sleeve */
  nutOffSleeve: { nut: string; sleeve: string; own: string }
  lockWasherOff: { washer: string; washerMm: number; nut: string; threadMm: number }
  sleeveUnderCylinder: { sleeve: string; bearing: string }
  sleeveOff: { sleeve: string; sleeveMm: number; bearing: string; boreMm: number }
  sleeveOfOtherSeries: { sleeve: string; usual: string; bearing: string }
  snapRingOff: { ring: string; seat: 'bore' | 'shaft'; seatMm: number | null }
  washerOffNut: { washerMm: number; thread: string }
  pinOffNut: { pinMm: number; overMm: number; toMm: number }
  /** `assumedSlots`: the usual number, where the nut does not tell it */
  slotStep: { stepMm: number; wide: boolean; assumedSlots: number | null }
  capFits: { mouthMm: number }
  capOff: { capMm: number; mouthMm: number }
  /** a cap that grease is pumped through, and how the hub is filled */
  capFill: { cap: string; practice: FillPractice }
  fittingFill: { place: string; fills: 'between' | 'behindInner'; practice: FillPractice }
  bearingOpen: { designations: string[] }
  bearingsDiffer: { pair: boolean }
  closuresDiffer: { designations: string[] }
  /** `closed`: every one on both sides */
  bearingsAlike: { count: number; sizes: { designation: string; count: number }[]; closed: boolean }
  carriesNoShaft: { part: string }
  /** `of`: the part the nut holds; empty = the spindle */
  writtenNutOff: { nut: string; of: string; thread: string }
  /** `why`: what keeps one from standing in for the other */
  otherThanDecided: { decided: string; holds: string; why: string[] }
  /** `most`: as many as go round the circle, touching */
  ballsTooMany: { count: number; balls: string; most: number }
  cannotLocate: { part: string }
  locatesOneWay: { part: string; wantsMate: boolean }
  locatesAndFloats: { floating: string; within: boolean }
  /** `sleeve`: null = none is listed; `leftOut`: it was, for a tapered shaft */
  taperedBore: { designation: string; sleeve: { base: string; shaftMm: number } | null; leftOut: boolean }
  spacerMissing: { place: string }
  spacerFirst: { place: string }
  /** play from nominal widths; `rangeMm`: the usual one */
  collarPlay: {
    playMm: number
    collarMm: number
    seatsMm: number
    coneMm: [number, number]
    setMm: [number, number]
    rangeMm: { min: number; max: number }
  }
  /** `adds`: places that answer the finding */
  found: { finding: Finding; adds: string[] }
}
export type CheckCode = keyof CheckFacts
export type CheckResult = 'pass' | 'warn' | 'fail'

/** One rule between neighbours and what it found, without its text. */
export type CheckFinding = {
  [C in CheckCode]: { code: C; result: CheckResult; data: CheckFacts[C]; slots: string[] }
}[CheckCode]
