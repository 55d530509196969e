import type { QueryInterface } from 'sequelize'

const COUNTED = ['created_at', 'deleted_at', 'closed_at', 'machine_id', 'comeback_of']

/** Whether a job of a month was changed is read from the index that the logbook counts by. */
export async function up(query: QueryInterface): Promise<void> {
  await query.addIndex('jobs', [...COUNTED, 'version', 'updated_at'], { name: 'jobs_by_month' })
  await query.removeIndex('jobs', 'jobs_counted')
}

export async function down(query: QueryInterface): Promise<void> {
  await query.addIndex('jobs', COUNTED, { name: 'jobs_counted' })
  await query.removeIndex('jobs', 'jobs_by_month')
}
