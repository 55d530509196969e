import { QueryTypes } from 'sequelize'
import { database } from './connection'

/** Size of the tables with their indexes, MB, and the last schema change that was made. */
export async function databaseFacts(): Promise<{ mb: number; schema: string }> {
  const [size] = await database().query<{ bytes: number | string }>(
    'SELECT sum(data_length + index_length) AS bytes FROM information_schema.tables WHERE table_schema = database()',
    { type: QueryTypes.SELECT },
  )
  const [last] = await database().query<{ name: string }>(
    'SELECT name FROM migrations ORDER BY name DESC LIMIT 1',
    { type: QueryTypes.SELECT },
  )
  return { mb: Number(size?.bytes ?? 0) / 1e6, schema: last?.name ?? '' }
}
