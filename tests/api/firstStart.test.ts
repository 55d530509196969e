import { spawn, spawnSync } from 'node:child_process'
import { once } from 'node:events'
import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { join, resolve } from 'node:path'
import { setTimeout } from 'node:timers/promises'
import { expect, it } from 'vitest'

/** Free while tests run: the application's own database takes the next free one. */
const PORT = 34391
/** Moments at which the making of the database is killed, ms: from its first step to its first answers; all by ./test --long. */
const MOMENTS = [250, 1400, 2200, 40, 700, 3200].slice(0, process.env['AMBER_FAULT_ROUNDS'] ? undefined : 3)

/** With a space in its name, as the folder of a shop may have. */
const dir = (): string => mkdtempSync(resolve('.local', 'first start '))
const script = (folder: string, then: string): string[] => [
  '-c',
  `set -euo pipefail; . scripts/setup.sh; db_start "${folder}" ${PORT}; ${then}`,
]

/** Ends every process that names the folder, at once, as a power cut does. */
function cut(folder: string): void {
  for (const pid of readdirSync('/proc').filter(
    (name) => /^\d+$/.test(name) && Number(name) !== process.pid,
  )) {
    try {
      if (readFileSync(`/proc/${pid}/cmdline`, 'utf8').includes(folder)) process.kill(Number(pid), 'SIGKILL')
    } catch {
      // It ended by itself.
    }
  }
}

it.each(MOMENTS)(
  'a first start that is killed after %i ms begins anew',
  async (moment) => {
    const folder = dir()
    try {
      const first = spawn('bash', script(folder, 'sleep 60'), { stdio: 'ignore' })
      await setTimeout(moment)
      first.kill('SIGKILL')
      cut(folder)
      const ask = `mariadb --no-defaults --protocol=tcp -h127.0.0.1 -P"$(cat "${folder}/port")" -uamber -p"$(cat "${folder}/password")" -N`
      const again = spawnSync(
        'bash',
        script(folder, `${ask} -e 'create table amber.t (a int); select 41 + 1'; db_stop "${folder}"`),
        { encoding: 'utf8', timeout: 60_000 },
      )
      expect(again.stderr).toBe('')
      expect(again.stdout.trim().split('\n').at(-1)).toBe('42')
    } finally {
      cut(folder)
      rmSync(folder, { recursive: true, force: true })
    }
  },
  90_000,
)

it('copies that begin at the same moment each have a database and a port of their own', async () => {
  const folders = [dir(), dir(), dir()]
  const meeting = dir()
  // However slowly one of them gets there: none stops before all have their port.
  const start = async (folder: string, all: string): Promise<string> => {
    const copy = spawn(
      'bash',
      script(folder, `echo "$DATABASE_URL"; until [ -e "${all}" ]; do sleep 0.1; done; db_stop "${folder}"`),
      { stdio: ['ignore', 'pipe', 'pipe'] },
    )
    const ended = once(copy, 'close')
    return new Promise<string>((done, failed) => {
      let said = ''
      for (const stream of [copy.stdout, copy.stderr])
        stream.on('data', (text) => {
          said += String(text)
          const port = /127\.0\.0\.1:(\d+)\/amber/.exec(said)?.[1]
          if (port !== undefined) {
            stopped.push(ended)
            done(port)
          }
        })
      void ended.then(() => failed(new Error(said)))
    })
  }
  const stopped: Promise<unknown>[] = []
  try {
    // Once made, the second time, they look for a port within the same blink.
    for (const time of ['first', 'second']) {
      const all = join(meeting, time)
      const ports = await Promise.all(folders.map((folder) => start(folder, all)))
      writeFileSync(all, '')
      await Promise.all(stopped)
      expect(new Set(ports).size, `${time} time: ${ports.join(' ')}`).toBe(folders.length)
    }
  } finally {
    for (const folder of [...folders, meeting]) {
      cut(folder)
      rmSync(folder, { recursive: true, force: true })
    }
  }
}, 90_000)
