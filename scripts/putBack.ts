import { spawn } from 'node:child_process'
import {
  closeSync,
  createReadStream,
  existsSync,
  fsyncSync,
  mkdirSync,
  openSync,
  readFileSync,
  renameSync,
  rmSync,
  writeSync,
} from 'node:fs'
import { resolve } from 'node:path'
import { pipeline } from 'node:stream/promises'
import { createGunzip } from 'node:zlib'
import { QueryTypes } from 'sequelize'
import { z } from 'zod'
import { database, hasData } from '@/db'
import { checkCopy, copyDatabase, FOLDER } from './copyDatabase'

/** A copy that is to be put back, until it is: whatever stops the work, the next start goes on with it. */
const Pending = z.object({
  file: z.string(),
  /** copy of what was there; absent = nothing has been touched yet */
  before: z.string().nullable().optional(),
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

/** Written whole and on the disk, or not at all. */
function note(pending: Pending): void {
  mkdirSync(FOLDER, { recursive: true })
  const file = pendingFile()
  const handle = openSync(`${file}.new`, 'w')
  writeSync(handle, JSON.stringify(pending))
  fsyncSync(handle)
  closeSync(handle)
  renameSync(`${file}.new`, file)
}

/**
 * Asks for a copy to be put back.
 * @throws Error when it is no whole copy: nothing is touched
 */
export async function askToPutBack(file: string): Promise<void> {
  await checkCopy(file)
  note({ file: resolve(file) })
}

/** Reads a copy in, into a database without tables. @throws Error when it could not be read in whole */
async function readIn(file: string): Promise<void> {
  const { hostname, port, username, password, pathname } = address()
  const client = spawn(
    'mariadb',
    [
      '--no-defaults',
      `--host=${hostname}`,
      `--port=${port || '3306'}`,
      `--user=${decodeURIComponent(username)}`,
      decodeURIComponent(pathname.slice(1)),
    ],
    {
      env: { ...process.env, MYSQL_PWD: decodeURIComponent(password) },
      stdio: ['pipe', 'inherit', 'inherit'],
    },
  )
  const ended = new Promise<number | null>((done, reject) => client.on('close', done).on('error', reject))
  await pipeline(createReadStream(file), createGunzip(), client.stdin)
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
  if (pending.before === undefined) {
    const before = (await hasData()) ? resolve(await copyDatabase('before-restore')) : null
    pending = { ...pending, before }
    note(pending)
    if (before) say(`a copy of what was there: ${before}`)
  }
  const { file, before } = pending
  const from = (await isWhole(file)) ? file : before
  if (!from || !(await isWhole(from)))
    throw new Error(
      `${file} was being put back and cannot be read any more. Put it where it was, and start again.`,
    )
  if (from !== file) say(`${file} cannot be read any more: what was there comes back`)
  await endOthers()
  await database().getQueryInterface().dropAllTables()
  await readIn(from)
  rmSync(marker)
  say(`put back: ${from}`)
  return true
}
