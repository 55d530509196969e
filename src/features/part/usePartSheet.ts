'use client'

import type { Suggestion } from '@/core/designation'
import type { Application } from '@/core/interchange'
import type { PartSheet } from '@/contract/lookUp'
import { useAnswer } from '@/ui/useAnswer'

export type Held =
  | { kind: 'asking' }
  | { kind: 'found'; data: PartSheet }
  | { kind: 'refused'; detail: string; suggestions: readonly Suggestion[] }

/** Query text of where a part works; what is not known stays out. */
export function placeQuery(place: Application): string {
  const said = Object.entries(place).flatMap(([key, value]) =>
    value === undefined ? [] : [[key, String(value)]],
  )
  return new URLSearchParams(said).toString()
}

/** The part sheet of a number for the place it works in. The last one stays until the next is there. */
export function usePartSheet(designation: string | undefined, place: Application, initial?: PartSheet): Held {
  const query = placeQuery(place)
  const asIs = initial && query === ''
  const { answer, words, suggestions } = useAnswer<PartSheet>(
    !designation || asIs ? null : `/api/part-sheet?designation=${encodeURIComponent(designation)}&${query}`,
    undefined,
    0,
  )
  if (asIs) return { kind: 'found', data: initial }
  if (words !== '') return { kind: 'refused', detail: words, suggestions }
  const data = answer ?? initial
  return data ? { kind: 'found', data } : { kind: 'asking' }
}
