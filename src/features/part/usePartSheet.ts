'use client'

import type { Suggestion } from '@/core/designation'
import type { Application } from '@/core/interchange'
import type { PartSheet } from '@/contract/lookUp'
import { useAnswer } from '@/ui/useAnswer'

export type SheetState =
  | { kind: 'asking' }
  | { kind: 'found'; data: PartSheet }
  | { kind: 'refused'; detail: string; suggestions: readonly Suggestion[] }

/** Where a part works, as a query; what is not known stays out. */
export const applicationQuery = (application: Application): Record<string, string> =>
  Object.fromEntries(
    Object.entries(application).flatMap(([key, value]) =>
      value === undefined ? [] : [[key, String(value)]],
    ),
  )

/** The part sheet of a number for the place it works in. The last one stays until the next is there. */
export function usePartSheet(
  designation: string | undefined,
  application: Application,
  initial?: PartSheet,
): SheetState {
  const query = applicationQuery(application)
  const asIs = initial && Object.keys(query).length === 0
  const { answer, message, suggestions, away } = useAnswer(
    'GET /api/part-sheet',
    !designation || asIs ? null : { query: { designation, ...query } },
    0,
  )
  if (asIs) return { kind: 'found', data: initial }
  if (message !== '' && !away) return { kind: 'refused', detail: message, suggestions }
  const data = answer ?? initial
  return data ? { kind: 'found', data } : { kind: 'asking' }
}
