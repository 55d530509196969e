'use client'

import type { ExplodedView } from '@/core/kit'
import type { KitDraft, KitResponse } from '@/contract/kit'
import { useAnswer } from '@/ui/useAnswer'

export interface DrawnKit extends KitResponse {
  view: ExplodedView
}

interface Drawn {
  kit: DrawnKit | null
  trouble: string | null
  /** what to change, by field */
  fields: Record<string, string>
}

/** Fills, checks and draws the kit whenever the request changes; on refusal the last kit stays beside the words. */
export function useKit(jobId: number, request: KitDraft | null): Drawn {
  const { answer, words, issues, away } = useAnswer<DrawnKit>(
    '/api/kits/draw',
    request && { ...request, job: jobId },
    0,
  )
  return {
    kit: answer,
    trouble: away
      ? 'No connection to the server. Your entries are kept; the kit follows when it is back.'
      : words || null,
    fields: Object.fromEntries(issues.map(({ path, message }) => [String(path.at(-1) ?? ''), message])),
  }
}
