import { FEATURE_ROLE, type Feature } from './evidence'
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
  /** per candidate: the one size it shows, as a place in `distinct`; `NONE` or `SEVERAL` */
  only: Int32Array
  /** candidates that may show several sizes (closed widths, faces of a tapered set), with ln weights */
  several: readonly { candidate: number; sizes: readonly { at: number; logWeight: number }[] }[]
  /** per candidate without a known size: 1 when its kind has one all the same */
  mayHave: Uint8Array
}

const NONE = -1
const SEVERAL = -2

export type FeatureIndexes = (feature: Feature, closed: boolean | null) => FeatureIndex

function build(candidates: readonly Candidate[], feature: Feature, closed: boolean | null): FeatureIndex {
  const places = new Map<number, number>()
  const place = (mm: number): number => {
    const at = places.get(mm) ?? places.size
    places.set(mm, at)
    return at
  }
  const shows = candidates.map(({ part }) =>
    expectedSizes(part, feature, closed).map(({ mm, weight }) => ({
      at: place(mm),
      logWeight: Math.log(weight),
    })),
  )
  return {
    distinct: [...places.keys()],
    only: Int32Array.from(shows, (sizes) =>
      sizes.length === 0 ? NONE : sizes.length > 1 ? SEVERAL : (sizes[0]?.at ?? NONE),
    ),
    several: shows.flatMap((sizes, candidate) => (sizes.length > 1 ? [{ candidate, sizes }] : [])),
    mayHave: Uint8Array.from(candidates, ({ part }) => (mayHave(part, feature) ? 1 : 0)),
  }
}

/** Indexes made when first asked for, and kept: a handful for each feature. */
export function featureIndexes(candidates: readonly Candidate[]): FeatureIndexes {
  const made = new Map<string, FeatureIndex>()
  return (feature, closed) => {
    // Shields and seals change widths only.
    const key = FEATURE_ROLE[feature] === 'width' ? `${feature} ${closed}` : feature
    const index = made.get(key) ?? build(candidates, feature, closed)
    made.set(key, index)
    return index
  }
}

/** Adds ln p(reading | candidate) of one reading to `logs`, for all candidates. Same as `logReadingOf` for each. */
export function addReading(
  logs: Float64Array,
  model: ReadingModel,
  { distinct, only, several, mayHave: may }: FeatureIndex,
): void {
  const table = Float64Array.from(distinct, (mm) => logReading(model, mm))
  const misread = logMisread(model)
  const unknown = logUnknownSize(model.feature, model.meanMm)
  for (let i = 0; i < logs.length; i++) {
    const at = only[i] ?? NONE
    if (at === SEVERAL) continue
    const log = at === NONE ? (may[i] === 1 ? unknown : misread) : (table[at] ?? misread)
    logs[i] = (logs[i] ?? 0) + log
  }
  for (const { candidate, sizes } of several) {
    logs[candidate] =
      (logs[candidate] ?? 0) +
      logSumExp(sizes.map(({ at, logWeight }) => logWeight + (table[at] ?? -Infinity)))
  }
}

/** A size that a part does not have is as far off as one of twice its size. */
const NO_SUCH_SIZE = Math.log(2)

/** Adds to `off`, for all candidates, the relative difference of `mm` from the nearest size they show: |ln|, ln 2 at most. */
export function addDifference(
  off: Float64Array,
  mm: number,
  { distinct, only, several }: FeatureIndex,
): void {
  const table = Float64Array.from(distinct, (size) => Math.min(NO_SUCH_SIZE, Math.abs(Math.log(mm / size))))
  for (let i = 0; i < off.length; i++) {
    const at = only[i] ?? NONE
    if (at !== SEVERAL) off[i] = (off[i] ?? 0) + (table[at] ?? NO_SUCH_SIZE)
  }
  for (const { candidate, sizes } of several)
    off[candidate] = (off[candidate] ?? 0) + Math.min(...sizes.map(({ at }) => table[at] ?? NO_SUCH_SIZE))
}
