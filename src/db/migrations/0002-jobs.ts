import { DataTypes, type QueryInterface } from 'sequelize'

const id = { type: DataTypes.INTEGER.UNSIGNED, autoIncrement: true, primaryKey: true }
const times = {
  created_at: { type: DataTypes.DATE(3), allowNull: false },
  updated_at: { type: DataTypes.DATE(3), allowNull: false },
}
const reference = (table: string, onDelete: string) => ({
  type: DataTypes.INTEGER.UNSIGNED,
  references: { model: table, key: 'id' },
  onDelete,
})

/** Jobs are numbered from here, as on a pad of job cards. */
const FIRST_JOB = 201

export async function up(query: QueryInterface): Promise<void> {
  await query.createTable('machines', {
    id,
    name: { type: DataTypes.STRING(120), allowNull: false, unique: true },
    place: { type: DataTypes.STRING(120), allowNull: false, defaultValue: '' },
    note: { type: DataTypes.TEXT, allowNull: false },
    ...times,
  })
  await query.createTable('positions', {
    id,
    machine_id: { ...reference('machines', 'CASCADE'), allowNull: false },
    name: { type: DataTypes.STRING(120), allowNull: false },
    arrangement: { type: DataTypes.STRING(4) },
    fitted: { type: DataTypes.STRING(200), allowNull: false, defaultValue: '' },
    quantity: { type: DataTypes.SMALLINT.UNSIGNED, allowNull: false, defaultValue: 1 },
    ...times,
  })
  await query.addIndex('positions', ['machine_id', 'name'], { unique: true, name: 'positions_name' })
  await query.createTable('jobs', {
    id,
    title: { type: DataTypes.STRING(160), allowNull: false },
    machine_id: reference('machines', 'SET NULL'),
    position_id: reference('positions', 'SET NULL'),
    stage: { type: DataTypes.STRING(20), allowNull: false, defaultValue: 'takeIn' },
    intake: { type: DataTypes.TEXT, allowNull: false },
    evidence: { type: DataTypes.TEXT('medium'), allowNull: false },
    decision: { type: DataTypes.TEXT('medium') },
    kit: { type: DataTypes.TEXT('medium') },
    version: { type: DataTypes.INTEGER.UNSIGNED, allowNull: false, defaultValue: 1 },
    closed_at: { type: DataTypes.DATE(3) },
    ...times,
  })
  await query.addIndex('jobs', ['updated_at'], { name: 'jobs_latest' })
  await query.sequelize.query(`alter table jobs auto_increment = ${FIRST_JOB}`)
  await query.createTable('job_events', {
    id: { type: DataTypes.BIGINT.UNSIGNED, autoIncrement: true, primaryKey: true },
    job_id: { ...reference('jobs', 'CASCADE'), allowNull: false },
    kind: { type: DataTypes.STRING(20), allowNull: false },
    summary: { type: DataTypes.STRING(300), allowNull: false },
    content: { type: DataTypes.TEXT('medium'), allowNull: false },
    ...times,
  })
  await query.addIndex('job_events', ['job_id', 'created_at'], { name: 'job_events_order' })
}

export async function down(query: QueryInterface): Promise<void> {
  for (const table of ['job_events', 'jobs', 'positions', 'machines']) await query.dropTable(table)
}
