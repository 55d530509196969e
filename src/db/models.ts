import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type ModelStatic,
  type Sequelize,
} from 'sequelize'
import { database } from './connection'

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

export class FactRow extends Model<InferAttributes<FactRow>, InferCreationAttributes<FactRow>> {
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

export class MachineRow extends Model<InferAttributes<MachineRow>, InferCreationAttributes<MachineRow>> {
  declare id: CreationOptional<number>
  declare name: string
  declare place: string
  declare note: string
  declare created_at: CreationOptional<Date>
  declare updated_at: CreationOptional<Date>
}

export class PositionRow extends Model<InferAttributes<PositionRow>, InferCreationAttributes<PositionRow>> {
  declare id: CreationOptional<number>
  declare machine_id: number
  declare name: string
  declare arrangement: string | null
  declare fitted: string
  declare quantity: number
  declare created_at: CreationOptional<Date>
  declare updated_at: CreationOptional<Date>
}

export class JobRow extends Model<InferAttributes<JobRow>, InferCreationAttributes<JobRow>> {
  declare id: CreationOptional<number>
  declare title: string
  declare machine_id: number | null
  declare position_id: number | null
  declare stage: string
  declare intake: string
  declare evidence: string
  declare decision: string | null
  declare kit: string | null
  declare version: CreationOptional<number>
  declare closed_at: Date | null
  declare created_at: CreationOptional<Date>
  declare updated_at: CreationOptional<Date>
}

export class JobEventRow extends Model<InferAttributes<JobEventRow>, InferCreationAttributes<JobEventRow>> {
  declare id: CreationOptional<number>
  declare job_id: number
  declare kind: string
  declare summary: string
  declare content: string
  declare created_at: CreationOptional<Date>
  declare updated_at: CreationOptional<Date>
}

const key = () => ({ type: DataTypes.INTEGER.UNSIGNED, autoIncrement: true, primaryKey: true })
const text = (length: number) => ({ type: DataTypes.STRING(length), allowNull: false })
const long = () => ({ type: DataTypes.TEXT('medium'), allowNull: false })
const count = () => ({ type: DataTypes.INTEGER.UNSIGNED, allowNull: false, defaultValue: 0 })
const times = { created_at: DataTypes.DATE(3), updated_at: DataTypes.DATE(3) }
const stamped = { timestamps: true, createdAt: 'created_at', updatedAt: 'updated_at' } as const

function define(sequelize: Sequelize) {
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
  FactRow.init(
    { name: { type: DataTypes.STRING(60), primaryKey: true }, value: long() },
    { sequelize, tableName: 'facts', timestamps: false },
  )
  MachineRow.init(
    { id: key(), name: text(120), place: text(120), note: long(), ...times },
    { sequelize, tableName: 'machines', ...stamped },
  )
  PositionRow.init(
    {
      id: key(),
      machine_id: DataTypes.INTEGER.UNSIGNED,
      name: text(120),
      arrangement: DataTypes.STRING(4),
      fitted: text(200),
      quantity: DataTypes.SMALLINT.UNSIGNED,
      ...times,
    },
    { sequelize, tableName: 'positions', ...stamped },
  )
  JobRow.init(
    {
      id: key(),
      title: text(160),
      machine_id: DataTypes.INTEGER.UNSIGNED,
      position_id: DataTypes.INTEGER.UNSIGNED,
      stage: text(20),
      intake: long(),
      evidence: long(),
      decision: DataTypes.TEXT('medium'),
      kit: DataTypes.TEXT('medium'),
      version: { type: DataTypes.INTEGER.UNSIGNED, allowNull: false, defaultValue: 1 },
      closed_at: DataTypes.DATE(3),
      ...times,
    },
    { sequelize, tableName: 'jobs', ...stamped },
  )
  JobEventRow.init(
    {
      id: { ...key(), type: DataTypes.BIGINT.UNSIGNED },
      job_id: DataTypes.INTEGER.UNSIGNED,
      kind: text(20),
      summary: text(300),
      content: long(),
      ...times,
    },
    { sequelize, tableName: 'job_events', ...stamped },
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
    },
    { sequelize, tableName: 'lists', ...stamped },
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
  return {
    PartRow,
    FactRow,
    MachineRow,
    PositionRow,
    JobRow,
    JobEventRow,
    ListRow,
    ListItemRow,
  } satisfies Record<string, ModelStatic<Model>>
}

let defined: ReturnType<typeof define> | undefined

/** The models on this process's connection. */
export const models = (): ReturnType<typeof define> => (defined ??= define(database()))
