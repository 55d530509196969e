import type { Dimensions, Part } from '../catalogue'
import type { Language, Reading } from '../designation'
import { FEATURE_ROLE, type Evidence } from './evidence'
import { logSumExp } from './logDensities'
import { nextMeasurement, type NextMeasurement } from './nextMeasurement'
import { candidatesOf, logPriors, type Candidate } from './priors'
import { logReading, readingModel, type Cause, type ReadingModel } from './readingModel'
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
}

export const buildIdentifier = (language: Language): Identifier => ({
  language,
  candidates: candidatesOf(language.catalogue.parts),
})

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

/** `logReading` remembered by nominal size: a catalogue has far fewer sizes than parts. */
function remembered(model: ReadingModel): (mm: number) => number {
  const memory = new Map<number, number>()
  return (mm) => {
    const known = memory.get(mm)
    if (known !== undefined) return known
    const log = logReading(model, mm)
    memory.set(mm, log)
    return log
  }
}

function logEvidence(part: Part, models: Models, logAt: readonly ((mm: number) => number)[]): number {
  let log = 0
  models.readings.forEach((model, i) => {
    const at = logAt[i]
    if (at) log += logReadingOf(part, model, models.closed, at)
  })
  for (const stamp of models.stamps) log += weighStamp(part, stamp).log
  for (const look of weighLooks(part, models.evidence.looks)) log += look.log
  return log
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
  const logAt = models.readings.map(remembered)
  const priors = logPriors(candidates, evidence.looks)
  const logs = candidates.map(({ part }, i) => {
    const prior = priors[i] ?? -Infinity
    return prior === -Infinity ? prior : prior + logEvidence(part, models, logAt)
  })
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
  const priors = logPriors(identifier.candidates, evidence.looks)
  const logAt = models.readings.map((model) => (mm: number) => logReading(model, mm))
  return identifier.candidates
    .map(({ part }, i) => ({ part, log: (priors[i] ?? -Infinity) + logEvidence(part, models, logAt) }))
    .sort((a, b) => b.log - a.log)
}
