import { health } from '@/services/health'
import { answer } from '../_http/answer'

export const dynamic = 'force-dynamic'

export const GET = answer(health)
