'use client'

import { useEffect, useState } from 'react'
import type { EvidenceSheet, IdentifyResponse } from '@/services/schemas/evidence'
import { isEmptySheet } from './sheet'

export interface Trouble {
  detail: string
  /** by feature: what to change there */
  fields: Record<string, string>
}

interface Held {
  answer: IdentifyResponse | null
  trouble: Trouble | null
  /** the server did not answer: the last answer stays */
  away: boolean
  /** the answer is to what is typed now, not to what was typed before */
  current: boolean
}

interface Problem {
  detail: string
  issues?: { path: (string | number)[]; message: string }[]
}

function troubleOf(problem: Problem, sheet: EvidenceSheet): Trouble {
  const live = sheet.measurements.filter((m) => !m.struck)
  const fields: Record<string, string> = {}
  for (const { path, message } of problem.issues ?? []) {
    const feature =
      path[0] === 'measurements' && typeof path[1] === 'number'
        ? live[path[1]]?.feature
        : path[0] === 'stamps'
          ? 'stamp'
          : undefined
    if (feature) fields[feature] ??= message
  }
  return { detail: problem.detail, fields }
}

/** Identifies while one types. Answers that come late are dropped; on refusal the last answer stays beside the words. */
export function useIdentification(sheet: EvidenceSheet): Held {
  const [held, setHeld] = useState<Omit<Held, 'current'> & { to: string }>({
    answer: null,
    trouble: null,
    away: false,
    to: '',
  })
  const body = JSON.stringify({ ...sheet, limit: 6 })
  const empty = isEmptySheet(sheet)
  useEffect(() => {
    if (empty) return
    const stop = new AbortController()
    const asked = JSON.parse(body) as EvidenceSheet
    fetch('/api/identify', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body,
      signal: stop.signal,
    })
      .then(async (response) => {
        if (response.ok)
          return setHeld({
            answer: (await response.json()) as IdentifyResponse,
            trouble: null,
            away: false,
            to: body,
          })
        if (response.status >= 500) return setHeld((h) => ({ ...h, away: true }))
        const trouble = troubleOf((await response.json()) as Problem, asked)
        setHeld((h) => ({ ...h, trouble, away: false }))
      })
      .catch((error: unknown) => {
        if (!(error instanceof DOMException)) setHeld((h) => ({ ...h, away: true }))
      })
    return () => stop.abort()
  }, [body, empty])
  const { answer, trouble, away } = held
  return empty
    ? { answer: null, trouble: null, away, current: true }
    : { answer, trouble, away, current: held.to === body }
}
