import { openApi } from '@/services/openApi'
import { answer } from '../_http/answer'
import { methods } from '../_http/methods'

export const { GET, POST, PUT, PATCH, DELETE } = methods({
  GET: answer(async () => openApi()),
})
