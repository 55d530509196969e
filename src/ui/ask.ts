import type { Suggestion } from '@/core/designation'

/** A field of a refused request and what to change there. */
export interface Issue {
  path: (string | number)[]
  message: string
}

/** Words of a refusal, or of a server that is away. */
export class Refused extends Error {
  constructor(
    words: string,
    /** numbers that may have been meant */
    readonly suggestions: readonly Suggestion[] = [],
    /** whether the server refused it; otherwise nobody knows whether it was done */
    readonly answered = false,
    readonly issues: readonly Issue[] = [],
  ) {
    super(words)
  }
}

const AWAY = 'No connection to the server. Keep this page open and try again in a moment.'

/** A call of our own interface. @throws Refused with words to show */
export async function ask<T>(path: string, init?: RequestInit): Promise<T> {
  let response: Response
  try {
    response = await fetch(path, init)
  } catch (error) {
    if (init?.signal?.aborted) throw error
    throw new Refused(AWAY)
  }
  try {
    const body = (await response.json()) as T & {
      detail?: string
      suggestions?: Suggestion[]
      issues?: Issue[]
    }
    if (response.ok) return body
    throw new Refused(body.detail ?? AWAY, body.suggestions, response.status < 500, body.issues)
  } catch (error) {
    throw error instanceof Refused ? error : new Refused(AWAY)
  }
}

export const wordsOf = (error: unknown): string => (error instanceof Refused ? error.message : AWAY)

export const suggestionsOf = (error: unknown): readonly Suggestion[] =>
  error instanceof Refused ? error.suggestions : []

/** Keys of writes that are under way or got no answer, by what they ask. */
const openKeys = new Map<string, string>()

/**
 * A write, with a key that stays the same until it is answered: pressed twice, or again after the answer was lost, it happens once.
 * @throws Refused with words to show
 */
export async function write<T>(
  method: 'POST' | 'PUT' | 'PATCH' | 'DELETE',
  path: string,
  init: RequestInit,
  about: string,
): Promise<T> {
  const name = `${method} ${path} ${about}`
  const key = openKeys.get(name) ?? crypto.randomUUID()
  openKeys.set(name, key)
  try {
    const answer = await ask<T>(path, {
      ...init,
      method,
      headers: { ...init.headers, 'idempotency-key': key },
    })
    openKeys.delete(name)
    return answer
  } catch (error) {
    // Refused in words: nothing was done under this key.
    if (error instanceof Refused && error.answered) openKeys.delete(name)
    throw error
  }
}

/** The same with a JSON body. @throws Refused with words to show */
export function send<T>(
  method: 'POST' | 'PUT' | 'PATCH' | 'DELETE',
  path: string,
  body?: unknown,
): Promise<T> {
  const text = body === undefined ? '' : JSON.stringify(body)
  return write<T>(
    method,
    path,
    text === '' ? {} : { headers: { 'content-type': 'application/json' }, body: text },
    text,
  )
}
