import type { QueryInterface } from 'sequelize'
import { SequelizeStorage, Umzug } from 'umzug'
import { database } from './connection'
import * as catalogue from './migrations/0001-catalogue'
import * as jobs from './migrations/0002-jobs'
import * as lists from './migrations/0003-lists'
import * as stock from './migrations/0004-stock'
import * as judgement from './migrations/0005-judgement'
import * as exactKeys from './migrations/0006-exact-keys'

interface Migration {
  up(query: QueryInterface): Promise<void>
  down(query: QueryInterface): Promise<void>
}

/** In order; a migration that has landed is never changed, only followed. */
const MIGRATIONS: readonly [string, Migration][] = [
  ['0001-catalogue', catalogue],
  ['0002-jobs', jobs],
  ['0003-lists', lists],
  ['0004-stock', stock],
  ['0005-judgement', judgement],
  ['0006-exact-keys', exactKeys],
]

/** Brings the schema up to date. @returns the names of the migrations that were run */
export async function migrate(): Promise<string[]> {
  const sequelize = database()
  const umzug = new Umzug({
    migrations: MIGRATIONS.map(([name, { up, down }]) => ({
      name,
      up: ({ context }: { context: QueryInterface }) => up(context),
      down: ({ context }: { context: QueryInterface }) => down(context),
    })),
    context: sequelize.getQueryInterface(),
    storage: new SequelizeStorage({ sequelize, tableName: 'migrations' }),
    logger: undefined,
  })
  return (await umzug.up()).map(({ name }) => name)
}
