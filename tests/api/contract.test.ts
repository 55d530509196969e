import { randomUUID } from 'node:crypto'
import { request as httpRequest } from 'node:http'
import { describe, expect, it } from 'vitest'
import { ENDPOINTS, type Endpoint } from '@/contract/endpoints'
import { address, call, post } from '../support/call'

// RFC 9110 (methods), RFC 9457 (problems), the IETF draft of the Idempotency-Key header, OpenAPI 3.1.

interface Call {
  operationId: string
  parameters?: { $ref?: string }[]
}
type Paths = Record<string, Record<string, Call>>

const METHODS = ['get', 'post', 'put', 'patch', 'delete'] as const
const described = async (): Promise<Paths> =>
  (await call<{ paths: Paths }>('GET', '/api/openapi.json')).body.paths
const callsOf = (paths: Paths): [string, string, Call][] =>
  Object.entries(paths).flatMap(([path, calls]) =>
    METHODS.flatMap((method) =>
      calls[method] ? [[method, path, calls[method]] as [string, string, Call]] : [],
    ),
  )

let counter = 0
/** Letters nobody else uses: figures may happen to read as a part number. */
const fresh = (): string =>
  [...`${process.pid}${Date.now()}${counter++}`].map((figure) => 'ABCDEFGHIJ'[Number(figure)]).join('')

describe('the description', () => {
  it('names every call once', async () => {
    const names = callsOf(await described()).map(([, , { operationId }]) => operationId)
    expect(names.length).toBeGreaterThan(60)
    expect(new Set(names).size).toBe(names.length)
  })

  const repeatable = Object.entries<Endpoint>(ENDPOINTS)
    .filter(([, endpoint]) => endpoint.repeatable)
    .map(([line]) => line)

  it('says of every write that may be sent again that it may, and of no other', async () => {
    const documented = callsOf(await described())
      .filter(([, , { parameters }]) => parameters?.some((p) => p.$ref?.endsWith('/IdempotencyKey')))
      .map(([method, path]) => `${method.toUpperCase()} ${path}`)
    expect(documented.length).toBeGreaterThan(10)
    expect(documented.sort()).toEqual([...repeatable].sort())
  })

  it.each(repeatable)('%s looks at its key before it does anything', async (line) => {
    const [method = '', path = ''] = line.split(' ')
    const answer = await call(method, path.replace(/\{\w+\}/g, '1'), {}, { 'idempotency-key': 'short' })
    expect(answer.status).toBe(400)
    expect(answer.body.detail).toMatch(/Idempotency-Key/i)
  })
})

describe('what is sent is read by the schema of the table before anything is looked up', () => {
  const taking = Object.entries<Endpoint>(ENDPOINTS)
    .filter(([, { input }]) => input !== undefined && typeof input !== 'string')
    .map(([line]) => line)
  it.each(taking)('%s refuses what is none of its form', async (line) => {
    const [method = '', path = ''] = line.split(' ')
    const nowhere = path.replace(/\{\w+\}/g, '999999999')
    for (const body of ['[]', 'null', '7', '"text"']) {
      const answer = await call(method, nowhere, body)
      expect(answer.body, body).toMatchObject({ status: 400, type: '/problems/unreadable' })
      expect(answer.body.detail, body).toMatch(/give an object/)
    }
  })
})

it('every path refuses every method it does not know, in words, and says which it does', async () => {
  const paths = await described()
  for (const [path, calls] of Object.entries(paths))
    for (const method of METHODS) {
      if (method in calls) continue
      const response = await fetch(address + path.replace(/\{\w+\}/g, '1'), { method: method.toUpperCase() })
      expect(response.status, `${method} ${path}`).toBe(405)
      expect(response.headers.get('content-type')).toContain('application/problem+json')
      const known = METHODS.filter((m) => m in calls).map((m) => m.toUpperCase())
      expect(response.headers.get('allow')?.split(', ')).toEqual(expect.arrayContaining(known))
      expect(await response.json()).toMatchObject({ status: 405, type: '/problems/wrongMethod' })
    }
})

interface Item {
  id: number
  quantity: number
  reserved: number
}
const keyed = <T>(method: string, path: string, body: unknown, key: string) =>
  call<T>(method, path, body, { 'idempotency-key': key })
const newItem = async (quantity: number) =>
  (await post<Item>('/api/stock', { designation: `Bush ${fresh()}`, bin: 'C1', quantity })).body
const item = async (id: number) => (await call<Item & { moves: object[] }>('GET', `/api/stock/${id}`)).body

describe('a write that is sent again', () => {
  it('moves pieces once, however often and at whatever time it comes', async () => {
    const { id } = await newItem(20)
    const key = randomUUID()
    const take = () => keyed<Item>('POST', `/api/stock/${id}/moves`, { kind: 'issue', pieces: 3 }, key)
    const answers = [...(await Promise.all(Array.from({ length: 24 }, take))), await take()]
    for (const answer of answers) {
      expect(answer.status).toBe(201)
      expect(answer.body).toEqual(answers[0]?.body)
    }
    expect((await item(id)).quantity).toBe(17)
    expect((await item(id)).moves).toHaveLength(2)
  })

  it('is refused when something else is asked under its key: other pieces, another item, another path', async () => {
    const [a, b] = [await newItem(9), await newItem(9)]
    const key = randomUUID()
    const move = (id: number, pieces: number) =>
      keyed<Item>('POST', `/api/stock/${id}/moves`, { kind: 'issue', pieces }, key)
    expect((await move(a.id, 2)).status).toBe(201)
    for (const other of [move(a.id, 3), move(b.id, 2)])
      expect(await other).toMatchObject({ status: 422, body: { type: '/problems/keyReused' } })
    expect(await keyed('PATCH', `/api/stock/${a.id}`, { minimum: 2 }, key)).toMatchObject({ status: 422 })
    expect((await item(a.id)).quantity).toBe(7)
    expect((await item(b.id)).quantity).toBe(9)
  })

  it('tells keys apart by case, and keeps a key free that was refused', async () => {
    const { id } = await newItem(4)
    const key = `key-${fresh()}`
    const move = (pieces: number, under: string) =>
      keyed<Item>('POST', `/api/stock/${id}/moves`, { kind: 'issue', pieces }, under)
    expect(await move(5, key)).toMatchObject({ status: 409, body: { type: '/problems/tooFew' } })
    expect((await move(1, key)).status).toBe(201)
    expect((await move(1, key.toLowerCase())).status).toBe(201)
    expect((await item(id)).quantity).toBe(2)
  })

  it('refuses what is no key', async () => {
    for (const key of ['short', 'with space in it', 'x'.repeat(81)])
      expect(await keyed('POST', '/api/stock', { designation: fresh() }, key)).toMatchObject({ status: 400 })
  })

  it('opens one job, writes one machine, adds one part, reads one list', async () => {
    const name = fresh()
    for (const [path, body] of [
      ['/api/jobs', { title: `Job ${name}` }],
      ['/api/machines', { name: `Machine ${name}` }],
      ['/api/stock', { designation: `Part ${name}`, quantity: 2 }],
    ] as const) {
      const key = randomUUID()
      const [first, again] = [
        await keyed<Item>('POST', path, body, key),
        await keyed<Item>('POST', path, body, key),
      ]
      expect(first.status, path).toBe(201)
      expect(again, path).toEqual(first)
    }
    const { body } = await call<{ items: object[] }>('GET', `/api/jobs?q=${name}`)
    expect(body.items).toHaveLength(1)
    const parts = await call<{ items: Item[] }>('GET', `/api/stock?q=${name}`)
    expect(parts.body.items).toMatchObject([{ quantity: 2 }])
    const csv = `designation,bin,quantity\nPart ${name},,5\n`
    const headers = { 'content-type': 'text/csv', 'idempotency-key': randomUUID() }
    for (let i = 0; i < 2; i++) await call('POST', '/api/stock.csv', csv, headers)
    const [part] = parts.body.items
    expect((await item(part?.id ?? 0)).moves).toHaveLength(2)
  })
})

describe('a key inside the body, as outside programs send it', () => {
  it('is bound to its item, kind and job; case counts', async () => {
    const [a, b] = [await newItem(9), await newItem(9)]
    const idempotencyKey = `once-${fresh()}`
    const move = (id: number, more: object) =>
      post(`/api/stock/${id}/moves`, { kind: 'issue', pieces: 2, idempotencyKey, ...more })
    expect((await move(a.id, {})).status).toBe(201)
    expect((await move(a.id, {})).status).toBe(201)
    expect((await move(b.id, {})).status).toBe(422)
    expect((await move(a.id, { kind: 'receive' })).status).toBe(422)
    expect((await move(a.id, { pieces: 3 })).status).toBe(422)
    expect((await move(b.id, { idempotencyKey: idempotencyKey.toLowerCase() })).status).toBe(201)
    expect((await item(a.id)).quantity).toBe(7)
    expect((await item(b.id)).quantity).toBe(7)
  })
})

interface Paged {
  items: { id: number }[]
  next: string | null
}

describe.each(['/api/jobs', '/api/machines', '/api/stock', '/api/orders'])('%s, a page at a time', (path) => {
  it('tells everything once, in one order', async () => {
    const page = async (limit: number, cursor: string | null) =>
      (
        await call<Paged>(
          'GET',
          `${path}?limit=${limit}${cursor === null ? '' : `&cursor=${encodeURIComponent(cursor)}`}`,
        )
      ).body
    const walked: number[] = []
    const limit = 7
    let cursor: string | null = null
    for (let pages = 0; pages < 12; pages++) {
      const { items, next } = await page(limit, cursor)
      expect(items.length).toBeLessThanOrEqual(limit)
      if (next !== null) expect(items).toHaveLength(limit)
      walked.push(...items.map(({ id }) => id))
      cursor = next
      if (next === null) break
    }
    expect(new Set(walked).size).toBe(walked.length)
    const { items } = await page(200, null)
    expect(items.map(({ id }) => id).slice(0, walked.length)).toEqual(walked)
  })

  it.each(['limit=0', 'limit=201', 'limit=ten', 'cursor=%00%01', `q=${'x'.repeat(81)}`])(
    'refuses ?%s in words',
    async (query) => {
      // Machines are paged by name: any text is a place among them.
      if (path === '/api/machines' && query.startsWith('cursor')) return
      const answer = await call<object>('GET', `${path}?${query}`)
      expect(answer).toMatchObject({ status: 400, body: { detail: expect.stringMatching(/\S/) as string } })
    },
  )
})

it('jobs are found by the beginnings of words, in any order: title, machine, decided number, or their own number', async () => {
  const [name, machine] = [fresh(), fresh()]
  const { body: machineMade } = await post<{ id: number }>('/api/machines', { name: `Tide mill ${machine}` })
  const { body: job } = await post<{ id: number }>('/api/jobs', {
    title: `Winch of the slip, ${name}`,
    machineId: machineMade.id,
    bearings: [{ decision: { designation: 'LM48548/LM48510', base: 'LM48548/LM48510', probability: 1 } }],
  })
  const found = async (q: string): Promise<boolean> => {
    const { body } = await call<Paged>('GET', `/api/jobs?limit=200&q=${encodeURIComponent(q)}`)
    return body.items.some(({ id }) => id === job.id)
  }
  for (const q of [
    name,
    name.toLowerCase(),
    `${name.slice(0, 9)} winc`,
    `slip ${name}`,
    machine,
    `tide ${machine}`,
  ])
    expect(await found(q), q).toBe(true)
  for (const q of ['LM48510', 'lm48548', String(job.id)]) expect(await found(q), q).toBe(true)
  // Not by the middle of a word, and not when one of the words is missing.
  for (const q of [name.slice(2), `${name} capstan`, `inch ${name}`]) expect(await found(q), q).toBe(false)
})

it('items of the store are found by part of a number or bin, and the short ones are counted', async () => {
  const name = fresh()
  for (const [quantity, minimum] of [
    [5, 5],
    [4, 5],
  ])
    await post('/api/stock', {
      designation: `Ring ${name} ${minimum} ${quantity}`,
      bin: 'C9',
      quantity,
      minimum,
    })
  const found = async (query: string) =>
    (await call<Paged & { all: number; low: number }>('GET', `/api/stock?q=${name}${query}`)).body
  // By bin, then by number, whenever they came.
  const numbers = ['5 4', '5 5'].map((figures) => ({ designation: `Ring ${name} ${figures}` }))
  expect(await found('')).toMatchObject({ all: 2, low: 1, items: numbers })
  expect((await found('&low=true')).items).toHaveLength(1)
  // Marks of a LIKE are letters like any other.
  expect((await call<Paged>('GET', '/api/stock?q=%25_%25')).body.items).toEqual([])
})

it('the history of a job is told in pages, none twice, none left out', async () => {
  const { body: job } = await post<{ id: number; version: number }>('/api/jobs', { title: 'Told in pages' })
  for (let version = job.version, i = 0; i < 5; i++, version++)
    await call('PATCH', `/api/jobs/${job.id}`, { version, title: `Told in pages, ${'abcde'[i]}` })
  const first = (await call<Paged>('GET', `/api/jobs/${job.id}/history?limit=4`)).body
  const rest = (await call<Paged>('GET', `/api/jobs/${job.id}/history?limit=4&cursor=${first.next}`)).body
  const ids = [...first.items, ...rest.items].map(({ id }) => id)
  expect([first.items.length, rest.next]).toEqual([4, null])
  expect(ids).toHaveLength(6)
  expect(new Set(ids).size).toBe(6)
})

it('moves of an item are told in pages, none twice', async () => {
  const { id } = await newItem(1)
  for (let i = 0; i < 4; i++) await post(`/api/stock/${id}/moves`, { kind: 'receive', pieces: 1 })
  const first = (await call<Paged>('GET', `/api/stock/${id}/moves?limit=3`)).body
  const rest = (await call<Paged>('GET', `/api/stock/${id}/moves?limit=3&cursor=${first.next}`)).body
  expect([first.items.length, rest.items.length, rest.next]).toEqual([3, 2, null])
  expect(first.items.at(-1)?.id).toBeGreaterThan(rest.items[0]?.id ?? 0)
})

describe('plain input that cannot be', () => {
  const far = 99_999_999_999
  const half = '\ud800'
  it.each<[string, string, unknown, number]>([
    ['POST', '/api/jobs', { title: 'x', machineId: far }, 404],
    ['POST', '/api/jobs', { title: 'x', machineId: 4_000_000_000 }, 404],
    ['POST', '/api/jobs', { title: 'x', positionId: 1 }, 422],
    ['POST', '/api/jobs', { title: 'x', copyOf: far }, 404],
    ['POST', '/api/jobs', { title: 'x', partOf: far }, 404],
    ['POST', '/api/jobs', { title: `Wheel ${half}` }, 400],
    ['POST', '/api/jobs', { title: 'x', intake: { note: 'a\u0000b' } }, 400],
    ['POST', '/api/stock', { designation: `${half}${half}` }, 400],
    ['POST', '/api/machines', { name: half }, 400],
    ['PUT', '/api/settings', { shop: half }, 400],
    ['PUT', '/api/settings', { [half]: 1 }, 400],
    ['PUT', '/api/settings', { timeZone: 'Middle/Earth' }, 400],
    [
      'POST',
      '/api/orders',
      { idempotencyKey: 'order-nobody-1', picks: [{ designation: '6205', supplier: 'nobody', pieces: 1 }] },
      422,
    ],
    ['POST', '/api/machines/1/merge', { into: far }, 404],
    ['POST', '/api/jobs', `${'['.repeat(100_000)}${']'.repeat(100_000)}`, 400],
    ['GET', `/api/jobs/${far}`, undefined, 404],
    ['GET', '/api/jobs/%ff', undefined, 400],
    ['GET', `/api/orders?cursor=${'9'.repeat(30)}`, undefined, 400],
    ['GET', '/api/stock?cursor=eyJhIjoxfQ', undefined, 400],
  ])('%s %s %j is %i in words', async (method, path, body, status) => {
    const answer = await call<object>(method, path, body)
    expect(answer).toMatchObject({ status, body: { detail: expect.stringMatching(/\S \S/) as string } })
  })

  it('a position belongs to the machine that is named with it', async () => {
    const made = async (name: string) =>
      (
        await post<{ id: number; positions: { id: number }[] }>('/api/machines', {
          name: `${name} ${fresh()}`,
          positions: [{ name: 'left', quantity: 1 }],
        })
      ).body
    const [a, b] = [await made('Winch'), await made('Winch')]
    const job = { title: 'x', machineId: a.id, positionId: b.positions[0]?.id }
    expect(await post('/api/jobs', job)).toMatchObject({ status: 422 })
    const right = await post<{ id: number; version: number }>('/api/jobs', {
      ...job,
      positionId: a.positions[0]?.id,
    })
    expect(right.status).toBe(201)
    const change = { version: right.body.version, positionId: b.positions[0]?.id }
    expect(await call('PATCH', `/api/jobs/${right.body.id}`, change)).toMatchObject({ status: 422 })
  })

  it('pages whose address is no text are refused, not failed', async () => {
    for (const path of ['/jobs/%ff', '/machines/%c3%28', '/parts/%80'])
      expect((await fetch(address + path)).status, path).toBe(400)
  })

  it('two stock lists at once, and moves meanwhile: everything counted, nothing in doubt', async () => {
    const name = fresh()
    const rows = Array.from({ length: 300 }, (_, i) => `Bush ${name} ${'ABCDEFGHIJ'[i % 10]}${i},C7,${i}`)
    const list = (order: string[]) =>
      call('POST', '/api/stock.csv', `designation,bin,quantity\n${order.join('\n')}\n`, {
        'content-type': 'text/csv',
      })
    const { id } = await newItem(1)
    const answers = await Promise.all([
      list(rows),
      list([...rows].reverse()),
      ...Array.from({ length: 10 }, () => post(`/api/stock/${id}/moves`, { kind: 'receive', pieces: 1 })),
    ])
    expect(answers.map(({ status }) => status)).toEqual([200, 200, ...Array<number>(10).fill(201)])
    expect((await item(id)).quantity).toBe(11)
    const { body } = await call<{ items: Item[]; all: number }>('GET', `/api/stock?limit=200&q=${name}`)
    expect(body.all).toBe(300)
    expect(new Set(body.items.map(({ quantity }) => quantity)).size).toBe(200)
  })
})

describe('pages of somebody else', () => {
  /** A request with headers that `fetch` does not let one set. */
  const ask = (method: string, path: string, headers: Record<string, string>) =>
    new Promise<number>((resolve, reject) => {
      const { hostname, port } = new URL(address)
      const sent = httpRequest({ hostname, port, method, path, headers }, (response) => {
        response.resume()
        resolve(response.statusCode ?? 0)
      })
      sent.on('error', reject)
      sent.end()
    })
  const { host } = new URL(address)

  it.each([
    ['GET', '/api/jobs', { host: 'evil.example' }, 403],
    ['GET', '/', { host: 'evil.example:3000' }, 403],
    ['GET', '/api/health', { host: 'localhost' }, 200],
    ['GET', '/api/health', { host }, 200],
    ['GET', '/api/health', { host, origin: 'https://evil.example' }, 200],
    ['POST', '/api/orders/999999/send', { host, origin: 'https://evil.example' }, 403],
    ['POST', '/api/orders/999999/send', { host, origin: 'null' }, 403],
    ['POST', '/api/orders/999999/send', { host, 'sec-fetch-site': 'cross-site' }, 403],
    ['POST', '/api/orders/999999/send', { host, origin: address }, 404],
    ['POST', '/api/orders/999999/send', { host }, 404],
    ['DELETE', '/api/orders/999999', { host, origin: `${address}1` }, 403],
  ])('%s %s with %j is %i', async (method, path, headers, status) => {
    expect(await ask(method, path, headers as Record<string, string>)).toBe(status)
  })
})
