import type { Dimensions, Part } from '../catalogue'
import { withRepairs, type Language, type Reading } from '../designation'
import type { Shelf } from '../shelf'
import { decidedOf, type Decided } from './decided'
import { FEATURE_ROLE, type Evidence, type Looks } from './evidence'
import { nextMeasurement, type NextMeasurement } from './nextMeasurement'
import { addDifference, addReading, featureIndexes, type FeatureIndexes } from './featureIndex'
import {
  candidatesOf,
  logPriors,
  NO_EXPERIENCE,
  type Candidate,
  type Experience,
  type Priors,
} from './priors'
import { apartReadings, readingModel, type ReadingModel } from './readingModel'
import { logUnlistedSizes, UNLISTED_PRIOR } from './unlisted'
import { isSameSize } from './sameSize'
import { closedOf, shapeKey, weighLooks } from './weighLooks'
import { logReadingOf, weighReading, type ReadingCause, type Verdict } from './weighReading'
import { shelfShare, weighShelf, type WeighedShelf } from './weighShelf'
import { readStamp, weighStamp, type StampModel } from './weighStamps'

export interface EvidenceItem {
  /** feature, look or `stamp` */
  item: string
  /** reading minus nominal, mm */
  deviationMm: number | null
  /** ln relative to perfect agreement, ≤ 0 */
  weight: number
  verdict: Verdict
  cause: ReadingCause | null
  /** stamps: how the text was read */
  reading: Reading | null
}

export interface IdentifiedPart {
  part: Part
  /** base with the options read from stamps and seen */
  designation: string
  decided: Decided
  probability: number
  dimensions: Dimensions
  evidence: EvidenceItem[]
}

export interface Identification {
  candidates: IdentifiedPart[]
  /** while “not listed” leads: the listed parts nearest by their sizes, else by the number */
  nearest: IdentifiedPart[]
  unlisted: number
  /** “not listed” is likelier than all parts of the size that leads: alike ones share what their size has */
  unlistedLeads: boolean
  next: NextMeasurement | null
}

/**
 * ln prior of one part that a stamp names by the rule of its series and no row holds: half of what is not listed follows
 * such rules, spread over the numbers they allow that are not listed (estimate).
 */
const LOG_RULE_PRIOR = Math.log((UNLISTED_PRIOR * 0.5) / 1500)

/** Candidates among which the next measurement is chosen. */
const CONSIDERED = 40

/** The catalogue made ready for identification. */
export interface Identifier {
  language: Language
  experience: Experience
  candidates: readonly Candidate[]
  priors: Priors
  sizes: FeatureIndexes
  groups: ReturnType<typeof groupsOf>
  /** place of every part among the candidates */
  places: ReadonlyMap<Part, number>
  /** parts of the shop's own lists that no standard plan holds */
  shelf: Shelf | null
}

/** What a shop adds to the standard catalogue. */
export interface ShopKnowledge {
  /** parts from own and imported lists; none when left out */
  shelf?: Shelf | null
  /** what turns up here more often than elsewhere; nothing when left out */
  experience?: Experience
}

export function buildIdentifier(
  language: Language,
  { shelf = null, experience = NO_EXPERIENCE }: ShopKnowledge = {},
): Identifier {
  const candidates = candidatesOf(language.catalogue.parts, experience)
  return {
    shelf: shelf && shelf.count > 0 ? shelf : null,
    language,
    experience,
    candidates,
    priors: logPriors(candidates),
    sizes: featureIndexes(candidates),
    groups: groupsOf(candidates),
    places: new Map(candidates.map(({ part }, i) => [part, i])),
  }
}

/** The same catalogue and lists with other experience; its indexes are kept. */
export function withExperience(identifier: Identifier, experience: Experience): Identifier {
  const candidates = candidatesOf(identifier.language.catalogue.parts, experience)
  return { ...identifier, experience, candidates, priors: logPriors(candidates) }
}

interface Models {
  readings: readonly ReadingModel[]
  stamps: readonly StampModel[]
  closed: boolean | null
  evidence: Evidence
}

/** Closures may be seen or stamped. */
function closedBy(evidence: Evidence, stamps: readonly StampModel[]): boolean | null {
  const seen = closedOf(evidence.looks)
  if (seen !== null) return seen
  const read = stamps.flatMap(({ readings }) => [...readings.values()]).sort((a, b) => a.cost - b.cost)[0]
  return read && read.closure.sides > 0 ? true : null
}

/** Own lists hold complete parts; asked for a cone, a cup or a seal alone, they stay out. */
const shelfAsked = ({ shelf }: Identifier, { piece }: Looks): Shelf | null =>
  piece === undefined || piece === 'complete' ? shelf : null

function modelsOf(evidence: Evidence, identifier: Identifier): Models {
  const { language, priors, places } = identifier
  const prior = priors(evidence.looks)
  const logPrior = (part: Part): number => prior[places.get(part) ?? -1] ?? -Infinity
  const shelf = shelfAsked(identifier, evidence.looks)
  const own = shelf && { shelf, logPrior: Math.log(shelfShare(shelf.count) / shelf.count) }
  const stamps = evidence.stamps.map((stamp) => readStamp(stamp, language, logPrior, own))
  return {
    readings: evidence.measurements.flatMap(apartReadings).map(readingModel),
    stamps,
    closed: closedBy(evidence, stamps),
    evidence,
  }
}

/** Candidates of one family, piece and shape: looks say the same of all of them. */
function groupsOf(candidates: readonly Candidate[]): { of: Int32Array; examples: readonly Part[] } {
  const places = new Map<string, number>()
  const examples: Part[] = []
  const of = Int32Array.from(candidates, ({ part }) => {
    const key = shapeKey(part)
    const known = places.get(key)
    if (known !== undefined) return known
    places.set(key, examples.length)
    return examples.push(part) - 1
  })
  return { of, examples }
}

function addLooks(logs: Float64Array, { of, examples }: Identifier['groups'], looks: Looks): void {
  const weights = examples.map((part) => weighLooks(part, looks).reduce((sum, look) => sum + look.log, 0))
  if (weights.every((weight) => weight === 0)) return
  for (let i = 0; i < logs.length; i++) logs[i] = (logs[i] ?? 0) + (weights[of[i] ?? 0] ?? 0)
}

/** Most parts are not what the stamp names: they all get the same, the few that are get their own. */
function addStamp(logs: Float64Array, { places, candidates }: Identifier, stamp: StampModel): void {
  for (let i = 0; i < logs.length; i++) logs[i] = (logs[i] ?? 0) + stamp.other
  for (const part of stamp.readings.keys()) {
    const at = places.get(part)
    if (at !== undefined && candidates[at])
      logs[at] = (logs[at] ?? 0) + weighStamp(part, stamp).log - stamp.other
  }
}

/** ln of prior times likelihood for every candidate. */
function logPosteriors(identifier: Identifier, models: Models): Float64Array {
  const logs = identifier.priors(models.evidence.looks).slice()
  for (const model of models.readings) addReading(logs, model, identifier.sizes(model.feature, models.closed))
  addLooks(logs, identifier.groups, models.evidence.looks)
  for (const stamp of models.stamps) addStamp(logs, identifier, stamp)
  return logs
}

/** The shop's own parts, and ln of the share that is left to all others. */
function weighOwn(
  identifier: Identifier,
  { readings, stamps, evidence }: Models,
  count: number,
): (WeighedShelf & { others: number }) | null {
  const shelf = shelfAsked(identifier, evidence.looks)
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
function logTotal(logs: Float64Array, others: readonly number[]): number {
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
function weighComputed(models: Models): { part: Part; log: number }[] {
  const { readings, stamps, closed, evidence } = models
  const bases = new Map(stamps.flatMap(({ computed }) => computed.map((part) => [part.base, part] as const)))
  return [...bases.values()].map((part) => ({
    part,
    log: [
      ...readings.map((model) => logReadingOf(part, model, closed)),
      ...weighLooks(part, evidence.looks).map((look) => look.log),
      ...stamps.map((stamp) => weighStamp(part, stamp).log),
    ].reduce((sum, log) => sum + log, LOG_RULE_PRIOR),
  }))
}

/** The `count`-th highest log, or the lowest when there are fewer. */
function leastOf(logs: Float64Array, count: number): number {
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
function ranking(candidates: readonly Candidate[], logs: Float64Array, total: number, count: number) {
  const least = leastOf(logs, count)
  const places: number[] = []
  const alike: number[] = []
  for (let i = 0; i < logs.length; i++) {
    const log = logs[i] ?? -Infinity
    if (log > least) places.push(i)
    else if (log === least && log > -Infinity && alike.length < count) alike.push(i)
  }
  return [...places, ...alike.slice(0, Math.max(0, count - places.length))]
    .flatMap((i) => {
      const [candidate, log] = [candidates[i], logs[i] ?? -Infinity]
      return candidate ? [{ ...candidate, log, probability: Math.exp(log - total) }] : []
    })
    .sort((a, b) => b.log - a.log || b.weight - a.weight)
}

const logUnlisted = ({ readings, stamps }: Models): number =>
  Math.log(UNLISTED_PRIOR) +
  logUnlistedSizes(readings) +
  stamps.reduce((sum, stamp) => sum + stamp.unlisted, 0)

function explain(part: Part, models: Models): EvidenceItem[] {
  return [
    ...models.stamps.map((stamp): EvidenceItem => {
      const { log, verdict, reading } = weighStamp(part, stamp)
      const read = reading && withRepairs(reading, stamp.stamp.text)
      return { item: 'stamp', deviationMm: null, weight: log, verdict, cause: null, reading: read }
    }),
    ...models.readings.map((model): EvidenceItem => {
      const weighed = weighReading(part, model, models.closed)
      return { item: model.feature, ...weighed, reading: null }
    }),
    ...weighLooks(part, models.evidence.looks).map(({ item, log, verdict }): EvidenceItem => ({
      item,
      deviationMm: null,
      weight: log,
      verdict,
      cause: null,
      reading: null,
    })),
  ]
}

/** Options come from the cheapest stamp that names the part itself. */
const readingFor = (part: Part, stamps: readonly StampModel[]): Reading | undefined =>
  stamps
    .flatMap(({ readings }) => readings.get(part) ?? [])
    .filter((r) => r.part === part)
    .sort((a, b) => a.cost - b.cost)[0]

function explained(part: Part, probability: number, models: Models): IdentifiedPart {
  const decided = decidedOf(part, readingFor(part, models.stamps), models.evidence.looks)
  return {
    part,
    designation: decided.designation,
    decided,
    probability,
    dimensions: part.dimensions,
    evidence: explain(part, models),
  }
}

/** What all parts of the leading one's size have together: one size is often made in several kinds. */
const shareOfSize = (ranked: readonly { part: Part; probability: number }[]): number => {
  const [leader] = ranked
  return leader
    ? ranked
        .filter(({ part }) => isSameSize(part.dimensions, leader.part.dimensions))
        .reduce((sum, { probability }) => sum + probability, 0)
    : 0
}

/**
 * Posterior over every listed part and “not listed”, from any mix of evidence.
 *
 * @param evidence measurements in mm with their instruments, stamps as read, what is seen; anything may be missing
 * @param limit how many candidates to explain
 * @returns candidates with probabilities, best first; all candidates and `unlisted` together sum to one
 */
export function identify(identifier: Identifier, evidence: Evidence, limit: number): Identification {
  const models = modelsOf(evidence, identifier)
  const { candidates } = identifier
  const own = weighOwn(identifier, models, Math.max(limit, CONSIDERED))
  const logs = logPosteriors(identifier, models)
  if (own) for (let i = 0; i < logs.length; i++) logs[i] = (logs[i] ?? 0) + own.others
  const computed = weighComputed(models)
  const unlistedLog = logUnlisted(models)
  const total = logTotal(logs, [unlistedLog, own?.total ?? -Infinity, ...computed.map(({ log }) => log)])
  const ranked = ranking(candidates, logs, total, Math.max(limit, CONSIDERED))
  const others = [...computed, ...(own?.candidates ?? [])]
  if (others.length > 0) {
    for (const { part, log } of others)
      ranked.push({ part, weight: 1, log, probability: Math.exp(log - total) })
    ranked.sort((a, b) => b.log - a.log || b.weight - a.weight)
  }
  const measured = new Set(models.readings.map((model) => FEATURE_ROLE[model.feature]))
  const unlisted = Math.exp(unlistedLog - total)
  const leads = unlisted >= shareOfSize(ranked)
  const shares = new Map(ranked.map(({ part, probability }) => [part, probability]))
  const nearest =
    !leads || models.readings.length === 0
      ? ranked.slice(0, leads ? MAX_NEAREST : 0).map(({ part }) => part)
      : nearestBySize(identifier, models)
  return {
    nearest: nearest.map((part) => explained(part, shares.get(part) ?? 0, models)),
    candidates: ranked.slice(0, limit).map(({ part, probability }) => explained(part, probability, models)),
    unlisted,
    unlistedLeads: leads,
    next: nextMeasurement(ranked, {
      measured: new Set(models.readings.map((m) => m.feature)),
      roles: measured,
      evidence,
    }),
  }
}

/** Listed parts shown beside “not listed”. */
const MAX_NEAREST = 3
/** Parts nearest in all that was measured, by the sum of relative differences; none that is seen to be of another kind. */
function nearestBySize(identifier: Identifier, { readings, closed, evidence }: Models): Part[] {
  const prior = identifier.priors(evidence.looks)
  const { of, examples } = identifier.groups
  const unlike = examples.map((part) =>
    weighLooks(part, evidence.looks).some(({ verdict }) => verdict === 'contradicts'),
  )
  const off = prior.map((log, i) => (log === -Infinity || unlike[of[i] ?? 0] ? Infinity : 0))
  for (const { feature, meanMm } of readings) addDifference(off, meanMm, identifier.sizes(feature, closed))
  const near = off.map((away) => -away)
  const most = -leastOf(near, MAX_NEAREST)
  const nearest: { part: Part; away: number }[] = []
  off.forEach((away, i) => {
    const part = identifier.candidates[i]?.part
    if (part && away <= most && away < Infinity) nearest.push({ part, away })
  })
  return nearest
    .sort((a, b) => a.away - b.away)
    .slice(0, MAX_NEAREST)
    .map(({ part }) => part)
}

/** The slow twin for tests and the bench: the same scoring, every density computed anew for every part. */
export function identifyByPlainScan(
  identifier: Identifier,
  evidence: Evidence,
): { part: Part; log: number }[] {
  const models = modelsOf(evidence, identifier)
  const priors = identifier.priors(evidence.looks)
  return identifier.candidates
    .map(({ part }, i) => {
      const readings = models.readings.map((model) => logReadingOf(part, model, models.closed))
      const looks = weighLooks(part, evidence.looks).map((look) => look.log)
      const stamps = models.stamps.map((stamp) => weighStamp(part, stamp).log)
      return {
        part,
        log: [...readings, ...looks, ...stamps].reduce((sum, log) => sum + log, priors[i] ?? -Infinity),
      }
    })
    .sort((a, b) => b.log - a.log)
}
