import { changeToolbox, toolbox } from '@/services/settings'
import { serve } from '../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/toolbox', {
  GET: () => toolbox(),
  PUT: ({ body, by }) => changeToolbox(body, by),
})
