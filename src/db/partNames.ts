import { toBin } from './bin'
import { models } from './models'

/** Names the shop gives to parts. */
export async function partNames(): Promise<{ name: string; key: string; designation: string }[]> {
  const rows = await models().PartNameRow.findAll({ order: ['name'] })
  return rows.map(({ name, name_key: key, designation }) => ({ name, key, designation }))
}

export async function savePartName(name: string, key: string, designation: string): Promise<void> {
  await models().PartNameRow.upsert({ name, name_key: key, designation, deleted_at: null })
}

/** Into the bin. @returns whether it was there */
export const removePartName = (key: string): Promise<boolean> => toBin('partName', { name_key: key })

/** The parts that names stand for, by the key of the name; those nobody taught are not among them. */
export async function partsNamed(keys: readonly string[]): Promise<Map<string, string>> {
  if (keys.length === 0) return new Map()
  const rows = await models().PartNameRow.findAll({
    where: { name_key: keys.map((key) => key.slice(0, 80)) },
  })
  return new Map(rows.map(({ name_key: key, designation }) => [key, designation]))
}
