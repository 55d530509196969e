import { search } from '@/services/search'
import { answer } from '../_http/answer'
import { query } from '../_http/body'

export const GET = answer(async (request) => search(query(request)['text'] ?? ''))
