import { bin } from '@/services/bin'
import { answer } from '../_http/answer'
import { methods } from '../_http/methods'

export const { GET, POST, PUT, PATCH, DELETE } = methods({ GET: answer(() => bin()) })
