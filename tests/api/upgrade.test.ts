import { spawn, spawnSync } from 'node:child_process'
import { readFileSync } from 'node:fs'
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest'

vi.setConfig({ testTimeout: 1_200_000, hookTimeout: 60_000 })

/** The database as the release with migrations 0001 to 0005 left it: demo world, a reservation, an arrangement of the shop's own. */
const FIXTURE = 'tests/fixtures/database-0005.sql'
const NAME = 'amber_upgrade'

const server = new URL(process.env['DATABASE_URL'] ?? 'mariadb://none')
const address = new URL(server)
address.pathname = `/${NAME}`
const env = (demo = '0') => ({ ...process.env, DATABASE_URL: String(address), AMBER_DEMO: demo })

function sql(text: string, database = ''): string {
  const { status, stdout, stderr } = spawnSync(
    'mariadb',
    [
      '--no-defaults',
      `-h${server.hostname}`,
      `-P${server.port}`,
      `-u${server.username}`,
      '-N',
      ...(database ? [database] : []),
    ],
    { input: text, encoding: 'utf8', env: { ...process.env, MYSQL_PWD: server.password } },
  )
  if (status !== 0) throw new Error(stderr)
  return stdout
}
const rows = (text: string): string[] => sql(text, NAME).trimEnd().split('\n')
const begin = (): void => {
  sql(`drop database if exists ${NAME}; create database ${NAME} character set utf8mb4`)
  sql(`set foreign_key_checks = 0; ${readFileSync(FIXTURE, 'utf8')}`, NAME)
}
const spawned = (command: string, args: string[], demo?: string): string => {
  const done = spawnSync(command, args, { env: env(demo), encoding: 'utf8' })
  expect(done.status, done.stderr).toBe(0)
  return done.stdout
}
const prepare = (demo?: string): string => spawned('scripts/run', ['prepare'], demo)
/** Starts bringing the database up to date and ends it at once after so long, as a power cut would. */
const killed = (afterMs: number, demo?: string): Promise<void> =>
  new Promise((resolve) => {
    const child = spawn('scripts/run', ['prepare'], {
      env: env(demo),
      stdio: 'ignore',
      detached: true,
    })
    const timer = setTimeout(() => child.pid !== undefined && process.kill(-child.pid, 'SIGKILL'), afterMs)
    child.on('close', () => {
      clearTimeout(timer)
      resolve()
    })
  })

const OF_JOBS = 'select id, title, evidence, decision, comparison, inspection, fitting from jobs order by id'
const OF_BEARINGS = `select j.id, j.title, b.evidence, b.decision, b.comparison, b.inspection, j.fitting
  from jobs j join bearings b on b.job_id = j.id order by j.id`

/** Moments at which work is killed, ms, spread over it; 20 by ./test --long. */
const MOMENTS = Array.from(
  { length: Math.min(20, Number(process.env['AMBER_FAULT_ROUNDS'] ?? 2)) },
  (_, round) => 900 + ((round * 1130) % 2500),
)

/** Findings of the inspections in the fixture, counted by hand. */
const SEEN_IN_FIXTURE = 7

beforeAll(begin)
afterAll(() => void sql(`drop database if exists ${NAME}`))

describe('a database of an earlier release', () => {
  it('comes up with nothing lost, goes down and up again, after a copy that is whole', () => {
    const before = rows(OF_JOBS)
    const reserved = rows('select sum(reserved) from stock_items')
    expect(before.length).toBeGreaterThan(10)
    expect(prepare()).toMatch(/a copy before the upgrade: .*sql\.gz/)
    const after = rows(OF_BEARINGS)
    expect(after).toEqual(before)
    expect(rows('select sum(pieces) from reservations')).toEqual(reserved)
    // What was seen and measured is in rows too.
    expect(rows('select count(*) from findings').map(Number)[0]).toBe(SEEN_IN_FIXTURE)
    expect(rows('select count(*) from seat_readings where value_mm between 71 and 73').map(Number)[0]).toBe(8)
    // What labels meant is a role now; a place that was left empty keeps standing.
    expect(rows("select content from arrangements where code = 'gate'").join('')).toContain('axleNut')
    const states = 'select distinct state from orders order by state'
    expect(rows(states)).toContain('partiallyReceived')
    expect(rows(states)).not.toContain('partly')
    spawned('node_modules/.bin/tsx', [
      '--conditions=react-server',
      'tests/support/migrateDown.ts',
      '0007-one-record',
    ])
    expect(rows(OF_JOBS)).toEqual(before)
    expect(rows(states)).toContain('partly')
    prepare()
    expect(rows(OF_BEARINGS)).toEqual(after)
  })
  it('killed at any moment of the upgrade, the next start goes on', async () => {
    for (const afterMs of MOMENTS) {
      begin()
      const before = rows(OF_JOBS)
      await killed(afterMs)
      prepare()
      expect(rows(OF_BEARINGS), `killed after ${afterMs} ms`).toEqual(before)
      expect(rows('select count(*) from parts').map(Number)[0]).toBeGreaterThan(4000)
    }
  })
})

describe('a first start', () => {
  const WORLD = `select (select count(*) from jobs), (select count(*) from machines), (select count(*) from stock_items),
    (select count(*) from findings), (select count(*) from parts)`
  const empty = () => sql(`drop database if exists ${NAME}; create database ${NAME} character set utf8mb4`)
  it('killed at any moment, the next one leaves the same shop as one that was not', async () => {
    empty()
    prepare('1')
    const whole = rows(WORLD)
    for (const afterMs of [3000, ...MOMENTS.slice(2)]) {
      empty()
      await killed(afterMs, '1')
      prepare('1')
      expect(rows(WORLD), `killed after ${afterMs} ms`).toEqual(whole)
    }
  })
})
