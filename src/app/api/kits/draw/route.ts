import { drawnKitFor } from '@/services/kits'
import { answer } from '../../_http/answer'
import { jsonBody } from '../../_http/body'

export const POST = answer(async (request) => drawnKitFor(await jsonBody(request)))
