/** Texts of the screens of machines. */

/* MachineField */
export const another = 'another'
export const partOfItsName = 'part of its name'
export const addToTheRegister = (name: string) => `+ add “${name}” to the register`
export const machinesFound = 'Machines found'

/* MachineList */
export const position = 'Position'
export const fittedLast = 'Fitted last'
export const nothingRecorded = 'nothing recorded'
export const arrangement = 'Arrangement'
export const places = 'Places'
export const machineRegister = 'Machine register'
export const findAMachine = 'Find a machine'
export const nameOrPlace = 'name or place'
export const nameOfANewMachine = 'Name of a new machine'
export const exampleName = 'Ferris wheel, drive 2'
export const noMachinesYetAdd = 'No machines yet. Add the first one above, or with its first job.'
export const noMachineByThat = 'No machine by that name. Type less of it, or add it.'
export const positionsOf = (name: string) => `Positions of ${name}`
export const moreMachines = 'More machines'
export const machinesAndPositions = 'Machines and positions'
export const machines = (machines: number, hasMore: boolean) =>
  `${machines} machines${hasMore ? ' and more' : ''}`

/* MachineDrawing */
export const arrangementNotRecorded = ' · arrangement not recorded'
export const arrangementsInUsualProportions = 'Arrangements in usual proportions, not to scale.'
export const positionsAlongTheMachine = 'Positions along the machine'

/* PositionParts */
export const to = (replacedOn: string) => ` to ${replacedOn}`
export const job = (jobId: number) => `job ${jobId}`
export const foundHere = 'Found here'

/* EditPosition */
export const changeThisPosition = 'Change this position'
export const side = 'Side'
export const alike = 'Alike'

/* MachineScreen */
export const saved = 'Saved'
export const whereItStands = 'Where it stands'
export const countAlike = (quantity: number) => `· ${quantity} alike`
export const since = (since: string) => ` · since ${since}`
export const nothingRecordedYet = 'Nothing recorded yet.'
export const closingAJobAt = 'Closing a job at this position writes its parts here.'
export const inItNow = 'In it now'
export const before = 'Before'
export const machinesWithTheSameParts = 'Machines with the same parts'
export const machinesLikeThisOne = 'Machines like this one'
export const addAPosition = 'Add a position'
export const rearAxle = 'rear axle'
export const whichMachineIsThis =
  'Which machine is this one really? Its positions and jobs move there, and this entry goes.'
export const itIsInThe = 'It is in the register twice'
