import { changeSettings, settings } from '@/services/settings'
import { answer } from '../_http/answer'
import { jsonBody } from '../_http/body'

export const GET = answer(async () => settings())
export const PUT = answer(async (request) => changeSettings(await jsonBody(request)))
