import { mark } from '../support/mark'
import { paperText } from '../support/paper'
import { beforeAll, describe, expect, it } from 'vitest'
import { address as ADDRESS, call as callWith } from '../support/call'

const SUPPLIERS = process.env['SUPPLIERS_URL'] ?? 'http://127.0.0.1:3917'

const call = <T>(method: string, path: string, body?: unknown, type = 'application/json') =>
  callWith<T>(method, path, body, { 'content-type': type })
const post = <T>(path: string, body: unknown) => call<T>('POST', path, body)
const get = <T>(path: string) => call<T>('GET', path)

interface Problem {
  detail: string
  current?: Item
}
interface Item {
  id: number
  designation: string
  quantity: number
  reserved: number
  free: number
  price: number | null
}
interface Order {
  id: number
  state: string
  supplierOrderNo: string | null
  lastError: string
  supplier: string
  lines: { id: number; designation: string; quantity: number; received: number }[]
}
interface Basket {
  picks: {
    designation: string
    supplier: string
    pieces: number
    wanted: number
    pack: number
    price: number
    cost: number
  }[]
  missing: string[]
  away: string[]
  subtotal: number
  freight: number
  total: number
  exact: boolean
}

/** A number no other test uses: tests share one database. */
const fresh = (): string => `Test bush ${mark()}`
const add = async (designation: string, quantity: number, more: object = {}): Promise<Item> =>
  (await post<Item>('/api/stock', { designation, bin: 'T1', quantity, ...more })).body

describe('stock', () => {
  it('two people taking the last one at once: one gets it, the other is told what is left', async () => {
    const item = await add(fresh(), 1)
    const take = () => post<Item & Problem>(`/api/stock/${item.id}/moves`, { kind: 'issue', pieces: 1 })
    const answers = await Promise.all(Array.from({ length: 12 }, take))
    expect(answers.map((a) => a.status).sort()).toEqual([201, ...Array<number>(11).fill(409)])
    const refused = answers.find((a) => a.status === 409)?.body
    expect(refused?.detail).toMatch(/Only 0 .* are free now/)
    expect(refused?.current).toMatchObject({ free: 0 })
    const { body } = await get<Item & { moves: object[] }>(`/api/stock/${item.id}`)
    expect(body).toMatchObject({ quantity: 0, reserved: 0 })
    expect(body.moves).toHaveLength(2)
  })

  it('every move is recorded with what was there afterwards, newest first', async () => {
    const item = await add(fresh(), 10)
    for (const [kind, pieces] of [
      ['reserve', 4],
      ['take', 3],
      ['release', 1],
      ['receive', 5],
      ['count', 11],
    ] as const)
      expect((await post(`/api/stock/${item.id}/moves`, { kind, pieces, note: 'test' })).status).toBe(201)
    const { body } = await get<
      Item & { moves: { kind: string; quantityAfter: number; reservedAfter: number }[] }
    >(`/api/stock/${item.id}`)
    expect(body.moves.map((m) => [m.kind, m.quantityAfter, m.reservedAfter])).toEqual([
      ['count', 11, 0],
      ['receive', 12, 0],
      ['release', 7, 0],
      ['take', 7, 1],
      ['reserve', 10, 4],
      ['receive', 10, 0],
    ])
  })

  it('a request sent twice with one key moves once', async () => {
    const item = await add(fresh(), 5)
    const idempotencyKey = `key ${fresh()}`.slice(0, 80)
    for (let i = 0; i < 3; i++)
      await post(`/api/stock/${item.id}/moves`, { kind: 'issue', pieces: 2, idempotencyKey })
    expect((await get<Item>(`/api/stock/${item.id}`)).body.quantity).toBe(3)
  })

  it.each([
    [{ kind: 'issue', pieces: -1 }, /zero or more/],
    [{ kind: 'issue', pieces: 0 }, /At least one/],
    [{ kind: 'issue', pieces: 1.5 }, /Whole pieces/],
    [{ kind: 'lose', pieces: 1 }, /kind/i],
    [{ kind: 'issue', pieces: 'two' }, /figure/],
  ])('%j is refused in words', async (move, message) => {
    const item = await add(fresh(), 3)
    const { status, body } = await post<Problem>(`/api/stock/${item.id}/moves`, move)
    expect(status).toBe(400)
    expect(body.detail).toMatch(message)
  })

  it('spellings of one part share a bin', async () => {
    const bin = `S${Date.now() % 1e6}`
    const a = await post<Item>('/api/stock', { designation: '6206-2RS1', bin, quantity: 2 })
    const b = await post<Item>('/api/stock', { designation: '6206 DDU', bin, quantity: 3 })
    expect(b.body.id).toBe(a.body.id)
    expect(b.body.quantity).toBe(5)
  })

  it('goes out as CSV and comes back in as a count, bad rows told', async () => {
    const name = fresh()
    const csv = `Number;Bin;Quantity;Price\n${name};Q1;7;3,50\n${name} b;Q1;2.5;1\n;Q1;1;1\n${name} c;Q1;4;much\n`
    const { status, body } = await call<{
      rows: number
      counted: number
      problems: { row: number; message: string }[]
    }>('POST', '/api/stock.csv', csv, 'text/csv')
    expect(status).toBe(200)
    expect(body).toMatchObject({ rows: 4, counted: 1 })
    expect(body.problems.map((p) => p.row)).toEqual([3, 4, 5])
    const out = (await get<string>('/api/stock.csv')).body
    expect(out).toContain(`${name},Q1,7,0,0,3.5,`)
    expect(out.split('\n').every((line) => !/^[=+@]/.test(line))).toBe(true)
  })
})

describe('baskets and orders', () => {
  const lines = [
    { designation: '6205-2RS', quantity: 12 },
    { designation: 'L68149', quantity: 8 },
    { designation: 'L68110', quantity: 8 },
    { designation: '42x62x8', quantity: 4 },
    { designation: 'cotter pin 4x40', quantity: 7 },
  ]
  const down = (supplier: string, isDown: boolean) =>
    fetch(`${SUPPLIERS}/control`, { method: 'POST', body: JSON.stringify({ supplier, down: isDown }) })
  let basket: Basket
  beforeAll(async () => {
    basket = (await post<Basket>('/api/basket', { lines })).body
  })

  it('covers every line that is offered, in whole packs, and adds up', () => {
    expect(basket.exact).toBe(true)
    expect(basket.picks.length + basket.missing.length).toBe(lines.length)
    for (const pick of basket.picks) {
      expect(pick.pieces % pick.pack).toBe(0)
      expect(pick.pieces).toBeGreaterThanOrEqual(pick.wanted)
    }
    expect(basket.picks.reduce((sum, p) => sum + p.cost, 0)).toBeCloseTo(basket.subtotal, 2)
    expect(basket.total).toBeCloseTo(basket.subtotal + basket.freight, 2)
  })

  it('a supplier that is down is named and left out; the others are asked', async () => {
    await down('gullwing', true)
    try {
      const other = [{ designation: `6308-2RS`, quantity: 1 + (Date.now() % 7) }]
      const { status, body } = await post<Basket>('/api/basket', { lines: other })
      expect(status).toBe(200)
      expect(body.away.join()).toMatch(/Gullwing/)
      expect(body.picks.every((p) => p.supplier !== 'gullwing')).toBe(true)
    } finally {
      await down('gullwing', false)
    }
  })

  const sendOrder = (idempotencyKey: string) =>
    post<{ orders: Order[] }>('/api/orders', {
      idempotencyKey,
      picks: basket.picks.map(({ designation, supplier, pieces }) => ({ designation, supplier, pieces })),
    })

  it('the same key again is the same orders', async () => {
    const idempotencyKey = `order-${fresh()}`.slice(0, 60)
    const [a, b] = [await sendOrder(idempotencyKey), await sendOrder(idempotencyKey)]
    expect(a.status).toBe(201)
    expect(b.body.orders.map((o) => [o.id, o.supplierOrderNo])).toEqual(
      a.body.orders.map((o) => [o.id, o.supplierOrderNo]),
    )
    expect(a.body.orders.every((o) => o.state === 'sent')).toBe(true)
  })

  it('the price that was shown is the price that is ordered, in whole packs; else nothing is ordered, in words', async () => {
    const [pick] = basket.picks
    if (!pick) throw new Error('no pick')
    const { designation, supplier, pieces, price, pack } = pick
    const order = (more: object) =>
      post<Problem & { orders: Order[] }>('/api/orders', {
        idempotencyKey: `order-${fresh()}`.slice(0, 60),
        picks: [{ designation, supplier, pieces, price, ...more }],
      })
    const dearer = await order({ price: price - 0.01 })
    expect(dearer).toMatchObject({
      status: 409,
      body: { detail: expect.stringContaining(price.toFixed(2)) as string },
    })
    expect((await order({ pieces: pack * 2 + 0.5 })).status).toBe(400)
    expect((await order({ pieces: pack * 2 + 1 })).status).toBe(pack === 1 ? 201 : 422)
    expect((await order({})).status).toBe(201)
  })

  it('two requests with one key at once order once', async () => {
    const idempotencyKey = `order-${fresh()}`.slice(0, 60)
    const answers = await Promise.all([
      sendOrder(idempotencyKey),
      sendOrder(idempotencyKey),
      sendOrder(idempotencyKey),
    ])
    expect(answers.map((a) => a.status)).toEqual([201, 201, 201])
    expect(new Set(answers.map((a) => a.body.orders.map((o) => o.id).join())).size).toBe(1)
  })

  it('a supplier down in the middle of an order: kept, told, sent later, taken once', async () => {
    const supplier = basket.picks[0]?.supplier ?? ''
    await down(supplier, true)
    const { body } = await sendOrder(`order-${fresh()}`.slice(0, 60)).finally(() => down(supplier, false))
    const waiting = body.orders.find((o) => o.supplier === supplier)
    expect(waiting).toMatchObject({ state: 'pending', supplierOrderNo: null })
    expect(waiting?.lastError).toMatch(/kept; send it again/)
    const sent = await post<Order>(`/api/orders/${waiting?.id}/send`, {})
    expect(sent.body.state).toBe('sent')
    const again = await post<Order>(`/api/orders/${waiting?.id}/send`, {})
    expect(again.body.supplierOrderNo).toBe(sent.body.supplierOrderNo)
    expect((await call('DELETE', `/api/orders/${waiting?.id}`)).status).toBe(409)
  })

  it('a delivery in parts: into the bins as it comes, never more than ordered', async () => {
    const placed = await post<{ orders: Order[] }>('/api/orders', {
      idempotencyKey: `order-${fresh()}`.slice(0, 60),
      picks: basket.picks
        .filter(({ pack }) => 10 % pack === 0)
        .slice(0, 1)
        .map(({ designation, supplier }) => ({ designation, supplier, pieces: 10 })),
    })
    const [order] = placed.body.orders
    const [line] = order?.lines ?? []
    if (!order || !line) throw new Error('no order was placed')
    const bin = `R${Date.now() % 1e6}`
    const receive = (pieces: number) =>
      post<Order & Problem>(`/api/orders/${order.id}/receive`, { lines: [{ id: line.id, pieces }], bin })
    expect((await receive(4)).body).toMatchObject({ state: 'partiallyReceived' })
    const tooMany = await receive(7)
    expect(tooMany.status).toBe(422)
    expect(tooMany.body.detail).toMatch(/6 are still to come, not 7/)
    expect((await receive(6)).body.state).toBe('received')
    expect((await receive(1)).status).toBe(422)
    const { items } = (
      await get<{ items: (Item & { bin: string })[] }>(`/api/stock?q=${encodeURIComponent(bin)}`)
    ).body
    expect(items.find((i) => i.bin === bin)).toMatchObject({ quantity: 10 })
    const note = await get<{ lines: { pieces: number }[] }>(`/api/orders/${order.id}/delivery`)
    expect(note.body.lines[0]?.pieces).toBeGreaterThan(0)
  })

  it.each([
    [{ lines: [] }, /one line/],
    [{ lines: [{ designation: '6205', quantity: 0 }] }, /one piece/],
    [{ lines: [{ designation: '6205', quantity: 1.5 }] }, /Whole pieces/],
    [{ lines: [{ designation: '6205', quantity: 1 }], dayWorth: -1 }, /Zero or more/],
  ])('basket %j is refused in words', async (body, message) => {
    const answer = await post<Problem>('/api/basket', body)
    expect(answer.status).toBe(400)
    expect(answer.body.detail).toMatch(message)
  })
})

interface Kit {
  arrangement: string
  lines: {
    slot: string
    designation: string
    quantity: number
    state: string
    stock: { free: number } | null
  }[]
  complete: boolean
}

describe('kits of every arrangement', () => {
  it('a driven hub B3: five bearings, two of one size and three of another, the sleeve once', async () => {
    const { body } = await post<Kit>('/api/kits/propose', {
      arrangement: 'B3',
      positions: 1,
      parts: {
        shellLeft: '6903-2RS',
        carrierInner: '6803-2RS',
        endCapLeft: 'keep',
        endCapRight: 'keep',
        axle: 'keep',
      },
      sizes: { sleeveLength: '9 mm' },
    })
    expect(body.complete).toBe(true)
    const count = (d: string) => body.lines.filter((l) => l.designation === d).length
    expect([count('6903-2RS'), count('6803-2RS')]).toEqual([2, 3])
  })
  it('a coach as one list: four wheel ends, two different sets at each, over jobs and machines', async () => {
    const kit = {
      arrangement: 'A1',
      positions: 4,
      parts: { innerBearing: 'L68149/L68110', outerBearing: 'LM12749/LM12710' },
      sizes: { sealShaft: 42, sealHousing: 62, sealWidth: 8 },
      thread: '3/4-16',
    }
    const body = {
      kits: [
        { name: 'Coach 1', kit },
        { name: 'Coach 2', kit, times: 2 },
      ],
    }
    const list = (
      await post<{ lines: { designation: string; quantity: number; short: number }[] }>('/api/campaign', body)
    ).body
    for (const part of ['L68149', 'L68110', 'LM12749', 'LM12710', '42x62x8'])
      expect(list.lines.filter((l) => l.designation === part).map((l) => l.quantity)).toEqual([12])
    const csv = (await post<string>('/api/campaign.csv', body)).body
    expect(csv.split('\n').filter((l) => l.startsWith('LM12749,'))).toHaveLength(1)
  })
  it('an unknown arrangement is refused with those there are', async () => {
    const { status, body } = await post<Problem>('/api/kits/propose', { arrangement: 'Z9', positions: 1 })
    expect(status).toBe(400)
    expect(body.detail).toMatch(/A1, A2, A3, A4, B1, B2, B3, B4, C1, C2, D1, E1, F1, G1, H1/)
  })
  it('arrangements say whether they take what was decided, all of it', async () => {
    const suiting = async (...parts: string[]) => {
      const query = new URLSearchParams(parts.map((part) => ['part', part]))
      const { body } = await call<{ arrangements: { code: string; own: boolean; suits: boolean | null }[] }>(
        'GET',
        `/api/arrangements?${query}`,
      )
      return body.arrangements.filter(({ own }) => !own).flatMap(({ code, suits }) => (suits ? [code] : []))
    }
    expect(await suiting()).toEqual([])
    expect(await suiting('UCP206')).toEqual(['F1'])
    expect(await suiting('6207/C3', 'NU207')).toEqual(['G1'])
    expect(await suiting('LM67048/LM67010', 'LM11949/LM11910')).toEqual(['A1', 'A2', 'A3', 'A4'])
    expect((await call('GET', `/api/arrangements?part=${'6'.repeat(90)}`)).status).toBe(400)
  })
  it('an own arrangement is saved, used, kept from circles, and taken away again', async () => {
    const code = `t${Date.now() % 1e8}`
    const put = (file: object) => call<Problem>('PUT', '/api/arrangements', file)
    const slots = [{ id: 'shim', label: 'Shim', role: 'plain', after: 'spacerTube', mayStay: true }]
    expect((await put({ code, title: 'Roller with shim', basedOn: 'B1', slots })).status).toBe(200)
    const kit = await post<Kit>('/api/kits/propose', {
      arrangement: code,
      parts: { shim: 'keep', bearing: '6205-2RS' },
    })
    expect(kit.body.lines.map((l) => l.slot)).toContain('shim')
    const second = `u${Date.now() % 1e8}`
    expect((await put({ code: second, title: 'Leans on it', basedOn: code, slots: [] })).status).toBe(200)
    const circle = await put({ code, title: 'Roller with shim', basedOn: second, slots })
    expect(circle.status).toBe(422)
    expect(circle.body.detail).toMatch(/circle/)
    expect((await call('DELETE', `/api/arrangements/${code}`)).status).toBe(409)
    for (const c of [second, code]) expect((await call('DELETE', `/api/arrangements/${c}`)).status).toBe(200)
    expect((await put({ code: 'A1', title: 'Mine now', slots: [] })).status).toBe(409)
  })
  it('a part that is gone stays readable in a saved kit, as a gap with its number', async () => {
    const { body } = await post<{ lines: { slot: string; state: string; reason: string }[] }>(
      '/api/kits/propose',
      {
        arrangement: 'B1',
        parts: { bearingLeft: 'Pier special 77', bearingRight: '6205-2RS' },
      },
    )
    expect(body.lines.find((l) => l.slot === 'bearingLeft')).toMatchObject({
      state: 'gap',
      reason: expect.stringContaining('Pier special 77'),
    })
  })
})

const B1_PLACES = [
  'wheelSpacerLeft',
  'sealLeft',
  'bearingLeft',
  'spacerTube',
  'bearingRight',
  'snapRing',
  'sealRight',
  'wheelSpacerRight',
]

describe('papers', () => {
  const head = async (path: string) => {
    const response = await fetch(ADDRESS + path)
    return {
      status: response.status,
      bytes: Buffer.from(await response.arrayBuffer())
        .subarray(0, 5)
        .toString(),
    }
  }
  it('labels, quote and job card of a kit are PDF; a job without a kit has none', async () => {
    const jobs = (await get<{ items: { id: number; kit: object | null }[] }>('/api/jobs?limit=200')).body
      .items
    const withKit = jobs.find((j) => j.kit)?.id
    const without = jobs.find((j) => !j.kit)?.id
    for (const paper of ['labels', 'quote', 'card', 'kit'])
      expect(await head(`/api/jobs/${withKit}/${paper}.pdf`), paper).toEqual({ status: 200, bytes: '%PDF-' })
    expect((await head(`/api/jobs/${without}/quote.pdf`)).status).toBe(404)
    expect(await head('/api/stock-labels.pdf')).toEqual({ status: 200, bytes: '%PDF-' })
  })
  it('a quote takes what a supplier asks today where a line has no price; where nothing has one it makes up no total', async () => {
    const quoteOf = async (supplierAt: string, designation: string) => {
      const made = await post<{ id: number; version: number }>('/api/jobs', { title: `Quote ${mark()}` })
      const kit = {
        arrangement: 'B1',
        positions: 1,
        parts: Object.fromEntries(
          B1_PLACES.map((slot) => [slot, slot.startsWith(supplierAt) ? designation : 'none'] as const),
        ),
        sizes: {},
      }
      const { version } = made.body
      expect((await call('PATCH', `/api/jobs/${made.body.id}`, { version, kit })).status).toBe(200)
      return paperText(await fetch(`${ADDRESS}/api/jobs/${made.body.id}/quote.pdf`), true)
    }
    const quote = await quoteOf('bearing', '6208-2RS/C3')
    expect(quote).toMatch(/6208-2RS.*\d+\.\d\d\s+\d+\.\d\d/)
    expect(quote).toMatch(/Total\s+\d+\.\d\d/)
    const unknown = await quoteOf('spacerTube', '20 bore x 61.5 long')
    expect(unknown).toContain('Prices on request.')
    expect(unknown).not.toMatch(/Total/)
  })
  it('a number too long for one line of a label is on it whole, also where two differ at their end only', async () => {
    const name = `Hub cap with grease fitting for the outer wheel ${mark()}`
    for (const side of ['left', 'right'])
      await post('/api/stock', {
        idempotencyKey: `${mark()}${side}label`,
        designation: `${name} ${side}`,
        quantity: 1,
      })
    const sheet = await fetch(`${ADDRESS}/api/stock-labels.pdf?q=${encodeURIComponent(name)}`)
    const text = (await paperText(sheet)).replace(/\s/g, '')
    for (const side of ['left', 'right']) expect(text).toContain(`${name}${side}`.replace(/\s/g, ''))
  })
  it('settings are checked and kept', async () => {
    const { body } = await get<{ currency: string; validDays: number }>('/api/settings')
    expect((await call('PUT', '/api/settings', { ...body, validDays: 0 })).status).toBe(400)
    expect((await call<typeof body>('PUT', '/api/settings', { ...body, validDays: 45 })).body.validDays).toBe(
      45,
    )
    expect((await get<typeof body>('/api/settings')).body.validDays).toBe(45)
    await call('PUT', '/api/settings', body)
  })
})

describe('seals by the work they do', () => {
  interface Seals {
    lipSpeed: number
    materials: string[]
    seals: { designation: string; checks: { check: string; result: string }[] }[]
    sleeves: { kind: string; seals: string[] }[]
  }
  it('tells speed at the lip, elastomers, and sleeves with the seal that then fits', async () => {
    const { body } = await get<Seals>(
      '/api/seals?shaft=35&housing=52&width=8&rpm=6000&medium=water&temperatureC=120',
    )
    expect(body.lipSpeed).toBeCloseTo(11, 0)
    expect(body.materials).toContain('FKM')
    expect(body.seals[0]?.checks.find((c) => c.check === 'temperature')?.result).toBe('fail')
    expect(body.sleeves[0]?.kind).toBe('thin')
    expect((await get('/api/seals?shaft=35&housing=52&rpm=fast')).status).toBe(400)
  })
})

describe('pairs of the trade (common practice)', () => {
  it.each([
    ['6205-2RS', '6205DDU', 'identical'],
    ['6205DDU', '6205LLU', 'identical'],
    ['6205', '6205/C3', 'conditional'],
    ['688', '688ZZ', 'conditional'],
    ['6203', '6203-5/8', 'not-interchangeable'],
    ['6205', '1641', 'not-interchangeable'],
    ['R8', '6001', 'not-interchangeable'],
    ['LM11749', 'LM11949', 'not-interchangeable'],
    ['L44643', 'L44649', 'not-interchangeable'],
  ])('%s → %s: %s', async (from, to, verdict) => {
    const query = new URLSearchParams({ from, to }).toString()
    expect((await get<{ verdict: string }>(`/api/interchange?${query}`)).body.verdict).toBe(verdict)
  })
})
