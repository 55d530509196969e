import { models } from './models'

/** Arrangements of the shop's own, as they were written. */
export const ownArrangements = async (): Promise<unknown[]> =>
  (await models().ArrangementRow.findAll({ order: ['code'] })).map(
    (row) => JSON.parse(row.content) as unknown,
  )

export async function saveArrangement(code: string, content: unknown): Promise<void> {
  await models().ArrangementRow.upsert({ code, content: JSON.stringify(content) })
}

/** @returns whether it was there */
export const removeArrangement = async (code: string): Promise<boolean> =>
  (await models().ArrangementRow.destroy({ where: { code } })) > 0
