import { INSTRUMENT_SIGMA, MM_PER_INCH } from '../quantity'
import { FEATURE_ROLE, type Condition, type Feature, type Measured } from './evidence'
import { logAdd, logBox, logNormal, logNormalPlusShift } from './logDensities'
import { ringBandMm } from '../fit'

/** What may have moved a reading away from the nominal size. */
export type Cause =
  'noise' | 'coarse' | 'wear' | 'insideJaws' | 'raised' | 'tolerance' | 'otherUnit' | 'nearMiss' | 'misread'

/** Inside jaws are this much worse than outside jaws (0.03 against 0.02 for a digital caliper; common practice). */
const INSIDE_FACTOR = 1.5

/** Mean wear of a ring surface where there is any, mm (estimate, common practice). */
const WEAR_MM: Record<Condition, number> = { new: 0.004, used: 0.02, worn: 0.035, corroded: 0.04 }
/** Shafts and housings wear more than rings before anybody measures them. */
const SEAT_WEAR_FACTOR = 2.5
/** How far inside jaws read small when they are held askew or sit on a chamfer, mm (common practice). */
const INSIDE_JAWS_MM = 0.05
/** Burrs, rust and paint make a surface read large, mm. */
const RAISED_MM: Record<Condition, number> = { new: 0.004, used: 0.015, worn: 0.02, corroded: 0.05 }
/**
 * Widths hardly change in use, but new ones differ: ISO 492 lets a ring be 0.12 to 0.25 mm narrower than nominal, and a
 * tapered set up to 0.2 mm wider or narrower. Mean departures of rings as made, mm (estimate).
 */
const RING_NARROWER_MM = 0.03
const SET_WIDTH_MM = 0.05
/** For a shaft or housing the usual fit allowance, one σ, mm (ISO 286 usual classes). */
const SEAT_SIGMA = 0.02

/** Four readings in a hundred are plain wrong: misread, mistyped, taken across the wrong face (estimate). */
const MISREAD = 0.04
/** … of which this share lands somewhere near: the wrong face, a chamfer, a groove (estimate). */
const NEAR_SHARE = 0.4
/**
 * What each further reading that agrees leaves of these shares: the same slip is hardly made twice (estimate). One figure
 * for both, so that a repeated reading never raises a part it contradicts over another that it contradicts too.
 */
const REPEATED = 0.15
/** Readings this many instrument uncertainties from the middle still agree. */
const AGREEING_SIGMAS = 4
/** Mean distance of a near miss, as a share of the nominal size (estimate). */
const NEAR_MISS = 0.12
/** One in three hundred is in the other unit where the unit was said, one in fifty where it was guessed (estimate). */
const OTHER_UNIT = { said: 0.003, guessed: 0.02 }
/** A misread size may be anything over three decades. */
const LN_DECADES = Math.log(1000)

interface Shift {
  weight: number
  /** +1: the reading comes out larger than the nominal */
  direction: 1 | -1 | 0
  scaleMm: number
  cause: Cause
  /** the reading may lie anywhere from … to … beside the nominal size: rounded or cut off, mm */
  box?: readonly [from: number, to: number]
}

/** How readings of one feature scatter about a nominal size. */
export interface ReadingModel {
  feature: Feature
  meanMm: number
  sigmaMm: number
  shifts: readonly Shift[]
  otherUnit: number
  /** shares of readings that are wrong, by how many agree */
  misread: number
  nearMiss: number
}

const INSIDE: ReadonlySet<Feature> = new Set(['bore', 'housing'])
const GROWS: ReadonlySet<Feature> = new Set(['bore', 'housing'])
const SHRINKS: ReadonlySet<Feature> = new Set(['outside', 'shaft', 'flangeOutside'])
const SEATS: ReadonlySet<Feature> = new Set(['shaft', 'housing'])

function shiftsOf({ feature, condition, instrument }: Measured): Shift[] {
  if (!GROWS.has(feature) && !SHRINKS.has(feature))
    return [
      { weight: 0.5, direction: 0, scaleMm: 0, cause: 'noise' },
      {
        weight: 0.3,
        direction: -1,
        scaleMm: feature === 'totalWidth' ? SET_WIDTH_MM : RING_NARROWER_MM,
        cause: 'tolerance',
      },
      feature === 'totalWidth'
        ? { weight: 0.2, direction: 1, scaleMm: SET_WIDTH_MM, cause: 'tolerance' }
        : { weight: 0.2, direction: 1, scaleMm: RAISED_MM[condition], cause: 'raised' },
    ]
  const worn: Shift = {
    weight: 0.35,
    direction: GROWS.has(feature) ? 1 : -1,
    scaleMm: WEAR_MM[condition] * (SEATS.has(feature) ? SEAT_WEAR_FACTOR : 1),
    cause: 'wear',
  }
  const jaws = instrument === 'micrometer' ? 0.1 : 0.3
  const other: Shift = INSIDE.has(feature)
    ? { weight: jaws, direction: -1, scaleMm: INSIDE_JAWS_MM, cause: 'insideJaws' }
    : { weight: 0.15, direction: 1, scaleMm: RAISED_MM[condition], cause: 'raised' }
  return [{ weight: 1 - worn.weight - other.weight, direction: 0, scaleMm: 0, cause: 'noise' }, worn, other]
}

const mean = (values: readonly number[]): number => values.reduce((sum, v) => sum + v, 0) / values.length

/** The middle reading of three or more, so that one slip does not count; else the mean. */
function centre(values: readonly number[]): number {
  if (values.length < 3) return mean(values)
  const sorted = [...values].sort((a, b) => a - b)
  const half = sorted.length / 2
  return mean(sorted.slice(Math.ceil(half) - 1, Math.floor(half) + 1))
}

/** Half the range of the readings: out-of-round and askew readings, mm. */
const spread = (values: readonly number[]): number =>
  values.length < 2 ? 0 : (Math.max(...values) - Math.min(...values)) / 2

/** Housings are cast: one σ of bolt holes and of the height of the shaft, mm (ISO 3228 allows 0.7 and 0.15 to 0.2; from memory). */
const CAST_SIGMA: Partial<Record<Feature, number>> = { boltSpacing: 0.6, centreHeight: 0.2, railSpacing: 0.4 }

/** A ring lies anywhere in a band on one side of nominal: minus for metric rings, plus for inch tapered ones. */
function partSigma(feature: Feature, mm: number): number {
  const role = FEATURE_ROLE[feature]
  if (role === 'length') return CAST_SIGMA[feature] ?? 0
  return role === 'width' ? 0 : ringBandMm(role, mm) / Math.sqrt(3)
}

/**
 * Two readings of one size that do not agree: one of them is a slip, and nobody knows which. They count as two readings of
 * their own. Of three and more the middle one speaks.
 */
export function apartReadings(measured: Measured): Measured[] {
  const [first, second] = measured.valuesMm
  if (measured.valuesMm.length !== 2 || first === undefined || second === undefined) return [measured]
  const apart = AGREEING_SIGMAS * INSTRUMENT_SIGMA[measured.instrument] + measured.stepMm
  const outOfRound = Math.abs(first - second) <= Math.max(apart, OUT_OF_ROUND_MM)
  return outOfRound ? [measured] : [first, second].map((mm) => ({ ...measured, valuesMm: [mm] }))
}

/** Worn rings differ by this much around the clock without a slip, mm (common practice). */
const OUT_OF_ROUND_MM = 0.4

/** Builds the error model of one measured feature. See docs/identification.md for the formulas. */
export function readingModel(measured: Measured): ReadingModel {
  const { feature, instrument, valuesMm, stepMm, unitGuessed } = measured
  const single = INSTRUMENT_SIGMA[instrument] * (INSIDE.has(feature) ? INSIDE_FACTOR : 1)
  const repeat = Math.max(single, Math.min(spread(valuesMm), 0.3)) ** 2 / valuesMm.length
  const meanMm = centre(valuesMm)
  const agreeing = valuesMm.filter((mm) => Math.abs(mm - meanMm) <= AGREEING_SIGMAS * single + stepMm)
  const again = Math.max(0, agreeing.length - 1)
  const part = SEATS.has(feature) ? SEAT_SIGMA : partSigma(feature, meanMm)
  const { coarseMm } = measured
  return {
    feature,
    meanMm,
    sigmaMm: Math.sqrt(repeat + stepMm ** 2 / 12 + part ** 2),
    shifts: coarseMm === undefined ? shiftsOf(measured) : coarse(shiftsOf(measured), coarseMm),
    otherUnit: unitGuessed ? OTHER_UNIT.guessed : OTHER_UNIT.said,
    misread: MISREAD * (1 - NEAR_SHARE) * REPEATED ** again,
    nearMiss: MISREAD * NEAR_SHARE * REPEATED ** again,
  }
}

/** Of sound readings typed coarsely: cut off, rounded, and the rest as ever (estimate). */
const COARSE = { cutOff: 0.4, rounded: 0.4, asEver: 0.2 }

/** A coarse decimal stands for an interval: half a step to both sides, or a whole step upward of what was typed. */
const coarse = (shifts: readonly Shift[], stepMm: number): Shift[] => [
  { weight: COARSE.cutOff, direction: 0, scaleMm: 0, cause: 'coarse', box: [-stepMm, 0] },
  { weight: COARSE.rounded, direction: 0, scaleMm: 0, cause: 'coarse', box: [-stepMm / 2, stepMm / 2] },
  ...shifts.map((shift) => ({ ...shift, weight: shift.weight * COARSE.asEver })),
]

function logShift(deviation: number, sigma: number, { weight, direction, scaleMm, box }: Shift): number {
  const log = Math.log(weight)
  if (box) return log + logBox(deviation, sigma, box[0], box[1])
  if (direction === 0) return log + logNormal(deviation, sigma)
  return log + logNormalPlusShift(direction * deviation, sigma, scaleMm)
}

/** ln share of readings that are as they should be. */
const logSound = ({ misread, nearMiss, otherUnit }: ReadingModel): number =>
  Math.log(1 - misread - nearMiss - otherUnit)

/** ln density of a reading given in the other unit. */
function logOtherUnit({ meanMm, sigmaMm, otherUnit }: ReadingModel, nominalMm: number): number {
  const inches = logNormal(meanMm * MM_PER_INCH - nominalMm, sigmaMm * MM_PER_INCH) + Math.log(MM_PER_INCH)
  const metric = logNormal(meanMm / MM_PER_INCH - nominalMm, sigmaMm / MM_PER_INCH) - Math.log(MM_PER_INCH)
  return Math.log(otherUnit / 2) + logAdd(inches, metric)
}

/** ln densities of the mean reading for each cause, given the nominal size. */
export function causesOf(model: ReadingModel, nominalMm: number): { cause: Cause; log: number }[] {
  const sound = logSound(model)
  return [
    ...model.shifts.map((shift) => ({
      cause: shift.cause,
      log: sound + logShift(model.meanMm - nominalMm, model.sigmaMm, shift),
    })),
    { cause: 'otherUnit', log: logOtherUnit(model, nominalMm) },
    { cause: 'nearMiss', log: logNearMiss(model, nominalMm) },
    { cause: 'misread', log: logMisread(model) },
  ]
}

/** ln density of a reading that says nothing of the part. */
export const logMisread = ({ meanMm, misread }: ReadingModel): number =>
  Math.log(misread / LN_DECADES / meanMm)

/** ln density of a reading taken across a wrong face or a chamfer. */
export const logNearMiss = ({ meanMm, nearMiss }: ReadingModel, nominalMm: number): number => {
  const scale = NEAR_MISS * nominalMm
  return Math.log(nearMiss / (2 * scale)) - Math.abs(meanMm - nominalMm) / scale
}

/** Beyond this many σ, and scales of every shift, nothing but a near miss or a misreading explains a reading: e^−30. */
const FAR_SIGMAS = 8
const FAR_SCALES = 30

/** Whether only a near miss or a misreading can explain the reading. */
function isFar({ meanMm, sigmaMm, shifts }: ReadingModel, nominalMm: number): boolean {
  let scale = 0
  let interval = 0
  for (const shift of shifts) {
    if (shift.scaleMm > scale) scale = shift.scaleMm
    if (shift.box) interval = Math.max(interval, -shift.box[0])
  }
  const reach = FAR_SIGMAS * sigmaMm + interval
  return (
    Math.abs(meanMm - nominalMm) > reach + FAR_SCALES * scale &&
    Math.abs(meanMm * MM_PER_INCH - nominalMm) > reach * MM_PER_INCH &&
    Math.abs(meanMm / MM_PER_INCH - nominalMm) > reach / MM_PER_INCH
  )
}

/** ln p(reading | nominal size): all causes together. */
export function logReading(model: ReadingModel, nominalMm: number): number {
  const wrong = logAdd(logMisread(model), logNearMiss(model, nominalMm))
  if (isFar(model, nominalMm)) return wrong
  const sound = logSound(model)
  const deviation = model.meanMm - nominalMm
  return model.shifts.reduce(
    (sum, shift) => logAdd(sum, sound + logShift(deviation, model.sigmaMm, shift)),
    logAdd(wrong, logOtherUnit(model, nominalMm)),
  )
}
