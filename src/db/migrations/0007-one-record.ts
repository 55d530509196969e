import { DataTypes, QueryTypes, type QueryInterface } from 'sequelize'

const times = {
  created_at: { type: DataTypes.DATE(3), allowNull: false },
  updated_at: { type: DataTypes.DATE(3), allowNull: false },
}
const key = { type: DataTypes.INTEGER.UNSIGNED, autoIncrement: true, primaryKey: true }
const bigKey = { ...key, type: DataTypes.BIGINT.UNSIGNED }
const count = { type: DataTypes.INTEGER.UNSIGNED, allowNull: false, defaultValue: 0 }
const flag = { type: DataTypes.BOOLEAN, allowNull: false, defaultValue: false }
const text = (length: number) => ({ type: DataTypes.STRING(length), allowNull: false, defaultValue: '' })
/** The key of a part is compared mark by mark. */
const partKey = { type: DataTypes.STRING(190, true) }
const json = { type: DataTypes.TEXT('medium') }
const of = (model: string, onDelete = 'CASCADE') => ({
  type: DataTypes.INTEGER.UNSIGNED,
  allowNull: onDelete !== 'CASCADE',
  references: { model, key: 'id' },
  onDelete,
})

/** What a job keeps of each of its bearings. */
const OF_A_BEARING = ['decision', 'comparison', 'inspection', 'evidence'] as const

async function bearings(query: QueryInterface): Promise<void> {
  await query.createTable('bearings', {
    id: key,
    job_id: of('jobs'),
    /** place among the bearings of its job, from 1 */
    ordinal: count,
    /** such as inner, outer, left */
    name: text(60),
    /** the place of the kit its decision fills; empty = the only one */
    slot: text(40),
    /** version of the JSON beside it */
    format: { ...count, defaultValue: 1 },
    evidence: { ...json, allowNull: false },
    decision: json,
    comparison: json,
    inspection: json,
    /** what was decided, for questions: the number and its key */
    designation: { type: DataTypes.STRING(80) },
    part_key: partKey,
    ...times,
  })
  await query.addIndex('bearings', ['job_id', 'ordinal'], { name: 'bearings_place', unique: true })
  await query.addIndex('bearings', ['part_key'], { name: 'bearings_part' })
  // Columns are gone only after every job was copied.
  const jobs = await query.describeTable('jobs')
  const whole = OF_A_BEARING.every((name) => jobs[name])
  if (whole)
    await query.sequelize.query(
      `insert into bearings (job_id, ordinal, name, slot, evidence, decision, comparison, inspection, designation, created_at, updated_at)
     select j.id, 1, '', '', j.evidence, j.decision, j.comparison, j.inspection,
       case when json_valid(j.decision) then json_value(j.decision, '$.designation') end, j.created_at, j.updated_at
     from jobs j where not exists (select 1 from bearings b where b.job_id = j.id)`,
    )
  for (const name of OF_A_BEARING) await query.removeColumn('jobs', name)
}

async function kits(query: QueryInterface): Promise<void> {
  await query.createTable('kits', {
    id: key,
    job_id: { ...of('jobs'), unique: true },
    arrangement: text(12),
    positions: count,
    complete: flag,
    /** version of the JSON beside it */
    format: { ...count, defaultValue: 1 },
    /** checks, absent places, tools, next step, and why it could not be worked out anew */
    content: { ...json, allowNull: false },
    ...times,
  })
  await query.createTable('kit_lines', {
    id: bigKey,
    kit_id: of('kits'),
    ordinal: count,
    slot: text(60),
    role: text(40),
    words: text(80),
    designation: text(120),
    part_key: partKey,
    /** the part as it was resolved, JSON */
    value: json,
    each_position: count,
    quantity: count,
    unit: text(4),
    single_use: flag,
    state: text(10),
    stays: flag,
    assumed: flag,
    reason: { type: DataTypes.TEXT, allowNull: false },
    note: { type: DataTypes.TEXT, allowNull: false },
    alternatives: { type: DataTypes.TEXT, allowNull: false },
    /** of one piece, as agreed */
    price: { type: DataTypes.DECIMAL(12, 4) },
  })
  await query.addIndex('kit_lines', ['kit_id', 'ordinal'], { name: 'kit_lines_order' })
  await query.addIndex('kit_lines', ['part_key'], { name: 'kit_lines_part' })
}

async function reservations(query: QueryInterface): Promise<void> {
  await query.createTable('reservations', {
    id: bigKey,
    job_id: of('jobs'),
    item_id: of('stock_items'),
    pieces: count,
    ...times,
  })
  await query.addIndex('reservations', ['job_id', 'item_id'], { name: 'reservations_once', unique: true })
  await query.addIndex('stock_moves', ['job_id'], { name: 'stock_moves_job' })
  // What the ledger says each job still holds.
  await query.sequelize.query(
    `insert ignore into reservations (job_id, item_id, pieces, created_at, updated_at)
     select m.job_id, m.item_id, sum(m.change_reserved), now(3), now(3) from stock_moves m
     join jobs j on j.id = m.job_id group by m.job_id, m.item_id having sum(m.change_reserved) > 0`,
  )
}

async function register(query: QueryInterface): Promise<void> {
  await query.addColumn('positions', 'side', text(40))
  await query.createTable('fitted_parts', {
    id: bigKey,
    position_id: of('positions'),
    job_id: of('jobs', 'SET NULL'),
    slot: text(60),
    words: text(80),
    designation: text(120),
    part_key: partKey,
    quantity: count,
    fitted_on: { type: DataTypes.DATEONLY, allowNull: false },
    /** null = still in the machine */
    replaced_on: { type: DataTypes.DATEONLY },
    ...times,
  })
  await query.addIndex('fitted_parts', ['position_id', 'replaced_on'], { name: 'fitted_parts_now' })
  await query.addIndex('fitted_parts', ['part_key'], { name: 'fitted_parts_part' })
  await query.createTable('part_names', {
    id: key,
    /** marks of the shop's own name without gaps, capitals */
    name_key: { type: DataTypes.STRING(80, true), allowNull: false, unique: true },
    name: text(80),
    designation: text(80),
    ...times,
  })
  await query.addIndex('job_events', ['job_id', 'id'], { name: 'job_events_latest' })
  await query.addColumn('job_events', 'who', text(60))
}

/** What places of own arrangements were called before roles said it: read once, here, and nowhere afterwards. */
const ROLE_OF_LABEL: readonly (readonly [RegExp, string])[] = [
  [/axle nut/i, 'axleNut'],
  [/clamp nut/i, 'clampNut'],
  [/clamp screw/i, 'clampScrew'],
  [/lock nut/i, 'jamNut'],
  [/wheel nut/i, 'wheelNuts'],
  [/mounting bolt/i, 'bolts'],
  [/set screw/i, 'setScrews'],
  [/retainer/i, 'retainer'],
  [/unit/i, 'boltOnUnit'],
  [/housing|knuckle/i, 'housing'],
  [/dust/i, 'dustCover'],
  [/cover|cap\b/i, 'cover'],
  [/shield/i, 'shield'],
  [/shim/i, 'shims'],
  [/washer/i, 'plainWasher'],
  [/^axle$/i, 'axle'],
]

interface WrittenSlot {
  role?: string
  words?: string
}

/** Own arrangements get the roles that their labels meant. */
async function rolesOfOwnArrangements(query: QueryInterface): Promise<void> {
  const rows = await query.sequelize.query<{ code: string; content: string }>(
    'select code, content from arrangements',
    { type: QueryTypes.SELECT },
  )
  for (const { code, content } of rows) {
    let file: { slots?: WrittenSlot[] }
    try {
      file = JSON.parse(content) as typeof file
    } catch {
      continue
    }
    const slots = (file.slots ?? []).map((slot) =>
      slot.role === 'plain'
        ? { ...slot, role: ROLE_OF_LABEL.find(([label]) => label.test(slot.words ?? ''))?.[1] ?? 'plain' }
        : slot,
    )
    await query.sequelize.query('update arrangements set content = ? where code = ?', {
      replacements: [JSON.stringify({ ...file, slots }), code],
    })
  }
}

/** Why a place stayed empty was never asked: kits from before keep standing as they stood. */
async function reasonsOfKits(query: QueryInterface): Promise<void> {
  const rows = await query.sequelize.query<{ id: number; kit: string }>(
    'select id, kit from jobs where kit is not null',
    { type: QueryTypes.SELECT },
  )
  for (const { id, kit } of rows) {
    let draft: { parts?: Record<string, string>; reasons?: Record<string, string> }
    try {
      draft = JSON.parse(kit) as typeof draft
    } catch {
      continue
    }
    const none = Object.entries(draft.parts ?? {}).filter(([, part]) => part === 'none')
    if (none.length === 0 || draft.reasons) continue
    const reasons = Object.fromEntries(none.map(([slot]) => [slot, 'none on this machine']))
    await query.sequelize.query('update jobs set kit = ? where id = ?', {
      replacements: [JSON.stringify({ ...draft, reasons }), id],
    })
  }
}

/** A job with all its bearings, its kit as it was agreed, what it holds of the stock, and the register of what is fitted. */
export async function up(query: QueryInterface): Promise<void> {
  await bearings(query)
  await kits(query)
  await reservations(query)
  await register(query)
  await rolesOfOwnArrangements(query)
  await reasonsOfKits(query)
}

export async function down(query: QueryInterface): Promise<void> {
  await query.addColumn('jobs', 'evidence', { ...json, allowNull: false, defaultValue: '{}' })
  for (const name of ['decision', 'comparison', 'inspection']) await query.addColumn('jobs', name, json)
  await query.sequelize.query(
    `update jobs j join bearings b on b.job_id = j.id and b.ordinal = 1
     set j.evidence = b.evidence, j.decision = b.decision, j.comparison = b.comparison, j.inspection = b.inspection`,
  )
  await query.removeColumn('job_events', 'who')
  await query.removeColumn('positions', 'side')
  await query.removeIndex('stock_moves', 'stock_moves_job')
  await query.removeIndex('job_events', 'job_events_latest')
  for (const table of ['part_names', 'fitted_parts', 'reservations', 'kit_lines', 'kits', 'bearings'])
    await query.dropTable(table)
}
