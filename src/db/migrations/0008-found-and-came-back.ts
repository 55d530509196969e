import { DataTypes, type QueryInterface } from 'sequelize'

const times = {
  created_at: { type: DataTypes.DATE(3), allowNull: false },
  updated_at: { type: DataTypes.DATE(3), allowNull: false },
}
const bigKey = { type: DataTypes.BIGINT.UNSIGNED, autoIncrement: true, primaryKey: true }
const count = { type: DataTypes.INTEGER.UNSIGNED, allowNull: false, defaultValue: 0 }
const text = (length: number) => ({ type: DataTypes.STRING(length), allowNull: false, defaultValue: '' })
const of = (model: string) => ({
  type: DataTypes.INTEGER.UNSIGNED,
  allowNull: false,
  references: { model, key: 'id' },
  onDelete: 'CASCADE',
})

/** Findings and seat readings as rows that can be asked for, jobs that came back, positions of one job. */
export async function up(query: QueryInterface): Promise<void> {
  await query.createTable('findings', {
    id: bigKey,
    job_id: of('jobs'),
    bearing_id: of('bearings'),
    ordinal: count,
    part: text(40),
    damage: text(40),
    severity: text(20),
    ...times,
  })
  await query.addIndex('findings', ['job_id'], { name: 'findings_job' })
  await query.addIndex('findings', ['damage', 'part'], { name: 'findings_damage' })
  await query.createTable('seat_readings', {
    id: bigKey,
    job_id: of('jobs'),
    /** place of the kit and ring, as the fit screen names a seat */
    seat: text(60),
    ordinal: count,
    at_clock: text(20),
    depth: text(40),
    /** mm; null = what was typed is no length */
    value_mm: { type: DataTypes.DOUBLE },
    ...times,
  })
  await query.addIndex('seat_readings', ['job_id', 'seat'], { name: 'seat_readings_seat' })
  await query.addColumn('jobs', 'comeback_of', { type: DataTypes.INTEGER.UNSIGNED })
  await query.addColumn('jobs', 'free_of_charge', {
    type: DataTypes.BOOLEAN,
    allowNull: false,
    defaultValue: false,
  })
  await query.addIndex('jobs', ['comeback_of'], { name: 'jobs_comeback' })
  // Further positions of one job: the first one stands alone, the others name it.
  await query.addColumn('jobs', 'part_of', { type: DataTypes.INTEGER.UNSIGNED })
  await query.addIndex('jobs', ['part_of'], { name: 'jobs_part' })
  await query.addIndex('jobs', ['position_id'], { name: 'jobs_position' })
  // Inspections from before; one that cannot be read has no findings.
  await query.sequelize.query(
    `insert into findings (job_id, bearing_id, ordinal, part, damage, severity, created_at, updated_at)
     select b.job_id, b.id, s.ordinal, s.part, s.damage, s.severity, b.created_at, b.updated_at
     from bearings b, json_table(if(json_valid(b.inspection), b.inspection, '{}'), '$.seen[*]' columns (
       ordinal for ordinality,
       part varchar(40) path '$.part' default '' on empty default '' on error,
       damage varchar(40) path '$.damage' default '' on empty default '' on error,
       severity varchar(20) path '$.severity' default '' on empty default '' on error)) s
     where not exists (select 1 from findings f where f.bearing_id = b.id)`,
  )
}

export async function down(query: QueryInterface): Promise<void> {
  await query.removeIndex('jobs', 'jobs_comeback')
  await query.removeIndex('jobs', 'jobs_position')
  await query.removeIndex('jobs', 'jobs_part')
  await query.removeColumn('jobs', 'part_of')
  await query.removeColumn('jobs', 'comeback_of')
  await query.removeColumn('jobs', 'free_of_charge')
  for (const table of ['seat_readings', 'findings']) await query.dropTable(table)
}
