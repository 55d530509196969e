import type { InferAttributes, Model, ModelStatic, Transaction, WhereOptions } from 'sequelize'
import { database } from './connection'

/**
 * Changes rows by the columns of a model without making an instance of it: half the time, in what every save does. The values are
 * not looked at here.
 * @returns how many fit the condition
 */
export async function updateRows<M extends Model & { updated_at: Date }>(
  model: ModelStatic<M>,
  values: Partial<InferAttributes<M>>,
  where: WhereOptions<InferAttributes<M>>,
  transaction: Transaction,
): Promise<number> {
  const changed: unknown = await database()
    .getQueryInterface()
    .bulkUpdate(model.getTableName(), { ...values, updated_at: new Date() }, where, { transaction })
  return Number(changed)
}
