import type { Part } from '../catalogue'
import type { Shelf } from '../shelf'
import type { Evidence, Observations } from './evidence'
import type { Identifier } from './identifier'
import { apartReadings, readingModel, type ReadingModel } from './readingModel'
import { closedOf } from './weighObservations'
import { shelfShare } from './weighShelf'
import { readStamp, type StampModel } from './weighStamps'

/** The evidence read once, to be weighed against every part. */
export interface Models {
  readings: readonly ReadingModel[]
  stamps: readonly StampModel[]
  closed: boolean | null
  evidence: Evidence
}

/** Closures may be seen or stamped. */
function closedBy(evidence: Evidence, stamps: readonly StampModel[]): boolean | null {
  const seen = closedOf(evidence.observed)
  if (seen !== null) return seen
  const read = stamps.flatMap(({ readings }) => [...readings.values()]).sort((a, b) => a.cost - b.cost)[0]
  return read && read.closure.sides > 0 ? true : null
}

/** Own lists hold complete parts; asked for a cone, a cup or a seal alone, they stay out. */
export const shelfFor = ({ shelf }: Identifier, { piece }: Observations): Shelf | null =>
  piece === undefined || piece === 'complete' || piece === 'unit' ? shelf : null

export function modelsOf(evidence: Evidence, identifier: Identifier): Models {
  const { context, priors, indexOfPart } = identifier
  const prior = priors(evidence.observed)
  const logPrior = (part: Part): number => prior[indexOfPart.get(part) ?? -1] ?? -Infinity
  const shelf = shelfFor(identifier, evidence.observed)
  const own = shelf && { shelf, logPrior: Math.log(shelfShare(shelf.count) / shelf.count) }
  const stamps = evidence.stamps.map((stamp) => readStamp(stamp, context, logPrior, own))
  return {
    readings: evidence.measurements.flatMap(apartReadings).map(readingModel),
    stamps,
    closed: closedBy(evidence, stamps),
    evidence,
  }
}
