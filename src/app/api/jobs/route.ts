import { createJob, latestJobs } from '@/services/jobs'
import { answer } from '../_http/answer'
import { jsonBody } from '../_http/body'

export const dynamic = 'force-dynamic'

export const GET = answer(latestJobs)

export const POST = answer(async (request) =>
  Response.json(await createJob(await jsonBody(request)), { status: 201 }),
)
