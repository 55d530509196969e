import 'server-only'

export { addJobBearing, changeJob, createJob, historyOf, removeJobBearing } from './jobs'
export { getJob } from './getJob'
export { listJobs } from './listJobs'
export { positionsOf } from './positions'
export { returnsOf } from './returns'
export { removeJob } from './removeJob'
export { undoLast } from './undo'
