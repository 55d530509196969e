import { FEATURE_ROLE, type Feature } from './evidence'
import { MM_PER_INCH, type SizeRole } from '../quantity'
import { logLogNormal, logNormal } from './logDensities'
import type { ReadingModel } from './readingModel'

/** Share of parts on a bench that no list holds: specials, non-bearings, sizes we lack (estimate). */
export const UNLISTED_PRIOR = 0.04

/** Sizes of parts nobody lists: smooth around what bearings look like (medians and ln spreads of the catalogue, widened). */
const BORE = { median: 25, spread: 0.9 }
const OUTSIDE = { median: 52, spread: 0.8 }
const WIDTH = { median: 14, spread: 0.8 }
const RATIO = { median: 2, spread: 0.35 }
const WIDTH_TO_WALL = { median: 0.55, spread: 0.5 }
/** Between the bolts of a housing. */
const LENGTH = { median: 120, spread: 0.6 }

/**
 * Parts that no list holds are made to round sizes too: this share of each of their sizes is a whole millimetre or a
 * sixteenth of an inch, the rest anything (estimate).
 */
const ROUND = { millimetre: 0.4, sixteenth: 0.1 }
const GRIDS = [
  { step: 1, share: ROUND.millimetre },
  { step: MM_PER_INCH / 16, share: ROUND.sixteenth },
]

/** ln of how much likelier a reading is because sizes are round: below 0 between the round ones. */
function logRound({ meanMm, sigmaMm }: ReadingModel): number {
  const comb = GRIDS.reduce((sum, { step, share }) => {
    const deviation = meanMm - Math.round(meanMm / step) * step
    return sum + share * step * Math.exp(logNormal(deviation, sigmaMm))
  }, 0)
  return Math.log(1 - ROUND.millimetre - ROUND.sixteenth + comb)
}

/**
 * ln density of the readings under “not listed”, by the shape rule: bore, then outside given the bore, then width given
 * the wall. Further readings of the same role are taken as repeating it (density 1 per mm, no credit).
 */
export function logUnlistedSizes(models: readonly ReadingModel[]): number {
  const first = (role: SizeRole) => models.find((m) => FEATURE_ROLE[m.feature] === role)?.meanMm
  const [bore, outside, width] = [first('bore'), first('outside'), first('width')]
  const seen = new Set<string>()
  return models.reduce((sum, model) => {
    const { feature, meanMm } = model
    const role = FEATURE_ROLE[feature]
    if (seen.has(role)) return sum + logLogNormal(meanMm, meanMm, WIDTH.spread)
    seen.add(role)
    return sum + logSize(role, { bore, outside, width, length: meanMm }) + logRound(model)
  }, 0)
}

function logSize(
  role: (typeof FEATURE_ROLE)[Feature],
  sizes: { [role in SizeRole | 'length']?: number | undefined },
): number {
  const { bore, outside, width, length } = sizes
  if (role === 'length') return logLogNormal(length ?? 0, LENGTH.median, LENGTH.spread)
  if (role === 'bore') return logLogNormal(bore ?? 0, BORE.median, BORE.spread)
  if (role === 'outside')
    return bore === undefined
      ? logLogNormal(outside ?? 0, OUTSIDE.median, OUTSIDE.spread)
      : logLogNormal(outside ?? 0, bore * RATIO.median, RATIO.spread)
  const wall = bore !== undefined && outside !== undefined ? Math.max(outside - bore, 0.5) : undefined
  return wall === undefined
    ? logLogNormal(width ?? 0, WIDTH.median, WIDTH.spread)
    : logLogNormal(width ?? 0, wall * WIDTH_TO_WALL.median, WIDTH_TO_WALL.spread)
}

/** ln density of a size that the catalogue does not give for a part: as if nobody had listed it. */
export const logUnknownSize = (feature: Feature, meanMm: number): number =>
  logSize(FEATURE_ROLE[feature], { [FEATURE_ROLE[feature]]: meanMm })
