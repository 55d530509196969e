import { DataTypes, type QueryInterface } from 'sequelize'

/** States of orders by their usual names. */
const STATES = [
  ['waiting', 'pending'],
  ['partly', 'partiallyReceived'],
] as const

export async function up(query: QueryInterface): Promise<void> {
  await query.changeColumn('orders', 'state', { type: DataTypes.STRING(20), allowNull: false })
  for (const [before, now] of STATES)
    await query.sequelize.query('UPDATE orders SET state = :now WHERE state = :before', {
      replacements: { before, now },
    })
}

export async function down(query: QueryInterface): Promise<void> {
  for (const [before, now] of STATES)
    await query.sequelize.query('UPDATE orders SET state = :before WHERE state = :now', {
      replacements: { before, now },
    })
  await query.changeColumn('orders', 'state', { type: DataTypes.STRING(12), allowNull: false })
}
