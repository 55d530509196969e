import { changeToolbox, toolbox } from '@/services/settings'
import { answer } from '../_http/answer'
import { jsonBody } from '../_http/body'

export const GET = answer(async () => toolbox())
export const PUT = answer(async (request) => changeToolbox(await jsonBody(request)))
