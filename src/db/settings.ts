import type { Model, ModelStatic } from 'sequelize'
import { oneChange } from './connection'
import { models } from './models'

/** What is kept of the shop whole, each under its name. */
export type SettingName = 'settings' | 'toolbox' | 'demo'

const valueOf = (row: { value: string } | null): unknown => (row ? (JSON.parse(row.value) as unknown) : null)

/** As it was saved; null before the first time. */
export const getSetting = async (name: SettingName): Promise<unknown> =>
  valueOf(await models().SettingRow.findByPk(name, { raw: true }))

/**
 * One change that follows from what was saved: until it is done nobody else begins another one of it.
 * @param work told what was saved; null before the first time
 */
export const changeSetting = <T>(name: SettingName, work: (stored: unknown) => Promise<T>): Promise<T> =>
  oneChange(async (transaction) =>
    work(valueOf(await models().SettingRow.findByPk(name, { transaction, lock: transaction.LOCK.UPDATE }))),
  )

export async function saveSetting(name: SettingName, value: unknown): Promise<void> {
  await models().SettingRow.upsert({ name, value: JSON.stringify(value) })
}

/** Takes away all that a demo world is made of; for one that was only half written, before anybody could use it. */
export async function clearWorld(): Promise<void> {
  const { JobRow, MachineRow, ListRow, StockItemRow, OrderRow, ArrangementRow } = models()
  for (const table of [JobRow, MachineRow, ListRow, StockItemRow, OrderRow, ArrangementRow])
    await (table as ModelStatic<Model>).destroy({ where: {}, force: true })
}
