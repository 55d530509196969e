import { changeJob, getJob, removeJob } from '@/services/jobs'
import { answer } from '../../_http/answer'
import { answerOnce } from '../../_http/answerOnce'
import { methods } from '../../_http/methods'
import { jsonBody, numberIn, query } from '../../_http/body'

interface Context {
  params: Promise<{ id: string }>
}

export const { GET, POST, PUT, PATCH, DELETE } = methods({
  GET: answer(async (_request, { params }: Context) => getJob(numberIn((await params).id, 'job'))),
  PATCH: answer(async (request, { params }: Context) =>
    changeJob(numberIn((await params).id, 'job'), await jsonBody(request)),
  ),
  DELETE: answerOnce(async (request, { params }: Context) =>
    removeJob(numberIn((await params).id, 'job'), query(request)),
  ),
})
