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

/** The part a name stands for; null when nobody taught it. */
export async function partNamed(key: string): Promise<string | null> {
  const row = await models().PartNameRow.findOne({ where: { name_key: key.slice(0, 80) } })
  return row?.designation ?? null
}
