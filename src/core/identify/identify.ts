import type { Dimensions, Part } from '../catalogue'
import type { Language, Reading } from '../designation'
import { FEATURE_ROLE, type Evidence, type Looks } from './evidence'
import { logSumExp } from './logDensities'
import { nextMeasurement, type NextMeasurement } from './nextMeasurement'
import { addReading, featureIndexes, type FeatureIndexes } from './featureIndex'
import { candidatesOf, logPriors, type Candidate, type Priors } from './priors'
import { readingModel, type Cause, type ReadingModel } from './readingModel'
import { logUnlistedSizes, UNLISTED_PRIOR } from './unlisted'
import { closedOf, weighLooks } from './weighLooks'
import { logReadingOf, weighReading, type Verdict } from './weighReading'
import { readStamp, weighStamp, type StampModel } from './weighStamps'

export interface EvidenceItem {
  /** feature, look or `stamp` */
  item: string
  /** reading minus nominal, mm */
  deviationMm: number | null
  /** ln relative to perfect agreement, ≤ 0 */
  weight: number
  verdict: Verdict
  cause: Cause | 'noSuchSize' | 'sizeUnknown' | null
  /** stamps: how the text was read */
  reading: Reading | null
}

export interface IdentifiedPart {
  part: Part
  /** base with the options read from stamps */
  designation: string
  probability: number
  dimensions: Dimensions
  evidence: EvidenceItem[]
}

export interface Identification {
  candidates: IdentifiedPart[]
  unlisted: number
  next: NextMeasurement | null
}

/** The catalogue made ready for identification. */
export interface Identifier {
  language: Language
  candidates: readonly Candidate[]
  priors: Priors
  sizes: FeatureIndexes
}

export function buildIdentifier(language: Language): Identifier {
  const candidates = candidatesOf(language.catalogue.parts)
  return { language, candidates, priors: logPriors(candidates), sizes: featureIndexes(candidates) }
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

function modelsOf(evidence: Evidence, language: Language): Models {
  const stamps = evidence.stamps.map((stamp) => readStamp(stamp, language))
  return {
    readings: evidence.measurements.map(readingModel),
    stamps,
    closed: closedBy(evidence, stamps),
    evidence,
  }
}

/** Looks say the same of every part of a family and piece. */
function lookWeights(looks: Looks): (part: Part) => number {
  const known = new Map<string, number>()
  return (part) => {
    const key = `${part.family} ${part.piece}`
    const log = known.get(key) ?? weighLooks(part, looks).reduce((sum, look) => sum + look.log, 0)
    known.set(key, log)
    return log
  }
}

/** ln of prior times likelihood for every candidate. */
function logPosteriors({ candidates, priors, sizes }: Identifier, models: Models): Float64Array {
  const logs = Float64Array.from(priors(models.evidence.looks))
  for (const model of models.readings) addReading(logs, model, sizes(model.feature, models.closed))
  const lookOf = lookWeights(models.evidence.looks)
  candidates.forEach(({ part }, i) => {
    let log = (logs[i] ?? -Infinity) + lookOf(part)
    for (const stamp of models.stamps) log += weighStamp(part, stamp).log
    logs[i] = log
  })
  return logs
}

const logUnlisted = ({ readings, stamps }: Models): number =>
  Math.log(UNLISTED_PRIOR) +
  logUnlistedSizes(readings) +
  stamps.reduce((sum, stamp) => sum + stamp.unlisted, 0)

function explain(part: Part, models: Models): EvidenceItem[] {
  return [
    ...models.stamps.map((stamp): EvidenceItem => {
      const { log, verdict, reading } = weighStamp(part, stamp)
      return { item: 'stamp', deviationMm: null, weight: log, verdict, cause: null, reading }
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
function designationOf(part: Part, stamps: readonly StampModel[]): string {
  const reading = stamps
    .flatMap(({ readings }) => readings.get(part) ?? [])
    .filter((r) => r.part === part)
    .sort((a, b) => a.cost - b.cost)[0]
  return reading ? reading.canonical : part.base
}

/**
 * Posterior over every listed part and “not listed”, from any mix of evidence.
 *
 * @param evidence measurements in mm with their instruments, stamps as read, what is seen; anything may be missing
 * @param limit how many candidates to explain
 * @returns candidates with probabilities, best first; all candidates and `unlisted` together sum to one
 */
export function identify(identifier: Identifier, evidence: Evidence, limit: number): Identification {
  const models = modelsOf(evidence, identifier.language)
  const { candidates } = identifier
  const logs = logPosteriors(identifier, models)
  const unlistedLog = logUnlisted(models)
  const total = logSumExp([...logs, unlistedLog])
  const ranked = candidates
    .map(({ part, weight }, i) => ({
      part,
      weight,
      probability: Math.exp((logs[i] ?? -Infinity) - total),
      log: logs[i] ?? -Infinity,
    }))
    .sort((a, b) => b.log - a.log || b.weight - a.weight)
  const measured = new Set(models.readings.map((model) => FEATURE_ROLE[model.feature]))
  return {
    candidates: ranked.slice(0, limit).map(({ part, probability }) => ({
      part,
      designation: designationOf(part, models.stamps),
      probability,
      dimensions: part.dimensions,
      evidence: explain(part, models),
    })),
    unlisted: Math.exp(unlistedLog - total),
    next: nextMeasurement(ranked, {
      measured: new Set(models.readings.map((m) => m.feature)),
      roles: measured,
      evidence,
    }),
  }
}

/** The slow twin for tests and the bench: the same scoring, every density computed anew for every part. */
export function identifyByPlainScan(
  identifier: Identifier,
  evidence: Evidence,
): { part: Part; log: number }[] {
  const models = modelsOf(evidence, identifier.language)
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
