/** Texts of the screens of bench. */

/* NotStored */
export const notStoredYet = 'Not stored yet.'
export const typedOrPhotographedIn =
  'Typed or photographed in this browser before the server had it. Open the job to store it:'
export const notStoredYetLabel = 'Not stored yet'

/* BenchScreen */
export const logbookLower = 'logbook'
export const lookUp = 'look up'
export const newJob = 'new job'
export const allJobs = 'all jobs'
export const dueSince = 'due since '
export const due = 'due '
export const more = (moreRechecks: number) => `${moreRechecks} more`
export const noFindingsYetThey = 'No findings yet: they come from Inspect.'
export const jobs = (jobs: number) => `${jobs} jobs`
export const ofThemOn = (jobs: number, label: string) => `, ${jobs} of them on ${label}`
export const none = 'none'
export const cameBack = (cameBack: string | number) => `; ${cameBack} came back.`
export const numberSizesOrMachine = 'Number, sizes or machine'
export const noJobIsOpen =
  'No job is open. Open one for what came in, or look up a number, such as 6205-2RS, or sizes, such as 20 x 42 x 12.'
export const ofThemOpen = (openJobs: number) => `, ${openJobs} of them open`
export const nothingIsBelowItsMinimum = 'Nothing is below its minimum.'
export const of = (free: number, minimum: number) => `${free} of ${minimum}`
export const moreOfAll = (all: number) => `${all} more`
export const closingAJobWrites = 'Closing a job writes here what was fitted.'
export const bench = 'Bench'
export const jobsOpen = (openJobs: number) => `${openJobs} ${openJobs === 1 ? 'job' : 'jobs'} open`
