import { toBin } from './bin'
import { models } from './models'

/** Arrangements of the shop's own, as they were written. */
export const ownArrangements = async (): Promise<unknown[]> =>
  (await models().ArrangementRow.findAll({ order: ['code'] })).map(
    (row) => JSON.parse(row.content) as unknown,
  )

export async function saveArrangement(code: string, content: unknown): Promise<void> {
  await models().ArrangementRow.upsert({ code, content: JSON.stringify(content), deleted_at: null })
}

/** Into the bin. @returns whether it was there */
export const removeArrangement = (code: string): Promise<boolean> => toBin('arrangement', { code })
