import { spawn, spawnSync } from 'node:child_process'
import { createReadStream, existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs'
import { resolve } from 'node:path'
import { pipeline } from 'node:stream/promises'
import { setTimeout } from 'node:timers/promises'
import { createGunzip } from 'node:zlib'
import { QueryTypes } from 'sequelize'
import { z } from 'zod'
import { database, hasData } from '@/db'
import { checkCopy, copyDatabase, FOLDER } from './copyDatabase'
import { writeOnDisk } from './onDisk'

/** A copy that is to be put back, until it is: whatever stops the work, the next start goes on with it. */
const Pending = z.object({
  /** null = nothing was there */
  file: z.string().nullable(),
  /** copy of what was there; absent = nothing has been touched yet */
  before: z.string().nullable().optional(),
  /** of an upgrade: since when the server ran that it was begun on, seconds since 1970; put back only if that one is gone */
  server: z.number().optional(),
})
type Pending = z.infer<typeof Pending>

function address(): URL {
  const url = process.env['DATABASE_URL']
  if (!url) throw new Error('DATABASE_URL is not set. Use ./start or ./restore, which set it.')
  return new URL(url)
}

/** One file a database: a server may hold several. */
function pendingFile(): string {
  const { hostname, port, pathname } = address()
  return `${FOLDER}/pending-${[hostname, port || '3306', pathname.slice(1)].join('-').replace(/[^\w.-]/g, '_')}.json`
}

function note(pending: Pending): void {
  mkdirSync(FOLDER, { recursive: true })
  writeOnDisk(pendingFile(), JSON.stringify(pending))
}

/**
 * Asks for a copy to be put back.
 * @throws Error when it is no whole copy: nothing is touched
 */
export async function askToPutBack(file: string): Promise<void> {
  await checkCopy(file)
  note({ file: resolve(file) })
}

/** Two readings of when a server began may differ by so much, s. */
const SAME_SERVER_S = 5

/** Since when the server runs, seconds since 1970. */
async function serverStart(): Promise<number> {
  const [row] = await database().query<{ began: string }>(
    "SELECT UNIX_TIMESTAMP() - VARIABLE_VALUE began FROM information_schema.global_status WHERE VARIABLE_NAME = 'UPTIME'",
    { type: QueryTypes.SELECT },
  )
  return Number(row?.began ?? 0)
}

/**
 * Notes what an upgrade began with. Changes of tables are not safe from a power cut: the definition of a table and what the
 * engine has of it are synced apart. Where the server went away in the middle, the next start begins the upgrade anew from there.
 * Only for the database of this shop's own `./start`: on a server that others use too they may have written in between.
 * @param file copy of what was there; null = nothing
 */
export async function noteUpgrade(file: string | null): Promise<void> {
  if (process.env['AMBER_OWN_DATABASE'] !== '1') return
  note({ file: file && resolve(file), before: null, server: await serverStart() })
}

/** Ends what `noteUpgrade` or a copy put back began, if anything: all of it is on the disk. */
export function endPending(): void {
  const marker = pendingFile()
  if (!existsSync(marker)) return
  spawnSync('sync')
  rmSync(marker)
}

/** The client program of the server, to be spawned: what to say to it, and as whom. */
function client(): { args: string[]; env: NodeJS.ProcessEnv; name: string } {
  const { hostname, port, username, password, pathname } = address()
  return {
    args: [
      '--no-defaults',
      `--host=${hostname}`,
      `--port=${port || '3306'}`,
      `--user=${decodeURIComponent(username)}`,
    ],
    env: { ...process.env, MYSQL_PWD: decodeURIComponent(password) },
    name: decodeURIComponent(pathname.slice(1)),
  }
}

/** After a power cut the server undoes what was under way for a while: what that holds is waited for so long, ms. */
const UNDONE_WITHIN_MS = 180_000
/** The server waited for a lock in vain, or two waited for each other. */
const LOCKED = /ERROR (?:1205|1213)\b/

/** Drops the database and makes it anew. By a connection of its own: one that drops its database has none any more. */
async function dropWhole(): Promise<void> {
  const { args, env, name } = client()
  const quoted = `\`${name.replaceAll('`', '``')}\``
  const statements = `SET innodb_lock_wait_timeout = 10; DROP DATABASE IF EXISTS ${quoted}; CREATE DATABASE ${quoted}`
  const until = Date.now() + UNDONE_WITHIN_MS
  for (;;) {
    const done = spawnSync('mariadb', [...args, '-e', statements], { env, encoding: 'utf8' })
    if (done.status === 0) return
    if (!LOCKED.test(done.stderr) || Date.now() > until)
      throw new Error(`The database could not be emptied: ${done.stderr.slice(0, 400)}`)
    await setTimeout(1000)
  }
}

/** Takes every table away, torn ones too. */
async function emptyDatabase(): Promise<void> {
  await endOthers()
  try {
    await database().getQueryInterface().dropAllTables()
  } catch {
    await dropWhole()
  }
}

/** Reads a copy in, into a database without tables. @throws Error when it could not be read in whole */
async function readIn(file: string): Promise<void> {
  const { args, env, name } = client()
  const reader = spawn('mariadb', [...args, name], { env, stdio: ['pipe', 'inherit', 'inherit'] })
  const ended = new Promise<number | null>((done, reject) => reader.on('close', done).on('error', reject))
  await pipeline(createReadStream(file), createGunzip(), reader.stdin)
  if ((await ended) !== 0) throw new Error('The copy could not be read in whole.')
}

/** Ends what others have under way in this database: a statement of a program that was killed goes on by itself. */
async function endOthers(): Promise<void> {
  const others = await database().query<{ id: number }>(
    'SELECT id FROM information_schema.processlist WHERE db = DATABASE() AND id <> CONNECTION_ID()',
    { type: QueryTypes.SELECT },
  )
  // One that has ended by itself in between is no fault.
  for (const { id } of others)
    await database()
      .query(`KILL ${Number(id)}`)
      .catch(() => undefined)
}

/** A copy that can still be read. */
const isWhole = (file: string): Promise<boolean> =>
  checkCopy(file).then(
    () => true,
    () => false,
  )

/**
 * Puts back the copy that was asked for, or goes on with it: what is there is copied first, then every table goes and the
 * copy is read in. Where the copy has gone in between, what was there comes back.
 * @param say told what is done
 * @returns whether there was anything to put back
 * @throws Error when neither can be read: nothing more is touched
 */
export async function putBackPending(say: (message: string) => void): Promise<boolean> {
  const marker = pendingFile()
  if (!existsSync(marker)) return false
  let pending = Pending.parse(JSON.parse(readFileSync(marker, 'utf8')))
  if (pending.server !== undefined) {
    // Only the upgrade was stopped: its steps go on by themselves.
    if (Math.abs(pending.server - (await serverStart())) <= SAME_SERVER_S) return false
    // A database that was made since has nothing to do with it.
    if ((await database().getQueryInterface().showAllTables()).length === 0) {
      endPending()
      return false
    }
    if (pending.file === null) {
      await emptyDatabase()
      endPending()
      say('a first start that was cut short begins anew')
      return true
    }
    if (!(await isWhole(pending.file))) {
      endPending()
      say(
        `an upgrade was cut short, and its copy ${pending.file} cannot be read: it goes on from where it is`,
      )
      return false
    }
    say('an upgrade was cut short: it begins anew from its copy')
  }
  if (pending.before === undefined) {
    const before = (await hasData()) ? resolve(await copyDatabase('before-restore')) : null
    pending = { ...pending, before }
    note(pending)
    if (before) say(`a copy of what was there: ${before}`)
  }
  const { file, before } = pending
  const from = file && (await isWhole(file)) ? file : before
  if (!from || !(await isWhole(from)))
    throw new Error(
      `${file} was being put back and cannot be read any more. Put it where it was, and start again.`,
    )
  if (from !== file) say(`${file} cannot be read any more: what was there comes back`)
  await emptyDatabase()
  await readIn(from)
  endPending()
  say(`put back: ${from}`)
  return true
}
