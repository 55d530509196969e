import type { Slot } from '../arrangement'
import type { Bench } from './bench'

/**
 * What was chosen before first; else those on the shelf, of those the cheapest; what has no price comes after what has, each
 * else in the order given.
 */
export function stockedFirst<T>(
  slot: Slot,
  choices: readonly T[],
  nameOf: (choice: T) => string,
  { supplyOf, request, held }: Bench,
): T[] {
  const ranked = choices.map((choice) => {
    const name = nameOf(choice)
    const supply = supplyOf(name)
    return {
      choice,
      held: name === held[slot.id],
      there: (supply?.free ?? 0) >= request.positions,
      price: supply?.price ?? Infinity,
    }
  })
  return ranked
    .sort(
      (a, b) =>
        Number(b.held) - Number(a.held) ||
        Number(b.there) - Number(a.there) ||
        (a.price === b.price ? 0 : a.price - b.price),
    )
    .map(({ choice }) => choice)
}
