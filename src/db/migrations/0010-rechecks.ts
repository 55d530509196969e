import { DataTypes, type QueryInterface } from 'sequelize'

/** Days on which what was fitted is looked at again, with what was found then. */
export async function up(query: QueryInterface): Promise<void> {
  await query.createTable('rechecks', {
    id: { type: DataTypes.INTEGER.UNSIGNED, autoIncrement: true, primaryKey: true },
    job_id: {
      type: DataTypes.INTEGER.UNSIGNED,
      allowNull: false,
      references: { model: 'jobs', key: 'id' },
      onDelete: 'CASCADE',
    },
    due_on: { type: DataTypes.DATEONLY, allowNull: false },
    what: { type: DataTypes.STRING(200), allowNull: false },
    done_on: { type: DataTypes.DATEONLY },
    outcome: { type: DataTypes.STRING(20) },
    note: { type: DataTypes.STRING(300), allowNull: false, defaultValue: '' },
    who: { type: DataTypes.STRING(60), allowNull: false, defaultValue: '' },
    created_at: { type: DataTypes.DATE(3), allowNull: false },
    updated_at: { type: DataTypes.DATE(3), allowNull: false },
  })
  await query.addIndex('rechecks', ['done_on', 'due_on'], { name: 'rechecks_due' })
  await query.addIndex('jobs', ['created_at'], { name: 'jobs_created' })
  await query.addIndex('jobs', ['closed_at', 'updated_at'], { name: 'jobs_open' })
  await query.addIndex('fitted_parts', ['designation', 'fitted_on', 'replaced_on', 'quantity'], {
    name: 'fitted_parts_lives',
  })
}

export async function down(query: QueryInterface): Promise<void> {
  await query.removeIndex('fitted_parts', 'fitted_parts_lives')
  await query.removeIndex('jobs', 'jobs_open')
  await query.removeIndex('jobs', 'jobs_created')
  await query.dropTable('rechecks')
}
