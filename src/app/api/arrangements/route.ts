import { arrangements, putArrangement } from '@/services/arrangements'
import { answer } from '../_http/answer'
import { jsonBody } from '../_http/body'

export const GET = answer(async () => arrangements())
export const PUT = answer(async (request) => putArrangement(await jsonBody(request)))
