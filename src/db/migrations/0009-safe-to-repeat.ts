import { DataTypes, type QueryInterface } from 'sequelize'

/** A key is a key as it is written: two that differ by case or an accent are two. */
const exactKey = (table: string, nullable: boolean): string =>
  `alter table ${table} modify once varchar(80) character set utf8mb4 collate utf8mb4_bin ${nullable ? 'null' : 'not null'}`

/** Columns that are searched by the words in them. */
const WORDS = [
  ['jobs', 'title'],
  ['bearings', 'designation'],
  ['machines', 'name'],
] as const

/** Keys of requests that were carried out, with their answers; the orders in which lists are paged. */
export async function up(query: QueryInterface): Promise<void> {
  await query.createTable('request_keys', {
    idempotency_key: { type: 'varchar(80) character set ascii collate ascii_bin', primaryKey: true },
    /** SHA-256 of what was asked: method, path and body */
    request_hash: { type: 'char(64) character set ascii collate ascii_bin', allowNull: false },
    status: { type: DataTypes.SMALLINT.UNSIGNED },
    /** the answer, JSON; null while the request is carried out */
    answer: { type: DataTypes.TEXT('medium') },
    created_at: { type: DataTypes.DATE(3), allowNull: false },
  })
  await query.addIndex('request_keys', ['created_at'], { name: 'request_keys_age' })
  await query.addIndex('stock_items', ['bin', 'designation', 'id'], { name: 'stock_items_shown' })
  for (const [table, column] of WORDS)
    await query.addIndex(table, [column], { name: `${table}_words`, type: 'FULLTEXT' })
  await query.sequelize.query(exactKey('stock_moves', true))
  await query.sequelize.query(exactKey('orders', false))
  // Deliveries that were cut off after their last piece: all of it is here.
  await query.sequelize.query(
    `update orders o set o.state = 'received' where o.state in ('sent', 'partly')
     and exists (select 1 from order_lines l where l.order_id = o.id)
     and not exists (select 1 from order_lines l where l.order_id = o.id and l.received < l.quantity)`,
  )
}

export async function down(query: QueryInterface): Promise<void> {
  for (const [table] of WORDS) await query.removeIndex(table, `${table}_words`)
  await query.removeIndex('stock_items', 'stock_items_shown')
  await query.dropTable('request_keys')
}
