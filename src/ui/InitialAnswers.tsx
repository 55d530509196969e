'use client'

import { createContext, useContext, useState, type ReactNode } from 'react'

interface Initial {
  /** by question */
  answers: Readonly<Record<string, unknown>>
  /** when they were there, milliseconds since 1970 */
  at: number
}

const Context = createContext<Initial>({ answers: {}, at: 0 })

/** Answers that came with the page, by the question its screen asks first: `useAnswer` begins with them. */
export function InitialAnswers({ answers, children }: { answers: Initial['answers']; children: ReactNode }) {
  const [initial] = useState(() => ({ answers, at: Date.now() }))
  return <Context.Provider value={initial}>{children}</Context.Provider>
}

/** How long an answer that came with the page is not asked for again: until the screen listens. */
const FRESH_MS = 5000

/** What a query begins with, for its options. */
export function useInitialAnswer<T>(question: string | null) {
  const { answers, at } = useContext(Context)
  if (question === null || !Object.hasOwn(answers, question)) return {}
  return { initialData: answers[question] as T, initialDataUpdatedAt: at, staleTime: FRESH_MS }
}
