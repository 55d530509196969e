import 'server-only'
import type { Job } from '@/contract/job'
import { learn, getCatalogue } from './catalogueRuntime'

/**
 * What a job that was closed had turns up more often from now on; opened again, it no longer counts. The database has the jobs:
 * another process knows of it when it next reads what the shop adds.
 */
export async function learnFrom({ bearings }: Pick<Job, 'bearings'>, times: 1 | -1): Promise<void> {
  const { identifier } = await getCatalogue()
  const decided = new Map(identifier.experience.decided)
  for (const { decision } of bearings)
    if (decision) decided.set(decision.base, Math.max(0, (decided.get(decision.base) ?? 0) + times))
  await learn({ ...identifier.experience, decided })
}
