import { spawnSync } from 'node:child_process'
import { closeSync, mkdirSync, openSync, rmSync, statfsSync, writeSync } from 'node:fs'
import { join, resolve } from 'node:path'
import { afterAll, beforeAll, expect, it } from 'vitest'
import type { Job } from '@/contract/job'
import { Site } from './site'

// A disk of its own for the database, in memory, that is filled up. Needs the right to mount one: left out where there is none.

const DISK = resolve('.local/small-disk')
const DISK_MB = 420
/** Changes that are tried while there is no room. */
const TRIES = 60

mkdirSync(DISK, { recursive: true })
spawnSync('umount', [DISK])
const mounted = spawnSync('mount', ['-t', 'tmpfs', '-o', `size=${DISK_MB}m`, 'tmpfs', DISK]).status === 0
const site = new Site(join(DISK, 'db'))
const ballast = join(DISK, 'ballast')

beforeAll(async () => {
  if (mounted) await site.begin()
})
afterAll(() => {
  if (!mounted) return
  site.end()
  spawnSync('umount', [DISK])
})

/** Fills the disk to the last block. */
function fill(): void {
  const file = openSync(ballast, 'w')
  try {
    for (const block of [Buffer.alloc(1 << 20), Buffer.alloc(4096)])
      try {
        for (;;) writeSync(file, block)
      } catch {
        // No room for a block of this size.
      }
  } finally {
    closeSync(file)
  }
}

async function ask<T>(method: string, path: string, body?: unknown) {
  const response = await fetch(site.address + path, {
    method,
    headers: { 'content-type': 'application/json' },
    ...(body !== undefined && { body: JSON.stringify(body) }),
  })
  return { status: response.status, body: (await response.json()) as T & { detail?: string } }
}

const NOTE = 'salt water in the hub, grease grey, seal lip torn. '.repeat(70)

it.runIf(mounted)(
  'a full disk refuses in words, tears nothing, and goes on by itself when there is room',
  async () => {
    const made = await ask<Job>('POST', '/api/jobs', { title: 'Before the disk is full' })
    expect(made.status).toBe(201)
    let saved = made.body
    fill()
    expect(statfsSync(DISK).bfree).toBeLessThan(4)
    const refused: string[] = []
    for (let i = 0; i < TRIES && refused.length < 3; i++) {
      const title = `Try ${i}`
      const intake = { ...saved.intake, note: `${i} ${NOTE}` }
      const { status, body } = await ask<Job>('PATCH', `/api/jobs/${saved.id}`, {
        version: saved.version,
        title,
        intake,
      })
      if (status === 200) saved = body
      else {
        expect(status).toBe(503)
        refused.push(body.detail ?? '')
      }
    }
    expect(refused.length).toBeGreaterThan(0)
    for (const message of refused) expect(message).toMatch(/disk of the server is full/)
    // All that is only looked at goes on.
    for (const path of [
      '/api/jobs',
      '/api/jobs?q=disk',
      '/api/search?text=6205',
      '/api/stock?q=62',
      '/api/machines?q=pier',
    ])
      expect([path, (await ask('GET', path)).status]).toEqual([path, 200])
    // What was answered is there whole; what was refused left nothing.
    const { version, title, intake } = (await ask<Job>('GET', `/api/jobs/${saved.id}`)).body
    expect({ version, title, intake }).toEqual({
      version: saved.version,
      title: saved.title,
      intake: saved.intake,
    })
    rmSync(ballast)
    const after = await ask<Job>('PATCH', `/api/jobs/${saved.id}`, { version, title: 'There is room again' })
    expect(after.status).toBe(200)
    expect(after.body.title).toBe('There is room again')
  },
  120_000,
)
