import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize'
import { key, text, count, times, stamped } from './columns'

export class StockItemRow extends Model<
  InferAttributes<StockItemRow>,
  InferCreationAttributes<StockItemRow>
> {
  declare id: CreationOptional<number>
  declare part_key: string
  declare designation: string
  declare bin: string
  declare quantity: CreationOptional<number>
  declare reserved: CreationOptional<number>
  declare minimum: CreationOptional<number>
  declare price: number | null
  declare counted_at: Date | null
  declare created_at: CreationOptional<Date>
  declare updated_at: CreationOptional<Date>
}

export class StockMoveRow extends Model<
  InferAttributes<StockMoveRow>,
  InferCreationAttributes<StockMoveRow>
> {
  declare id: CreationOptional<number>
  declare item_id: number
  declare kind: string
  declare change_quantity: number
  declare change_reserved: number
  declare quantity_after: number
  declare reserved_after: number
  declare note: string
  declare who: string
  declare job_id: number | null
  declare idempotency_key: string | null
  declare created_at: CreationOptional<Date>
}

export class OrderRow extends Model<InferAttributes<OrderRow>, InferCreationAttributes<OrderRow>> {
  declare id: CreationOptional<number>
  declare supplier: string
  declare supplier_name: string
  declare idempotency_key: string
  declare state: string
  declare supplier_order_no: string | null
  declare subtotal: number
  declare freight: number
  declare lead_time_days: number
  declare last_error: string
  declare note: string
  declare created_at: CreationOptional<Date>
  declare updated_at: CreationOptional<Date>
}

export class OrderLineRow extends Model<
  InferAttributes<OrderLineRow>,
  InferCreationAttributes<OrderLineRow>
> {
  declare id: CreationOptional<number>
  declare order_id: number
  declare designation: string
  declare quantity: number
  declare received: CreationOptional<number>
  declare price: number
}

/** Stock with its moves, orders with their lines. */
export function defineSupply(sequelize: Sequelize) {
  StockItemRow.init(
    {
      id: key(),
      part_key: text(190),
      designation: text(80),
      bin: text(40),
      quantity: count(),
      reserved: count(),
      minimum: count(),
      price: DataTypes.DECIMAL(12, 4),
      counted_at: DataTypes.DATE(3),
      ...times,
    },
    { sequelize, tableName: 'stock_items', ...stamped },
  )
  StockMoveRow.init(
    {
      id: { ...key(), type: DataTypes.BIGINT.UNSIGNED },
      item_id: DataTypes.INTEGER.UNSIGNED,
      kind: text(12),
      change_quantity: DataTypes.INTEGER,
      change_reserved: DataTypes.INTEGER,
      quantity_after: count(),
      reserved_after: count(),
      note: text(200),
      who: text(60),
      job_id: DataTypes.INTEGER.UNSIGNED,
      idempotency_key: DataTypes.STRING(80),
      created_at: times.created_at,
    },
    { sequelize, tableName: 'stock_moves', timestamps: true, createdAt: 'created_at', updatedAt: false },
  )
  OrderRow.init(
    {
      id: key(),
      supplier: text(40),
      supplier_name: text(80),
      idempotency_key: text(80),
      state: text(12),
      supplier_order_no: DataTypes.STRING(60),
      subtotal: DataTypes.DECIMAL(12, 2),
      freight: DataTypes.DECIMAL(12, 2),
      lead_time_days: count(),
      last_error: text(300),
      note: text(200),
      ...times,
    },
    { sequelize, tableName: 'orders', ...stamped },
  )
  OrderLineRow.init(
    {
      id: { ...key(), type: DataTypes.BIGINT.UNSIGNED },
      order_id: DataTypes.INTEGER.UNSIGNED,
      designation: text(80),
      quantity: count(),
      received: count(),
      price: DataTypes.DECIMAL(12, 4),
    },
    { sequelize, tableName: 'order_lines', timestamps: false },
  )
  return { StockItemRow, StockMoveRow, OrderRow, OrderLineRow }
}
