import { openApi } from '@/services/openApi'
import { answer } from '../_http/answer'

export const GET = answer(async () => openApi())
