import { DataTypes, type QueryInterface } from 'sequelize'

/** How often what the shop adds to the catalogue changed: each web process sees by it whether what it holds is old. */
export async function up(query: QueryInterface): Promise<void> {
  await query.createTable('knowledge_versions', {
    name: { type: DataTypes.STRING(20), primaryKey: true },
    version: { type: DataTypes.INTEGER.UNSIGNED, allowNull: false },
  })
  await query.sequelize.query(
    "INSERT IGNORE INTO knowledge_versions (name, version) VALUES ('parts', 0), ('experience', 0)",
  )
}

export async function down(query: QueryInterface): Promise<void> {
  await query.dropTable('knowledge_versions')
}
