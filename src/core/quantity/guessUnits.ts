import type { TypedLength } from './readLength'
import { toMm, type LengthUnit } from './units'

/** What a size is a size of; indirect and secondary features stand for the one they resemble. */
export type SizeRole = 'bore' | 'outside' | 'width'
/** The same on a form for a machine: distances along the axis too, and how far a part lies below a face. */
export type FormRole = SizeRole | 'length' | 'depth'

export interface UnitQuestion {
  role: FormRole
  typed: Pick<TypedLength, 'value' | 'stated' | 'form' | 'decimals'>
  /** a unit chosen by hand, which settles it */
  chosen?: LengthUnit | undefined
}

export type UnitReason = 'chosen' | 'stated' | 'fraction' | 'fitsTheOthers' | 'usualSize'
export interface UnitAnswer {
  unit: LengthUnit
  reason: UnitReason
}

/** Median and spread (natural log) of sizes on a bench, millimetres. Set from the shipped catalogue, rounded. */
const USUAL: Record<FormRole, { median: number; spread: number }> = {
  bore: { median: 25, spread: 0.9 },
  outside: { median: 52, spread: 0.8 },
  width: { median: 13, spread: 0.8 },
  // Between rings, cups or shoulders of a hub: common practice.
  length: { median: 45, spread: 0.75 },
  depth: { median: 6, spread: 1 },
}
/** Outside over bore, and width over wall (outside − bore): median and log spread, from the shipped catalogue. */
const DIAMETER_RATIO = { median: 2, spread: 0.35 }
const WIDTH_RATIO = { median: 0.55, spread: 0.45 }
/** One reading in about fifty is taken in the other unit than its neighbours (estimate, common practice). */
const MIXED_COST = 4
/** Fractions of a millimetre are hardly ever typed as fractions. */
const METRIC_FRACTION_COST = 7
/** Whole numbers from three upward are more often millimetres; three and more decimals more often inches. */
const WHOLE_NUMBER_BONUS = 1.5
const THOUSANDTHS_BONUS = 1

const logBell = (x: number, { median, spread }: { median: number; spread: number }): number =>
  -0.5 * ((Math.log(x) - Math.log(median)) / spread) ** 2

/** No shape is so odd that it outweighs a bore larger than the outside: one size may be mistyped. */
const ODD_SHAPE = -15
const NO_BEARING = -30

function shapeScore(sizes: Partial<Record<SizeRole, number>>): number {
  const { bore, outside, width } = sizes
  if (bore === undefined || outside === undefined) return 0
  if (outside < bore) return NO_BEARING
  const wall = Math.max(outside - bore, 0.2)
  return Math.max(
    ODD_SHAPE,
    logBell(outside / bore, DIAMETER_RATIO) + (width === undefined ? 0 : logBell(width / wall, WIDTH_RATIO)),
  )
}

function score(questions: readonly UnitQuestion[], units: readonly LengthUnit[], mmBonus: number): number {
  let total = 0
  const sizes: Partial<Record<FormRole, number>> = {}
  questions.forEach(({ role, typed }, i) => {
    const unit = units[i] ?? 'mm'
    const mm = toMm(typed.value, unit)
    sizes[role] ??= mm
    if (unit === 'mm') total += mmBonus
    total += logBell(mm, USUAL[role])
    if (typed.form === 'fraction' && unit === 'mm') total -= METRIC_FRACTION_COST
    if (typed.form === 'whole' && unit === 'mm' && typed.value >= 3) total += WHOLE_NUMBER_BONUS
    if (typed.form === 'decimal' && typed.decimals >= 3 && unit === 'in') total += THOUSANDTHS_BONUS
  })
  const inches = units.filter((unit) => unit === 'in').length
  return total + shapeScore(sizes) - MIXED_COST * Math.min(inches, units.length - inches)
}

function reasonFor(question: UnitQuestion, together: number): UnitReason {
  if (question.chosen) return 'chosen'
  if (question.typed.stated) return 'stated'
  if (question.typed.form === 'fraction') return 'fraction'
  return together > 1 ? 'fitsTheOthers' : 'usualSize'
}

/**
 * Settles millimetres or inches for a set of sizes of one part, all together: 1 × 2 × 9/16 is inches because the
 * three only make a bearing as inches; .9843 with 52 is an inch bore in a metric outside.
 * Stated or chosen units are kept. Up to ten sizes (2^n assignments are compared).
 *
 * @param mmBonus how much each size as millimetres is likelier here than at a bench, ln
 * @returns one unit with its reason per question, in the same order
 * @example guessUnits([{ role: 'bore', typed: { value: 35, stated: null, form: 'whole', decimals: 0 } }]) // [{ unit: 'mm', reason: 'usualSize' }]
 */
export function guessUnits(questions: readonly UnitQuestion[], mmBonus = 0): UnitAnswer[] {
  const open = questions.flatMap((q, i) => (q.chosen || q.typed.stated ? [] : [i])).slice(0, 10)
  const settled = questions.map((q): LengthUnit => q.chosen ?? q.typed.stated ?? 'mm')
  let best = settled
  let bestScore = -Infinity
  for (let bits = 0; bits < 2 ** open.length; bits++) {
    const units = settled.slice()
    open.forEach((at, i) => (units[at] = (bits >> i) & 1 ? 'in' : 'mm'))
    const s = score(questions, units, mmBonus)
    if (s > bestScore) [best, bestScore] = [units, s]
  }
  return questions.map((q, i) => ({ unit: best[i] ?? 'mm', reason: reasonFor(q, questions.length) }))
}
