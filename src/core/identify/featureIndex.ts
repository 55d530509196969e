import type { Feature } from './evidence'
import { expectedSizes } from './expectedSizes'
import { logSumExp } from './logDensities'
import type { Candidate } from './priors'
import { logMisread, logReading, type ReadingModel } from './readingModel'
import { mayHave } from './weighReading'
import { logUnknownSize } from './unlisted'

/**
 * The sizes one feature may show, over all candidates: each distinct size once, and for every candidate which of them
 * it may show. A catalogue has far fewer sizes than parts, so a reading is weighed against sizes, not against parts.
 */
interface FeatureIndex {
  distinct: readonly number[]
  /** per candidate: places in `distinct` with ln weights; empty = no such size known */
  shows: readonly (readonly { at: number; logWeight: number }[])[]
  /** per candidate without a known size: whether its kind has one all the same */
  mayHave: readonly boolean[]
}

export type FeatureIndexes = (feature: Feature, closed: boolean | null) => FeatureIndex

function build(candidates: readonly Candidate[], feature: Feature, closed: boolean | null): FeatureIndex {
  const places = new Map<number, number>()
  const shows = candidates.map(({ part }) =>
    expectedSizes(part, feature, closed).map(({ mm, weight }) => {
      const at = places.get(mm) ?? places.size
      places.set(mm, at)
      return { at, logWeight: Math.log(weight) }
    }),
  )
  return {
    distinct: [...places.keys()],
    shows,
    mayHave: candidates.map(({ part }) => mayHave(part, feature)),
  }
}

/** Indexes made when first asked for, and kept: a handful for each feature. */
export function featureIndexes(candidates: readonly Candidate[]): FeatureIndexes {
  const made = new Map<string, FeatureIndex>()
  return (feature, closed) => {
    const key = `${feature} ${closed}`
    const index = made.get(key) ?? build(candidates, feature, closed)
    made.set(key, index)
    return index
  }
}

/** Adds ln p(reading | candidate) of one reading to `logs`, for all candidates. Same as `logReadingOf` for each. */
export function addReading(
  logs: Float64Array,
  model: ReadingModel,
  { distinct, shows, mayHave: may }: FeatureIndex,
): void {
  const table = Float64Array.from(distinct, (mm) => logReading(model, mm))
  const misread = logMisread(model)
  const unknown = logUnknownSize(model.feature, model.meanMm)
  for (let i = 0; i < logs.length; i++) {
    const sizes = shows[i]
    const [first] = sizes ?? []
    let log: number
    if (!sizes || !first) log = may[i] ? unknown : misread
    else if (sizes.length === 1) log = table[first.at] ?? misread
    else log = logSumExp(sizes.map(({ at, logWeight }) => logWeight + (table[at] ?? -Infinity)))
    logs[i] = (logs[i] ?? 0) + log
  }
}
