import 'server-only'
import { quotes, suppliers } from './suppliers'

export interface AskedPrice {
  /** a piece, in the shop's currency */
  price: number
  supplier: string
}

/**
 * The lowest price a supplier asks for each part today. A supplier that does not answer is passed over, and a part that nobody
 * carries is left out: where no price is known, none is made up.
 */
export async function askedPrices(designations: readonly string[]): Promise<ReadonlyMap<string, AskedPrice>> {
  const lowest = new Map<string, AskedPrice>()
  if (designations.length === 0) return lowest
  const known = await suppliers()
  if (!known.ok) return lowest
  const answers = await Promise.all(
    known.value.map(async ({ id, name }) => ({ name, asked: await quotes(id, [...new Set(designations)]) })),
  )
  for (const { name, asked } of answers)
    for (const { designation, price } of asked.ok ? asked.value : []) {
      const held = lowest.get(designation)
      if (!held || price < held.price) lowest.set(designation, { price, supplier: name })
    }
  return lowest
}
