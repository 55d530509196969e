import { DataTypes, type QueryInterface } from 'sequelize'

/** What is pointed at on a photograph. */
export async function up(query: QueryInterface): Promise<void> {
  await query.addColumn('photos', 'marks', { type: DataTypes.TEXT })
}

export async function down(query: QueryInterface): Promise<void> {
  await query.removeColumn('photos', 'marks')
}
