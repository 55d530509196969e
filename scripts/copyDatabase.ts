import { spawn } from 'node:child_process'
import { createHash } from 'node:crypto'
import { createReadStream, createWriteStream, existsSync, mkdirSync, readFileSync } from 'node:fs'
import { basename } from 'node:path'
import { pipeline } from 'node:stream/promises'
import { createGunzip, createGzip } from 'node:zlib'
import { nameOnDisk, writeOnDisk } from './onDisk'

export const FOLDER = '.local/backups'
/** Last line of a dump that is whole. */
const WHOLE = '-- Dump completed'

/** The last bytes of a compressed file, as text. */
async function endOf(file: string): Promise<string> {
  let tail = ''
  const unzipped = createGunzip()
  createReadStream(file)
    .on('error', (error) => unzipped.destroy(error))
    .pipe(unzipped)
  for await (const chunk of unzipped as AsyncIterable<Buffer>)
    tail = (tail + chunk.toString('latin1')).slice(-400)
  return tail
}

/** Where the sum of a copy stands, in the form of sha256sum. */
export const sumFile = (file: string): string => `${file}.sha256`

export async function sumLine(file: string): Promise<string> {
  const hash = createHash('sha256')
  await pipeline(createReadStream(file), hash)
  return `${hash.digest('hex')}  ${basename(file)}`
}

/** @throws Error when a file is no whole copy, or not the one its sum was written for: nothing has been touched yet */
export async function checkCopy(file: string): Promise<void> {
  const sums = sumFile(file)
  if (existsSync(sums) && !readFileSync(sums, 'utf8').startsWith((await sumLine(file)).slice(0, 64)))
    throw new Error(
      `${file} is not the copy its sum was written for: it has changed since. Nothing was touched.`,
    )
  const end = await endOf(file).catch(() => '')
  if (!end.includes(WHOLE)) throw new Error(`${file} is no whole copy. Nothing was touched.`)
}

/**
 * Writes a copy of the database and checks that it is whole. `./restore FILE` puts it back.
 * @throws Error when no whole copy could be made: the upgrade must not begin
 */
export async function copyDatabase(name: string): Promise<string> {
  const address = process.env['DATABASE_URL']
  if (!address) throw new Error('DATABASE_URL is not set. Use ./start, which sets it.')
  const { hostname, port, username, password, pathname } = new URL(address)
  mkdirSync(FOLDER, { recursive: true })
  const stamp = new Date().toISOString().replace(/[:.]/g, '-')
  const file = `${FOLDER}/${name}-${stamp}.sql.gz`
  const dump = spawn(
    'mariadb-dump',
    [
      '--no-defaults',
      `--host=${hostname}`,
      `--port=${port || '3306'}`,
      `--user=${decodeURIComponent(username)}`,
      '--single-transaction',
      '--hex-blob',
      '--skip-triggers',
      decodeURIComponent(pathname.slice(1)),
    ],
    { env: { ...process.env, MYSQL_PWD: decodeURIComponent(password) }, stdio: ['ignore', 'pipe', 'pipe'] },
  )
  let errors = ''
  dump.stderr.on('data', (chunk: Buffer) => (errors += chunk.toString()))
  const ended = new Promise<number | null>((resolve, reject) => dump.on('close', resolve).on('error', reject))
  await pipeline(dump.stdout, createGzip(), createWriteStream(`${file}.new`))
  if ((await ended) !== 0 || !(await endOf(`${file}.new`)).includes(WHOLE))
    throw new Error(`No copy of the database could be made, so nothing was changed: ${errors.slice(0, 400)}`)
  nameOnDisk(`${file}.new`, file)
  writeOnDisk(sumFile(file), `${await sumLine(file)}\n`)
  return file
}
