import { copyFileSync, mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join, resolve } from 'node:path'
import { setTimeout as pause } from 'node:timers/promises'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { Site } from './site'

// A copy that is being put back when the power goes: the next start goes on with it. Killed with all its helpers, the database is not.

/** Kills in the middle of putting back; 100 by ./test --long. */
const ROUNDS = Number(process.env['AMBER_FAULT_ROUNDS'] ?? 2)
/** How long putting back takes about, ms: kills are spread over it. */
const TAKES_MS = 4000

const site = new Site(resolve('.local/fault-restore-db'))
const folder = mkdtempSync(join(tmpdir(), 'put-back-'))
const file = join(folder, 'shop.sql.gz')

beforeAll(() => {
  site.beginDatabase()
  site.run('backup', file)
})
afterAll(() => {
  site.end()
  rmSync(folder, { recursive: true })
})

it(
  `killed ${ROUNDS} times in the middle: the next start has the copy whole, to the byte`,
  async () => {
    const whole = site.dump()
    for (let round = 0; round < ROUNDS; round++) {
      site.sql(
        `insert into machines (name, place, note, created_at, updated_at) values ('Later ${round}', '', '', now(), now())`,
      )
      const work = site.spawn('restoreDatabase', file)
      await pause(800 + ((round * 1711) % TAKES_MS))
      if (work.pid && work.exitCode === null) process.kill(-work.pid, 'SIGKILL')
      site.run('prepare')
      // A kill that came before anything was asked for leaves what was there: it is asked for again.
      if (site.sql(`select 1 from machines where name = 'Later ${round}'`).length > 0)
        site.run('restoreDatabase', file)
      expect(site.dump() === whole, `round ${round}`).toBe(true)
    }
  },
  ROUNDS * 60_000,
)

it('a copy that has gone in between gives back what was there', () => {
  const gone = join(folder, 'gone.sql.gz')
  copyFileSync(file, gone)
  site.sql(
    "insert into machines (name, place, note, created_at, updated_at) values ('Newest', '', '', now(), now())",
  )
  site.run('restoreDatabase', gone, '--ask')
  rmSync(gone)
  expect(site.run('prepare')).toContain('cannot be read any more')
  expect(site.sql("select name from machines where name = 'Newest'")).toEqual([['Newest']])
  expect(site.run('prepare')).not.toContain('put back')
})
