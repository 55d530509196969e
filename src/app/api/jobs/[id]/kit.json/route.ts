import { kitFile } from '@/services/kitFiles'
import { answer, attached } from '../../../_http/answer'
import { numberIn } from '../../../_http/body'

export const GET = answer(async (_request, { params }: { params: Promise<{ id: string }> }) => {
  const id = numberIn((await params).id, 'job')
  return attached(JSON.stringify(await kitFile(id), null, 2), 'application/json', `job-${id}-kit.json`)
})
