/**
 * A copy of the database, which holds everything: jobs, stock, photographs, settings, and by its migrations the version.
 * `./backup [FILE]` writes one by hand; `--daily`, run by ./start every hour, writes one a day and keeps the newest.
 */
import { accessSync, constants, copyFileSync, existsSync, readdirSync, rmSync, statSync } from 'node:fs'
import { dirname } from 'node:path'
import { copyDatabase, FOLDER, sumFile, sumLine } from './copyDatabase'
import { onDisk, writeOnDisk } from './onDisk'
import { runCommand } from './runCommand'

const USE = 'use ./backup, or ./backup FILE.sql.gz'

const DAILY = 'daily-'
const KEPT = 14
const DAY_MS = 24 * 3600 * 1000
/** A copy that is made at the same hour every day must not slip by the minutes it takes. */
const ALMOST_A_DAY_MS = DAY_MS - (3600 * 1000) / 2

/** Daily copies, newest first: their names sort by time. */
const dailies = (): string[] =>
  existsSync(FOLDER)
    ? readdirSync(FOLDER)
        .filter((name) => name.startsWith(DAILY) && name.endsWith('.sql.gz'))
        .sort()
        .toReversed()
        .map((name) => `${FOLDER}/${name}`)
    : []

async function daily(): Promise<void> {
  const newest = dailies()[0]
  if (newest && Date.now() - statSync(newest).mtimeMs < ALMOST_A_DAY_MS) return
  console.log(`${new Date().toISOString()} ${await copyDatabase(DAILY.slice(0, -1))}`)
  for (const old of dailies().slice(KEPT)) {
    rmSync(old)
    rmSync(sumFile(old), { force: true })
  }
}

function checkFolder(folder: string): void {
  try {
    accessSync(folder, constants.W_OK)
  } catch {
    throw new Error(`nothing can be written into the folder ${folder}. Name one that is there.`)
  }
}

async function byHand(wanted: string | undefined, ...more: string[]): Promise<void> {
  if (wanted?.startsWith('-') || more.length > 0) throw new Error(USE)
  if (wanted && !wanted.endsWith('.sql.gz')) throw new Error('name the copy with .sql.gz at its end.')
  if (wanted) checkFolder(dirname(wanted))
  const file = await copyDatabase('backup')
  if (!wanted) {
    console.log(`Copied: ${file}. ./restore ${file} puts it back.`)
    return
  }
  copyFileSync(file, wanted)
  onDisk(wanted)
  writeOnDisk(sumFile(wanted), `${await sumLine(wanted)}\n`)
  rmSync(file)
  rmSync(sumFile(file))
  console.log(`Copied: ${wanted}, with its sum in ${sumFile(wanted)}. ./restore ${wanted} puts it back.`)
}

const [target, ...more] = process.argv.slice(2)
await runCommand(() => (target === '--daily' ? daily() : byHand(target, ...more)))
