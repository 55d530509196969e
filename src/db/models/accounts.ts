import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize'
import { key, text, count, times, stamped } from './columns'

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

/** Who may sign in, and who did what. */
export function defineAccounts(sequelize: Sequelize) {
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
  return { AccountRow, AuditRow }
}
