import 'server-only'
import { setTimeout } from 'node:timers/promises'
import { LRUCache } from 'lru-cache'
import pRetry from 'p-retry'
import { z } from 'zod'
import { limitedBytes } from './limitedBytes'
import { log } from './log'

/** One attempt may take so long; a supplier that is slower is away. */
const TIMEOUT_MS = 2500
/** Attempts, and the wait before the second; each further wait is twice as long. */
const ATTEMPTS = 3
const FIRST_WAIT_MS = 150
const LONGEST_WAIT_MS = 2000
/** A price holds so long. */
const QUOTE_HOLDS_MS = 5 * 60_000
const MAX_KEPT = 5000
/** Five hundred prices are a few dozen kilobytes. */
const MAX_BYTES = 1024 * 1024

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

export type SupplierResult<T> = { ok: true; value: T } | { ok: false; message: string }

const address = (): string => process.env.SUPPLIERS_URL ?? 'http://127.0.0.1:3917'

/** Why an attempt failed, as it is told; `afterMs` = ask again, this much later than otherwise; null = never. */
class Failed extends Error {
  constructor(
    message: string,
    readonly afterMs: number | null,
  ) {
    super(message)
  }
}

/** What an answer says. @throws Failed */
async function answerOf<T>(response: Response, answer: z.ZodType<T>): Promise<T> {
  const { ok, status } = response
  if (ok) {
    const bytes = await limitedBytes(response.body, MAX_BYTES)
    const read = answer.safeParse(bytes && jsonOf(bytes))
    if (read.success) return read.data
    throw new Failed('answers what cannot be read', null)
  }
  await response.body?.cancel()
  if (status === 429) {
    const seconds = Number(response.headers.get('retry-after'))
    const afterMs = seconds > 0 ? Math.min(LONGEST_WAIT_MS, seconds * 1000) : 0
    throw new Failed('takes no more calls just now', afterMs)
  }
  if (status >= 500) throw new Failed(`is out of order (${status})`, 0)
  throw new Failed(status === 404 ? 'knows nothing of this' : 'refuses this', null)
}

function jsonOf(bytes: Uint8Array): unknown {
  try {
    return JSON.parse(new TextDecoder().decode(bytes))
  } catch {
    return undefined
  }
}

/** Asks with time limit and repeats: only what may be repeated without harm is asked here. */
async function ask<T>(
  path: string,
  answer: z.ZodType<T>,
  init: { body?: unknown; headers?: Record<string, string> } = {},
): Promise<SupplierResult<T>> {
  const attempt = async (): Promise<T> => {
    const response = await fetch(`${address()}${path}`, {
      method: init.body === undefined ? 'GET' : 'POST',
      headers: { 'content-type': 'application/json', ...init.headers },
      ...(init.body !== undefined && { body: JSON.stringify(init.body) }),
      signal: AbortSignal.timeout(TIMEOUT_MS),
      redirect: 'manual',
      cache: 'no-store',
    })
    return answerOf(response, answer)
  }
  try {
    const value = await pRetry(attempt, {
      retries: ATTEMPTS - 1,
      minTimeout: FIRST_WAIT_MS,
      maxTimeout: LONGEST_WAIT_MS,
      onFailedAttempt: async ({ error, retriesLeft }) => {
        if (!(error instanceof Failed)) log.info({ path, err: error }, 'supplier does not answer')
        else if (retriesLeft > 0 && error.afterMs) await setTimeout(error.afterMs)
      },
      shouldRetry: ({ error }) => !(error instanceof Failed) || error.afterMs !== null,
    })
    return { ok: true, value }
  } catch (error) {
    return { ok: false, message: error instanceof Failed ? error.message : 'does not answer' }
  }
}

export const suppliers = (): Promise<SupplierResult<SupplierInfo[]>> =>
  ask('/suppliers', z.array(SupplierInfo).max(20))

/** `null` = not carried. Shared by everything this process answers. */
type QuoteCache = LRUCache<string, { quote: Quote | null }>
const store = globalThis as typeof globalThis & { amberQuotes?: QuoteCache }
const quoteCache = (): QuoteCache =>
  (store.amberQuotes ??= new LRUCache({ max: MAX_KEPT, ttl: QUOTE_HOLDS_MS, allowStale: false }))

/** Prices of one supplier, from memory where they still hold. A part that is not carried has none. */
export async function quotes(
  supplier: string,
  designations: readonly string[],
): Promise<SupplierResult<Quote[]>> {
  const key = (designation: string) => `${supplier} ${designation}`
  const cached = new Map(designations.map((d) => [d, quoteCache().get(key(d))]))
  const unknown = designations.filter((d) => !cached.get(d))
  if (unknown.length > 0) {
    const items = unknown.map((designation) => ({ designation }))
    const result = await ask(`/${supplier}/quote`, z.object({ quotes: z.array(Quote).max(500) }), {
      body: { items },
    })
    if (!result.ok) return result
    for (const designation of unknown) {
      const quote = result.value.quotes.find((q) => q.designation === designation) ?? null
      cached.set(designation, { quote })
      quoteCache().set(key(designation), { quote })
    }
  }
  return { ok: true, value: designations.flatMap((d) => cached.get(d)?.quote ?? []) }
}

/** Sends an order; the key lets the supplier take it once however often it is sent. */
export const sendOrder = (
  supplier: string,
  idempotencyKey: string,
  lines: readonly { designation: string; pieces: number }[],
): Promise<SupplierResult<{ number: string }>> =>
  ask(`/${supplier}/orders`, z.object({ number: z.string().min(1).max(60) }), {
    body: { lines },
    headers: { 'idempotency-key': idempotencyKey },
  })

/** What the next delivery of an order holds. */
export const deliveryOf = (supplier: string, number: string) =>
  ask(
    `/${supplier}/orders/${encodeURIComponent(number)}/delivery`,
    z.object({
      lines: z.array(z.object({ designation: z.string().max(80), pieces: z.number().int().min(0) })).max(200),
    }),
  )
