/** Texts of the screens of record. */

/* CloseJob */
export const noPositionIsChosen =
  'No position is chosen at Intake: nothing is written into the machine register.'
export const addTo = (written: string, part: string) => `Add “${written}” to ${part}`
export const openTheJobAgain = 'Open the job again'
export const closeTheJob = 'Close the job'
export const openPoints = (points: number) => `Open points: ${points}`
export const orWhyItIs = 'Or why it is closed all the same'
export const fittedByTheSeason = 'fitted by the season crew, no torque noted'
export const thePartsOfThe = 'The parts of the kit are written into the register:'
export const closeIt = 'Close it'
export const notYet = 'Not yet'

/* CopyJob */
export const copy = ', copy'
export const copyForTheSide = (side: string) => `Copy for the ${side} side`
export const copyToANewJob = 'Copy to a new job'

/* RemoveJob */
export const jobRemoved = (id: number) => `Job ${id} removed`
export const removeTheJob = 'Remove the job'

/* Record */
export const bearing = (ordinal: number) => `bearing ${ordinal}`
export const stamped = 'Stamped'
export const nothingRead = 'nothing read'
export const excluded = ' (excluded)'
export const decided = 'Decided'
export const notYetLower = 'not yet'
export const compared = 'Compared'
export const notCompared = 'not compared'
export const inspected = 'Inspected'
export const nothingNoted = 'nothing noted'
export const notInTheRegister = 'not in the register'
export const cameBack = 'Came back'
export const ofJob = (id: number, isFree: boolean) => `of job ${id}${isFree ? ', free of charge' : ''}`
export const positions = 'Positions'
export const closed = 'closed'
export const symptoms = 'Symptoms'
export const kit = 'Kit'
export const kitFor = (arrangement: string, positions: number) =>
  `${arrangement}, ${positions} ${positions === 1 ? 'position' : 'positions'}`
export const noneYet = 'none yet'
export const jobCard = 'Job card'
export const fittedOn = (fittedOn: string) => `fitted on ${fittedOn}`
export const stepsTicked = (keys: number) => `${keys} steps ticked`
export const signedOffBy = (who: string) => `signed off by ${who}`
export const notSignedOff = 'not signed off'
export const nothingTickedYet = 'nothing ticked yet'
export const record = 'Record'
export const fitted = 'Fitted'
export const partsOfTheKit = 'Parts of the kit'
export const itCameBack = 'It came back:'
export const job = (id: number) => `job ${id}`
export const pickListAsPdf = 'Pick list as PDF'
export const jobCardAsPdf = 'Job card as PDF'
export const orderForAllPositions = 'Order for all positions'
export const buildTheKit = 'Build the kit'
export const historyNewestFirstTimesIn = (zone: string) => `History, newest first. Times in ${zone}`
export const earlierEntries = 'Earlier entries'
export const history = 'History'
