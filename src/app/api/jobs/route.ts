import { createJob, listJobs } from '@/services/jobs'
import { answer } from '../_http/answer'
import { jsonBody, query } from '../_http/body'

export const dynamic = 'force-dynamic'

export const GET = answer((request) => listJobs(query(request)))

export const POST = answer(async (request) =>
  Response.json(await createJob(await jsonBody(request)), { status: 201 }),
)
