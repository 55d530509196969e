import { drawnKitFor } from '@/services/drawKit'
import { answer } from '../../_http/answer'
import { jsonBody } from '../../_http/body'

export const POST = answer(async (request) => drawnKitFor(await jsonBody(request)))
