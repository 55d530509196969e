'use client'

import { useEffect, useState } from 'react'
import type { ExplodedView } from '@/core/kit'
import type { KitDraft, KitResponse } from '@/services/schemas/kit'

export interface DrawnKit extends KitResponse {
  view: ExplodedView
}

interface Held {
  kit: DrawnKit | null
  trouble: string | null
  /** what to change, by field */
  fields: Record<string, string>
}

interface Problem {
  detail: string
  issues?: { path: (string | number)[]; message: string }[]
}

/** Fills, checks and draws the kit whenever the request changes; on refusal the last kit stays beside the words. */
export function useKit(jobId: number, request: KitDraft | null): Held {
  const [held, setHeld] = useState<Held>({ kit: null, trouble: null, fields: {} })
  const body = request ? JSON.stringify({ ...request, job: jobId }) : null
  useEffect(() => {
    if (body === null) return
    const stop = new AbortController()
    fetch('/api/kits/draw', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body,
      signal: stop.signal,
    })
      .then(async (response) => {
        const answer: unknown = await response.json()
        if (response.ok) return setHeld({ kit: answer as DrawnKit, trouble: null, fields: {} })
        const { detail, issues = [] } = answer as Problem
        const fields = Object.fromEntries(
          issues.map(({ path, message }) => [String(path.at(-1) ?? ''), message]),
        )
        setHeld((h) => ({ kit: h.kit, trouble: detail, fields }))
      })
      .catch((error: unknown) => {
        if (!(error instanceof DOMException))
          setHeld((h) => ({
            ...h,
            trouble: 'The server is away. Your entries are kept; the kit follows when it is back.',
          }))
      })
    return () => stop.abort()
  }, [body])
  return held
}
