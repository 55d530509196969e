import { ConnectionAcquireTimeoutError, ConnectionRefusedError } from 'sequelize'
import { expect, it } from 'vitest'
import { isDatabaseAway, isDatabaseBusy } from './errors'

it('a full pool is no lost database, and the other way round', () => {
  const full = new ConnectionAcquireTimeoutError(new Error('no free connection'))
  const gone = new ConnectionRefusedError(new Error('connect ECONNREFUSED'))
  expect([isDatabaseBusy(full), isDatabaseAway(full)]).toEqual([true, false])
  expect([isDatabaseBusy(gone), isDatabaseAway(gone)]).toEqual([false, true])
  expect([isDatabaseBusy(new Error('x')), isDatabaseAway('x')]).toEqual([false, false])
})
