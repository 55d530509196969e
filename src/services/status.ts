import 'server-only'
import { open, readdir, stat, statfs } from 'node:fs/promises'
import { join } from 'node:path'
import { countJobs, databaseFacts } from '@/db'
import type { StatusResponse } from '@/contract/status'
import { version } from '../../package.json'
import { now } from './clock'

const LOCAL = '.local'
const BACKUPS = join(LOCAL, 'backups')
const LOG = join(LOCAL, 'app.log')
/** Copies of everything: those of every day, and those made by hand. */
const COPY = /^(daily|backup)-.*\.sql\.gz$/
/** Of a long log its end is read. */
const MAX_LOG_BYTES = 256 * 1024
const MAX_ERRORS = 20
const ERROR_LEVEL = 50
/** Below this the disk is nearly full: a copy of a year of work needs as much. */
const MIN_FREE_MB = 1024
/** A daily copy that is older was left out at least once. */
const OLD_BACKUP_MS = 2 * 24 * 3600 * 1000
const MB = 1e6

const startedAt = new Date().toISOString()

async function newestBackup(): Promise<StatusResponse['backup']> {
  const names = await readdir(BACKUPS).catch(() => [])
  const files = await Promise.all(
    names
      .filter((name) => COPY.test(name))
      .map(async (name) => ({ name, ...(await stat(join(BACKUPS, name))) })),
  )
  const [newest] = files.sort((a, b) => b.mtimeMs - a.mtimeMs)
  return newest ? { name: newest.name, at: newest.mtime.toISOString(), mb: newest.size / MB } : null
}

/** A line of the log, as far as it is told here. */
interface Line {
  level?: number
  time?: number
  msg?: string
  request?: string
}

const lineOf = (text: string): Line => {
  try {
    return JSON.parse(text) as Line
  } catch {
    return {}
  }
}

async function lastErrors(): Promise<StatusResponse['errors']> {
  const file = await open(LOG).catch(() => null)
  if (!file) return []
  try {
    const { size } = await file.stat()
    const from = Math.max(0, size - MAX_LOG_BYTES)
    const { buffer } = await file.read(Buffer.alloc(size - from), 0, size - from, from)
    return buffer
      .toString('utf8')
      .split('\n')
      .map(lineOf)
      .filter(({ level = 0 }) => level >= ERROR_LEVEL)
      .slice(-MAX_ERRORS)
      .toReversed()
      .map(({ time = 0, msg = '', request = '' }) => ({
        at: new Date(time).toISOString(),
        message: msg.slice(0, 200),
        request,
      }))
  } finally {
    await file.close()
  }
}

function warningsOf({ disk, backup }: Pick<StatusResponse, 'disk' | 'backup'>): string[] {
  const isOld = backup === null || now() - Date.parse(backup.at) > OLD_BACKUP_MS
  return [
    ...(disk.freeMb < MIN_FREE_MB
      ? [`The disk is nearly full: ${Math.round(disk.freeMb)} MB are free. Make room before work stops.`]
      : []),
    ...(isOld
      ? [
          `No copy of everything was made ${backup ? 'for two days' : 'yet'}. ./backup makes one; .local/backups.log says what went wrong.`,
        ]
      : []),
  ]
}

/** How this server is: version, room, copies, faults. */
export async function status(): Promise<StatusResponse> {
  const [facts, jobs, backup, errors, files] = await Promise.all([
    databaseFacts(),
    countJobs(),
    newestBackup(),
    lastErrors(),
    statfs(LOCAL).catch(() => statfs('.')),
  ])
  const disk = { freeMb: (files.bavail * files.bsize) / MB, allMb: (files.blocks * files.bsize) / MB }
  return {
    version,
    schema: facts.schema,
    startedAt,
    memoryMb: process.memoryUsage.rss() / MB,
    jobs,
    databaseMb: facts.mb,
    disk,
    backup,
    errors,
    warnings: warningsOf({ disk, backup }),
  }
}
