/** Texts of the screens of intake. */

/* Comeback */
export const didAnEarlierJob = 'Did an earlier job come back?'
export const jobClosed = (id: number, closedAt: string) => `Job ${id}, closed ${closedAt}`
export const freeOfCharge = 'free of charge'

/* PositionField */
export const positionInTheRegister = 'Position in the register'
export const noneChosen = 'none chosen'
export const chooseAMachineFirst = 'choose a machine first'
export const nameOfANewPosition = 'Name of a new position'
export const orANewOne = 'or a new one: rear axle'

/* TakeIn */
export const intake = 'Intake'
export const jobTitle = 'Job title'
export const outerBearing = 'outer bearing'
export const whereOnIt = 'Where on it'
export const leftSeenInDrivingDirection = 'left, seen in driving direction'
export const side = 'Side'
export const symptoms = 'Symptoms'
export const operatingConditions = 'Operating conditions'
export const partsReceived = 'Parts received'
export const fromTheMachineRegister = 'From the machine register'
export const chooseTheMachineAnd = 'Choose the machine, and what was fitted last time stands here.'
export const nothingRecordedYet = 'Nothing recorded yet'
export const beforeDismantling = 'Before dismantling'
export const standTheMachineOn =
  'Stand the machine on stands, chock the wheels, lock the power off. Record depth and shim positions, mark sides.'
export const continueIdentify = 'Continue: identify'
