'use client'

import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import type { Output, RequestLine } from '@/contract/endpoints'
import type { Suggestion } from '@/core/designation'
import {
  read,
  ApiError,
  questionOf,
  suggestionsOf,
  errorMessage,
  type CallInput,
  type Issue,
  type PlainRequest,
} from './call'
import { useInitialAnswer } from './InitialAnswers'
import { DEBOUNCE_MS, useRested } from './useRested'

export interface QueryState<T> {
  /** the last answer; stays while the next question is refused or under way */
  answer: T | null
  /** what to change; empty = nothing */
  message: string
  /** what to change, field by field */
  issues: readonly Issue[]
  /** numbers that may have been meant by a refused one */
  suggestions: readonly Suggestion[]
  /** the server did not answer; it is asked again by itself */
  away: boolean
  /** the answer is to what is asked now, not to what was asked before */
  current: boolean
}

const NONE = { answer: null, message: '', issues: [], suggestions: [], away: false, current: true }

/**
 * Asks while somebody types: after a short rest, only the last question counts, and what was asked before is given up. While the
 * server is away it is asked again until it is back. What came with the page is there at once (`InitialAnswers`).
 * @param input null = nothing to ask yet
 * @param stamp asked anew when it changes
 */
export function useAnswer<L extends RequestLine>(
  line: L,
  input: CallInput<L> | null,
  restMs = DEBOUNCE_MS,
  stamp = '',
): QueryState<Output<L>> {
  const question = input && questionOf(line, input, stamp)
  const rested = useRested(question, restMs)
  const query = useQuery<Output<L>>({
    queryKey: ['answer', rested],
    queryFn: ({ signal }) => read<Output<L>>((JSON.parse(rested ?? '') as [PlainRequest])[0], signal),
    enabled: rested !== null,
    placeholderData: keepPreviousData,
    ...useInitialAnswer<Output<L>>(rested),
  })
  // The last answer stays beside the words of a refusal.
  const [last, setLast] = useState<Output<L> | null>(null)
  if (query.data !== undefined && query.data !== last) setLast(query.data)
  if (input === null) return NONE
  const error = query.error ?? query.failureReason
  return {
    answer: query.data ?? last,
    message: error ? errorMessage(error) : '',
    issues: error instanceof ApiError ? error.issues : [],
    suggestions: suggestionsOf(error),
    away: error !== null && !(error instanceof ApiError && error.answered),
    current: rested === question && query.isSuccess && !query.isPlaceholderData,
  }
}
