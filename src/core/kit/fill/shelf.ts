import type { Bench } from './bench'

/** Those on the shelf first, of those the cheapest; what has no price comes after what has, each else in the order given. */
export function stockedFirst<T>(
  choices: readonly T[],
  nameOf: (choice: T) => string,
  { supplyOf, request }: Bench,
): T[] {
  const ranked = choices.map((choice) => {
    const supply = supplyOf(nameOf(choice))
    return { choice, there: (supply?.free ?? 0) >= request.positions, price: supply?.price ?? Infinity }
  })
  return ranked
    .sort((a, b) => Number(b.there) - Number(a.there) || (a.price === b.price ? 0 : a.price - b.price))
    .map(({ choice }) => choice)
}

/** Where the chosen one lies, when it does. */
export function shelfWords(designation: string, { supplyOf }: Bench): string {
  const supply = supplyOf(designation)
  return supply && supply.free > 0
    ? ` On the shelf: ${supply.free}${supply.bin ? `, bin ${supply.bin}` : ''}.`
    : ''
}
