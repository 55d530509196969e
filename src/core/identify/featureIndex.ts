import { FEATURE_ROLE, type Feature } from './evidence'
import { expectedSizes } from './expectedSizes'
import { logSumExp } from './logDensities'
import type { Part } from '../catalogue'
import type { Candidate } from './priors'
import { logMisread, logReading, type ReadingModel } from './readingModel'
import { mayHave } from './weighReading'
import { logUnknownSize } from './unlisted'

/** Sizes one feature may show on a part (closed widths, faces of a tapered set), with ln weights. */
type Showing = readonly { at: number; logWeight: number }[]

/**
 * The sizes one feature may show, over all candidates: each distinct size and each distinct choice of sizes once, and for
 * every candidate which choice is its. A catalogue has far fewer of them than parts, so a reading is weighed against
 * sizes, not against parts.
 */
interface FeatureIndex {
  distinct: Float64Array
  /** distinct choices, `at` a place in `distinct` */
  showings: readonly Showing[]
  /** per candidate: its choice, as a place in `showings`; `NONE` when it has no such size */
  shows: Int32Array
  /** per candidate without a known size: 1 when its kind has one all the same */
  mayHave: Uint8Array
}

const NONE = -1

export type FeatureIndexes = (feature: Feature, closed: boolean | null) => FeatureIndex

function build(candidates: readonly Candidate[], feature: Feature, closed: boolean | null): FeatureIndex {
  const distinct = new Map<number, number>()
  const showings: Showing[] = []
  const known = new Map<string, number>()
  const placeOf = (mm: number): number => {
    const at = distinct.get(mm) ?? distinct.size
    distinct.set(mm, at)
    return at
  }
  const showingOf = (part: Part): number => {
    const sizes = expectedSizes(part, feature, closed)
    if (sizes.length === 0) return NONE
    const key = sizes.map(({ mm, weight }) => `${mm} ${weight}`).join('|')
    const at = known.get(key) ?? showings.length
    if (at === showings.length) {
      known.set(key, at)
      showings.push(sizes.map(({ mm, weight }) => ({ at: placeOf(mm), logWeight: Math.log(weight) })))
    }
    return at
  }
  const shows = Int32Array.from(candidates, ({ part }) => showingOf(part))
  return {
    distinct: Float64Array.from(distinct.keys()),
    showings,
    shows,
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
  { distinct, showings, shows, mayHave: may }: FeatureIndex,
): void {
  const sizes = distinct.map((mm) => logReading(model, mm))
  const table = showings.map((showing) =>
    showing.length === 1 && showing[0]?.logWeight === 0
      ? (sizes[showing[0].at] ?? -Infinity)
      : logSumExp(showing.map(({ at, logWeight }) => logWeight + (sizes[at] ?? -Infinity))),
  )
  const misread = logMisread(model)
  const unknown = logUnknownSize(model.feature, model.meanMm)
  for (let i = 0; i < logs.length; i++) {
    const at = shows[i] ?? NONE
    const log = at === NONE ? (may[i] === 1 ? unknown : misread) : (table[at] ?? misread)
    logs[i] = (logs[i] ?? 0) + log
  }
}

/** A size that a part does not have is as far off as one of twice its size. */
const NO_SUCH_SIZE = Math.log(2)

/** Adds to `off`, for all candidates, the relative difference of `mm` from the nearest size they show: |ln|, ln 2 at most. */
export function addDifference(
  off: Float64Array,
  mm: number,
  { distinct, showings, shows }: FeatureIndex,
): void {
  const sizes = distinct.map((size) => Math.min(NO_SUCH_SIZE, Math.abs(Math.log(mm / size))))
  const table = showings.map((showing) =>
    showing.reduce((least, { at }) => Math.min(least, sizes[at] ?? NO_SUCH_SIZE), NO_SUCH_SIZE),
  )
  for (let i = 0; i < off.length; i++) off[i] = (off[i] ?? 0) + (table[shows[i] ?? NONE] ?? NO_SUCH_SIZE)
}
