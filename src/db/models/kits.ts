import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize'
import { key, text, long, count, times, binColumns, stamped, withBin } from './columns'

export class ArrangementRow extends Model<
  InferAttributes<ArrangementRow>,
  InferCreationAttributes<ArrangementRow>
> {
  declare code: string
  declare content: string
  declare created_at: CreationOptional<Date>
  declare updated_at: CreationOptional<Date>
  declare deleted_at: CreationOptional<Date | null>
  declare deleted_by: CreationOptional<string>
}

export class KitRow extends Model<InferAttributes<KitRow>, InferCreationAttributes<KitRow>> {
  declare id: CreationOptional<number>
  declare job_id: number
  declare arrangement: string
  declare positions: number
  declare complete: boolean
  declare format: CreationOptional<number>
  declare content: string
  declare created_at: CreationOptional<Date>
  declare updated_at: CreationOptional<Date>
}

export class KitLineRow extends Model<InferAttributes<KitLineRow>, InferCreationAttributes<KitLineRow>> {
  declare id: CreationOptional<number>
  declare kit_id: number
  declare ordinal: number
  declare slot: string
  declare role: string
  declare label: string
  declare designation: string
  declare part_key: string | null
  declare value: string | null
  declare each_position: number
  declare quantity: number
  declare unit: string
  declare single_use: boolean
  declare state: string
  declare stays: boolean
  declare assumed: boolean
  declare reason: string
  declare note: string
  declare alternatives: string
  declare price: number | null
}

export class ReservationRow extends Model<
  InferAttributes<ReservationRow>,
  InferCreationAttributes<ReservationRow>
> {
  declare id: CreationOptional<number>
  declare job_id: number
  declare item_id: number
  declare pieces: number
  declare created_at: CreationOptional<Date>
  declare updated_at: CreationOptional<Date>
}

/** Own arrangements, kits with their lines, and what is reserved for them. */
export function defineKits(sequelize: Sequelize) {
  ArrangementRow.init(
    { code: { type: DataTypes.STRING(12), primaryKey: true }, content: long(), ...times, ...binColumns() },
    { sequelize, tableName: 'arrangements', ...withBin },
  )
  KitRow.init(
    {
      id: key(),
      job_id: DataTypes.INTEGER.UNSIGNED,
      arrangement: text(12),
      positions: count(),
      complete: DataTypes.BOOLEAN,
      format: { ...count(), defaultValue: 1 },
      content: long(),
      ...times,
    },
    { sequelize, tableName: 'kits', ...stamped },
  )
  KitLineRow.init(
    {
      id: { ...key(), type: DataTypes.BIGINT.UNSIGNED },
      kit_id: DataTypes.INTEGER.UNSIGNED,
      ordinal: count(),
      slot: text(60),
      role: text(40),
      label: text(80),
      designation: text(120),
      part_key: DataTypes.STRING(190),
      value: DataTypes.TEXT('medium'),
      each_position: count(),
      quantity: count(),
      unit: text(4),
      single_use: DataTypes.BOOLEAN,
      state: text(10),
      stays: DataTypes.BOOLEAN,
      assumed: DataTypes.BOOLEAN,
      reason: long(),
      note: long(),
      alternatives: long(),
      price: DataTypes.DECIMAL(12, 4),
    },
    { sequelize, tableName: 'kit_lines', timestamps: false },
  )
  ReservationRow.init(
    {
      id: { ...key(), type: DataTypes.BIGINT.UNSIGNED },
      job_id: DataTypes.INTEGER.UNSIGNED,
      item_id: DataTypes.INTEGER.UNSIGNED,
      pieces: count(),
      ...times,
    },
    { sequelize, tableName: 'reservations', ...stamped },
  )
  return { ArrangementRow, KitRow, KitLineRow, ReservationRow }
}
