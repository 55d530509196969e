/** Texts of the screens of logbook. */

/* MachineFilter */
export const no = (name: string, id: number) => `${name} (no. ${id})`
export const everyMachine = 'every machine'

/* RecheckList */
export const cameBack = (title: string) => `${title}, came back`
export const chooseWhatWasFound = 'Choose what was found.'
export const found = 'Found'
export const playAtTheRim = 'play at the rim 0.1 mm, no heat, seal dry'
export const initials = 'Initials'
export const initialsLower = 'initials'
export const recheckOfJob = (jobId: number) => `Recheck of job ${jobId}`
export const noneDueToday = 'None due today'
export const due = (due: number) => `${due} due`
export const rechecksShown = 'Rechecks shown'
export const toDo = 'to do'
export const all = 'all'
export const isOpenForWhat = (of: number) => `is open for what came back of job ${of}.`
export const lookedAt = 'Looked at'
export const more = 'More'
export const noRecheckIsOpen =
  'No recheck is open. Closing a job with a kit sets two: after the first day and after the season.'
export const rechecks = 'Rechecks'

/* ViewFrame */
export const view = 'View'
export const ofMachinesTheCsv = (shown: number, all: string) =>
  `${shown} of ${all} machines. The CSV file has them all.`

/* CostView */
export const costOfPartsByMachine = 'Cost of parts by machine'
export const parts = (currency: string) => `parts, ${currency}`
export const partsOfClosedJobs = 'Parts of closed jobs, at the prices of their kits'
export const partsOfCurrency = (currency: string) => `Parts, ${currency}`
export const linesWithoutAPrice = 'Lines without a price'
export const noClosedJobWith = 'No closed job with a kit in this time.'

/* SeatsView */
export const measurements = (label: string, measured: number) => `${label}: ${measured} measurements`
export const meanOfTheReadings = 'Mean of the readings'
export const wearAYear95To = (unit: string, um: string, min: string, max: string) =>
  `Wear a year, ${unit}: ${um} (95 %: ${min} to ${max})`
export const mean = (name: string) => `Mean, ${name}`
export const limit = (name: string) => `Limit, ${name}`
export const moreSeatsWereMeasured = 'More seats were measured: choose a machine to see them.'
export const noSeatOfA =
  'No seat of a position in the register was measured in this time. Readings come from Fits and setting.'

/* IdentificationView */
export const provedRight = 'proved right'
export const limits95 = '95 % limits'
export const lowerLimit = 'lower limit'
export const asSaid = 'as said'
export const probabilityItSaid = 'probability it said, %'
export const provedRightLower = 'proved right, %'
export const shareThatProvedRight = 'Share that proved right by the probability that was said'
export const partsDecidedByIdentification = (answered: number) =>
  `${answered} parts decided by identification`
export const ofThemRight = (withLimits: string) => `, ${withLimits} % of them right`
export const rightThePartWas = (open: number) =>
  `Right: the part was still decided on when its job was closed. Wrong: another part took its place. ${open} in jobs that are open are not counted. What closed jobs had is expected more often the next time.`
export const howSureItWas = 'How sure it was, and how often right'
export const said = 'Said, %'
export const right = 'Right'
export const percentWithLimits = '% (95 % limits)'
export const itWas = 'It was'
export const byMonth = 'By month'
export const month = 'Month'
export const wrong = 'Wrong'
export const noPartWasDecided = 'No part was decided on by identification in this time.'

/* ServiceView */
export const daysInService = 'days in service'
export const stillInService = 'still in service, %'
export const shareStillInService = 'Share still in service by days'
export const shareStillInServiceChart = 'Share still in service'
export const tooFewToSay = 'Too few to say: nothing that was fitted in this time was replaced yet.'
export const bearingsThatStillRun =
  'Bearings that still run count as long as they have run (Kaplan and Meier). One fitting counts once, however many pieces.'
export const timeInService = 'Time in service'
export const bearings = 'Bearings'
export const fitted = 'Fitted'
export const replaced = 'Replaced'
export const halfAfterDays = 'Half after, days'
export const afterDays95Limits = (seasonDays: number) => `After ${seasonDays} days, % (95 % limits)`
export const notYet = 'not yet'
export const doesTheClosureMake = 'Does the closure make a difference?'
export const against = (first: string, second: string) => `${first} against ${second}`
export const and = (ended: number, otherEnded: number) => `${ended} and ${otherEnded}`
export const replacedLower = 'replaced'
export const ratioOfRates = '; ratio of rates'
export const nothingWasWrittenInto =
  'Nothing was written into the register in this time. Closing a job with a position does it.'

/* FailuresView */
export const whatWasFound = 'What was found'
export const findingsByKind = 'Findings by kind'
export const findings = 'findings'
export const findingsOfInspect = 'Findings of Inspect'
export const finding = 'Finding'
export const whatItPointsTo = 'What it points to'
export const likelyCauses = 'Likely causes'
export const eachFindingIsShared =
  'Each finding is shared out over its possible causes by their weight: an indication, not a diagnosis.'
export const cause = 'Cause'
export const findingsUpper = 'Findings'
export const jobsByMonth = 'Jobs by month'
export const jobs = 'jobs'
export const where = 'Where'
export const jobsByMachine = 'Jobs by machine'
export const cameBackHead = 'Came back'
export const noJobInThis = 'No job in this time. Choose a longer one, or every machine.'

/* LogbookScreen */
export const whatFails = 'What fails'
export const cost = 'Cost'
export const seatWear = 'Seat wear'
export const identification = 'Identification'
export const last6Months = 'last 6 months'
export const last12Months = 'last 12 months'
export const last2Years = 'last 2 years'
export const last5Years = 'last 5 years'
export const rechecksWhatFailsService = 'rechecks, what fails, service, cost, seats, identification'
export const time = 'Time'
export const calendar = 'Calendar'
