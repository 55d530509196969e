import { models } from './models'

/** Names the shop gives to parts. */
export async function partNames(): Promise<{ name: string; key: string; designation: string }[]> {
  const rows = await models().PartNameRow.findAll({ order: ['name'] })
  return rows.map(({ name, name_key: key, designation }) => ({ name, key, designation }))
}

export async function savePartName(name: string, key: string, designation: string): Promise<void> {
  await models().PartNameRow.upsert({ name, name_key: key, designation })
}

/** @returns whether it was there */
export const removePartName = async (key: string): Promise<boolean> =>
  (await models().PartNameRow.destroy({ where: { name_key: key } })) > 0

/** The parts that names stand for, by the key of the name; those nobody taught are not among them. */
export async function partsNamed(keys: readonly string[]): Promise<Map<string, string>> {
  if (keys.length === 0) return new Map()
  const rows = await models().PartNameRow.findAll({
    where: { name_key: keys.map((key) => key.slice(0, 80)) },
  })
  return new Map(rows.map(({ name_key: key, designation }) => [key, designation]))
}
