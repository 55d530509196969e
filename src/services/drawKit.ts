import 'server-only'
import type { z } from 'zod'
import { explodedView } from '@/core/kit'
import { getJob } from './jobs/getJob'
import { contextOf } from './keptKit'
import { toKitResponse, workKit } from './kits'
import type { DrawnKit, KitDrawing } from '@/contract/kit'

/**
 * A kit with its exploded view, for the screen. For a job, what was chosen before stays, and what it has reserved counts as
 * there.
 * @param sent the request as it was sent, to tell how each length was read
 * @throws ServiceError as `workKit`; `notFound` for an unknown job
 */
export async function drawnKitFor(
  { job: id, ...proposal }: z.output<typeof KitDrawing>,
  sent: unknown,
): Promise<DrawnKit> {
  const context = id === undefined ? {} : await contextOf(await getJob(id))
  const worked = await workKit(proposal, context)
  return { ...toKitResponse(worked, sent), view: explodedView(worked.arrangement, worked.kit) }
}
