import 'server-only'
import { explodedView } from '@/core/kit'
import { getJob } from './jobs/getJob'
import { contextOf } from './keptKit'
import { toKitResponse, workKit } from './kits'
import { KitDrawing, type DrawnKit } from '@/contract/kit'
import { parse } from './parse'

/**
 * A kit with its exploded view, for the screen. For a job, what was chosen before stays, and what it has reserved counts as
 * there. @throws ServiceError as `workKit`; `notFound` for an unknown job
 */
export async function drawnKitFor(input: unknown): Promise<DrawnKit> {
  const { job: id } = parse(KitDrawing.pick({ job: true }), input)
  const context = id === undefined ? {} : await contextOf(await getJob(id))
  const worked = await workKit(input, context)
  return { ...toKitResponse(worked, input), view: explodedView(worked.arrangement, worked.kit) }
}
