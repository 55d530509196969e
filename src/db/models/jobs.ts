import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize'
import { key, text, long, count, times, binColumns, stamped, withBin } from './columns'

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
  declare marks: CreationOptional<string | null>
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

/** Jobs with all that was seen, decided and done. */
export function defineJobs(sequelize: Sequelize) {
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
      marks: DataTypes.TEXT,
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
  return { JobRow, BearingRow, FindingRow, SeatReadingRow, PhotoRow, JobEventRow, RecheckRow }
}
