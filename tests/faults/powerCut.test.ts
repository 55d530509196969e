import type { ChildProcess } from 'node:child_process'
import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { setTimeout as pause } from 'node:timers/promises'
import { afterAll, describe, expect, it } from 'vitest'
import type { Job } from '@/contract/job'
import { PowerDisk } from './powerDisk'
import { Site } from './site'

// The power goes: what was not synced is gone too. Saving, a first start, an upgrade, putting a copy back. See powerDisk.ts.

/** Power cuts of each kind; 20 by ./test --long. */
const ROUNDS = Math.min(20, Number(process.env['AMBER_FAULT_ROUNDS'] ?? 1))
/** The database as the release with migrations 0001 to 0005 left it. */
const FIXTURE = 'tests/fixtures/database-0005.sql'

const disk = new PowerDisk()
const site = new Site(join(disk.folder, 'db'))

afterAll(() => {
  if (disk.usable) site.end()
  disk.end()
})

const cut = (...others: ChildProcess[]): void => {
  const standing = site.freeze(others)
  disk.cut(standing.end)
}

/** Moments of a piece of work that takes about so long, ms: spread over it, each round another. */
const moments = (takesMs: number): number[] =>
  Array.from({ length: ROUNDS }, (_, i) => takesMs * (0.1 + ((i * 0.618 + 0.45) % 0.9)))

async function ask<T>(method: string, path: string, body: unknown): Promise<{ status: number; body: T }> {
  const response = await fetch(site.address + path, {
    method,
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  })
  return { status: response.status, body: (await response.json()) as T }
}

/** Names jobs one after another until no answer comes. @returns the titles that were acknowledged, by job */
async function nameJobs(round: number, writer: number, acknowledged: Map<number, string>): Promise<void> {
  try {
    const made = await ask<Job>('POST', '/api/jobs', { title: `Round ${round}, writer ${writer}` })
    let { id, version, title } = made.body
    for (let i = 0; ; i++) {
      acknowledged.set(id, title)
      const saved = await ask<Job>('PATCH', `/api/jobs/${id}`, {
        version,
        title: `Round ${round}, ${writer}.${i}`,
      })
      if (saved.status !== 200) return
      ;({ id, version, title } = saved.body)
    }
  } catch {
    // The power is gone.
  }
}

describe.runIf(disk.usable)('the power goes', { timeout: 120_000 + ROUNDS * 60_000 }, () => {
  it('while jobs are saved: everything acknowledged is there', async () => {
    await site.begin()
    for (const [round, afterMs] of moments(1500).entries()) {
      const acknowledged = new Map<number, string>()
      const writers = [1, 2, 3, 4].map((writer) => nameJobs(round, writer, acknowledged))
      await pause(700 + afterMs)
      const before = new Map(acknowledged)
      cut()
      await Promise.all(writers)
      site.resumeDatabase()
      expect(before.size).toBe(4)
      const there = new Map(site.sql('select id, title from jobs').map(([id, title]) => [Number(id), title]))
      for (const [id, title] of before) {
        const [, count] = /\.(\d+)$/.exec(title) ?? []
        const [, stored] = /\.(\d+)$/.exec(there.get(id) ?? '') ?? []
        // One more may have been stored, its answer on the way.
        expect(Number(stored ?? -1), `${title} is there as ${there.get(id)}`).toBeGreaterThanOrEqual(
          Number(count ?? -1),
        )
      }
      if (round + 1 < ROUNDS) await site.startApp()
    }
  })

  it('in a first start: the next one leaves the same shop as one that was not cut', async () => {
    const world = (): string[][] =>
      site.sql(`select (select count(*) from jobs), (select count(*) from machines), (select count(*) from stock_items),
        (select count(*) from findings), (select count(*) from parts)`)
    site.end()
    const began = Date.now()
    site.beginDatabase()
    const [whole, takesMs] = [world(), Date.now() - began]
    for (const afterMs of moments(takesMs)) {
      site.end()
      const start = site.startAside()
      await pause(afterMs)
      cut(start)
      site.resumeDatabase()
      expect(world(), `cut after ${afterMs} ms of ${takesMs}`).toEqual(whole)
    }
  })

  it('in an upgrade: nothing is lost, and the next start goes on', async () => {
    const bearings = `select j.id, j.title, b.evidence, b.decision, b.comparison, b.inspection, j.fitting
      from jobs j join bearings b on b.job_id = j.id order by j.id`
    const begin = (): void => site.load(readFileSync(FIXTURE, 'utf8'))
    begin()
    const before = site.sql(
      'select id, title, evidence, decision, comparison, inspection, fitting from jobs order by id',
    )
    const began = Date.now()
    site.run('prepare')
    const takesMs = Date.now() - began
    expect(site.sql(bearings)).toEqual(before)
    for (const afterMs of moments(takesMs)) {
      begin()
      const upgrade = site.spawn('prepare')
      await pause(afterMs)
      cut(upgrade)
      site.resumeDatabase()
      expect(site.sql(bearings), `cut after ${afterMs} ms of ${takesMs}`).toEqual(before)
      expect(Number(site.sql('select count(*) from parts')[0]?.[0])).toBeGreaterThan(4000)
    }
  })

  it('while a copy is put back: the next start has the copy whole, to the byte', async () => {
    const file = join(disk.folder, 'shop.sql.gz')
    const whole = site.dump()
    site.run('backup', file)
    // What was told to be copied is on the disk.
    cut()
    site.resumeDatabase()
    const began = Date.now()
    site.run('restoreDatabase', file)
    const takesMs = Date.now() - began
    for (const [round, afterMs] of moments(takesMs).entries()) {
      site.sql(
        `insert into machines (name, place, note, created_at, updated_at) values ('Later ${round}', '', '', now(), now())`,
      )
      const work = site.spawn('restoreDatabase', file)
      await pause(afterMs)
      cut(work)
      site.resumeDatabase()
      // A cut that came before anything was asked for leaves what was there: it is asked for again.
      if (site.sql(`select 1 from machines where name = 'Later ${round}'`).length > 0)
        site.run('restoreDatabase', file)
      expect(site.dump() === whole, `cut after ${afterMs} ms of ${takesMs}`).toBe(true)
    }
  })
})
