import { DataTypes, type QueryInterface } from 'sequelize'

const times = {
  created_at: { type: DataTypes.DATE(3), allowNull: false },
  updated_at: { type: DataTypes.DATE(3), allowNull: false },
}
const key = { type: DataTypes.INTEGER.UNSIGNED, autoIncrement: true, primaryKey: true }
const count = { type: DataTypes.INTEGER.UNSIGNED, allowNull: false, defaultValue: 0 }
const text = (length: number) => ({ type: DataTypes.STRING(length), allowNull: false, defaultValue: '' })
const of = (model: string) => ({
  type: DataTypes.INTEGER.UNSIGNED,
  allowNull: false,
  references: { model, key: 'id' },
  onDelete: 'CASCADE',
})

/** Stock with its moves, orders with their lines, arrangements of the shop's own. */
export async function up(query: QueryInterface): Promise<void> {
  await query.createTable('stock_items', {
    id: key,
    /** what the designation means: two spellings of one part are one item */
    meaning: { type: DataTypes.STRING(190), allowNull: false },
    designation: text(80),
    bin: text(40),
    quantity: count,
    reserved: count,
    minimum: count,
    /** of one piece */
    price: { type: DataTypes.DECIMAL(12, 4) },
    counted_at: { type: DataTypes.DATE(3) },
    ...times,
  })
  await query.addIndex('stock_items', ['meaning', 'bin'], { name: 'stock_items_place', unique: true })
  await query.createTable('stock_moves', {
    id: { ...key, type: DataTypes.BIGINT.UNSIGNED },
    item_id: of('stock_items'),
    /** `receive`, `issue`, `reserve`, `release`, `take`, `count` */
    kind: { type: DataTypes.STRING(12), allowNull: false },
    change_quantity: { type: DataTypes.INTEGER, allowNull: false },
    change_reserved: { type: DataTypes.INTEGER, allowNull: false },
    quantity_after: count,
    reserved_after: count,
    note: text(200),
    who: text(60),
    job_id: { type: DataTypes.INTEGER.UNSIGNED },
    /** a repeated request with the same key is one move */
    once: { type: DataTypes.STRING(80), unique: true },
    created_at: times.created_at,
  })
  await query.addIndex('stock_moves', ['item_id', 'id'], { name: 'stock_moves_item' })
  await query.createTable('orders', {
    id: key,
    supplier: text(40),
    supplier_name: text(80),
    /** sent along with every attempt: the supplier takes an order once */
    once: { type: DataTypes.STRING(80), allowNull: false, unique: true },
    /** `waiting`, `sent`, `partly`, `received`, `cancelled` */
    state: text(12),
    /** the supplier's own number, once it has taken the order */
    remote: { type: DataTypes.STRING(60) },
    goods: { type: DataTypes.DECIMAL(12, 2), allowNull: false },
    freight: { type: DataTypes.DECIMAL(12, 2), allowNull: false },
    days: count,
    trouble: text(300),
    note: text(200),
    ...times,
  })
  await query.createTable('order_lines', {
    id: { ...key, type: DataTypes.BIGINT.UNSIGNED },
    order_id: of('orders'),
    designation: text(80),
    quantity: count,
    received: count,
    price: { type: DataTypes.DECIMAL(12, 4), allowNull: false },
  })
  await query.createTable('arrangements', {
    code: { type: DataTypes.STRING(12), primaryKey: true },
    content: { type: DataTypes.TEXT('medium'), allowNull: false },
    ...times,
  })
  await query.changeColumn('positions', 'arrangement', { type: DataTypes.STRING(12) })
}

export async function down(query: QueryInterface): Promise<void> {
  for (const table of ['order_lines', 'orders', 'stock_moves', 'stock_items', 'arrangements'])
    await query.dropTable(table)
  await query.changeColumn('positions', 'arrangement', { type: DataTypes.STRING(4) })
}
