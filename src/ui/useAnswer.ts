'use client'

import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import type { Suggestion } from '@/core/designation'
import { ask, Refused, suggestionsOf, wordsOf, type Issue } from './ask'
import { REST_MS, useRested } from './useRested'

export interface Held<T> {
  /** the last answer; stays while the next question is refused or under way */
  answer: T | null
  /** what to change; empty = nothing */
  words: string
  /** what to change, field by field */
  issues: readonly Issue[]
  /** numbers that may have been meant by a refused one */
  suggestions: readonly Suggestion[]
  /** the server did not answer; it is asked again by itself */
  away: boolean
  /** the answer is to what is asked now, not to what was asked before */
  current: boolean
}

const NONE = { answer: null, words: '', issues: [], suggestions: [], away: false, current: true }

/**
 * Asks while somebody types: after a short rest, only the last question counts, and what was asked before is given up. While the
 * server is away it is asked again until it is back.
 * @param path null = nothing to ask yet
 * @param body null = nothing to ask yet; undefined = a GET
 */
export function useAnswer<T>(path: string | null, body?: object | null, restMs = REST_MS): Held<T> {
  const asks = path !== null && body !== null
  const question = asks ? JSON.stringify([path, body]) : null
  const rested = useRested(question, restMs)
  const query = useQuery<T>({
    queryKey: ['answer', rested],
    queryFn: ({ signal }) => {
      const [to, asked] = JSON.parse(rested ?? '[""]') as [string, object | undefined | null]
      return ask<T>(
        to,
        asked === null || asked === undefined
          ? { signal }
          : {
              method: 'POST',
              headers: { 'content-type': 'application/json' },
              body: JSON.stringify(asked),
              signal,
            },
      )
    },
    enabled: rested !== null,
    placeholderData: keepPreviousData,
  })
  // The last answer stays beside the words of a refusal.
  const [last, setLast] = useState<T | null>(null)
  if (query.data !== undefined && query.data !== last) setLast(query.data)
  if (!asks) return NONE
  const error = query.error ?? query.failureReason
  return {
    answer: query.data ?? last,
    words: error ? wordsOf(error) : '',
    issues: error instanceof Refused ? error.issues : [],
    suggestions: suggestionsOf(error),
    away: error !== null && !(error instanceof Refused && error.answered),
    current: rested === question && query.isSuccess && !query.isPlaceholderData,
  }
}
