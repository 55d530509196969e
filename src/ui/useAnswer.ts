'use client'

import { useEffect, useState } from 'react'
import type { Suggestion } from '@/core/designation'
import { ask, send, suggestionsOf, wordsOf } from './ask'

/** Typing rests this long before it is asked. */
const REST_MS = 150

interface Held<T> {
  /** the last answer; stays while the next question is refused or under way */
  answer: T | null
  /** what to change; empty = nothing */
  words: string
  /** numbers that may have been meant by a refused one */
  suggestions: readonly Suggestion[]
}

const NONE = { answer: null, words: '', suggestions: [] }

/**
 * Asks while somebody types: after a short rest, only the last question counts.
 * @param body null = nothing to ask yet; undefined = a GET
 */
export function useAnswer<T>(path: string | null, body?: object | null): Held<T> {
  const [held, setHeld] = useState<Held<T>>(NONE)
  const text = body === undefined ? '' : JSON.stringify(body)
  const asks = path !== null && body !== null
  useEffect(() => {
    if (!asks) return
    let current = true
    const timer = setTimeout(() => {
      const question = text === '' ? ask<T>(path) : send<T>('POST', path, JSON.parse(text))
      question
        .then((answer) => current && setHeld({ answer, words: '', suggestions: [] }))
        .catch(
          (error: unknown) =>
            current && setHeld((h) => ({ ...h, words: wordsOf(error), suggestions: suggestionsOf(error) })),
        )
    }, REST_MS)
    return () => {
      current = false
      clearTimeout(timer)
    }
  }, [asks, path, text])
  return asks ? held : NONE
}
