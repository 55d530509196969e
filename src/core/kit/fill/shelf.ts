import type { Slot } from '../arrangement'
import type { FillContext } from './fillContext'

/**
 * What was chosen before first; else those on the shelf, of those the cheapest; what has no price comes after what has, each
 * else in the order given.
 */
export function stockedFirst<T>(
  slot: Slot,
  choices: readonly T[],
  nameOf: (choice: T) => string,
  { supplyOf, request, current }: FillContext,
): T[] {
  const ranked = choices.map((choice) => {
    const name = nameOf(choice)
    const supply = supplyOf(name)
    return {
      choice,
      current: name === current[slot.id],
      there: (supply?.free ?? 0) >= request.positions,
      price: supply?.price ?? Infinity,
    }
  })
  return ranked
    .sort(
      (a, b) =>
        Number(b.current) - Number(a.current) ||
        Number(b.there) - Number(a.there) ||
        (a.price === b.price ? 0 : a.price - b.price),
    )
    .map(({ choice }) => choice)
}
