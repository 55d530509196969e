import 'server-only'
import { quotes, suppliers } from './suppliers'

export interface SupplierPrice {
  /** a piece, in the shop's currency */
  price: number
  supplier: string
}

/**
 * The lowest price a supplier asks for each part today. A supplier that does not answer is passed over, and a part that nobody
 * carries is left out: where no price is known, none is made up.
 */
export async function supplierPrices(
  designations: readonly string[],
): Promise<ReadonlyMap<string, SupplierPrice>> {
  const lowest = new Map<string, SupplierPrice>()
  if (designations.length === 0) return lowest
  const known = await suppliers()
  if (!known.ok) return lowest
  const answers = await Promise.all(
    known.value.map(async ({ id, name }) => ({ name, result: await quotes(id, [...new Set(designations)]) })),
  )
  for (const { name, result } of answers)
    for (const { designation, price } of result.ok ? result.value : []) {
      const known = lowest.get(designation)
      if (!known || price < known.price) lowest.set(designation, { price, supplier: name })
    }
  return lowest
}
