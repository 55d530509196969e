'use client'

import { useMemo } from 'react'
import type { EvidenceSheet, IdentifyResponse } from '@/contract/evidence'
import { usePreferences } from '@/features/shell'
import type { Issue } from '@/ui/call'
import { useAnswer } from '@/ui/useAnswer'
import { isEmptySheet } from './sheet'

export interface IdentifyError {
  detail: string
  /** by feature: what to change there */
  fields: Record<string, string>
}

interface Identified {
  answer: IdentifyResponse | null
  error: IdentifyError | null
  /** the server did not answer: the last answer stays */
  away: boolean
  /** the answer is to what is typed now, not to what was typed before */
  current: boolean
}

function errorOf(detail: string, issues: readonly Issue[], sheet: EvidenceSheet): IdentifyError {
  const live = sheet.measurements.filter((m) => !m.struck)
  const fields: Record<string, string> = {}
  for (const { path, message } of issues) {
    const feature =
      path[0] === 'measurements' && typeof path[1] === 'number'
        ? live[path[1]]?.feature
        : path[0] === 'stamps'
          ? 'stamp'
          : undefined
    if (feature) fields[feature] ??= message
  }
  return { detail, fields }
}

/** Identifies while one types, at every key. On refusal the last answer stays beside the words. */
export function useIdentification(sheet: EvidenceSheet): Identified {
  const { unit } = usePreferences()
  const { answer, message, issues, away, current } = useAnswer(
    'POST /api/identify',
    isEmptySheet(sheet) ? null : { body: { ...sheet, limit: 6, unit } },
    0,
  )
  const error = useMemo(
    () => (message === '' || away ? null : errorOf(message, issues, sheet)),
    [message, away, issues, sheet],
  )
  return { answer, error, away, current }
}
