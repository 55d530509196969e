import { machinesWith } from '@/services/machines'
import { StampText } from '@/contract/evidence'
import { parse } from '@/services/parse'
import { z } from 'zod'
import { answer } from '../../_http/answer'
import { methods } from '../../_http/methods'
import { query } from '../../_http/body'

const Question = z.object({ designation: StampText.min(1, 'Which part?') })

export const { GET, POST, PUT, PATCH, DELETE } = methods({
  GET: answer((request) => machinesWith(parse(Question, query(request)).designation)),
})
