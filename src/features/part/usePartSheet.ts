'use client'

import { useEffect, useState } from 'react'
import type { Suggestion } from '@/core/designation'
import type { Application } from '@/core/interchange'
import type { PartSheetData } from '@/services/partSheet'

export type Held =
  | { kind: 'asking' }
  | { kind: 'found'; data: PartSheetData }
  | { kind: 'refused'; detail: string; suggestions: readonly Suggestion[] }

const refusal = ({ detail, suggestions = [] }: { detail: string; suggestions?: Suggestion[] }): Held => ({
  kind: 'refused',
  detail,
  suggestions,
})

const AWAY = 'The server is away. Try again in a moment.'

/** Query text of where a part works; what is not known stays out. */
export function placeQuery(place: Application): string {
  const said = Object.entries(place).flatMap(([key, value]) =>
    value === undefined ? [] : [[key, String(value)]],
  )
  return new URLSearchParams(said).toString()
}

/** The part sheet of a number for the place it works in. The last one stays until the next is there. */
export function usePartSheet(
  designation: string | undefined,
  place: Application,
  initial?: PartSheetData,
): Held {
  const [held, setHeld] = useState<Held>(initial ? { kind: 'found', data: initial } : { kind: 'asking' })
  const query = placeQuery(place)
  useEffect(() => {
    if (!designation || (initial && query === '')) return
    const stop = new AbortController()
    fetch(`/api/part-sheet?designation=${encodeURIComponent(designation)}&${query}`, { signal: stop.signal })
      .then(async (response) => {
        const body: unknown = await response.json()
        setHeld(
          response.ok
            ? { kind: 'found', data: body as PartSheetData }
            : refusal(body as { detail: string; suggestions?: Suggestion[] }),
        )
      })
      .catch((error: unknown) => {
        if (!(error instanceof DOMException)) setHeld(refusal({ detail: AWAY }))
      })
    return () => stop.abort()
  }, [designation, query, initial])
  return initial && query === '' ? { kind: 'found', data: initial } : held
}
