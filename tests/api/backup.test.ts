import { spawnSync } from 'node:child_process'
import { appendFileSync, existsSync, mkdtempSync, readFileSync, rmSync, truncateSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import Papa from 'papaparse'
import { Ajv2020 } from 'ajv/dist/2020.js'
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest'

vi.setConfig({ testTimeout: 120_000, hookTimeout: 120_000 })

const server = new URL(process.env['DATABASE_URL'] ?? 'mariadb://none')
const FROM = 'amber_copied'
const TO = 'amber_put_back'
const folder = mkdtempSync(join(tmpdir(), 'copies-'))
const file = join(folder, 'shop.sql.gz')

const client = (program: 'mariadb' | 'mariadb-dump', args: string[], input = ''): string => {
  const done = spawnSync(
    program,
    ['--no-defaults', `-h${server.hostname}`, `-P${server.port}`, `-u${server.username}`, ...args],
    { input, encoding: 'utf8', env: { ...process.env, MYSQL_PWD: server.password }, maxBuffer: 1 << 28 },
  )
  if (done.status !== 0) throw new Error(done.stderr)
  return done.stdout
}
/** All rows and tables, without the date of the dump. */
const everything = (name: string): string =>
  client('mariadb-dump', ['--skip-comments', '--skip-dump-date', '--hex-blob', '--order-by-primary', name])

function run(script: string, name: string, args: string[]) {
  const address = new URL(server)
  address.pathname = `/${name}`
  return spawnSync('scripts/run', [script, ...args], {
    env: { ...process.env, DATABASE_URL: String(address), AMBER_DEMO: '0' },
    encoding: 'utf8',
  })
}

beforeAll(() => {
  for (const name of [FROM, TO])
    client('mariadb', [
      '-e',
      `drop database if exists ${name}; create database ${name} character set utf8mb4 collate utf8mb4_unicode_520_ci`,
    ])
  const fixture = readFileSync('tests/fixtures/database-0005.sql', 'utf8')
  client('mariadb', [FROM], `set foreign_key_checks = 0; ${fixture}`)
  expect(run('prepare', FROM, []).status).toBe(0)
  const made = run('backup', FROM, [file])
  expect(made.status, made.stderr).toBe(0)
})
afterAll(() => {
  client('mariadb', ['-e', `drop database if exists ${FROM}; drop database if exists ${TO}`])
  rmSync(folder, { recursive: true })
})

describe('a command used wrongly says what to change', () => {
  it.each([
    ['backup', ['shop.zip'], /with \.sql\.gz at its end/],
    ['backup', [join(folder, 'nowhere', 'shop.sql.gz')], /nothing can be written into the folder .*nowhere/],
    ['backup', ['a.sql.gz', 'b.sql.gz'], /use \.\/backup/],
    ['restoreDatabase', ['README.md'], /README\.md is no whole copy\. Nothing was touched/],
    ['exportAll', ['src'], /not there yet or empty/],
    ['account', ['remove'], /use \.\/account list/],
    ['account', ['reset', 'Nobody'], /no account “Nobody”/],
  ])('%s %j', (script, args, text) => {
    const done = run(script, FROM, args)
    expect(done.status).toBe(1)
    expect(done.stderr).toMatch(text)
    expect(done.stderr.trim().split('\n')).toHaveLength(1)
  })
})

describe('a copy of everything', () => {
  it('is put back into an empty place and gives the same, to the byte', () => {
    expect(existsSync(`${file}.sha256`)).toBe(true)
    const back = run('restoreDatabase', TO, [file])
    expect(back.status, back.stderr).toBe(0)
    expect(everything(TO)).toBe(everything(FROM))
    expect(everything(TO)).toContain('photos')
  })
  it('its sum is that of sha256sum', () => {
    const checked = spawnSync('sha256sum', ['-c', 'shop.sql.gz.sha256'], { cwd: folder, encoding: 'utf8' })
    expect(checked.stdout).toContain('shop.sql.gz: OK')
  })
  it('one that was changed, or cut short, is refused before anything is touched', () => {
    const before = everything(TO)
    appendFileSync(file, 'x')
    expect(run('restoreDatabase', TO, [file]).stderr).toContain('it has changed since')
    rmSync(`${file}.sha256`)
    truncateSync(file, 4000)
    expect(run('restoreDatabase', TO, [file]).stderr).toContain('is no whole copy')
    expect(everything(TO)).toBe(before)
  })
})

describe('an export in open formats', () => {
  it('has every row of every table as CSV and as JSON by its schema, each photograph as a file, and no password', () => {
    const to = join(folder, 'open')
    const made = run('exportAll', FROM, [to])
    expect(made.status, made.stderr).toBe(0)
    const read = (name: string): string => readFileSync(join(to, name), 'utf8')
    const { properties } = JSON.parse(read('schema.json')) as { properties: Record<string, object> }
    const tables = Object.keys(properties)
    expect(tables).toEqual(
      expect.arrayContaining(['jobs', 'job_events', 'stock_moves', 'rechecks', 'photos']),
    )
    expect(tables).not.toContain('accounts')
    const ajv = new Ajv2020({ strict: false })
    for (const [table, schema] of Object.entries(properties)) {
      const rows = JSON.parse(read(`${table}.json`)) as Record<string, unknown>[]
      const count = Number(client('mariadb', ['-N', FROM, '-e', `select count(*) from ${table}`]))
      expect([table, rows.length]).toEqual([table, count])
      const isValid = ajv.compile(schema)
      expect(isValid(rows), `${table}: ${ajv.errorsText(isValid.errors)}`).toBe(true)
      const parsed = Papa.parse<Record<string, string>>(read(`${table}.csv`).trimEnd(), { header: true })
      expect([table, parsed.data.length]).toEqual([table, count])
    }
    // What the database works out by itself is not told a second time.
    const worked = client('mariadb', [
      '-N',
      FROM,
      '-e',
      "select distinct column_name from information_schema.columns where table_schema = database() and is_generated <> 'NEVER'",
    ])
    expect(worked).toContain('decided_base')
    for (const name of worked.trim().split('\n')) expect(read('schema.json')).not.toContain(`"${name}"`)
    for (const { picture } of JSON.parse(read('photos.json')) as { picture: string }[])
      expect(existsSync(join(to, picture))).toBe(true)
    // A folder with something in it is left as it is.
    expect(run('exportAll', FROM, [to]).status).toBe(1)
  })
})
