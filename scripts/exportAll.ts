/** Everything the shop keeps in open formats: see ./export. The shipped catalogue lies in data/ and is left out, as are secrets. */
import { existsSync, mkdirSync, readdirSync, statSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { QueryTypes } from 'sequelize'
import { database, getSetting } from '@/db'
import { writeCsv } from '@/services/csv/writeCsv'
import { runCommand } from './runCommand'

/** Tables that are not the shop's record: what ships, what the program keeps for itself, and passwords. */
const LEFT_OUT = new Set(['parts', 'app_settings', 'migrations', 'request_keys', 'accounts'])
/** Rows read at once. */
const PAGE = 1000

interface Column {
  name: string
  type: string
  nullable: boolean
}
type Row = Record<string, unknown>

const select = <T extends object>(sql: string, replacements: unknown[] = []): Promise<T[]> =>
  database().query<T>(sql, { replacements, type: QueryTypes.SELECT })

/** Columns that hold something of their own: what the database works out from them is not exported beside them. */
const columnsOf = async (table: string): Promise<Column[]> =>
  (
    await select<{ name: string; type: string; nullable: string }>(
      `select column_name name, data_type type, is_nullable nullable from information_schema.columns
       where table_schema = database() and table_name = ? and is_generated = 'NEVER' order by ordinal_position`,
      [table],
    )
  ).map((column) => ({ ...column, nullable: column.nullable === 'YES' }))

const NUMBERS = /int$|^double$|^decimal$/

/** JSON Schema of a row (draft 2020-12). */
const schemaOf = (columns: readonly Column[]) => ({
  type: 'object',
  required: columns.map(({ name }) => name),
  properties: Object.fromEntries(
    columns.map(({ name, type, nullable }) => {
      const kind = NUMBERS.test(type) ? 'number' : 'string'
      return [name, { type: nullable ? [kind, 'null'] : kind }]
    }),
  ),
})

/** A value as JSON has it: figures as numbers, times as RFC 3339, pictures as the name of their file. */
function plain(row: Row, columns: readonly Column[], table: string, folder: string): Row {
  return Object.fromEntries(
    columns.map(({ name, type }) => {
      const value = row[name]
      if (value === null || value === undefined) return [name, null]
      if (Buffer.isBuffer(value)) {
        const file = `${table}-${String(row['id'])}.png`
        writeFileSync(join(folder, file), value)
        return [name, file]
      }
      if (value instanceof Date) return [name, value.toISOString()]
      return [name, NUMBERS.test(type) ? Number(value) : String(value)]
    }),
  )
}

/** A value as CSV has it; nothing is an empty cell. */
const cell = (value: unknown): string | number =>
  typeof value === 'number' ? value : value === null || value === undefined ? '' : String(value)

async function rowsOf(table: string, columns: readonly Column[], folder: string): Promise<Row[]> {
  const key = columns.some(({ name }) => name === 'id') ? 'id' : (columns[0]?.name ?? '')
  const rows: Row[] = []
  for (let from = 0; ; from += PAGE) {
    const page = await select<Row>(
      `select * from \`${table}\` order by \`${key}\` limit ${PAGE} offset ${from}`,
    )
    rows.push(...page.map((row) => plain(row, columns, table, folder)))
    if (page.length < PAGE) return rows
  }
}

const isFree = (folder: string): boolean =>
  !existsSync(folder) || (statSync(folder).isDirectory() && readdirSync(folder).length === 0)

async function exportInto(folder?: string, ...more: string[]): Promise<void> {
  if (!folder || folder.startsWith('-') || more.length > 0 || !isFree(folder))
    throw new Error('use ./export FOLDER, which is not there yet or empty.')
  mkdirSync(folder, { recursive: true })
  const tables = (
    await select<{ name: string }>(
      "select table_name name from information_schema.tables where table_schema = database() and table_type = 'BASE TABLE' order by 1",
    )
  )
    .map(({ name }) => name)
    .filter((name) => !LEFT_OUT.has(name))
  const schemas: Record<string, object> = {}
  for (const table of tables) {
    const columns = await columnsOf(table)
    const rows = await rowsOf(table, columns, folder)
    const fields = columns.map(({ name }) => name)
    writeFileSync(join(folder, `${table}.json`), `${JSON.stringify(rows, null, 1)}\n`)
    writeFileSync(
      join(folder, `${table}.csv`),
      writeCsv(
        fields,
        rows.map((row) => Object.fromEntries(fields.map((f) => [f, cell(row[f])]))),
      ),
    )
    schemas[table] = { type: 'array', items: schemaOf(columns) }
    console.log(`${table}: ${rows.length}`)
  }
  writeFileSync(
    join(folder, 'schema.json'),
    `${JSON.stringify({ $schema: 'https://json-schema.org/draft/2020-12/schema', properties: schemas }, null, 1)}\n`,
  )
  for (const fact of ['settings', 'toolbox'] as const)
    writeFileSync(
      join(folder, `${fact}.json`),
      `${JSON.stringify((await getSetting(fact)) ?? {}, null, 1)}\n`,
    )
  await database().close()
}

await runCommand(() => exportInto(...process.argv.slice(2)))
