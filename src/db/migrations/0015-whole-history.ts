import type { QueryInterface } from 'sequelize'

/** What a decision named, told from its text; computed by the database, never written. */
const DECIDED = {
  bearings: {
    decided_probability: "DOUBLE AS (json_value(decision, '$.probability')) VIRTUAL",
    decided_base: "VARCHAR(120) AS (left(json_value(decision, '$.base'), 120)) VIRTUAL",
  },
  job_events: {
    decided_probability:
      "DOUBLE AS (if(kind = 'decision', json_value(content, '$.probability'), NULL)) VIRTUAL",
    decided_base:
      "VARCHAR(120) AS (if(kind = 'decision', left(json_value(content, '$.base'), 120), NULL)) VIRTUAL",
    decided_bearing: "BIGINT AS (if(kind = 'decision', json_value(content, '$.bearingId'), NULL)) VIRTUAL",
  },
} as const

/** What the bench and the logbook count over a whole history is read from indexes alone. */
export async function up(query: QueryInterface): Promise<void> {
  const run = (sql: string) => query.sequelize.query(sql)
  await query.addIndex('jobs', ['created_at', 'deleted_at', 'closed_at', 'machine_id', 'comeback_of'], {
    name: 'jobs_counted',
  })
  await query.removeIndex('jobs', 'jobs_created')
  await query.addIndex('findings', ['job_id', 'damage'], { name: 'findings_counted' })
  await query.removeIndex('findings', 'findings_job')
  for (const [table, columns] of Object.entries(DECIDED))
    for (const [column, type] of Object.entries(columns))
      await run(`ALTER TABLE ${table} ADD COLUMN IF NOT EXISTS ${column} ${type}`)
  await query.addIndex('bearings', ['job_id', 'decided_probability', 'decided_base'], {
    name: 'bearings_decided',
  })
  await query.addIndex(
    'job_events',
    ['kind', 'job_id', 'undone_at', 'decided_bearing', 'decided_base', 'decided_probability'],
    { name: 'job_events_decided' },
  )
}

export async function down(query: QueryInterface): Promise<void> {
  await query.removeIndex('job_events', 'job_events_decided')
  await query.removeIndex('bearings', 'bearings_decided')
  for (const [table, columns] of Object.entries(DECIDED))
    for (const column of Object.keys(columns))
      await query.sequelize.query(`ALTER TABLE ${table} DROP COLUMN IF EXISTS ${column}`)
  await query.addIndex('findings', ['job_id'], { name: 'findings_job' })
  await query.removeIndex('findings', 'findings_counted')
  await query.addIndex('jobs', ['created_at'], { name: 'jobs_created' })
  await query.removeIndex('jobs', 'jobs_counted')
}
