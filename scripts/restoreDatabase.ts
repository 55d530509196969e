/** Puts a copy of the database back: takes away every table and reads the copy in. What was there is copied first. */
import { spawn } from 'node:child_process'
import { createReadStream } from 'node:fs'
import { pipeline } from 'node:stream/promises'
import { createGunzip } from 'node:zlib'
import { database, hasData } from '@/db'
import { checkCopy, copyDatabase } from './copyDatabase'

const [file] = process.argv.slice(2)
const address = process.env['DATABASE_URL']
if (!file || !address) throw new Error('Use ./restore FILE.')
await checkCopy(file)
if (await hasData()) console.log(`  what was there: ${await copyDatabase('before-restore')}`)
await database().getQueryInterface().dropAllTables()
await database().close()
const { hostname, port, username, password, pathname } = new URL(address)
const client = spawn(
  'mariadb',
  [
    '--no-defaults',
    `--host=${hostname}`,
    `--port=${port || '3306'}`,
    `--user=${decodeURIComponent(username)}`,
    decodeURIComponent(pathname.slice(1)),
  ],
  { env: { ...process.env, MYSQL_PWD: decodeURIComponent(password) }, stdio: ['pipe', 'inherit', 'inherit'] },
)
const ended = new Promise<number | null>((resolve, reject) => client.on('close', resolve).on('error', reject))
await pipeline(createReadStream(file), createGunzip(), client.stdin)
if ((await ended) !== 0)
  throw new Error('The copy could not be read in whole. Put back the copy named above.')
