import { QueryTypes } from 'sequelize'
import { database } from './connection'

/** How often the parts of own lists, and what turns up in this shop, have changed. */
export interface KnowledgeVersions {
  parts: number
  experience: number
}

/** Of the database that is written to: a replica may not know of a change yet. */
export async function knowledgeVersions(): Promise<KnowledgeVersions> {
  const rows = await database().query<{ name: string; version: number }>(
    'SELECT name, version FROM knowledge_versions',
    { type: QueryTypes.SELECT, useMaster: true },
  )
  const of = (name: keyof KnowledgeVersions): number => rows.find((row) => row.name === name)?.version ?? 0
  return { parts: of('parts'), experience: of('experience') }
}

/** Says within the change that makes it so that every process has to read this anew. */
export async function knowledgeChanged(what: keyof KnowledgeVersions): Promise<void> {
  await database().query('UPDATE knowledge_versions SET version = version + 1 WHERE name = ?', {
    replacements: [what],
    type: QueryTypes.UPDATE,
  })
}
