import { createJob, listJobs } from '@/services/jobs'
import { answer } from '../_http/answer'
import { answerOnce } from '../_http/answerOnce'
import { methods } from '../_http/methods'
import { jsonBody, query } from '../_http/body'

export const dynamic = 'force-dynamic'

export const { GET, POST, PUT, PATCH, DELETE } = methods({
  GET: answer((request) => listJobs(query(request))),
  POST: answerOnce(async (request) =>
    Response.json(await createJob(await jsonBody(request)), { status: 201 }),
  ),
})
