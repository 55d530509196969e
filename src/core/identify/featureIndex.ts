import { FEATURE_ROLE, type Feature } from './evidence'
import { expectedSizes } from './expectedSizes'
import { logAdd } from './logDensities'
import type { Part } from '../catalogue'
import type { Candidate } from './priors'
import { logMisread, logReading, type ReadingModel } from './readingModel'
import { mayHave } from './weighReading'
import { logUnknownSize } from './unlisted'

/**
 * Distinct choices of the sizes one feature may show on a part (closed widths, faces of a tapered set): choice n has the
 * sizes `at[first[n]]` to before `at[first[n + 1]]`, as places among the distinct sizes, each with its ln weight.
 */
interface Choices {
  first: Int32Array
  at: Int32Array
  logWeight: Float64Array
}

/**
 * The sizes one feature may show, over all candidates: each distinct size and each distinct choice of sizes once, and for
 * every candidate which choice is its. A catalogue has far fewer of them than parts, so a reading is weighed against
 * sizes, not against parts.
 */
interface FeatureIndex {
  distinct: Float64Array
  choices: Choices
  /** per candidate: its choice, as a place in `choices`; `NONE` when it has no such size */
  shows: Int32Array
  /** per candidate without a known size: 1 when its kind has one all the same */
  mayHave: Uint8Array
}

const NONE = -1

export type FeatureIndexes = (feature: Feature, closed: boolean | null) => FeatureIndex

function build(candidates: readonly Candidate[], feature: Feature, closed: boolean | null): FeatureIndex {
  const distinct = new Map<number, number>()
  const first = [0]
  const at: number[] = []
  const logWeight: number[] = []
  const known = new Map<string, number>()
  const codeOf = (mm: number): number => {
    const code = distinct.get(mm) ?? distinct.size
    distinct.set(mm, code)
    return code
  }
  const choiceOf = (part: Part): number => {
    const sizes = expectedSizes(part, feature, closed)
    if (sizes.length === 0) return NONE
    const key = sizes.map(({ mm, weight }) => `${mm} ${weight}`).join('|')
    const choice = known.get(key) ?? known.size
    if (choice === known.size) {
      known.set(key, choice)
      for (const { mm, weight } of sizes) {
        at.push(codeOf(mm))
        logWeight.push(Math.log(weight))
      }
      first.push(at.length)
    }
    return choice
  }
  const shows = Int32Array.from(candidates, ({ part }) => choiceOf(part))
  return {
    distinct: Float64Array.from(distinct.keys()),
    choices: {
      first: Int32Array.from(first),
      at: Int32Array.from(at),
      logWeight: Float64Array.from(logWeight),
    },
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
  { distinct, choices, shows, mayHave: may }: FeatureIndex,
): void {
  const { first, at: codes, logWeight } = choices
  // Loops over typed arrays alone: every figure in a closure or a list would be an object of its own.
  const sizes = new Float64Array(distinct.length)
  for (let k = 0; k < sizes.length; k++) sizes[k] = logReading(model, distinct[k] ?? NaN)
  const table = new Float64Array(first.length - 1).fill(-Infinity)
  for (let n = 0; n < table.length; n++)
    for (let k = first[n] ?? 0; k < (first[n + 1] ?? 0); k++)
      table[n] = logAdd(table[n] ?? NaN, (sizes[codes[k] ?? 0] ?? NaN) + (logWeight[k] ?? 0))
  const without = Float64Array.of(logMisread(model), logUnknownSize(model.feature, model.meanMm))
  for (let i = 0; i < logs.length; i++) {
    const at = shows[i] ?? NONE
    const log = at === NONE ? without[may[i] ?? 0] : table[at]
    logs[i] = (logs[i] ?? 0) + (log ?? 0)
  }
}

/** A size that a part does not have is as far off as one of twice its size. */
const NO_SUCH_SIZE = Math.log(2)

/** Takes from `near`, for all candidates, the relative difference of `mm` from the nearest size they show: |ln|, ln 2 at most. */
export function addNearness(
  near: Float64Array,
  mm: number,
  { distinct, choices, shows }: FeatureIndex,
): void {
  const { first, at: codes } = choices
  const away = new Float64Array(distinct.length)
  for (let k = 0; k < away.length; k++) away[k] = Math.abs(Math.log(mm / (distinct[k] ?? NaN)))
  const table = new Float64Array(first.length - 1).fill(NO_SUCH_SIZE)
  for (let n = 0; n < table.length; n++)
    for (let k = first[n] ?? 0; k < (first[n + 1] ?? 0); k++)
      table[n] = Math.min(table[n] ?? NaN, away[codes[k] ?? 0] ?? NaN)
  for (let i = 0; i < near.length; i++) {
    const at = shows[i] ?? NONE
    near[i] = (near[i] ?? 0) - (at === NONE ? NO_SUCH_SIZE : (table[at] ?? NO_SUCH_SIZE))
  }
}
