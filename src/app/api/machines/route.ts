import { addMachine, listMachines } from '@/services/machines'
import { answer } from '../_http/answer'
import { jsonBody, query } from '../_http/body'

export const dynamic = 'force-dynamic'

export const GET = answer((request) => listMachines(query(request)))

export const POST = answer(async (request) =>
  Response.json(await addMachine(await jsonBody(request)), { status: 201 }),
)
