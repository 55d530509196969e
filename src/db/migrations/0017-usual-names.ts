import { QueryTypes, type QueryInterface } from 'sequelize'
import { withNamesOfToday } from '@/core/olderNames'

/** Columns that hold JSON with labels in it, and the key of their rows. */
const STORED = [
  ['jobs', 'id', ['kit', 'fitting']],
  ['bearings', 'id', ['comparison']],
  ['kits', 'id', ['content']],
  ['arrangements', 'code', ['content']],
  ['app_settings', 'name', ['value']],
  ['lists', 'id', ['remarks']],
  ['photos', 'id', ['marks']],
  ['job_events', 'id', ['content', 'undo']],
] as const
/** Columns that have another name now. */
const COLUMNS = [
  ['kit_lines', 'words', 'label'],
  ['fitted_parts', 'words', 'label'],
  ['stock_items', 'meaning', 'part_key'],
  ['stock_moves', 'once', 'idempotency_key'],
  ['orders', 'once', 'idempotency_key'],
  ['orders', 'remote', 'supplier_order_no'],
  ['orders', 'goods', 'subtotal'],
  ['orders', 'days', 'lead_time_days'],
  ['orders', 'trouble', 'last_error'],
] as const
/** Rows read and written at a time. */
const ROWS = 500

/** Columns and what is stored in them are called what they are; `words` were labels, titles, messages and texts. A row that is no JSON stays. */
export async function up(query: QueryInterface): Promise<void> {
  await query.renameTable('facts', 'app_settings')
  for (const [table, before, now] of COLUMNS) await query.renameColumn(table, before, now)
  for (const [table, key, columns] of STORED)
    for (const column of columns) await renamed(query, table, key, column)
}

async function renamed(query: QueryInterface, table: string, key: string, column: string): Promise<void> {
  const { sequelize } = query
  let last: string | number | undefined
  for (;;) {
    const rows = await sequelize.query<{ at: string | number; text: string }>(
      `SELECT \`${key}\` AS at, \`${column}\` AS text FROM \`${table}\`
       WHERE \`${column}\` REGEXP '"(words|schools?|grease\\.school|turning|trouble)":' ${last === undefined ? '' : `AND \`${key}\` > :last`}
       ORDER BY \`${key}\` LIMIT ${ROWS}`,
      { replacements: { last }, type: QueryTypes.SELECT },
    )
    if (rows.length === 0) return
    await sequelize.transaction(async (transaction) => {
      for (const { at, text } of rows) {
        const now = namesOf(text)
        if (now !== text)
          await sequelize.query(`UPDATE \`${table}\` SET \`${column}\` = :now WHERE \`${key}\` = :at`, {
            replacements: { now, at },
            transaction,
          })
      }
    })
    last = rows.at(-1)?.at
  }
}

function namesOf(text: string): string {
  try {
    return JSON.stringify(withNamesOfToday(JSON.parse(text)))
  } catch {
    return text
  }
}

/** What is stored keeps the names of today. */
export async function down(query: QueryInterface): Promise<void> {
  for (const [table, before, now] of COLUMNS) await query.renameColumn(table, now, before)
  await query.renameTable('app_settings', 'facts')
}
