import { machineLabels } from '@/services/print/machineLabels'
import { pdf } from '../../../_http/answer'
import { originOf } from '../../../_http/client'
import { serve } from '../../../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/machines/{id}/labels.pdf', {
  GET: async ({ id, request }) => pdf(await machineLabels(id, originOf(request)), `machine-${id}-labels.pdf`),
})
