import type { RollingElement } from '../catalogue'
import { equivalentLoad, equivalentStaticLoad, type LoadedAs } from './equivalentLoad'
import { lifeHours, loadForLife, ratingLife, RELIABILITY } from './ratingLife'

export interface LifeQuestion {
  element: RollingElement
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
}

export interface LifeAnswer {
  /** equivalent loads, kN; null = load not known */
  equivalentKn: number | null
  hours: number | null
  millionTurns: number | null
  staticSafety: number | null
  loadForWantedKn: number
  words: string[]
}

/** Least static safety: quiet running 2 for balls and 3 for rollers, shocks more (handbook values from memory). */
const LEAST_SAFETY = { ball: 1, roller: 1.5 }

const loadedAs = (element: RollingElement): LoadedAs =>
  element === 'ball'
    ? 'radialBall'
    : element === 'taperedRoller' || element === 'sphericalRoller'
      ? 'tapered'
      : 'rollerRadial'

const hoursWords = (hours: number): string =>
  hours >= 1e6
    ? 'more than a million hours'
    : hours >= 10_000
      ? `${Math.round(hours / 1000)} thousand hours`
      : `${Math.round(hours)} hours`

/** Rating life and static safety as a sanity check; without a load, the load that gives the wanted life (ISO 281, ISO 76). */
export function judgeLife(q: LifeQuestion): LifeAnswer {
  const as = loadedAs(q.element)
  const a1 = RELIABILITY[q.reliability ?? 90] ?? 1
  const loadForWantedKn = loadForLife(q.cKn, q.wantedHours / a1, q.rpm, q.element)
  const wanted = `For ${hoursWords(q.wantedHours)} at ${q.rpm} a minute the load may be ${loadForWantedKn.toFixed(2)} kN.`
  if ((q.radialKn ?? 0) + (q.axialKn ?? 0) === 0)
    return {
      equivalentKn: null,
      hours: null,
      millionTurns: null,
      staticSafety: null,
      loadForWantedKn,
      words: ['The load is not known: nothing is said of its life.', wanted],
    }
  const loads = { radialKn: q.radialKn ?? 0, axialKn: q.axialKn ?? 0 }
  // Nothing but axial load is borne as Y · Fa; a radial share of zero would divide.
  const p = equivalentLoad({ ...loads, radialKn: Math.max(loads.radialKn, 1e-9) }, as, q.c0Kn)
  const turns = a1 * ratingLife(q.cKn, p, q.element)
  const hours = lifeHours(turns, q.rpm)
  const safety = q.c0Kn / Math.max(1e-9, equivalentStaticLoad(loads, as))
  const least = q.element === 'ball' ? LEAST_SAFETY.ball : LEAST_SAFETY.roller
  const words = [
    hours < q.wantedHours
      ? `${hoursWords(hours)}, less than the ${hoursWords(q.wantedHours)} wanted: a larger bearing, less load, or a change by the calendar.`
      : `${hoursWords(hours)}, more than wanted. Wheel bearings mostly die of water, dirt and bad fitting, not of load.`,
    safety < least
      ? `Static safety ${safety.toFixed(1)}: standing loads and shocks dent the raceways.`
      : `Static safety ${safety.toFixed(1)}.`,
    wanted,
    as === 'rollerRadial' && loads.axialKn > 0
      ? 'Axial load on this kind of bearing is not in the figure: it needs flanges, or another bearing beside it.'
      : '',
    p > 0.5 * q.cKn
      ? 'More than half the dynamic rating: beyond the range in which ISO 281 holds for this bearing.'
      : '',
  ].filter(Boolean)
  return { equivalentKn: p, hours, millionTurns: turns, staticSafety: safety, loadForWantedKn, words }
}
