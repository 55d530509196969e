import { models } from './models'

/** Facts of the shop that are kept whole, each under its name. */
export type ShopFact = 'settings' | 'toolbox'

/** As it was saved; null before the first time. */
export async function storedFact(name: ShopFact): Promise<unknown> {
  const row = await models().FactRow.findByPk(name)
  return row ? (JSON.parse(row.value) as unknown) : null
}

export async function saveFact(name: ShopFact, value: unknown): Promise<void> {
  await models().FactRow.upsert({ name, value: JSON.stringify(value) })
}
