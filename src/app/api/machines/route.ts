import { nameIn } from '@/services/accounts'
import { addMachine, listMachines } from '@/services/machines'
import { answer } from '../_http/answer'
import { answerOnce } from '../_http/answerOnce'
import { methods } from '../_http/methods'
import { jsonBody, query } from '../_http/body'

export const dynamic = 'force-dynamic'

export const { GET, POST, PUT, PATCH, DELETE } = methods({
  GET: answer((request) => listMachines(query(request))),
  POST: answerOnce(async (request) =>
    Response.json(await addMachine(await jsonBody(request), nameIn(request.headers)), { status: 201 }),
  ),
})
