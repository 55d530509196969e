import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize'
import { key, text, long, count, times, binColumns, withBin } from './columns'

export class PartRow extends Model<InferAttributes<PartRow>, InferCreationAttributes<PartRow>> {
  declare id: CreationOptional<number>
  declare base: string
  declare family: string
  declare piece: string
  declare series: string
  declare bore: number | null
  declare outside: number | null
  declare width: number | null
  declare dimensions: string
  declare details: string
  declare commonness: number
  declare source_kind: string
  declare source: string
  declare verified: boolean
  declare origin: string
}

export class SettingRow extends Model<InferAttributes<SettingRow>, InferCreationAttributes<SettingRow>> {
  declare name: string
  declare value: string
}

export class ListRow extends Model<InferAttributes<ListRow>, InferCreationAttributes<ListRow>> {
  declare id: CreationOptional<number>
  declare name: string
  declare kind: string
  declare state: string
  declare rows_read: CreationOptional<number>
  declare rows_all: CreationOptional<number>
  declare listed: CreationOptional<number>
  declare own: CreationOptional<number>
  declare duplicates: CreationOptional<number>
  declare problems: CreationOptional<number>
  declare remarks: string
  declare created_at: CreationOptional<Date>
  declare updated_at: CreationOptional<Date>
  declare deleted_at: CreationOptional<Date | null>
  declare deleted_by: CreationOptional<string>
}

export class ListItemRow extends Model<InferAttributes<ListItemRow>, InferCreationAttributes<ListItemRow>> {
  declare id: CreationOptional<number>
  declare list_id: number
  declare row_no: number
  declare designation: string
  declare base: string | null
  declare bore: number | null
  declare outside: number | null
  declare width: number | null
  declare quantity: number | null
  declare price: number | null
  declare bin: string
}

export class PartNameRow extends Model<InferAttributes<PartNameRow>, InferCreationAttributes<PartNameRow>> {
  declare id: CreationOptional<number>
  declare name_key: string
  declare name: string
  declare designation: string
  declare created_at: CreationOptional<Date>
  declare updated_at: CreationOptional<Date>
  declare deleted_at: CreationOptional<Date | null>
  declare deleted_by: CreationOptional<string>
}

/** Parts that are shipped, listed or named by the shop; facts by their name. */
export function defineCatalogue(sequelize: Sequelize) {
  PartRow.init(
    {
      id: key(),
      base: text(80),
      family: text(40),
      piece: text(20),
      series: text(40),
      bore: DataTypes.DOUBLE,
      outside: DataTypes.DOUBLE,
      width: DataTypes.DOUBLE,
      dimensions: long(),
      details: long(),
      commonness: DataTypes.TINYINT.UNSIGNED,
      source_kind: text(20),
      source: text(200),
      verified: DataTypes.BOOLEAN,
      origin: text(20),
    },
    { sequelize, tableName: 'parts', timestamps: false },
  )
  SettingRow.init(
    { name: { type: DataTypes.STRING(60), primaryKey: true }, value: long() },
    { sequelize, tableName: 'app_settings', timestamps: false },
  )
  ListRow.init(
    {
      id: key(),
      name: text(120),
      kind: text(20),
      state: text(20),
      rows_read: count(),
      rows_all: count(),
      listed: count(),
      own: count(),
      duplicates: count(),
      problems: count(),
      remarks: long(),
      ...times,
      ...binColumns(),
    },
    { sequelize, tableName: 'lists', ...withBin },
  )
  ListItemRow.init(
    {
      id: { ...key(), type: DataTypes.BIGINT.UNSIGNED },
      list_id: DataTypes.INTEGER.UNSIGNED,
      row_no: count(),
      designation: text(80),
      base: DataTypes.STRING(80),
      bore: DataTypes.DOUBLE,
      outside: DataTypes.DOUBLE,
      width: DataTypes.DOUBLE,
      quantity: DataTypes.DOUBLE,
      price: DataTypes.DOUBLE,
      bin: text(40),
    },
    { sequelize, tableName: 'list_items', timestamps: false },
  )
  PartNameRow.init(
    { id: key(), name_key: text(80), name: text(80), designation: text(80), ...times, ...binColumns() },
    { sequelize, tableName: 'part_names', ...withBin },
  )
  return { PartRow, SettingRow, ListRow, ListItemRow, PartNameRow }
}
