import { campaignCsv } from '@/services/campaign'
import { answer, attached } from '../_http/answer'
import { methods } from '../_http/methods'
import { jsonBody } from '../_http/body'

export const { GET, POST, PUT, PATCH, DELETE } = methods({
  POST: answer(async (request) =>
    attached(await campaignCsv(await jsonBody(request)), 'text/csv', 'campaign.csv'),
  ),
})
