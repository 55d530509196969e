import type { Model, ModelStatic, Transaction } from 'sequelize'
import { models } from './models'

/** Facts of the shop that are kept whole, each under its name. */
export type ShopFact = 'settings' | 'toolbox' | 'demo'

/**
 * As it was saved; null before the first time.
 * @param change the change it is read for: until that is done nobody else reads it for another
 */
export async function storedFact(name: ShopFact, change?: Transaction): Promise<unknown> {
  const row = await models().FactRow.findByPk(
    name,
    change && { transaction: change, lock: change.LOCK.UPDATE },
  )
  return row ? (JSON.parse(row.value) as unknown) : null
}

export async function saveFact(name: ShopFact, value: unknown): Promise<void> {
  await models().FactRow.upsert({ name, value: JSON.stringify(value) })
}

/** Takes away all that a demo world is made of; for one that was only half written, before anybody could use it. */
export async function clearWorld(): Promise<void> {
  const { JobRow, MachineRow, ListRow, StockItemRow, OrderRow, ArrangementRow } = models()
  for (const table of [JobRow, MachineRow, ListRow, StockItemRow, OrderRow, ArrangementRow])
    await (table as ModelStatic<Model>).destroy({ where: {}, force: true })
}
