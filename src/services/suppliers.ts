import 'server-only'
import { z } from 'zod'
import { log } from './log'

/** One attempt may take so long; a supplier that is slower is away. */
const TIMEOUT_MS = 2500
/** Attempts, and the wait before the second; each further wait is twice as long. */
const ATTEMPTS = 3
const FIRST_WAIT_MS = 150
const LONGEST_WAIT_MS = 2000
/** A price holds so long. */
const QUOTE_HOLDS_MS = 5 * 60_000
const MOST_KEPT = 5000

const SupplierInfo = z.object({
  id: z.string().min(1).max(40),
  name: z.string().max(80),
  freight: z.number().min(0),
  freeFrom: z.number().min(0).nullable(),
})
export type SupplierInfo = z.output<typeof SupplierInfo>

const Quote = z.object({
  designation: z.string().max(80),
  price: z.number().min(0).max(1e6),
  pack: z.number().int().min(1).max(100_000),
  days: z.number().int().min(0).max(1000),
})
export type Quote = z.output<typeof Quote>

export type Asked<T> = { ok: true; value: T } | { ok: false; words: string }

const address = (): string => process.env.SUPPLIERS_URL ?? 'http://127.0.0.1:3917'

const pause = (ms: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms))

/** Asks with time limit and repeats: only what may be repeated without harm is asked here. */
async function ask<T>(
  path: string,
  answer: z.ZodType<T>,
  init: { body?: unknown; headers?: Record<string, string> } = {},
): Promise<Asked<T>> {
  let words = 'does not answer'
  for (let attempt = 0; attempt < ATTEMPTS; attempt++) {
    let wait = FIRST_WAIT_MS * 2 ** attempt
    try {
      const response = await fetch(`${address()}${path}`, {
        method: init.body === undefined ? 'GET' : 'POST',
        headers: { 'content-type': 'application/json', ...init.headers },
        ...(init.body !== undefined && { body: JSON.stringify(init.body) }),
        signal: AbortSignal.timeout(TIMEOUT_MS),
        cache: 'no-store',
      })
      if (response.ok) {
        const read = answer.safeParse(await response.json())
        if (read.success) return { ok: true, value: read.data }
        return { ok: false, words: 'answers what cannot be read' }
      }
      words =
        response.status === 429 ? 'takes no more calls just now' : `is out of order (${response.status})`
      if (response.status !== 429 && response.status < 500)
        return { ok: false, words: response.status === 404 ? 'knows nothing of this' : 'refuses this' }
      const after = Number(response.headers.get('retry-after'))
      if (after > 0) wait = Math.min(LONGEST_WAIT_MS, after * 1000)
    } catch (error) {
      log.info({ path, err: error }, 'supplier does not answer')
      words = 'does not answer'
    }
    if (attempt < ATTEMPTS - 1) await pause(wait)
  }
  return { ok: false, words }
}

export const suppliers = (): Promise<Asked<SupplierInfo[]>> =>
  ask('/suppliers', z.array(SupplierInfo).max(20))

interface Kept {
  until: number
  quote: Quote | null
}
const store = globalThis as typeof globalThis & { amberQuotes?: Map<string, Kept> }
const kept = (): Map<string, Kept> => (store.amberQuotes ??= new Map())

/** Prices of one supplier, from memory where they still hold. A part that is not carried has none. */
export async function quotes(supplier: string, designations: readonly string[]): Promise<Asked<Quote[]>> {
  const now = Date.now()
  const key = (designation: string) => `${supplier} ${designation}`
  const unknown = designations.filter((d) => (kept().get(key(d))?.until ?? 0) < now)
  if (unknown.length > 0) {
    const items = unknown.map((designation) => ({ designation }))
    const asked = await ask(`/${supplier}/quote`, z.object({ quotes: z.array(Quote).max(500) }), {
      body: { items },
    })
    if (!asked.ok) return asked
    if (kept().size > MOST_KEPT) kept().clear()
    for (const designation of unknown) {
      const quote = asked.value.quotes.find((q) => q.designation === designation) ?? null
      kept().set(key(designation), { until: now + QUOTE_HOLDS_MS, quote })
    }
  }
  return { ok: true, value: designations.flatMap((d) => kept().get(key(d))?.quote ?? []) }
}

/** Sends an order; the key lets the supplier take it once however often it is sent. */
export const sendOrder = (
  supplier: string,
  once: string,
  lines: readonly { designation: string; pieces: number }[],
): Promise<Asked<{ number: string }>> =>
  ask(`/${supplier}/orders`, z.object({ number: z.string().min(1).max(60) }), {
    body: { lines },
    headers: { 'idempotency-key': once },
  })

/** What the next delivery of an order holds. */
export const deliveryOf = (supplier: string, number: string) =>
  ask(
    `/${supplier}/orders/${encodeURIComponent(number)}/delivery`,
    z.object({
      lines: z.array(z.object({ designation: z.string().max(80), pieces: z.number().int().min(0) })).max(200),
    }),
  )
