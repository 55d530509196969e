import type { Model, ModelStatic, Sequelize } from 'sequelize'
import { database } from '../connection'
import { defineCatalogue } from './catalogue'
import { defineRegister } from './register'
import { defineJobs } from './jobs'
import { defineKits } from './kits'
import { defineSupply } from './supply'
import { defineAccounts } from './accounts'

export type { ListRow, PartRow } from './catalogue'
export type { MachineRow, PositionRow } from './register'
export type { BearingRow, JobRow } from './jobs'
export type { KitLineRow } from './kits'
export type { OrderLineRow, OrderRow, StockItemRow, StockMoveRow } from './supply'
export type { AccountRow, AuditRow } from './accounts'

const define = (sequelize: Sequelize) =>
  ({
    ...defineCatalogue(sequelize),
    ...defineRegister(sequelize),
    ...defineJobs(sequelize),
    ...defineKits(sequelize),
    ...defineSupply(sequelize),
    ...defineAccounts(sequelize),
  }) satisfies Record<string, ModelStatic<Model>>

let defined: ReturnType<typeof define> | undefined

/** The models on this process's connection. */
export const models = (): ReturnType<typeof define> => (defined ??= define(database()))
