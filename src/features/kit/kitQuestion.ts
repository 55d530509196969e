import type { KitDraft } from '@/contract/kit'

/** What is asked of the server for a job's kit as it stands. */
export const kitQuestion = (jobId: number, draft: KitDraft) => ({ body: { ...draft, job: jobId } })
