'use client'

import { useState } from 'react'
import type { DrawnKit, KitDraft } from '@/contract/kit'
import * as texts from '@/texts/kit'
import type { Issue } from '@/ui/call'
import { useAnswer } from '@/ui/useAnswer'
import { kitQuestion } from './kitQuestion'

interface Drawn {
  kit: DrawnKit | null
  error: string | null
  /** what to change, by field */
  fields: Record<string, string>
}

/** The request without what was refused in it; null when that is no size and no thread. */
function without(request: KitDraft, issues: readonly Issue[]): KitDraft | null {
  const sizes = new Map(Object.entries(request.sizes))
  let { thread } = request
  for (const { path } of issues) {
    const [field, name] = path
    if (field === 'sizes' && typeof name === 'string' && sizes.delete(name)) continue
    if (field !== 'thread') return null
    thread = undefined
  }
  return { ...request, sizes: Object.fromEntries(sizes), thread }
}

/**
 * Fills, checks and draws the kit whenever the request changes. On refusal the last kit stays beside the words; on a screen that
 * has none yet, that of the rest, so that there are fields to put it right in.
 */
export function useKit(jobId: number, request: KitDraft | null): Drawn {
  const { answer, message, issues, away } = useAnswer(
    'POST /api/kits/draw',
    request && kitQuestion(jobId, request),
    0,
  )
  const rest = request && !answer && issues.length > 0 ? without(request, issues) : null
  const ofRest = useAnswer('POST /api/kits/draw', rest && kitQuestion(jobId, rest), 0)
  // It stays while the next is on its way: its fields keep the focus.
  const kit = answer ?? ofRest.answer
  const [last, setLast] = useState(kit)
  if (kit && kit !== last) setLast(kit)
  return {
    kit: kit ?? last,
    error: away ? texts.noConnectionToThe : message || null,
    fields: Object.fromEntries(issues.map(({ path, message }) => [String(path.at(-1) ?? ''), message])),
  }
}
