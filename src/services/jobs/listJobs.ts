import 'server-only'
import { recheckDates } from '@/core/adjust'
import { isSeparable } from '@/core/kit'
import * as db from '@/db'
import { z } from 'zod'
import { pageLimit, searchText } from '@/contract/paging'
import { arrangementFor } from '../arrangements'
import { today } from '../clock'
import { Intake, isWet, type JobSummary } from '@/contract/job'
import { KitDraft } from '@/contract/kit'
import { pageOf } from '../pageOf'
import { parse } from '../parse'
import { FittingDraft } from '@/contract/plan'
import { stageOf } from './toJob'

const CURSOR = /^(\d{1,15})-(\d{1,9})$/

export const JobListQuery = z.object({
  limit: pageLimit(),
  cursor: z.string().regex(CURSOR, 'Use the cursor of the page before.').optional(),
  q: searchText,
  open: z.enum(['true', 'false']).default('false'),
})

/** When to look again at what was fitted; null when nothing is ahead. */
async function recheckOf(
  { closedAt, fitting, intake }: db.JobSummary,
  kit: JobSummary['kit'],
  day: string,
): Promise<string | null> {
  const fitted = fitting.ok ? FittingDraft.safeParse(fitting.value) : null
  if (closedAt || !fitted?.success || fitted.data.fittedOn === '') return null
  const seen = intake.ok ? Intake.safeParse(intake.value) : null
  const wet = seen?.success === true && isWet(seen.data)
  const arrangement = kit && (await arrangementFor(kit.arrangement).catch(() => null))
  const dates = recheckDates(fitted.data.fittedOn, arrangement !== null && isSeparable(arrangement), wet)
  return dates.find(({ date }) => date >= day)?.date ?? null
}

/**
 * Jobs, the one changed last first, a page at a time.
 * @throws ServiceError `unreadable`
 */
export async function listJobs(input: unknown): Promise<{ items: JobSummary[]; next: string | null }> {
  const { limit, cursor, q, open } = parse(JobListQuery, input)
  const at = CURSOR.exec(cursor ?? '')
  const [rows, day] = await Promise.all([
    db.listJobs({
      limit: limit + 1,
      text: q,
      open: open === 'true',
      ...(at && { after: { updatedAt: new Date(Number(at[1])), id: Number(at[2]) } }),
    }),
    today(),
  ])
  const { items: page, next } = pageOf(rows, limit, (last) => `${last.updatedAt.getTime()}-${last.id}`)
  const items = await Promise.all(
    page.map(async (row): Promise<JobSummary> => {
      const draft = row.kit.ok ? KitDraft.safeParse(row.kit.value) : null
      const intake = row.intake.ok ? Intake.safeParse(row.intake.value) : null
      const kit = draft?.success
        ? { arrangement: draft.data.arrangement, positions: draft.data.positions }
        : null
      return {
        id: row.id,
        title: row.title,
        machineId: row.machineId,
        where: row.machine ?? (intake?.success ? intake.data.position : ''),
        positionId: row.positionId,
        partOf: row.partOf,
        stage: stageOf(row.stage),
        closedAt: row.closedAt?.toISOString() ?? null,
        updatedAt: row.updatedAt.toISOString(),
        designations: row.designations,
        kit,
        recheck: await recheckOf(row, kit, day),
      }
    }),
  )
  return { items, next }
}
