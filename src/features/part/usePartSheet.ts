'use client'

import type { Suggestion } from '@/core/designation'
import type { Application } from '@/core/interchange'
import type { PartSheet } from '@/contract/lookUp'
import { useAnswer } from '@/ui/useAnswer'
import { sheetQuestion } from './sheetQuestion'

export type SheetState =
  | { kind: 'asking' }
  | { kind: 'found'; data: PartSheet }
  | { kind: 'refused'; detail: string; suggestions: readonly Suggestion[] }

/** The part sheet of a number for the place it works in. The last one stays until the next is there. */
export function usePartSheet(
  designation: string | undefined,
  application: Application,
  initial?: PartSheet,
): SheetState {
  const asIs = initial && Object.values(application).every((value) => value === undefined)
  const { answer, message, suggestions, away } = useAnswer(
    'GET /api/part-sheet',
    !designation || asIs ? null : sheetQuestion(designation, application),
    0,
  )
  if (asIs) return { kind: 'found', data: initial }
  if (message !== '' && !away) return { kind: 'refused', detail: message, suggestions }
  const data = answer ?? initial
  return data ? { kind: 'found', data } : { kind: 'asking' }
}
