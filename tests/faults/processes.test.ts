import { randomUUID } from 'node:crypto'
import { resolve } from 'node:path'
import { setTimeout as pause } from 'node:timers/promises'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { Site } from './site'

// Two web processes behind a proxy on one database, the second reading from a replica that has fallen behind: what one of them has
// acknowledged the other answers at once.

const first = new Site(resolve('.local/fault-processes-db'))
let second: Site
const both = () => [first, second] as const

beforeAll(async () => {
  await first.begin()
  second = await first.beside({ DATABASE_READ_URLS: first.copyAside('amber_behind') })
})
afterAll(() => {
  second.endApp()
  first.end()
})

async function send<T>(site: Site, method: string, path: string, body?: unknown) {
  const isTable = typeof body === 'string'
  const response = await fetch(site.address + path, {
    method,
    headers: {
      'content-type': isTable ? 'text/csv' : 'application/json',
      ...(method !== 'GET' && !isTable && { 'idempotency-key': randomUUID() }),
    },
    ...(body !== undefined && { body: isTable ? body : JSON.stringify(body) }),
  })
  return { status: response.status, body: (await response.json()) as T }
}

const statusOf = async (site: Site, number: string): Promise<number> =>
  (await send(site, 'GET', `/api/parts?designation=${encodeURIComponent(number)}`)).status

const columns = encodeURIComponent(
  JSON.stringify({ designation: 'number', bore: 'bore', outside: 'outside', width: 'width' }),
)
const read = (site: Site, name: string, rows: string[]) =>
  send<{ id: number }>(
    site,
    'POST',
    `/api/lists?name=${name}&kind=own&columns=${columns}`,
    ['number,bore,outside,width', ...rows].join('\n'),
  )

async function stateOf(site: Site, id: number): Promise<string> {
  return (await send<{ state: string }>(site, 'GET', `/api/lists/${id}`)).body.state
}

it('a part kept, a list read in, taken away and put back by one process are known to the other at once', async () => {
  for (const [at, other, mark] of [
    [...both(), 'P'],
    [second, first, 'Q'],
  ] as const) {
    const name = `Davit bush ${mark}`
    expect(await statusOf(other, name)).toBe(404)
    expect((await send(at, 'POST', '/api/parts', { designation: name, bore: 21, outside: 40 })).status).toBe(
      201,
    )
    expect(await statusOf(other, name)).toBe(200)
    // A write of the other, whole in one change, knows of it too.
    expect((await send(other, 'POST', '/api/part-names', { name, designation: '6004' })).status).toBe(409)

    const listed = `Quay winch ${mark}`
    const { id } = (await read(at, 'Shelf', [`${listed},22.4,41,9`])).body
    while ((await stateOf(other, id)) === 'running') await pause(20)
    expect(await statusOf(other, listed)).toBe(200)
    await send(other, 'DELETE', `/api/lists/${id}`)
    expect(await statusOf(at, listed)).toBe(404)
    await send(at, 'POST', `/api/bin/list/${id}`)
    expect(await statusOf(other, listed)).toBe(200)
  }
})

it('what one process reads in goes on while the other lists; only what a dead one left is told as failed', async () => {
  const { id } = (
    await read(
      first,
      'Long',
      Array.from({ length: 20_000 }, (_, i) => `QX${i},10,${20 + (i % 50)},9`),
    )
  ).body
  first.sql(
    "insert into lists (name, kind, state, remarks, created_at, updated_at) values ('Left', 'own', 'running', '[]', now(), now() - interval 5 minute)",
  )
  const [left] = first.sql("select id from lists where name = 'Left'").flat()
  do expect((await send(second, 'GET', '/api/lists')).status).toBe(200)
  while ((await stateOf(second, id)) === 'running')
  expect(await stateOf(first, id)).toBe('done')
  expect(await stateOf(first, Number(left))).toBe('failed')
  await send(first, 'DELETE', `/api/lists/${id}`)
})

it('who saves and reads again sees what was saved, though the replica has not heard of it', async () => {
  const made = (await send<{ id: number; version: number }>(second, 'POST', '/api/jobs', { title: 'Idler' }))
    .body
  const path = `/api/jobs/${made.id}`
  await send(first, 'PATCH', path, { version: made.version, title: 'Idler, left' })
  expect((await send<{ title: string }>(second, 'GET', path)).body.title).toBe('Idler, left')
  // What is counted over a whole history may be as old as the replica.
  expect((await send(second, 'GET', '/api/logbook/failures')).status).toBe(200)
})
