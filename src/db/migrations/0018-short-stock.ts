import type { QueryInterface } from 'sequelize'

/** Which items have fewer free than their minimum, told by the database and found in the order of bins. */
export async function up(query: QueryInterface): Promise<void> {
  await query.sequelize.query(
    'ALTER TABLE stock_items ADD COLUMN IF NOT EXISTS is_short BOOLEAN AS (quantity < reserved + minimum) VIRTUAL',
  )
  await query.addIndex('stock_items', ['is_short', 'bin', 'designation'], { name: 'stock_items_short' })
}

export async function down(query: QueryInterface): Promise<void> {
  await query.removeIndex('stock_items', 'stock_items_short')
  await query.removeColumn('stock_items', 'is_short')
}
