export { JobIdentify } from './JobIdentify'
export { QuickLookUp } from './QuickLookUp'
