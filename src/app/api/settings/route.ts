import { changeSettings, settings } from '@/services/settings'
import { serve } from '../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/settings', {
  GET: () => settings(),
  PUT: ({ body, by }) => changeSettings(body, by),
})
