import 'server-only'
import { partKeyOf } from '@/core/designation'
import type { SupplyOf } from '@/core/kit'
import * as db from '@/db'
import { getCatalogue } from './catalogueRuntime'

/** Rounds in which a question may ask for further parts; one round asks, the next has the answers. */
const MAX_ROUNDS = 3

function summed(items: readonly (db.StockItem & { reservedForJob: number })[]): ReturnType<SupplyOf> {
  if (items.length === 0) return null
  const free = items.reduce((sum, i) => sum + i.quantity - i.reserved + i.reservedForJob, 0)
  return {
    free,
    bin: (items.find((i) => i.quantity > i.reserved - i.reservedForJob) ?? items[0])?.bin ?? '',
    price: items.find((i) => i.price !== null)?.price ?? null,
  }
}

/**
 * Works something out that asks what lies in the bins: only the parts it asks for are looked up. What the job itself has
 * reserved counts as there for it.
 * @param work asked again until it asks for nothing new
 */
export async function withAvailability<T>(jobId: number | null, work: (supplyOf: SupplyOf) => T): Promise<T> {
  const { context } = await getCatalogue()
  const keys = new Map<string, string>()
  const known = new Map<string, ReturnType<SupplyOf>>()
  for (let round = 1; ; round++) {
    const open = new Set<string>()
    const result = work((designation) => {
      let key = keys.get(designation)
      if (key === undefined) keys.set(designation, (key = partKeyOf(designation, context)))
      const answer = known.get(key)
      if (answer === undefined) open.add(key)
      return answer ?? null
    })
    if (open.size === 0 || round === MAX_ROUNDS) return result
    const items = await db.stockOf([...open], jobId)
    for (const key of open) known.set(key, summed(items.filter((i) => i.partKey === key)))
  }
}
