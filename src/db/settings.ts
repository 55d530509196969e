import { models } from './models'

const NAME = 'settings'

/** The settings of the shop as they were saved; null before the first time. */
export async function storedSettings(): Promise<unknown> {
  const row = await models().FactRow.findByPk(NAME)
  return row ? (JSON.parse(row.value) as unknown) : null
}

export async function saveSettings(value: unknown): Promise<void> {
  await models().FactRow.upsert({ name: NAME, value: JSON.stringify(value) })
}
