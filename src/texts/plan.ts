/** Texts of the screens of plan. */

/* NextStep */
export const nextOf = (number: number, steps: number) => `Next, ${number} of ${steps}`
export const caution = 'Caution.'
export const beforeAnythingElse = 'Before anything else.'
export const thePartsAlongThe = 'The parts along the axis at this step'
export const dashedWouldBeIn = 'Dashed: would be in the way, goes in later. '
export const amberNowFaintNotIn = (dashed: string) => `Amber: now. ${dashed}Faint: not in.`
export const doneNext = 'Done, next'
export const backOne = 'Back one'
export const nextStep = 'Next step'

/* StepRow */
export const stopHere = 'Stop here.'

/* Torques */
export const torquesFromTheManual = 'Torques, from the manual of the machine'
export const anotherFastener = 'Another fastener'
export const another = 'another'
export const anotherFastenerLower = 'another fastener'
export const torqueOf = (name: string) => `Torque of ${name}`
export const valueUnit = 'value, unit'
export const pageOfTheManualFor = (name: string) => `Page of the manual for ${name}`
export const page = 'page'
export const unitOfTheTorqueOf = (name: string) => `Unit of the torque of ${name}`
export const torques = 'Torques'

/* Tools */
export const toolsBySize = 'Tools, by size'
export const ourToolbox = 'our toolbox'
export const take = (own: string) => `Take: ${own}`
export const missing = (improvise: string) => `Missing. ${improvise}`
export const notInToolboxObtain = 'Not in toolbox: obtain before starting.'
export const tools = 'Tools'

/* HubHas */
export const onOrInThe = 'On or in the hub while it is heated'
export const nothingBare = 'nothing, bare'

/* PlanScreen */
export const thisStepIsDone = 'this step is done'
export const backOneLower = 'back one'
export const tickAnyStep = 'tick any step'
export const thePlanFollowsFrom =
  'The plan follows from the kit, the inspection and the fits. There is no kit yet: choose its arrangement first.'
export const toTheKit = 'To the kit'
export const stepsAreNotTicked = (steps: number) => `${steps} steps are not ticked.`
export const noTorqueWrittenDown = (unwritten: string) => `No torque written down: ${unwritten}.`
export const toSettleFirst = (open: number) => `${open} to settle first.`
export const ofStepsDone = (ticked: number, steps: number) => `${ticked} of ${steps} steps done`
export const steps = 'Steps'
export const openPoints = 'Open points'
export const yourInitials = 'Your initials'
export const fittedOn = 'Fitted on'
export const mustBeNew = 'Must be new'
export const alwaysNew = 'Always new'
export const signedOffBy = 'Signed off by'
export const takeBack = 'take back'
export const open = 'Open:'
export const whyItIsSigned = 'Why it is signed off all the same'
export const whyItIsSignedOff = 'why it is signed off all the same'
export const enterInitialsToSignOff = 'Enter initials to sign off'
export const aReasonFirstThen = 'A reason first, then sign off'
export const signOffAs = (who: string) => `Sign off as ${who}`
export const openOfWhy = (why: string, open: string) => `${why} (open: ${open})`
export const printTheJobCard = 'Print the job card'
export const card = 'Card'
