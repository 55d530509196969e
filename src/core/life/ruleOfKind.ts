import { isCombined, type Family, type Part } from '../catalogue'
import { ok, refuse, type Result } from '../result'
import type { Factors, LoadRule } from './loadRule'
import { usualLimit } from './usualLimits'

/** Contact angles of angular contact ball bearings that have factors here, degrees. */
export const CONTACT_ANGLES = [15, 20, 25, 30, 35, 40] as const
export type ContactAngle = (typeof CONTACT_ANGLES)[number]

/** What the number does not tell of a bearing, and an axial load cannot be counted without. */
export type MissingInput = 'angle' | 'limit'

export interface KindQuestion {
  /** contact angle as read from the number or as given, degrees */
  contactAngle?: number | null | undefined
  /** limit e of Fa/Fr from the maker's sheet */
  e?: number | undefined
}

/** No life by rolling: why not. */
export type NoLife = 'plain' | 'clutch' | 'linear' | 'combined' | 'noBearing'

export interface Kind {
  rule: LoadRule
  /** its angle or limit is the usual one of the series, neither read nor given */
  taken: boolean
}
export type KindAnswer = Result<
  Kind,
  { code: 'notTold'; why: MissingInput } | { code: 'noLife'; why: NoLife }
>

/** Angular contact ball bearings by angle: e, X, Y of one row; X, Y within and beyond e of two rows; Y0 of one row
 * (ISO 281 table 3 and ISO 76 table 2, from memory). */
const ANGULAR: Record<
  Exclude<ContactAngle, 15>,
  { e: number; one: Factors; two: { within: Factors; beyond: Factors }; y0: number }
> = {
  20: {
    e: 0.57,
    one: { x: 0.43, y: 1 },
    two: { within: { x: 1, y: 1.09 }, beyond: { x: 0.7, y: 1.63 } },
    y0: 0.42,
  },
  25: {
    e: 0.68,
    one: { x: 0.41, y: 0.87 },
    two: { within: { x: 1, y: 0.92 }, beyond: { x: 0.67, y: 1.41 } },
    y0: 0.38,
  },
  30: {
    e: 0.8,
    one: { x: 0.39, y: 0.76 },
    two: { within: { x: 1, y: 0.78 }, beyond: { x: 0.63, y: 1.24 } },
    y0: 0.33,
  },
  35: {
    e: 0.95,
    one: { x: 0.37, y: 0.66 },
    two: { within: { x: 1, y: 0.66 }, beyond: { x: 0.6, y: 1.07 } },
    y0: 0.29,
  },
  40: {
    e: 1.14,
    one: { x: 0.35, y: 0.57 },
    two: { within: { x: 1, y: 0.55 }, beyond: { x: 0.57, y: 0.93 } },
    y0: 0.26,
  },
}
/** Y0 of one row at 15° (ISO 76). */
const Y0_FIFTEEN = 0.46
const isAngle = (degrees: number): degrees is ContactAngle =>
  (CONTACT_ANGLES as readonly number[]).includes(degrees)

function angularRule(degrees: ContactAngle, rows: 1 | 2): LoadRule {
  if (degrees === 15)
    return {
      by: 'axialShare',
      table: 'fifteenDegrees',
      f0: F0_USUAL,
      atRest: { x: 0.5 * rows, y: Y0_FIFTEEN * rows },
    }
  const { e, one, two, y0 } = ANGULAR[degrees]
  return rows === 1
    ? {
        by: 'limit',
        e,
        within: { x: 1, y: 0 },
        beyond: one,
        atRest: { x: 0.5, y: y0 },
        // At the limit e of its own factors: what a radial load pushes a bearing of this angle apart with.
        apart: 1 / e,
      }
    : { by: 'limit', e, ...two, atRest: { x: 1, y: 2 * y0 }, apart: null }
}

/** Roller bearings and self-aligning ball bearings by their limit: tan α = e / 1.5 (ISO 281 tables 3 and 9). */
const cotangent = (e: number): number => 1.5 / e
const taperedRule = (e: number): LoadRule => ({
  by: 'limit',
  e,
  within: { x: 1, y: 0 },
  beyond: { x: 0.4, y: 0.4 * cotangent(e) },
  atRest: { x: 0.5, y: 0.22 * cotangent(e) },
  apart: 2 * 0.4 * cotangent(e),
})
const sphericalRule = (e: number): LoadRule => ({
  by: 'limit',
  e,
  within: { x: 1, y: 0.45 * cotangent(e) },
  beyond: { x: 0.67, y: 0.67 * cotangent(e) },
  atRest: { x: 1, y: 0.44 * cotangent(e) },
  apart: null,
})
const selfAligningRule = (e: number): LoadRule => ({
  by: 'limit',
  e,
  within: { x: 1, y: 0.42 * cotangent(e) },
  beyond: { x: 0.65, y: 0.65 * cotangent(e) },
  atRest: { x: 1, y: 0.44 * cotangent(e) },
  apart: null,
})

/** f0 of deep groove bearings by Dw / Dpw, in steps of 0.01 from 0 (ISO 76 table 1, from memory). */
const F0 = [
  14.7, 14.9, 15.1, 15.3, 15.5, 15.7, 15.9, 16.1, 16.3, 16.5, 16.4, 16.1, 15.9, 15.6, 15.4, 15.2, 14.9, 14.7,
  14.4, 14.2, 14, 13.7, 13.5, 13.2, 13, 12.8, 12.5, 12.3, 12.1, 11.8, 11.6, 11.4, 11.2, 10.9, 10.7, 10.5,
  10.3, 10, 9.8, 9.6, 9.4,
]
const F0_USUAL = 14

/** Geometry factor f0 of a deep groove bearing. @param ratio ball diameter over pitch circle, 0 to 0.4 */
export function f0Of(ratio: number): number {
  const at = Math.min(F0.length - 1, Math.max(0, ratio * 100))
  const [low = F0_USUAL, high = low] = [F0[Math.floor(at)], F0[Math.ceil(at)]]
  return low + (at - Math.floor(at)) * (high - low)
}

/** A ball is about three tenths of what is between bore and outside, and no wider than the rings hold (common practice). */
const BALL_SHARE = 0.3
const BALL_OF_WIDTH = 0.62

/** Ball over pitch circle of a deep groove bearing nobody has opened, from its boundary dimensions, mm. */
export function usualBallRatio(bore: number, outside: number, width?: number): number {
  const ball = Math.min(BALL_SHARE * (outside - bore), width === undefined ? Infinity : BALL_OF_WIDTH * width)
  return ball / ((bore + outside) / 2)
}

const ask = (why: MissingInput): KindAnswer => refuse({ code: 'notTold', why })
const noLife = (why: NoLife): KindAnswer => refuse({ code: 'noLife', why })
const known = (rule: LoadRule, taken = false): KindAnswer => ok({ rule, taken })

/** Cylindrical rollers with flanges on both rings bear a little axial load: e, Y by width series and how much beside the
 * radial load (handbook values from memory). */
const FLANGES = { narrow: { e: 0.2, y: 0.6 }, wide: { e: 0.3, y: 0.4 } }
const MAX_AXIAL_SHARE = 0.5

/** @param series design letters and dimension series, such as NJ22 */
function cylindricalRule(series: string): LoadRule {
  const [, design, dimension = ''] = /^(NJ|NUP)(\d+)$/.exec(series) ?? []
  if (design === undefined) return { by: 'radialOnly' }
  const { e, y } = ['22', '23'].includes(dimension) ? FLANGES.wide : FLANGES.narrow
  return {
    by: 'flanges',
    e,
    beyond: { x: 0.92, y },
    mostAxialShare: MAX_AXIAL_SHARE,
    bothWays: design === 'NUP',
  }
}

/** Tangent of the contact angle of spherical roller thrust bearings, about 50° (handbook value from memory). */
const STEEP_TAN = 1.2

type ByFamily = (part: Part, q: KindQuestion) => KindAnswer

const deepGroove: ByFamily = ({ dimensions: { bore, outside, width } }) =>
  known({
    by: 'axialShare',
    table: 'radialContact',
    f0: bore && outside ? f0Of(usualBallRatio(bore, outside, width)) : F0_USUAL,
    atRest: { x: 0.6, y: 0.5 },
  })
const angular =
  (rows: 1 | 2, usual: ContactAngle | null): ByFamily =>
  (_, { contactAngle }) => {
    const degrees = contactAngle ?? usual
    return degrees !== null && isAngle(degrees)
      ? known(angularRule(degrees, rows), contactAngle === undefined || contactAngle === null)
      : ask('angle')
  }
const byLimit =
  (rule: (e: number) => LoadRule): ByFamily =>
  (part, { e }) => {
    const usual = e ?? usualLimit(part)
    return usual === null ? ask('limit') : known(rule(usual), e === undefined)
  }
const always =
  (rule: LoadRule): ByFamily =>
  () =>
    known(rule)

const RULES: Partial<Record<Family, ByFamily>> = {
  'deep-groove': deepGroove,
  'deep-groove-double-row': deepGroove,
  miniature: deepGroove,
  'inch-ball': deepGroove,
  insert: deepGroove,
  'angular-contact': angular(1, null),
  'angular-contact-double-row': angular(2, 30),
  'hub-unit': angular(2, null),
  'self-aligning': byLimit(selfAligningRule),
  spherical: byLimit(sphericalRule),
  'tapered-metric': byLimit(taperedRule),
  'tapered-inch': byLimit(taperedRule),
  cylindrical: ({ series }) => known(cylindricalRule(series)),
  needle: (part) => (isCombined(part) ? noLife('combined') : known({ by: 'radialOnly' })),
  'cam-follower': always({ by: 'radialOnly' }),
  'ball-track-roller': always({ by: 'radialOnly' }),
  'thrust-ball': always({ by: 'axialOnly' }),
  'thrust-ball-double': always({ by: 'axialOnly' }),
  'thrust-roller': always({ by: 'axialOnly' }),
  'thrust-spherical': always({ by: 'steep', tan: STEEP_TAN }),
  'spherical-plain': () => noLife('plain'),
  'rod-end': () => noLife('plain'),
  'one-way-clutch': () => noLife('clutch'),
  'linear-ball': () => noLife('linear'),
}

/**
 * How loads count in a bearing of this kind (ISO 281, ISO 76).
 * @returns the rule, `taken` where an angle or limit is the usual one of its series and not read; what must be given
 *   before an axial load counts; or why there is no rolling life at all
 * @example ruleOfKind(part of '7205', { contactAngle: 40 })
 */
export function ruleOfKind(part: Part, q: KindQuestion = {}): KindAnswer {
  const rule = RULES[part.family]
  return rule ? rule(part, q) : noLife('noBearing')
}
