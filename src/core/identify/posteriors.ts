import type { Part } from '../catalogue'
import type { Observations } from './evidence'
import { addReading } from './featureIndex'
import type { Identifier } from './identifier'
import { shelfFor, type Models } from './models'
import type { Candidate } from './priors'
import { logUnlistedSizes, UNLISTED_PRIOR } from './unlisted'
import { weighObservations } from './weighObservations'
import { logReadingOf } from './weighReading'
import { shelfShare, weighShelf, type WeighedShelf } from './weighShelf'
import { weighStamp, type StampModel } from './weighStamps'

/**
 * ln prior of one part that a stamp names by the rule of its series and no row holds: half of what is not listed follows
 * such rules, spread over the numbers they allow that are not listed (estimate).
 */
const LOG_RULE_PRIOR = Math.log((UNLISTED_PRIOR * 0.5) / 1500)

function addObservations(
  logs: Float64Array,
  { of, examples }: Identifier['groups'],
  observed: Observations,
): void {
  const weights = examples.map((part) =>
    weighObservations(part, observed).reduce((sum, observation) => sum + observation.log, 0),
  )
  if (weights.every((weight) => weight === 0)) return
  for (let i = 0; i < logs.length; i++) logs[i] = (logs[i] ?? 0) + (weights[of[i] ?? 0] ?? 0)
}

/** Most parts are not what the stamp names: they all get the same, the few that are get their own. */
function addStamp(logs: Float64Array, { indexOfPart, candidates }: Identifier, stamp: StampModel): void {
  for (let i = 0; i < logs.length; i++) logs[i] = (logs[i] ?? 0) + stamp.other
  for (const part of stamp.readings.keys()) {
    const at = indexOfPart.get(part)
    if (at !== undefined && candidates[at])
      logs[at] = (logs[at] ?? 0) + weighStamp(part, stamp).log - stamp.other
  }
}

/** ln of prior times likelihood for every candidate. */
export function logPosteriors(identifier: Identifier, models: Models): Float64Array {
  const logs = identifier.priors(models.evidence.observed).slice()
  for (const model of models.readings) addReading(logs, model, identifier.sizes(model.feature, models.closed))
  addObservations(logs, identifier.groups, models.evidence.observed)
  for (const stamp of models.stamps) addStamp(logs, identifier, stamp)
  return logs
}

/** The shop's own parts, and ln of the share that is left to all others. */
export function weighOwn(
  identifier: Identifier,
  { readings, stamps, evidence }: Models,
  count: number,
): (WeighedShelf & { others: number }) | null {
  const shelf = shelfFor(identifier, evidence.observed)
  if (!shelf) return null
  const weighed = weighShelf(
    shelf,
    readings,
    stamps.map(({ onShelf, other }) => ({ named: onShelf, other })),
    count,
  )
  return { ...weighed, others: Math.log(1 - shelfShare(shelf.count)) }
}

/** This much less likely than the likeliest no sum notices, ln: a million such parts are 1e-8. */
const NEGLIGIBLE = -32

/** ln Σ exp of many logs and a few others, the negligible left out: a candidate contradicted by all is not worth its exp. */
export function logTotal(logs: Float64Array, others: readonly number[]): number {
  let top = Math.max(...others)
  for (let i = 0; i < logs.length; i++) top = Math.max(top, logs[i] ?? -Infinity)
  const least = top + NEGLIGIBLE
  let sum = 0
  for (const log of others) sum += Math.exp(log - top)
  for (let i = 0; i < logs.length; i++) {
    const log = logs[i] ?? -Infinity
    if (log > least) sum += Math.exp(log - top)
  }
  return top + Math.log(sum)
}

/** Parts that stamps name by rule, weighed one by one: a handful at most. */
export function weighComputed(models: Models): { part: Part; log: number }[] {
  const { readings, stamps, closed, evidence } = models
  const bases = new Map(stamps.flatMap(({ computed }) => computed.map((part) => [part.base, part] as const)))
  return [...bases.values()].map((part) => ({
    part,
    log: [
      ...readings.map((model) => logReadingOf(part, model, closed)),
      ...weighObservations(part, evidence.observed).map((observation) => observation.log),
      ...stamps.map((stamp) => weighStamp(part, stamp).log),
    ].reduce((sum, log) => sum + log, LOG_RULE_PRIOR),
  }))
}

/** ln of prior times likelihood of a part that is not listed. */
export const logUnlisted = ({ readings, stamps }: Models): number =>
  Math.log(UNLISTED_PRIOR) +
  logUnlistedSizes(readings) +
  stamps.reduce((sum, stamp) => sum + stamp.unlisted, 0)

/** The `count`-th highest log, or the lowest when there are fewer. */
export function leastOf(logs: Float64Array, count: number): number {
  const best = new Float64Array(Math.min(count, logs.length)).fill(-Infinity)
  for (let i = 0; i < logs.length; i++) {
    const log = logs[i] ?? -Infinity
    if (log <= (best[0] ?? Infinity)) continue
    let at = 1
    for (; at < best.length && (best[at] ?? Infinity) < log; at++) best[at - 1] = best[at] ?? log
    best[at - 1] = log
  }
  return best[0] ?? -Infinity
}

/** The `count` best candidates, best first; of those that are alike at the end the first ones. */
export function ranking(candidates: readonly Candidate[], logs: Float64Array, total: number, count: number) {
  const least = leastOf(logs, count)
  const indexes: number[] = []
  const alike: number[] = []
  for (let i = 0; i < logs.length; i++) {
    const log = logs[i] ?? -Infinity
    if (log > least) indexes.push(i)
    else if (log === least && log > -Infinity && alike.length < count) alike.push(i)
  }
  return [...indexes, ...alike.slice(0, Math.max(0, count - indexes.length))]
    .flatMap((i) => {
      const [candidate, log] = [candidates[i], logs[i] ?? -Infinity]
      return candidate ? [{ ...candidate, log, probability: Math.exp(log - total) }] : []
    })
    .sort((a, b) => b.log - a.log || b.weight - a.weight)
}
