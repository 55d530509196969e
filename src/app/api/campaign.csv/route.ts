import { campaignCsv } from '@/services/campaign'
import { answer, attached } from '../_http/answer'
import { jsonBody } from '../_http/body'

export const POST = answer(async (request) =>
  attached(await campaignCsv(await jsonBody(request)), 'text/csv', 'campaign.csv'),
)
