import 'server-only'
import { explodedView, type ExplodedView } from '@/core/kit'
import { z } from 'zod'
import { getJob } from './jobs/getJob'
import { contextOf } from './keptKit'
import { toKitResponse, workKit } from './kits'
import type { KitResponse } from '@/contract/kit'
import { parse } from './parse'

const ForJob = z.object({ job: z.number().int().positive().optional() })

/**
 * A kit with its exploded view, for the screen. For a job, what was chosen before stays, and what it has reserved counts as
 * there. @throws ServiceError as `workKit`; `notFound` for an unknown job
 */
export async function drawnKitFor(input: unknown): Promise<KitResponse & { view: ExplodedView }> {
  const { job: id } = parse(ForJob, input)
  const context = id === undefined ? {} : await contextOf(await getJob(id))
  const worked = await workKit(input, context)
  return { ...toKitResponse(worked, input), view: explodedView(worked.arrangement, worked.kit) }
}
