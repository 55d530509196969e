import { campaignCsv } from '@/services/campaign'
import { attached } from '../_http/answer'
import { serve } from '../_http/serve'

export const { GET, POST, PUT, PATCH, DELETE } = serve('/api/campaign.csv', {
  POST: async ({ body }) => attached(await campaignCsv(body), 'text/csv', 'campaign.csv'),
})
