import { createServer, type RequestListener, type Server } from 'node:http'
import type { AddressInfo } from 'node:net'
import { setTimeout } from 'node:timers/promises'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { deliveryOf, quotes, sendOrder, suppliers } from './suppliers'

vi.mock('./log', () => ({ log: { info: vi.fn() } }))

// A supplier is somebody else's program: whatever it answers is told in words, in bounded time and room.

let server: Server
let calls: string[] = []
let answer: RequestListener

beforeEach(async () => {
  calls = []
  server = createServer((request, response) => {
    calls.push(`${request.method} ${request.url}`)
    answer(request, response)
  })
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve))
  vi.stubEnv('SUPPLIERS_URL', `http://127.0.0.1:${(server.address() as AddressInfo).port}`)
  delete (globalThis as { amberQuotes?: unknown }).amberQuotes
})
afterEach(() => {
  vi.unstubAllEnvs()
  server.closeAllConnections()
  server.close()
})

const says =
  (body: string, status = 200, headers: Record<string, string> = {}): RequestListener =>
  (_, response) => {
    response.writeHead(status, { 'content-type': 'application/json', ...headers }).end(body)
  }
const quote = (more: object) =>
  JSON.stringify({ quotes: [{ designation: '6204', price: 4.2, pack: 1, days: 3, ...more }] })
const UNREADABLE = 'answers what cannot be read'

describe('an answer that is wrong', () => {
  it.each<[string, string, number, string, number]>([
    ['a page instead of figures', '<html><body>Welcome</body></html>', 200, UNREADABLE, 1],
    ['nothing', '', 200, UNREADABLE, 1],
    ['half an answer', quote({}).slice(0, 30), 200, UNREADABLE, 1],
    ['a negative price', quote({ price: -1 }), 200, UNREADABLE, 1],
    ['a price beyond any part', quote({ price: 1e12 }), 200, UNREADABLE, 1],
    ['a price in words', quote({ price: 'four' }), 200, UNREADABLE, 1],
    ['half a piece in a pack', quote({ pack: 0.5 }), 200, UNREADABLE, 1],
    ['a pack of none', quote({ pack: 0 }), 200, UNREADABLE, 1],
    ['a delivery before it is ordered', quote({ days: -3 }), 200, UNREADABLE, 1],
    [
      'more prices than were asked for',
      JSON.stringify({
        quotes: Array.from({ length: 501 }, () => ({ designation: 'x', price: 1, pack: 1, days: 1 })),
      }),
      200,
      UNREADABLE,
      1,
    ],
    ['brackets without end', `{"quotes":${'['.repeat(200_000)}`, 200, UNREADABLE, 1],
    ['a megabyte too many', JSON.stringify({ quotes: [], more: 'x'.repeat(1_100_000) }), 200, UNREADABLE, 1],
    ['it does not know the part', '{}', 404, 'knows nothing of this', 1],
    ['it refuses', '{}', 403, 'refuses this', 1],
    ['it is out of order, however often it is asked', '{}', 503, 'is out of order (503)', 3],
    ['it takes no more calls', '{}', 429, 'takes no more calls just now', 3],
  ])('%s', async (_, body, status, message, times) => {
    answer = says(body, status)
    expect(await quotes('gullwing', ['6204'])).toEqual({ ok: false, message })
    expect(calls).toHaveLength(times)
  })

  it('a supplier that sends one elsewhere is not followed', async () => {
    answer = says('', 302, { location: '/gullwing/elsewhere' })
    expect((await quotes('gullwing', ['6204'])).ok).toBe(false)
    expect(new Set(calls)).toEqual(new Set(['POST /gullwing/quote']))
  })

  it('an answer without end is not read to its end', async () => {
    let sent = 0
    answer = (_, response) => {
      const block = Buffer.alloc(64 * 1024, 0x20)
      response.on('error', () => undefined)
      const more = () => {
        while (!response.destroyed && response.write(block)) sent += block.length
      }
      response.on('drain', more)
      more()
    }
    expect(await suppliers()).toEqual({ ok: false, message: UNREADABLE })
    expect(sent).toBeLessThan(32 * 1024 * 1024)
  })

  it('one that says nothing, and one that drips, are left after the time of three attempts', async () => {
    answer = (request, response) => {
      if (request.url !== '/suppliers') return
      const drip = setInterval(() => response.write(' '), 100)
      response.on('close', () => clearInterval(drip))
    }
    const from = performance.now()
    const silent = await Promise.all([
      suppliers(),
      sendOrder('gullwing', 'key', []),
      deliveryOf('gullwing', 'n/1'),
    ])
    expect(silent).toEqual(Array.from({ length: 3 }, () => ({ ok: false, message: 'does not answer' })))
    expect(performance.now() - from).toBeLessThan(15_000)
    expect(calls.filter((call) => call === 'GET /gullwing/orders/n%2F1/delivery')).toHaveLength(3)
  }, 30_000)

  it('nobody there', async () => {
    vi.stubEnv('SUPPLIERS_URL', 'http://127.0.0.1:9')
    expect(await suppliers()).toEqual({ ok: false, message: 'does not answer' })
  })
})

describe('an answer that is right', () => {
  it('is asked for again where the supplier was busy, and waited for no longer than two seconds', async () => {
    const busy = says('', 429, { 'retry-after': '9999' })
    const ready = says(quote({}))
    answer = (...args) => (calls.length === 1 ? busy : ready)(...args)
    const from = performance.now()
    expect(await quotes('gullwing', ['6204'])).toMatchObject({ ok: true, value: [{ price: 4.2 }] })
    expect(performance.now() - from).toBeLessThan(4000)
  })

  it('holds for a while, however the price drifts; what is not carried is not asked again either; prices nobody asked for are not taken', async () => {
    let price = 4
    answer = (...args) =>
      says(
        JSON.stringify({
          quotes: ['6204', '6305'].map((designation) => ({ designation, price: price++, pack: 1, days: 1 })),
        }),
      )(...args)
    expect(await quotes('gullwing', ['6204', '6999'])).toMatchObject({
      value: [{ designation: '6204', price: 4 }],
    })
    expect(await quotes('gullwing', ['6999', '6204'])).toMatchObject({
      value: [{ designation: '6204', price: 4 }],
    })
    expect(calls).toHaveLength(1)
    expect(await quotes('gullwing', ['6305'])).toMatchObject({ value: [{ price: 7 }] })
    expect(await quotes('saltmarsh', ['6204'])).toMatchObject({ value: [{ price: 8 }] })
    const now = performance.now()
    const clock = vi.spyOn(performance, 'now').mockReturnValue(now + 4 * 60_000)
    expect(await quotes('gullwing', ['6204'])).toMatchObject({ value: [{ price: 4 }] })
    clock.mockReturnValue(now + 6 * 60_000)
    // The memory looks at the clock once a millisecond.
    await setTimeout(5)
    expect(await quotes('gullwing', ['6204'])).toMatchObject({ value: [{ price: 10 }] })
    clock.mockRestore()
  })
})
