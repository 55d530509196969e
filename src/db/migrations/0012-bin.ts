import { DataTypes, Op, type QueryInterface } from 'sequelize'

/** Tables whose rows go to the bin before they are gone. */
const BINNED = ['jobs', 'photos', 'lists', 'arrangements', 'part_names'] as const

/**
 * What is removed waits in the bin; a change of a job says how it is undone. No index on `deleted_at`: nearly every row has none, and a
 * list would be sorted by it in vain.
 */
export async function up(query: QueryInterface): Promise<void> {
  for (const table of BINNED) {
    await query.addColumn(table, 'deleted_at', { type: DataTypes.DATE(3) })
    await query.addColumn(table, 'deleted_by', {
      type: DataTypes.STRING(60),
      allowNull: false,
      defaultValue: '',
    })
  }
  await query.addColumn('job_events', 'job_version', { type: DataTypes.INTEGER.UNSIGNED })
  await query.addColumn('job_events', 'undo', { type: DataTypes.TEXT('medium') })
  await query.addColumn('job_events', 'undone_at', { type: DataTypes.DATE(3) })
}

export async function down(query: QueryInterface): Promise<void> {
  for (const column of ['undone_at', 'undo', 'job_version']) await query.removeColumn('job_events', column)
  // Before this there was no bin: what lies in it was gone.
  for (const table of BINNED) {
    // A way back that was killed may have taken the column away already.
    if ('deleted_at' in (await query.describeTable(table)))
      await query.bulkDelete(table, { deleted_at: { [Op.ne]: null } })
    await query.removeColumn(table, 'deleted_by')
    await query.removeColumn(table, 'deleted_at')
  }
}
