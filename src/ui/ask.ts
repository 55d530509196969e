import type { Suggestion } from '@/core/designation'

/** Words of a refusal, or of a server that is away. */
export class Refused extends Error {
  constructor(
    words: string,
    /** numbers that may have been meant */
    readonly suggestions: readonly Suggestion[] = [],
  ) {
    super(words)
  }
}

const AWAY = 'The server is away. Nothing is lost; try again in a moment.'

/** A call of our own interface. @throws Refused with words to show */
export async function ask<T>(path: string, init?: RequestInit): Promise<T> {
  let response: Response
  try {
    response = await fetch(path, init)
  } catch {
    throw new Refused(AWAY)
  }
  const body = (await response.json()) as T & { detail?: string; suggestions?: Suggestion[] }
  if (!response.ok) throw new Refused(body.detail ?? AWAY, body.suggestions)
  return body
}

export const wordsOf = (error: unknown): string => (error instanceof Refused ? error.message : AWAY)

export const suggestionsOf = (error: unknown): readonly Suggestion[] =>
  error instanceof Refused ? error.suggestions : []

/** The same with a JSON body. @throws Refused with words to show */
export const send = <T>(
  method: 'POST' | 'PUT' | 'PATCH' | 'DELETE',
  path: string,
  body?: unknown,
): Promise<T> =>
  ask<T>(path, {
    method,
    ...(body !== undefined && {
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    }),
  })
