import type { Part } from '../catalogue'
import { codeOf, type Shelf, type ShelfSize, type SizeRange, type SizeTable } from '../shelf'
import { MM_PER_INCH } from '../quantity'
import { FEATURE_ROLE } from './evidence'
import { logUnknownSize } from './unlisted'
import { logMisread, logNearMiss, logReading, type ReadingModel } from './readingModel'

/** A size counts as near when the reading speaks for it at least this much more than a near miss would, ln. */
const NEAR = 0.5
/** Share of what comes over the counter that stands in a shop's own lists only, for a long list (estimate). */
const MAX_SHARE = 0.25
/** Parts at which half of that share is reached. */
const HALF_AT = 500

/** Prior of all parts of the shelf together. */
export const shelfShare = (count: number): number => (MAX_SHARE * count) / (count + HALF_AT)

/** A stretch of sizes near a reading: how much more than a misreading it speaks for each, as a factor less one. */
interface NearRange extends SizeRange {
  lifts: Float64Array
}

/** One reading against the sizes of a shelf: near some, the same everywhere else. */
interface NearSizes {
  size: ShelfSize
  table: SizeTable
  ranges: readonly NearRange[]
  /** ln density of a misreading */
  far: number
}

/** A part of the shelf with ln(prior · likelihood). */
export interface ShelfCandidate {
  part: Part
  log: number
}

export interface WeighedShelf {
  /** all that agree with a reading or are named by a stamp, best first, at most as many as were asked for */
  candidates: ShelfCandidate[]
  /** ln of the sum over every part of the shelf */
  total: number
}

/** What the stamps say of the shelf, one entry a stamp: ln likelihood of the parts it names, and of all others. */
export interface ShelfStamp {
  named: ReadonlyMap<number, number>
  other: number
}

function nearSizes(model: ReadingModel, size: ShelfSize, shelf: Shelf): NearSizes {
  const table = shelf.sizes[size]
  const { distinct } = table
  const far = logMisread(model)
  const least = logNearMiss(model, model.meanMm) + NEAR
  const near = (code: number): boolean => logReading(model, distinct[code] ?? NaN) > least
  const ranges = [1, MM_PER_INCH, 1 / MM_PER_INCH].flatMap((factor) => {
    const centre = codeOf(distinct, model.meanMm * factor)
    let [from, to] = [centre, centre]
    while (from > 0 && near(from - 1)) from--
    while (to < distinct.length && near(to)) to++
    if (to <= from) return []
    const lifts = Float64Array.from(
      distinct.subarray(from, to),
      (mm) => Math.exp(logReading(model, mm) - far) - 1,
    )
    return [{ from, to, lifts }]
  })
  return { size, table, ranges, far }
}

/** Lift of one size; 0 where it is far. Read for some ten thousand parts a question. */
function liftOf({ ranges }: NearSizes, code: number): number {
  for (let k = 0; k < ranges.length; k++) {
    const range = ranges[k]
    if (range && code >= range.from && code < range.to) return range.lifts[code - range.from] ?? 0
  }
  return 0
}

/** Sum of the lifts over all parts of the shelf: sizes times how many parts have them. */
const totalLift = ({ table, ranges }: NearSizes): number =>
  ranges.reduce(
    (sum, { from, lifts }) =>
      lifts.reduce(
        (all, lift, k) => all + lift * ((table.starts[from + k + 1] ?? 0) - (table.starts[from + k] ?? 0)),
        sum,
      ),
    0,
  )

/** How many parts are near in this size. */
const nearCount = ({ table: { starts }, ranges }: NearSizes): number =>
  ranges.reduce((sum, { from, to }) => sum + (starts[to] ?? 0) - (starts[from] ?? 0), 0)

/**
 * Every part that is near in two sizes, once; in one size where only one was measured. Runs along the parts of one size
 * with the codes of the others beside them; the size that most parts share needs no run of its own.
 */
function visitNear(shelf: Shelf, sizes: readonly NearSizes[], each: (n: number) => void): void {
  const near = [...sizes].sort((a, b) => nearCount(a) - nearCount(b))
  for (let at = 0; at < Math.max(1, near.length - 1); at++) {
    const one = near[at]
    if (!one) continue
    const { parts, starts } = one.table
    const beside = near.map((other) => (other === one ? null : shelf.beside[one.size][other.size]))
    for (const { from, to } of one.ranges)
      for (let i = starts[from] ?? 0; i < (starts[to] ?? 0); i++) {
        let alsoNear = near.length === 1
        let seen = false
        for (let k = 0; k < near.length; k++) {
          const other = near[k]
          const code = beside[k]?.[i]
          if (other === undefined || code === undefined || liftOf(other, code) <= 0) continue
          alsoNear = true
          if (k < at) seen = true
        }
        if (alsoNear && !seen) each(parts[i] ?? 0)
      }
  }
}

/** The `count` best, best first. */
function best(found: readonly { n: number; log: number }[], count: number): { n: number; log: number }[] {
  const least =
    found.length > count
      ? (Float64Array.from(found, ({ log }) => log).sort()[found.length - count] ?? -Infinity)
      : -Infinity
  return found
    .filter(({ log }) => log >= least)
    .sort((a, b) => b.log - a.log)
    .slice(0, count)
}

/**
 * Weighs all parts of a shelf without visiting them all. Parts near in two sizes, or named by a stamp, are weighed one by
 * one; parts near in one size count by how many there are of each size; all others have the likelihood of a misreading.
 *
 * @param models readings in mm
 * @param stamps what each stamp says of the parts
 * @param count how many candidates are wanted
 * @returns the candidates, and the sum over the whole shelf as exact as visiting every part
 */
export function weighShelf(
  shelf: Shelf,
  models: readonly ReadingModel[],
  stamps: readonly ShelfStamp[],
  count: number,
): WeighedShelf {
  const prior = Math.log(shelfShare(shelf.count) / shelf.count)
  const near: NearSizes[] = []
  let unknown = 0
  for (const model of models) {
    const size = FEATURE_ROLE[model.feature]
    // Own lists do not give the sizes of housings.
    if (size === 'length') unknown += logUnknownSize(model.feature, model.meanMm)
    // A second reading of one size says the same again.
    else if (!near.some((one) => one.size === size)) near.push(nearSizes(model, size, shelf))
  }
  const rest =
    prior +
    unknown +
    stamps.reduce((sum, { other }) => sum + other, 0) +
    near.reduce((sum, { far }) => sum + far, 0)
  const found: { n: number; log: number }[] = []
  let sum = near.reduce((all, one) => all + totalLift(one), shelf.count)
  const weighed = new Set<number>()
  const weigh = (n: number): void => {
    if (weighed.has(n)) return
    weighed.add(n)
    let [factor, counted] = [1, 1]
    for (const one of near) {
      const lift = liftOf(one, one.table.codes[n] ?? 0)
      factor *= 1 + lift
      counted += lift
    }
    let log = rest + Math.log(factor)
    for (const { named, other } of stamps) log += Math.max(0, (named.get(n) ?? -Infinity) - other)
    sum += Math.exp(log - rest) - counted
    found.push({ n, log })
  }
  visitNear(shelf, near, weigh)
  for (const { named } of stamps) for (const n of named.keys()) weigh(n)
  return {
    candidates: best(found, count).map(({ n, log }) => ({ part: shelf.part(n), log })),
    total: rest + Math.log(Math.max(sum, Number.MIN_VALUE)),
  }
}
