import { status } from '@/services/status'
import { answer } from '../_http/answer'
import { methods } from '../_http/methods'

export const dynamic = 'force-dynamic'

export const { GET, POST, PUT, PATCH, DELETE } = methods({ GET: answer(() => status()) })
