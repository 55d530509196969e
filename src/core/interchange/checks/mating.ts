import type { CheckRule } from '../check'

/** Cones and cups run together within one series only (same angle and roller set). */
export const mating: CheckRule = (from, to) => {
  if (from.part.family !== 'tapered-inch' || to.part.family !== 'tapered-inch') return null
  if (from.part.series === to.part.series)
    return {
      check: 'mating',
      result: 'pass',
      detail: `Same series ${from.part.series}: runs with the same ${from.part.piece === 'cone' ? 'cups' : 'cones'}.`,
    }
  return {
    check: 'mating',
    result: 'fail',
    detail: `Series ${to.part.series} has another angle and other rollers than ${from.part.series}: never mixed, even where the sizes look right.`,
  }
}
