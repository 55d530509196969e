export { CampaignScreen } from './CampaignScreen'
