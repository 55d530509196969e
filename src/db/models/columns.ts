import { DataTypes } from 'sequelize'

export const key = () => ({ type: DataTypes.INTEGER.UNSIGNED, autoIncrement: true, primaryKey: true })
export const text = (length: number) => ({ type: DataTypes.STRING(length), allowNull: false })
export const long = () => ({ type: DataTypes.TEXT('medium'), allowNull: false })
export const count = () => ({ type: DataTypes.INTEGER.UNSIGNED, allowNull: false, defaultValue: 0 })
export const times = { created_at: DataTypes.DATE(3), updated_at: DataTypes.DATE(3) }
/** A row that is removed waits in the bin: the finders of Sequelize pass it over. */
export const binColumns = () => ({
  deleted_at: DataTypes.DATE(3),
  deleted_by: { ...text(60), defaultValue: '' },
})
export const stamped = { timestamps: true, createdAt: 'created_at', updatedAt: 'updated_at' } as const
export const withBin = { ...stamped, paranoid: true, deletedAt: 'deleted_at' } as const
