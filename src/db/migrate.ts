import { QueryTypes, type QueryInterface } from 'sequelize'
import { SequelizeStorage, Umzug } from 'umzug'
import { database } from './connection'
import * as catalogue from './migrations/0001-catalogue'
import * as jobs from './migrations/0002-jobs'
import * as lists from './migrations/0003-lists'
import * as stock from './migrations/0004-stock'
import * as judgement from './migrations/0005-judgement'
import * as exactKeys from './migrations/0006-exact-keys'
import * as oneRecord from './migrations/0007-one-record'
import * as foundAndCameBack from './migrations/0008-found-and-came-back'
import * as safeToRepeat from './migrations/0009-safe-to-repeat'
import * as rechecks from './migrations/0010-rechecks'
import * as accounts from './migrations/0011-accounts'
import * as bin from './migrations/0012-bin'
import * as history from './migrations/0013-history'
import * as photoMarks from './migrations/0014-photo-marks'
import * as wholeHistory from './migrations/0015-whole-history'
import * as sharedKnowledge from './migrations/0016-shared-knowledge'
import * as usualNames from './migrations/0017-usual-names'
import * as shortStock from './migrations/0018-short-stock'
import * as orderStates from './migrations/0019-order-states'
import * as jobsByMonth from './migrations/0020-jobs-by-month'
import * as machinesByName from './migrations/0021-machines-by-name'
import { repeatable } from './migrations/repeatable'

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
  ['0007-one-record', oneRecord],
  ['0008-found-and-came-back', foundAndCameBack],
  ['0009-safe-to-repeat', safeToRepeat],
  ['0010-rechecks', rechecks],
  ['0011-accounts', accounts],
  ['0012-bin', bin],
  ['0013-history', history],
  ['0014-photo-marks', photoMarks],
  ['0015-whole-history', wholeHistory],
  ['0016-shared-knowledge', sharedKnowledge],
  ['0017-usual-names', usualNames],
  ['0018-short-stock', shortStock],
  ['0019-order-states', orderStates],
  ['0020-jobs-by-month', jobsByMonth],
  ['0021-machines-by-name', machinesByName],
]

function runner() {
  const sequelize = database()
  return new Umzug({
    migrations: MIGRATIONS.map(([name, { up, down }]) => ({
      name,
      up: ({ context }: { context: QueryInterface }) => up(repeatable(context)),
      down: ({ context }: { context: QueryInterface }) => down(repeatable(context)),
    })),
    context: sequelize.getQueryInterface(),
    storage: new SequelizeStorage({ sequelize, tableName: 'migrations' }),
    logger: undefined,
  })
}

/** Whether somebody has used this database: an upgrade of it is worth a copy. */
export async function hasData(): Promise<boolean> {
  const there = await database().query<{ n: number }>(
    "select count(*) n from information_schema.tables where table_schema = database() and table_name = 'jobs'",
    { type: QueryTypes.SELECT },
  )
  if (Number(there[0]?.n ?? 0) === 0) return false
  const [row] = await database().query<{ n: number }>('select count(*) n from jobs', {
    type: QueryTypes.SELECT,
  })
  return Number(row?.n ?? 0) > 0
}

/** Migrations that have not run yet. */
export const pendingMigrations = async (): Promise<string[]> =>
  (await runner().pending()).map(({ name }) => name)

/** Brings the schema up to date; one that was killed half way goes on. @returns the names of the migrations that were run */
export const migrate = async (): Promise<string[]> => (await runner().up()).map(({ name }) => name)

/** Takes migrations back, the last first, down to and with `name`. */
export const migrateDown = async (name: string): Promise<void> => {
  await runner().down({ to: name })
}
