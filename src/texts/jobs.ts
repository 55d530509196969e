/** Texts of the screens of jobs. */

/* JobList */
export const what = 'What'
export const aPositionOfJob = (partOf: number) => `a position of job ${partOf}`
export const stage = 'Stage'
export const closed = 'Closed'
export const recheck = (recheck: string) => `recheck ${recheck}`
export const changed = 'Changed'
export const filterJobs = 'Filter jobs'
export const machineTitleOrNumber = 'Machine, title or number'
export const openOnly = 'open only'
export const moreJobs = 'More jobs'
export const noJobsYetOpen =
  'No jobs yet. Open one for the machine that came in, such as a wheel of the land train.'
export const noMatchClearThe = 'No match. Clear the filter, or show the closed jobs too.'
export const jobs = (shown: number, hasMore: boolean) => `${shown} jobs${hasMore ? ' and more' : ''}`

/* NewJobForm */
export const openAJob = 'Open a job'
export const whatCameIn = 'What came in'
export const exampleTitle = 'Land train, coach 3, rear right wheel'
export const openTheJob = 'Open the job'
