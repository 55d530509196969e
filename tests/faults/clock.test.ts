import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join, resolve } from 'node:path'
import { setTimeout as pause } from 'node:timers/promises'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { Site } from './site'

// A PC in a workshop loses its battery: its clock is set back by years, then forward. What was done stays in the order it was done.

const DAY = 86_400_000
const folder = mkdtempSync(join(tmpdir(), 'clock-'))
const offFile = join(folder, 'off')
const site = new Site(resolve('.local/fault-clock-db'), {
  AMBER_CLOCK_OFF: offFile,
  NODE_OPTIONS: `--import ${resolve('tests/support/shiftedClock.mjs')}`,
})

beforeAll(() => site.begin())
afterAll(() => {
  site.end()
  rmSync(folder, { recursive: true, force: true })
})

async function clockOff(days: number): Promise<void> {
  writeFileSync(offFile, String(days * DAY))
  await pause(200)
}

async function send<T>(method: string, path: string, body?: unknown, key?: string): Promise<T> {
  const response = await fetch(site.address + path, {
    method,
    ...(body !== undefined && { body: JSON.stringify(body) }),
    headers: { 'content-type': 'application/json', ...(key && { 'idempotency-key': key }) },
  })
  const text = await response.text()
  expect(response.status, `${method} ${path}: ${text.slice(0, 300)}`).toBeLessThan(300)
  return JSON.parse(text) as T
}

interface Job {
  id: number
  version: number
  title: string
}
interface Item {
  quantity: number
}

it('a clock that is set back and forward loses nothing, repeats nothing and turns no order round', async () => {
  let job = await send<Job>('POST', '/api/jobs', { title: 'clock 0' })
  const [item] = site.sql('select id from stock_items order by id limit 1').flat()
  const receive = (key: string) =>
    send<Item>('POST', `/api/stock/${item}/moves`, { kind: 'receive', pieces: 1, note: 'clock' }, key)
  const offs = [0, -900, 0, 400, -3, 0]
  let quantity = (await send<Item>('GET', `/api/stock/${item}`)).quantity
  for (const [i, days] of offs.entries()) {
    await clockOff(days)
    job = await send<Job>('PATCH', `/api/jobs/${job.id}`, { version: job.version, title: `clock ${i + 1}` })
    const key = `clock-key-${i}-${process.pid}`
    await receive(key)
    await receive(key)
    quantity += 1
    expect((await send<Item>('GET', `/api/stock/${item}`)).quantity, `${days} days`).toBe(quantity)
    for (const path of [
      '/api/bench',
      '/api/jobs?limit=5',
      '/api/rechecks',
      '/api/logbook/service',
      '/api/logbook/cost',
      '/api/status',
    ])
      await send('GET', path)
  }
  expect(site.sql(`select title from jobs where id = ${job.id}`).flat()).toEqual([`clock ${offs.length}`])
  // The history tells what was done as it was done, whatever the clock said.
  const { items } = await send<{ items: { id: number; kind: string }[] }>(
    'GET',
    `/api/jobs/${job.id}/history`,
  )
  expect(items.map(({ id }) => id)).toEqual(
    site.sql(`select id from job_events where job_id = ${job.id} order by id desc`).map(([id]) => Number(id)),
  )
  expect(items).toHaveLength(offs.length + 1)
  // The last act is undone first.
  await clockOff(-900)
  await send('POST', `/api/jobs/${job.id}/undo`, { version: job.version })
  expect(site.sql(`select title from jobs where id = ${job.id}`).flat()).toEqual([`clock ${offs.length - 1}`])
})

it('a job that was closed while the clock was wrong is found, opened again and looked at again', async () => {
  await clockOff(-900)
  const machine = await send<{ id: number; positions: { id: number }[] }>('POST', '/api/machines', {
    name: 'Winch of the clock',
    positions: [{ name: 'idler' }],
  })
  const made = await send<Job>('POST', '/api/jobs', {
    title: 'closed long ago',
    machineId: machine.id,
    positionId: machine.positions[0]?.id,
  })
  const kitted = await send<Job>('PATCH', `/api/jobs/${made.id}`, {
    version: made.version,
    decision: { designation: '6206-2RS', base: '6206', probability: null },
    kit: { arrangement: 'B1', positions: 1, parts: {}, sizes: {} },
  })
  const closed = await send<Job>('PATCH', `/api/jobs/${made.id}`, {
    version: kitted.version,
    closed: true,
    reason: 'clock',
  })
  await clockOff(0)
  const { items } = await send<{ items: { jobId: number }[] }>('GET', `/api/rechecks?job=${made.id}`)
  expect(items.length).toBeGreaterThan(0)
  await send('PATCH', `/api/jobs/${made.id}`, { version: closed.version, closed: false })
  const found = await send<{ items: { id: number }[] }>('GET', '/api/jobs?q=closed%20long%20ago')
  expect(found.items.map(({ id }) => id)).toEqual([made.id])
})
