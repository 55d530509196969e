import { DataTypes, type QueryInterface } from 'sequelize'

const COLUMNS = ['comparison', 'inspection', 'fitting'] as const
/** Longest picture that is kept, bytes: the service makes them smaller. */
const PICTURE = DataTypes.BLOB('medium')

export async function up(query: QueryInterface): Promise<void> {
  for (const name of COLUMNS) await query.addColumn('jobs', name, { type: DataTypes.TEXT('medium') })
  await query.createTable('photos', {
    id: { type: DataTypes.INTEGER.UNSIGNED, autoIncrement: true, primaryKey: true },
    job_id: {
      type: DataTypes.INTEGER.UNSIGNED,
      allowNull: false,
      references: { model: 'jobs', key: 'id' },
      onDelete: 'CASCADE',
    },
    about: { type: DataTypes.STRING(40), allowNull: false },
    name: { type: DataTypes.STRING(120), allowNull: false },
    width: { type: DataTypes.SMALLINT.UNSIGNED, allowNull: false },
    height: { type: DataTypes.SMALLINT.UNSIGNED, allowNull: false },
    picture: { type: PICTURE, allowNull: false },
    created_at: { type: DataTypes.DATE(3), allowNull: false },
    updated_at: { type: DataTypes.DATE(3), allowNull: false },
  })
}

export async function down(query: QueryInterface): Promise<void> {
  await query.dropTable('photos')
  for (const name of COLUMNS) await query.removeColumn('jobs', name)
}
