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
  declare side: CreationOptional<string>
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
  declare kit: string | null
  declare fitting: CreationOptional<string | null>
  declare version: CreationOptional<number>
  declare part_of: CreationOptional<number | null>
  declare comeback_of: CreationOptional<number | null>
  declare free_of_charge: CreationOptional<boolean>
  declare closed_at: Date | null
  declare created_at: CreationOptional<Date>
  declare updated_at: CreationOptional<Date>
  declare deleted_at: CreationOptional<Date | null>
  declare deleted_by: CreationOptional<string>
}

export class FindingRow extends Model<InferAttributes<FindingRow>, InferCreationAttributes<FindingRow>> {
  declare id: CreationOptional<number>
  declare job_id: number
  declare bearing_id: number
  declare ordinal: number
  declare part: string
  declare damage: string
  declare severity: string
  declare created_at: CreationOptional<Date>
  declare updated_at: CreationOptional<Date>
}

export class SeatReadingRow extends Model<
  InferAttributes<SeatReadingRow>,
  InferCreationAttributes<SeatReadingRow>
> {
  declare id: CreationOptional<number>
  declare job_id: number
  declare seat: string
  declare ordinal: number
  declare at_clock: string
  declare depth: string
  declare value_mm: number | null
  declare created_at: CreationOptional<Date>
  declare updated_at: CreationOptional<Date>
}

export class PhotoRow extends Model<InferAttributes<PhotoRow>, InferCreationAttributes<PhotoRow>> {
  declare id: CreationOptional<number>
  declare job_id: number
  declare about: string
  declare name: string
  declare width: number
  declare height: number
  declare picture: Buffer
  declare created_at: CreationOptional<Date>
  declare updated_at: CreationOptional<Date>
  declare deleted_at: CreationOptional<Date | null>
  declare deleted_by: CreationOptional<string>
}

export class JobEventRow extends Model<InferAttributes<JobEventRow>, InferCreationAttributes<JobEventRow>> {
  declare id: CreationOptional<number>
  declare job_id: number
  declare kind: string
  declare summary: string
  declare content: string
  declare who: CreationOptional<string>
  declare job_version: CreationOptional<number | null>
  declare undo: CreationOptional<string | null>
  declare undone_at: CreationOptional<Date | null>
  declare created_at: CreationOptional<Date>
  declare updated_at: CreationOptional<Date>
}

export class StockItemRow extends Model<
  InferAttributes<StockItemRow>,
  InferCreationAttributes<StockItemRow>
> {
  declare id: CreationOptional<number>
  declare meaning: string
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
  declare once: string | null
  declare created_at: CreationOptional<Date>
}

export class OrderRow extends Model<InferAttributes<OrderRow>, InferCreationAttributes<OrderRow>> {
  declare id: CreationOptional<number>
  declare supplier: string
  declare supplier_name: string
  declare once: string
  declare state: string
  declare remote: string | null
  declare goods: number
  declare freight: number
  declare days: number
  declare trouble: string
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

export class BearingRow extends Model<InferAttributes<BearingRow>, InferCreationAttributes<BearingRow>> {
  declare id: CreationOptional<number>
  declare job_id: number
  declare ordinal: number
  declare name: CreationOptional<string>
  declare slot: CreationOptional<string>
  declare format: CreationOptional<number>
  declare evidence: string
  declare decision: string | null
  declare comparison: string | null
  declare inspection: string | null
  declare designation: string | null
  declare part_key: string | null
  declare created_at: CreationOptional<Date>
  declare updated_at: CreationOptional<Date>
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
  declare words: string
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

export class FittedPartRow extends Model<
  InferAttributes<FittedPartRow>,
  InferCreationAttributes<FittedPartRow>
> {
  declare id: CreationOptional<number>
  declare position_id: number
  declare job_id: number | null
  declare slot: string
  declare words: string
  declare designation: string
  declare part_key: string | null
  declare quantity: number
  declare fitted_on: string
  declare replaced_on: string | null
  declare created_at: CreationOptional<Date>
  declare updated_at: CreationOptional<Date>
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

export class RecheckRow extends Model<InferAttributes<RecheckRow>, InferCreationAttributes<RecheckRow>> {
  declare id: CreationOptional<number>
  declare job_id: number
  declare due_on: string
  declare what: string
  declare done_on: CreationOptional<string | null>
  declare outcome: CreationOptional<string | null>
  declare note: CreationOptional<string>
  declare who: CreationOptional<string>
  declare created_at: CreationOptional<Date>
  declare updated_at: CreationOptional<Date>
}

export class AccountRow extends Model<InferAttributes<AccountRow>, InferCreationAttributes<AccountRow>> {
  declare id: CreationOptional<number>
  declare name: string
  declare role: string
  declare password_hash: string
  declare version: CreationOptional<number>
  declare is_active: CreationOptional<boolean>
  declare failed: CreationOptional<number>
  declare locked_until: Date | null
  declare created_at: CreationOptional<Date>
  declare updated_at: CreationOptional<Date>
}

export class AuditRow extends Model<InferAttributes<AuditRow>, InferCreationAttributes<AuditRow>> {
  declare id: CreationOptional<number>
  declare account_id: number | null
  declare who: string
  declare what: string
  declare address: string
  declare about: CreationOptional<string | null>
  declare about_id: CreationOptional<number | null>
  declare created_at: CreationOptional<Date>
}

const key = () => ({ type: DataTypes.INTEGER.UNSIGNED, autoIncrement: true, primaryKey: true })
const text = (length: number) => ({ type: DataTypes.STRING(length), allowNull: false })
const long = () => ({ type: DataTypes.TEXT('medium'), allowNull: false })
const count = () => ({ type: DataTypes.INTEGER.UNSIGNED, allowNull: false, defaultValue: 0 })
const times = { created_at: DataTypes.DATE(3), updated_at: DataTypes.DATE(3) }
/** A row that is removed waits in the bin: the finders of Sequelize pass it over. */
const binColumns = () => ({
  deleted_at: DataTypes.DATE(3),
  deleted_by: { ...text(60), defaultValue: '' },
})
const stamped = { timestamps: true, createdAt: 'created_at', updatedAt: 'updated_at' } as const
const withBin = { ...stamped, paranoid: true, deletedAt: 'deleted_at' } as const

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
      side: { ...text(40), defaultValue: '' },
      arrangement: DataTypes.STRING(12),
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
      kit: DataTypes.TEXT('medium'),
      fitting: DataTypes.TEXT('medium'),
      version: { type: DataTypes.INTEGER.UNSIGNED, allowNull: false, defaultValue: 1 },
      part_of: DataTypes.INTEGER.UNSIGNED,
      comeback_of: DataTypes.INTEGER.UNSIGNED,
      free_of_charge: { type: DataTypes.BOOLEAN, allowNull: false, defaultValue: false },
      closed_at: DataTypes.DATE(3),
      ...times,
      ...binColumns(),
    },
    { sequelize, tableName: 'jobs', ...withBin },
  )
  FindingRow.init(
    {
      id: { ...key(), type: DataTypes.BIGINT.UNSIGNED },
      job_id: DataTypes.INTEGER.UNSIGNED,
      bearing_id: DataTypes.INTEGER.UNSIGNED,
      ordinal: count(),
      part: text(40),
      damage: text(40),
      severity: text(20),
      ...times,
    },
    { sequelize, tableName: 'findings', ...stamped },
  )
  SeatReadingRow.init(
    {
      id: { ...key(), type: DataTypes.BIGINT.UNSIGNED },
      job_id: DataTypes.INTEGER.UNSIGNED,
      seat: text(60),
      ordinal: count(),
      at_clock: text(20),
      depth: text(40),
      value_mm: DataTypes.DOUBLE,
      ...times,
    },
    { sequelize, tableName: 'seat_readings', ...stamped },
  )
  PhotoRow.init(
    {
      id: key(),
      job_id: DataTypes.INTEGER.UNSIGNED,
      about: text(40),
      name: text(120),
      width: DataTypes.SMALLINT.UNSIGNED,
      height: DataTypes.SMALLINT.UNSIGNED,
      picture: DataTypes.BLOB('medium'),
      ...times,
      ...binColumns(),
    },
    { sequelize, tableName: 'photos', ...withBin },
  )
  JobEventRow.init(
    {
      id: { ...key(), type: DataTypes.BIGINT.UNSIGNED },
      job_id: DataTypes.INTEGER.UNSIGNED,
      kind: text(20),
      summary: text(300),
      content: long(),
      who: { ...text(60), defaultValue: '' },
      job_version: DataTypes.INTEGER.UNSIGNED,
      undo: DataTypes.TEXT('medium'),
      undone_at: DataTypes.DATE(3),
      ...times,
    },
    { sequelize, tableName: 'job_events', ...stamped },
  )
  BearingRow.init(
    {
      id: key(),
      job_id: DataTypes.INTEGER.UNSIGNED,
      ordinal: count(),
      name: { ...text(60), defaultValue: '' },
      slot: { ...text(40), defaultValue: '' },
      format: { ...count(), defaultValue: 1 },
      evidence: long(),
      decision: DataTypes.TEXT('medium'),
      comparison: DataTypes.TEXT('medium'),
      inspection: DataTypes.TEXT('medium'),
      designation: DataTypes.STRING(80),
      part_key: DataTypes.STRING(190),
      ...times,
    },
    { sequelize, tableName: 'bearings', ...stamped },
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
      words: text(80),
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
  FittedPartRow.init(
    {
      id: { ...key(), type: DataTypes.BIGINT.UNSIGNED },
      position_id: DataTypes.INTEGER.UNSIGNED,
      job_id: DataTypes.INTEGER.UNSIGNED,
      slot: text(60),
      words: text(80),
      designation: text(120),
      part_key: DataTypes.STRING(190),
      quantity: count(),
      fitted_on: DataTypes.DATEONLY,
      replaced_on: DataTypes.DATEONLY,
      ...times,
    },
    { sequelize, tableName: 'fitted_parts', ...stamped },
  )
  PartNameRow.init(
    { id: key(), name_key: text(80), name: text(80), designation: text(80), ...times, ...binColumns() },
    { sequelize, tableName: 'part_names', ...withBin },
  )
  RecheckRow.init(
    {
      id: key(),
      job_id: DataTypes.INTEGER.UNSIGNED,
      due_on: DataTypes.DATEONLY,
      what: text(200),
      done_on: DataTypes.DATEONLY,
      outcome: DataTypes.STRING(20),
      note: { ...text(300), defaultValue: '' },
      who: { ...text(60), defaultValue: '' },
      ...times,
    },
    { sequelize, tableName: 'rechecks', ...stamped },
  )
  AccountRow.init(
    {
      id: key(),
      name: text(60),
      role: text(10),
      password_hash: text(200),
      version: { ...count(), defaultValue: 1 },
      is_active: { type: DataTypes.BOOLEAN, allowNull: false, defaultValue: true },
      failed: count(),
      locked_until: DataTypes.DATE(3),
      ...times,
    },
    { sequelize, tableName: 'accounts', ...stamped },
  )
  AuditRow.init(
    {
      id: { ...key(), type: DataTypes.BIGINT.UNSIGNED },
      account_id: DataTypes.INTEGER.UNSIGNED,
      who: text(60),
      what: text(200),
      address: text(45),
      about: DataTypes.STRING(10),
      about_id: DataTypes.INTEGER.UNSIGNED,
      created_at: times.created_at,
    },
    { sequelize, tableName: 'audit', timestamps: true, createdAt: 'created_at', updatedAt: false },
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
  StockItemRow.init(
    {
      id: key(),
      meaning: text(190),
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
      once: DataTypes.STRING(80),
      created_at: times.created_at,
    },
    { sequelize, tableName: 'stock_moves', timestamps: true, createdAt: 'created_at', updatedAt: false },
  )
  OrderRow.init(
    {
      id: key(),
      supplier: text(40),
      supplier_name: text(80),
      once: text(80),
      state: text(12),
      remote: DataTypes.STRING(60),
      goods: DataTypes.DECIMAL(12, 2),
      freight: DataTypes.DECIMAL(12, 2),
      days: count(),
      trouble: text(300),
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
  ArrangementRow.init(
    { code: { type: DataTypes.STRING(12), primaryKey: true }, content: long(), ...times, ...binColumns() },
    { sequelize, tableName: 'arrangements', ...withBin },
  )
  return {
    BearingRow,
    FindingRow,
    SeatReadingRow,
    KitRow,
    KitLineRow,
    ReservationRow,
    FittedPartRow,
    PartNameRow,
    RecheckRow,
    AccountRow,
    AuditRow,
    StockItemRow,
    StockMoveRow,
    OrderRow,
    OrderLineRow,
    ArrangementRow,
    PartRow,
    FactRow,
    MachineRow,
    PositionRow,
    JobRow,
    JobEventRow,
    PhotoRow,
    ListRow,
    ListItemRow,
  } satisfies Record<string, ModelStatic<Model>>
}

let defined: ReturnType<typeof define> | undefined

/** The models on this process's connection. */
export const models = (): ReturnType<typeof define> => (defined ??= define(database()))
