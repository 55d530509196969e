import { isUnitHousing, type Part } from '../catalogue'
import { FEATURE_ROLE, isUnit, type Evidence } from './evidence'
import { explained, type IdentifiedPart } from './explained'
import { addNearness } from './featureIndex'
import type { Identifier } from './identifier'
import { modelsOf, type Models } from './models'
import { nextMeasurement, type NextMeasurement } from './nextMeasurement'
import { leastOf, logPosteriors, logTotal, logUnlisted, ranking, weighComputed, weighOwn } from './posteriors'
import { isSameSize } from './sameSize'
import { weighObservations } from './weighObservations'
import { logReadingOf } from './weighReading'
import { hardwareNamed, weighStamp } from './weighStamps'

export interface Identification {
  candidates: IdentifiedPart[]
  /** while “not listed” leads: the listed parts nearest by their sizes, else those the number or the looks may be; none is named for want of another */
  nearest: IdentifiedPart[]
  /** a stamp was among the evidence */
  stamped: boolean
  unlisted: number
  /** “not listed” is likelier than all parts of the size that leads: alike ones share what their size has */
  unlistedLeads: boolean
  next: NextMeasurement | null
  /** what a stamp names instead of a bearing, while “not listed” leads: a nut, a sleeve, a ring, a split housing */
  hardware: Part | null
  /** parts that were considered */
  parts: number
}

/** Candidates among which the next measurement is chosen. */
const CONSIDERED = 40

/** Listed parts shown beside “not listed”. */
const MAX_NEAREST = 3

/** What all parts of the leading one's size have together: one size is often made in several kinds. */
const shareOfSize = (ranked: readonly { part: Part; probability: number }[]): number => {
  const [leader] = ranked
  return leader
    ? ranked
        .filter(({ part }) => isSameSize(part.dimensions, leader.part.dimensions))
        .reduce((sum, { probability }) => sum + probability, 0)
    : 0
}

/** Whether a stamp is the number of a casting, and nothing says that a bearing without it is in the hand. */
const isCasting = ({ stamps, observed, measurements }: Evidence, { context }: Identifier): boolean =>
  observed.piece === undefined &&
  measurements.every(({ feature }) => FEATURE_ROLE[feature] !== 'outside') &&
  stamps.some((stamp) => {
    const part = hardwareNamed(stamp, context)
    return part !== undefined && isUnitHousing(part)
  })

/** Where the piece in the hand is looked for: among units of insert and housing, or among bearings. */
const partsFor = (identifier: Identifier, evidence: Evidence): Identifier =>
  isUnit(evidence.observed) || isCasting(evidence, identifier) ? identifier.units() : identifier

/**
 * Posterior over every listed part and “not listed”, from any mix of evidence.
 *
 * @param evidence measurements in mm with their instruments, stamps as read, what is seen; anything may be missing
 * @param limit how many candidates to explain
 * @returns candidates with probabilities, best first; all candidates and `unlisted` together sum to one
 */
export function identify(all: Identifier, evidence: Evidence, limit: number): Identification {
  const identifier = partsFor(all, evidence)
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
  const explain = (part: Part) => explained(part, shares.get(part) ?? 0, models)
  return {
    nearest: !leads
      ? []
      : models.readings.length > 0
        ? nearestBySize(identifier, models).map(explain)
        : ranked
            .slice(0, MAX_NEAREST)
            .map(({ part }) => explain(part))
            .filter((part) => resembles(part, models)),
    stamped: models.stamps.length > 0,
    candidates: ranked.slice(0, limit).map(({ part, probability }) => explained(part, probability, models)),
    unlisted,
    unlistedLeads: leads,
    hardware:
      (leads && evidence.stamps.map((stamp) => hardwareNamed(stamp, identifier.context)).find(Boolean)) ||
      null,
    parts: candidates.length + (identifier.shelf?.count ?? 0),
    next: nextMeasurement(ranked, {
      measured: new Set(models.readings.map((m) => m.feature)),
      roles: measured,
      evidence,
    }),
  }
}

/**
 * Whether a part is near without a size: by the number where one was read, whatever else is seen; letters near to one that is
 * of another kind altogether are not.
 */
const resembles = ({ evidence }: IdentifiedPart, { stamps }: Models): boolean =>
  !stamps.some((stamp) => stamp.isOfUnlistedKind) &&
  evidence.some(({ item, verdict }) => verdict !== 'contradicts' && (item === 'stamp' || stamps.length === 0))

/** Parts nearest in all that was measured, by the sum of relative differences, of alike ones the usual first; none that is seen to be of another kind. */
function nearestBySize(identifier: Identifier, { readings, closed, evidence }: Models): Part[] {
  const prior = identifier.priors(evidence.observed)
  const { of, examples } = identifier.groups
  const unlike = Float64Array.from(examples, (part) =>
    weighObservations(part, evidence.observed).some(({ verdict }) => verdict === 'contradicts')
      ? -Infinity
      : 0,
  )
  const near = new Float64Array(prior.length)
  for (let i = 0; i < near.length; i++)
    near[i] = prior[i] === -Infinity ? -Infinity : (unlike[of[i] ?? 0] ?? 0)
  for (const { feature, meanMm } of readings) addNearness(near, meanMm, identifier.sizes(feature, closed))
  const least = leastOf(near, MAX_NEAREST)
  const nearest: { part: Part; away: number; prior: number }[] = []
  for (let i = 0; i < near.length; i++) {
    const log = near[i] ?? -Infinity
    if (log < least || log === -Infinity) continue
    const part = identifier.candidates[i]?.part
    if (part) nearest.push({ part, away: -log, prior: prior[i] ?? -Infinity })
  }
  return nearest
    .sort((a, b) => a.away - b.away || b.prior - a.prior)
    .slice(0, MAX_NEAREST)
    .map(({ part }) => part)
}

/** The slow twin for tests and the bench: the same scoring, every density computed anew for every part. */
export function identifyByPlainScan(all: Identifier, evidence: Evidence): { part: Part; log: number }[] {
  const identifier = partsFor(all, evidence)
  const models = modelsOf(evidence, identifier)
  const priors = identifier.priors(evidence.observed)
  return identifier.candidates
    .map(({ part }, i) => {
      const readings = models.readings.map((model) => logReadingOf(part, model, models.closed))
      const weights = weighObservations(part, evidence.observed).map((observation) => observation.log)
      const stamps = models.stamps.map((stamp) => weighStamp(part, stamp).log)
      return {
        part,
        log: [...readings, ...weights, ...stamps].reduce((sum, log) => sum + log, priors[i] ?? -Infinity),
      }
    })
    .sort((a, b) => b.log - a.log)
}
