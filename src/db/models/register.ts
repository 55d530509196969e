import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize'
import { key, text, long, count, times, stamped } from './columns'

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

export class FittedPartRow extends Model<
  InferAttributes<FittedPartRow>,
  InferCreationAttributes<FittedPartRow>
> {
  declare id: CreationOptional<number>
  declare position_id: number
  declare job_id: number | null
  declare slot: string
  declare label: string
  declare designation: string
  declare part_key: string | null
  declare quantity: number
  declare fitted_on: string
  declare replaced_on: string | null
  declare created_at: CreationOptional<Date>
  declare updated_at: CreationOptional<Date>
}

/** Machines, their positions and what was fitted there. */
export function defineRegister(sequelize: Sequelize) {
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
  FittedPartRow.init(
    {
      id: { ...key(), type: DataTypes.BIGINT.UNSIGNED },
      position_id: DataTypes.INTEGER.UNSIGNED,
      job_id: DataTypes.INTEGER.UNSIGNED,
      slot: text(60),
      label: text(80),
      designation: text(120),
      part_key: DataTypes.STRING(190),
      quantity: count(),
      fitted_on: DataTypes.DATEONLY,
      replaced_on: DataTypes.DATEONLY,
      ...times,
    },
    { sequelize, tableName: 'fitted_parts', ...stamped },
  )
  return { MachineRow, PositionRow, FittedPartRow }
}
