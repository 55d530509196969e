import { decodeText } from '@/services/lookUp'
import { answer } from '../_http/answer'
import { query } from '../_http/body'

export const GET = answer(async (request) => decodeText(query(request)['text'] ?? ''))
