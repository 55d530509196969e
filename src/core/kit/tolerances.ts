import { roundMicrometre } from '../catalogue'

/** Limits of a kit, in one place: what proposes a part and what checks it share them. Millimetres. */

/** A seat as measured may be off the nominal size by this much: instrument and wear (common practice). */
export const SEAT_OFF_MM = 0.25
/** Clearance of a thread in the cone that must pass over it (common practice). */
export const THREAD_PASSES_MM = 0.1
/** A shaft nut may be this much smaller than the bore it clamps: inch threads for metric bearings are (common practice). */
export const LOCK_NUT_UNDER_MM = 1.5
/** A tab washer belongs to a lock nut whose thread differs by no more (common practice). */
export const LOCK_WASHER_OFF_MM = 0.6
/** A washer belongs to a spindle whose thread differs by no more (common practice). */
export const WASHER_OFF_MM = 0.3
/** A cap is pressed into a bore of its own size; another size is not close enough (common practice). */
export const CAP_OFF_MM = 0.4
/** Room for the bent legs of a cotter pin beyond the nut (common practice). */
export const PIN_LEGS_MM = 6
/** A seal behind a cone may be this much smaller than the bore of the cone: it runs on a journal of its own (common practice). */
export const SEAL_UNDER_CONE_MM = 0.2
/** A counterbore may be this much smaller than the cup behind it before the cup no longer passes (common practice). */
export const SEAL_UNDER_CUP_MM = 0.5

/** Whether two sizes differ by no more than a limit, mm; to the micrometre, so that just at the limit is within it. */
export const isWithin = (oneMm: number, otherMm: number, limitMm: number): boolean =>
  roundMicrometre(Math.abs(oneMm - otherMm)) <= limitMm

/** Whether a size is over a limit, mm; to the micrometre, so that just at the limit is not. */
export const isOver = (mm: number, limitMm: number): boolean => roundMicrometre(mm - limitMm) > 0

/** Whether a cotter pin is for bolts of this thread, mm: over … up to and including (ISO 1234). */
export const isPinFor = (pin: { threadOverMm: number; threadToMm: number }, threadMm: number): boolean =>
  threadMm > pin.threadOverMm && threadMm <= pin.threadToMm
