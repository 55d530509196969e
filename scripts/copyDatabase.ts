import { spawn } from 'node:child_process'
import { createReadStream, createWriteStream, mkdirSync, renameSync } from 'node:fs'
import { pipeline } from 'node:stream/promises'
import { createGunzip, createGzip } from 'node:zlib'

const FOLDER = '.local/backups'
/** Last line of a dump that is whole. */
const WHOLE = '-- Dump completed'

/** The last bytes of a compressed file, as text. */
async function endOf(file: string): Promise<string> {
  let tail = ''
  for await (const chunk of createReadStream(file).pipe(createGunzip()) as AsyncIterable<Buffer>)
    tail = (tail + chunk.toString('latin1')).slice(-400)
  return tail
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
    throw new Error(`No copy of the database could be made, so it is not upgraded: ${errors.slice(0, 400)}`)
  renameSync(`${file}.new`, file)
  return file
}
