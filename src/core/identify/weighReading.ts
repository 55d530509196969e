import { familyFacts, type Part } from '../catalogue'
import { expectedSizes, type ExpectedSize } from './expectedSizes'
import { logSumExp } from './logDensities'
import { causesOf, logMisread, logReading, type Cause, type ReadingModel } from './readingModel'
import { logUnknownSize } from './unlisted'

export type Verdict = 'agrees' | 'strained' | 'contradicts'

export type ReadingCause = Cause | 'noSuchSize' | 'sizeUnknown' | 'taper'

/** How one reading stands to one part. */
export interface WeighedReading {
  /** ln p(reading | part) */
  log: number
  /** reading minus nominal, mm; null when the part has no such size */
  deviationMm: number | null
  /** ln relative to a perfect reading, ≤ 0 */
  weight: number
  verdict: Verdict
  cause: ReadingCause
}

/** Beyond this many σ a reading no longer simply agrees. */
const AGREES_SIGMA = 2.5
const UNSOUND: ReadonlySet<Cause> = new Set(['otherUnit', 'nearMiss', 'misread'])

const mixture = (model: ReadingModel, sizes: readonly ExpectedSize[]): number =>
  logSumExp(sizes.map((size) => Math.log(size.weight) + logReading(model, size.mm)))

/** A part whose family has the size, but of which it is not known: a set of unknown total width, a part by rule. */
export const mayHave = (part: Part, feature: ReadingModel['feature']): boolean =>
  part.computed === true ||
  (feature === 'totalWidth' && part.set !== undefined) ||
  (feature === 'width' && part.family === 'insert' && part.dimensions.width === undefined)

/** ln p(reading | part). */
export function logReadingOf(part: Part, model: ReadingModel, closed: boolean | null): number {
  const sizes = expectedSizes(part, model.feature, closed)
  if (sizes.length > 0) return mixture(model, sizes)
  return mayHave(part, model.feature) ? logUnknownSize(model.feature, model.meanMm) : logMisread(model)
}

function verdictOf(cause: Cause, deviation: number, sigma: number): Verdict {
  if (UNSOUND.has(cause)) return 'contradicts'
  return Math.abs(deviation) > AGREES_SIGMA * sigma ? 'strained' : 'agrees'
}

/** Bores of self-aligning bearings are made 1:12 as well: each depth reads another size. */
const TAPER = 1 / 12

/** A bore that reads between the ends of the tapered one its family is made with. */
const isInTaper = ({ family, dimensions: d }: Part, { feature, meanMm }: ReadingModel): boolean =>
  feature === 'bore' &&
  family !== 'insert' &&
  (familyFacts(family).traits?.includes('selfAligning') ?? false) &&
  d.bore !== undefined &&
  d.width !== undefined &&
  meanMm > d.bore &&
  meanMm <= d.bore + d.width * TAPER

/** The same with its explanation: deviation from the size most likely measured, and the likeliest cause of it. */
export function weighReading(part: Part, model: ReadingModel, closed: boolean | null): WeighedReading {
  const sizes = expectedSizes(part, model.feature, closed)
  const log = logReadingOf(part, model, closed)
  const likeliest = sizes
    .map((size) => ({ size, log: Math.log(size.weight) + logReading(model, size.mm) }))
    .sort((a, b) => b.log - a.log)[0]
  if (!likeliest) {
    const unknown = mayHave(part, model.feature)
    return {
      log,
      deviationMm: null,
      weight: unknown ? 0 : log - logReading(model, model.meanMm),
      verdict: unknown ? 'agrees' : 'contradicts',
      cause: unknown ? 'sizeUnknown' : 'noSuchSize',
    }
  }
  const nominal = likeliest.size.mm
  const cause = causesOf(model, nominal).sort((a, b) => b.log - a.log)[0]?.cause ?? 'misread'
  const deviationMm = model.meanMm - nominal
  const inTaper = UNSOUND.has(cause) && isInTaper(part, model)
  return {
    log,
    deviationMm,
    weight: Math.min(0, logReading(model, nominal) - logReading({ ...model, meanMm: nominal }, nominal)),
    verdict: inTaper ? 'strained' : verdictOf(cause, deviationMm, model.sigmaMm),
    cause: inTaper ? 'taper' : cause,
  }
}
