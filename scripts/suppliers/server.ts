/**
 * Three simulated suppliers on loopback: prices, packs, days, freight, rate limits and outages, all from one seed.
 * SUPPLIERS_PORT sets the address. SUPPLIERS_CONTROL=1 lets a test take one down: POST /control {"supplier","down"}.
 */
import { existsSync, readFileSync, writeFileSync } from 'node:fs'
import { createServer, type IncomingMessage, type ServerResponse } from 'node:http'
import { buildCatalogue } from '@/core/catalogue'
import { readShippedParts, readShippedTokens } from '@/services/catalogue/dataFolder'
import { quoteOf, seeded, SUPPLIERS, type Supplier } from './offers'

const context = { catalogue: buildCatalogue(readShippedParts()), tokens: readShippedTokens() }
/** Calls a supplier takes in a second. */
const CALLS_A_SECOND = 20
/** Of so many calls one fails, for the supplier with the old telephone line. */
const FAILS_EVERY = 7
const MAX_BYTES = 256 * 1024

interface TakenOrder {
  number: string
  lines: { designation: string; pieces: number }[]
}

const calls = new Map<string, number[]>()
const count = new Map<string, number>()
const down = new Set<string>()
/** Orders outlive a restart: an order sent again after one is still the same order. */
const STATE = process.env.SUPPLIERS_STATE
const taken = new Map<string, TakenOrder>([
  [
    'breakwater demo-order-before-the-season',
    {
      number: 'BR-0001',
      lines: [
        { designation: 'LM12749', pieces: 8 },
        { designation: 'LM12710', pieces: 8 },
      ],
    },
  ],
  ...(STATE && existsSync(STATE) ? (JSON.parse(readFileSync(STATE, 'utf8')) as [string, TakenOrder][]) : []),
])

async function body(request: IncomingMessage): Promise<unknown> {
  const chunks: Buffer[] = []
  let bytes = 0
  for await (const chunk of request as AsyncIterable<Buffer>) {
    bytes += chunk.length
    if (bytes > MAX_BYTES) throw new Error('too large')
    chunks.push(chunk)
  }
  return chunks.length > 0 ? JSON.parse(Buffer.concat(chunks).toString()) : {}
}

const send = (
  response: ServerResponse,
  status: number,
  content: unknown,
  headers: Record<string, string> = {},
) => {
  response.writeHead(status, { 'content-type': 'application/json', ...headers })
  response.end(JSON.stringify(content))
}

/** Whether a supplier answers at all just now. */
function trouble(supplier: Supplier): { status: number; after?: string } | null {
  if (down.has(supplier.id)) return { status: 503 }
  const now = Date.now()
  const lately = (calls.get(supplier.id) ?? []).filter((t) => now - t < 1000)
  calls.set(supplier.id, [...lately, now])
  if (lately.length >= CALLS_A_SECOND) return { status: 429, after: '1' }
  const n = (count.get(supplier.id) ?? 0) + 1
  count.set(supplier.id, n)
  return supplier.id === 'saltmarsh' && n % FAILS_EVERY === 3 ? { status: 503 } : null
}

interface Named {
  designation?: unknown
  pieces?: unknown
}

async function answer(request: IncomingMessage, response: ServerResponse): Promise<void> {
  const path = new URL(request.url ?? '/', 'http://localhost').pathname.split('/').filter(Boolean)
  if (path[0] === 'suppliers' && request.method === 'GET')
    return send(
      response,
      200,
      SUPPLIERS.map(({ id, name, freight, freeFrom }) => ({ id, name, freight, freeFrom })),
    )
  if (path[0] === 'control' && request.method === 'POST' && process.env.SUPPLIERS_CONTROL === '1') {
    const { supplier, down: isDown } = (await body(request)) as { supplier: string; down: boolean }
    if (isDown) down.add(supplier)
    else down.delete(supplier)
    return send(response, 200, { down: [...down] })
  }
  const supplier = SUPPLIERS.find((s) => s.id === path[0])
  if (!supplier) return send(response, 404, { error: 'no such supplier' })
  const away = trouble(supplier)
  if (away)
    return send(response, away.status, { error: 'not now' }, away.after ? { 'retry-after': away.after } : {})
  if (path[1] === 'quote' && request.method === 'POST') {
    const { items = [] } = (await body(request)) as { items?: Named[] }
    const quotes = items.slice(0, 500).flatMap(({ designation }) => {
      const quote = quoteOf(supplier, String(designation).slice(0, 80), context)
      return quote ? [quote] : []
    })
    return send(response, 200, { quotes })
  }
  if (path[1] === 'orders' && path.length === 2 && request.method === 'POST') {
    const key = String(request.headers['idempotency-key'] ?? '')
    if (key === '') return send(response, 400, { error: 'send an idempotency-key' })
    const { lines = [] } = (await body(request)) as { lines?: Named[] }
    const order = taken.get(`${supplier.id} ${key}`) ?? {
      number: `${supplier.id.slice(0, 2).toUpperCase()}-${(1000 + taken.size).toString()}`,
      lines: lines.map((l) => ({ designation: String(l.designation), pieces: Number(l.pieces) })),
    }
    taken.set(`${supplier.id} ${key}`, order)
    if (STATE) writeFileSync(STATE, JSON.stringify([...taken]))
    return send(response, 201, { number: order.number })
  }
  if (path[1] === 'orders' && path[2] && path[3] === 'delivery' && request.method === 'GET') {
    const order = [...taken.entries()].find(
      ([k, o]) => k.startsWith(supplier.id) && o.number === path[2],
    )?.[1]
    if (!order) return send(response, 404, { error: 'no such order' })
    // One line in five comes later.
    const lines = order.lines.map((l) => ({
      designation: l.designation,
      pieces: seeded(order.number, l.designation) < 0.2 ? Math.floor(l.pieces / 2) : l.pieces,
    }))
    return send(response, 200, { number: order.number, lines })
  }
  return send(response, 404, { error: 'no such thing' })
}

const port = Number(process.env.SUPPLIERS_PORT ?? 3917)
createServer((request, response) => {
  answer(request, response).catch(() => send(response, 400, { error: 'this cannot be read' }))
}).listen(port, '127.0.0.1', () => console.log(`suppliers on 127.0.0.1:${port}`))
