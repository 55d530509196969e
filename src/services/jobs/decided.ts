import 'server-only'
import { partKeyOf, type Language } from '@/core/designation'
import type * as db from '@/db'
import type { Decision } from '@/contract/job'

/** What a decision adds to its bearing for questions. */
export const decided = (decision: Decision | null, language: Language): db.BearingPatch => ({
  decision,
  designation: decision?.designation ?? null,
  partKey: decision ? partKeyOf(decision.designation, language).slice(0, 190) : null,
})
