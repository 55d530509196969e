import { audit } from '@/services/accounts'
import { answer } from '../_http/answer'
import { methods } from '../_http/methods'
import { query } from '../_http/body'

export const dynamic = 'force-dynamic'

export const { GET, POST, PUT, PATCH, DELETE } = methods({ GET: answer((request) => audit(query(request))) })
