import 'server-only'
import { partKeyOf, type DesignationContext } from '@/core/designation'
import type * as db from '@/db'
import type { Decision } from '@/contract/job'

/** What a decision adds to its bearing for questions. */
export const decided = (decision: Decision | null, context: DesignationContext): db.BearingPatch => ({
  decision,
  designation: decision?.designation ?? null,
  partKey: decision ? partKeyOf(decision.designation, context).slice(0, 190) : null,
})
