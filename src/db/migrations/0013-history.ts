import { DataTypes, type QueryInterface } from 'sequelize'

/** Entries of the audit trail tell what they are about: a machine or a stock item. */
export async function up(query: QueryInterface): Promise<void> {
  await query.addColumn('audit', 'about', { type: DataTypes.STRING(10) })
  await query.addColumn('audit', 'about_id', { type: DataTypes.INTEGER.UNSIGNED })
  await query.addIndex('audit', ['about', 'about_id', 'id'], { name: 'audit_about' })
}

export async function down(query: QueryInterface): Promise<void> {
  await query.removeIndex('audit', 'audit_about')
  await query.removeColumn('audit', 'about_id')
  await query.removeColumn('audit', 'about')
}
