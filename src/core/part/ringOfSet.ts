import type { KnownPart } from './partValue'

/** Whether cone and cup of it come apart: a tapered set, inch or metric, whatever its writing. */
export const isTaperedSet = ({ part }: KnownPart): boolean =>
  part.piece === 'complete' &&
  (part.family === 'tapered-inch' || part.family === 'tapered-metric') &&
  part.dimensions.bore !== undefined

/**
 * Cone or cup of a metric set, which is sold under one number: that number, with the sizes of the ring alone. It runs with
 * the other ring of its own set only, so the number stands for its series.
 */
export function ringOfSet(set: KnownPart, piece: 'cone' | 'cup'): KnownPart {
  const { bore, outside, coneWidth, cupWidth, totalWidth } = set.part.dimensions
  const [size, width] = piece === 'cone' ? [bore, coneWidth ?? totalWidth] : [outside, cupWidth ?? totalWidth]
  const dimensions = {
    ...(size !== undefined && { [piece === 'cone' ? 'bore' : 'outside']: size }),
    // The assembled width stays with the cone: cone and cup together have it.
    ...(piece === 'cone' && totalWidth !== undefined && { totalWidth }),
    ...(width !== undefined && { [piece === 'cone' ? 'coneWidth' : 'cupWidth']: width }),
  }
  return { ...set, part: { ...set.part, piece, series: set.part.base, dimensions } }
}
