import { familyFacts, type Part } from '../catalogue'
import { ok, refuse, type Result } from '../result'
import type { LifeProblem } from './lifeProblemText'
import { equivalentLoad, equivalentStaticLoad, notBorne, type Loads } from './loadRule'
import { lifeHours, loadForLife, ratingLife, RELIABILITY } from './ratingLife'
import { ruleOfKind, type Kind } from './ruleOfKind'

/** How it runs: decides the least static safety. */
export const RUNNINGS = ['quiet', 'normal', 'shocks'] as const
export type Running = (typeof RUNNINGS)[number]

export interface LifeQuestion {
  part: Part
  /** contact angle as read or given, degrees */
  contactAngle?: number | null | undefined
  /** limit e of the maker's sheet */
  e?: number | undefined
  /** basic dynamic and static ratings, kN */
  cKn: number
  c0Kn: number
  rpm: number
  /** unknown load: the load for the wanted life is told instead */
  radialKn?: number | undefined
  axialKn?: number | undefined
  wantedHours: number
  /** of a hundred bearings, how many must reach it */
  reliability?: number | undefined
  running?: Running | undefined
}

/** Hours under a load, by the kind of the bearing; null for a load it does not bear, or one that cannot be counted. */
export function lifeAt(
  part: Part,
  { cKn, c0Kn }: { cKn: number; c0Kn: number },
  load: { radialKn: number; axialKn: number; rpm: number; wantedHours: number },
): number | null {
  const answer = judgeLife({ part, cKn, c0Kn, ...load })
  return answer.ok ? answer.value.hours : null
}

export interface LifeAnswer {
  /** equivalent loads, kN; null = load not known */
  equivalentKn: number | null
  /** factors that counted: limit of Fa/Fr, X and Y; null without a load or where one direction only is borne */
  counted: { e: number; x: number; y: number } | null
  /** axial force by which a radial load alone pushes a bearing of one row apart, kN; null where it does not */
  inducedKn: number | null
  hours: number | null
  millionTurns: number | null
  staticSafety: number | null
  leastSafety: number
  loadForWantedKn: number
  remarks: string[]
}

/** Least static safety of balls and rollers (ISO 76, guide values from memory). */
const MIN_SAFETY: Record<Running, { ball: number; roller: number }> = {
  quiet: { ball: 2, roller: 3 },
  normal: { ball: 1, roller: 1.5 },
  shocks: { ball: 1.5, roller: 3 },
}
/** Axial load of a deep groove bearing as a share of C0, at most (handbook values from memory). */
const MAX_AXIAL_OF_C0 = 0.5
/** Beyond this share of C the standard does not hold. */
const MAX_OF_C = 0.5

const hoursText = (hours: number): string =>
  hours >= 1e6
    ? 'more than a million hours'
    : hours >= 10_000
      ? `${Math.round(hours / 1000)} thousand hours`
      : `${Math.round(hours)} hours`

function axialText({ rule, taken }: Kind, loads: Loads, induced: number | null, c0Kn: number): string[] {
  return [
    taken && loads.axialKn > 0 && rule.by === 'limit'
      ? `Counted with the usual limit e ${rule.e} of its series; the maker's sheet gives its own.`
      : '',
    induced !== null && induced > 0
      ? `A radial load pushes a bearing of this kind apart with about ${induced.toFixed(2)} kN: the bearing opposite takes it up, and it counts as axial load there.`
      : '',
    rule.by === 'flanges' && loads.axialKn > 0
      ? `The axial load goes over sliding flanges${rule.bothWays ? '' : ', in one direction only'}: well greased, and not for long.`
      : '',
    rule.by === 'axialShare' && loads.axialKn > MAX_AXIAL_OF_C0 * c0Kn
      ? 'More axial load than half of C0: too much for a deep groove bearing.'
      : '',
  ]
}

/**
 * Rating life and static safety as a check of sense; without a load, the load that gives the wanted life (ISO 281, ISO 76).
 * Loads the kind does not bear, and axial loads that cannot be counted from what is known, are refused.
 */
export function judgeLife(q: LifeQuestion): Result<LifeAnswer, LifeProblem> {
  const { element = 'ball' } = familyFacts(q.part.family)
  const loads = { radialKn: q.radialKn ?? 0, axialKn: q.axialKn ?? 0 }
  const kindRule = ruleOfKind(q.part, q)
  // Without axial load neither angle nor limit matters.
  const kind: typeof kindRule =
    !kindRule.ok && kindRule.problem.code === 'notTold' && loads.axialKn === 0
      ? ok({ rule: { by: 'radialOnly' }, taken: false })
      : kindRule
  if (!kind.ok) return kind
  const { rule } = kind.value
  const why = notBorne(rule, loads)
  if (why) return refuse({ code: 'notBorne', why })
  const a1 = RELIABILITY[q.reliability ?? 90] ?? 1
  const leastSafety = MIN_SAFETY[q.running ?? 'normal'][element === 'ball' ? 'ball' : 'roller']
  const loadForWantedKn = loadForLife(q.cKn, q.wantedHours / a1, q.rpm, element)
  const direction = rule.by === 'axialOnly' || rule.by === 'steep' ? 'axial load' : 'load'
  const wanted = `For ${hoursText(q.wantedHours)} at ${q.rpm} a minute the ${direction} may be ${loadForWantedKn.toFixed(2)} kN.`
  if (loads.radialKn + loads.axialKn === 0)
    return ok({
      equivalentKn: null,
      counted: null,
      inducedKn: null,
      hours: null,
      millionTurns: null,
      staticSafety: null,
      leastSafety,
      loadForWantedKn,
      remarks: ['The load is not known: nothing is said of its life.', wanted],
    })
  const { kn, counted } = equivalentLoad(rule, loads, q.c0Kn)
  const apart = rule.by === 'limit' ? rule.apart : null
  const inducedKn = apart === null ? null : loads.radialKn / apart
  const turns = a1 * ratingLife(q.cKn, kn, element)
  const hours = lifeHours(turns, q.rpm)
  const safety = q.c0Kn / equivalentStaticLoad(rule, loads)
  const remarks = [
    hours < q.wantedHours
      ? `${hoursText(hours)}, less than the ${hoursText(q.wantedHours)} wanted: a larger bearing, less load, or a change by the calendar.`
      : `${hoursText(hours)}, more than wanted. Wheel bearings mostly die of water, dirt and bad fitting, not of load.`,
    safety < leastSafety
      ? `Static safety ${safety.toFixed(1)}, less than ${leastSafety}: standing loads and shocks dent the raceways.`
      : `Static safety ${safety.toFixed(1)}; ${leastSafety} is the least for ${q.running === 'shocks' ? 'shocks' : `${q.running ?? 'normal'} running`}.`,
    wanted,
    ...axialText(kind.value, loads, inducedKn, q.c0Kn),
    kn > MAX_OF_C * q.cKn
      ? 'More than half the dynamic rating: beyond the range in which ISO 281 holds for this bearing.'
      : '',
  ].filter(Boolean)
  return ok({
    equivalentKn: kn,
    counted,
    inducedKn,
    hours,
    millionTurns: turns,
    staticSafety: safety,
    leastSafety,
    loadForWantedKn,
    remarks,
  })
}
