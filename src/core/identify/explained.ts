import type { Dimensions, Part } from '../catalogue'
import { withRepairs, type Reading } from '../designation'
import { decidedOf, type Decided } from './decided'
import type { Models } from './models'
import { weighObservations } from './weighObservations'
import { weighReading, type ReadingCause, type Verdict } from './weighReading'
import { weighStamp, type StampModel } from './weighStamps'

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
    ...weighObservations(part, models.evidence.observed).map(({ item, log, verdict }): EvidenceItem => ({
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

/** A part as it is proposed: its whole designation, and what each piece of evidence says of it. */
export function explained(part: Part, probability: number, models: Models): IdentifiedPart {
  const decided = decidedOf(part, readingFor(part, models.stamps), models.evidence.observed)
  return {
    part,
    designation: decided.designation,
    decided,
    probability,
    dimensions: part.dimensions,
    evidence: explain(part, models),
  }
}
