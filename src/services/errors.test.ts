import { ConnectionAcquireTimeoutError, ConnectionRefusedError, DatabaseError } from 'sequelize'
import { expect, it } from 'vitest'
import { isDatabaseAway, isDatabaseBusy } from './errors'

it('a full pool is no lost database, and the other way round', () => {
  const full = new ConnectionAcquireTimeoutError(new Error('no free connection'))
  const gone = new ConnectionRefusedError(new Error('connect ECONNREFUSED'))
  expect([isDatabaseBusy(full), isDatabaseAway(full)]).toEqual([true, false])
  expect([isDatabaseBusy(gone), isDatabaseAway(gone)]).toEqual([false, true])
  expect([isDatabaseBusy(new Error('x')), isDatabaseAway('x')]).toEqual([false, false])
})

it('a node that is cut off from its cluster is a database that is away; other refusals are not', () => {
  const refused = (errno: number) =>
    new DatabaseError(
      Object.assign(new Error('refused'), { errno, sql: '' }) as unknown as Error & { sql: string },
    )
  expect([1047, 1180, 1062, 1213].map((errno) => isDatabaseAway(refused(errno)))).toEqual([
    true,
    true,
    false,
    false,
  ])
})
