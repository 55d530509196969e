/** Texts of the screens of job. */

/* JobContext */
export const thisJobHasNo = 'This job has no bearing. It cannot be shown.'

/* BearingRail */
export const bearings = 'Bearings'
export const bearing = (ordinal: number) => `bearing ${ordinal}`
export const theOnlyOne = 'the only one'
export const notDecided = 'not decided'
export const called = 'Called'
export const nameOfTheNewBearing = 'Name of the new bearing'
export const outer = 'outer'
export const addBearing = '+ bearing'
export const removeThisOne = 'Remove this one'
export const bearingsOfThisJob = 'Bearings of this job'

/* PositionRail */
export const positions = 'Positions'
export const closed = 'closed'
export const nameOfTheNewPosition = 'Name of the new position'
export const right = 'right'
export const likeThisOne = 'Like this one'
export const empty = 'Empty'
export const addPosition = '+ position'
export const positionsOfThisJob = 'Positions of this job'

/* SaveMessage */
export const sAgo = (seconds: number) => `${seconds} s ago`
export const minAgo = (seconds: number) => `${seconds} min ago`
export const allChangesSaved = 'All changes saved'
export const saved = (ago: string) => `Saved ${ago}`
export const saving = 'Saving'
export const noConnectionToThe = 'No connection to the server. Stored in this browser; sent when it is back'
export const notSaved = (detail: string) => `Not saved: ${detail}`
export const changedOnAnotherScreenToo = 'Changed on another screen too'

/* stageMarks */
export const passedBy = 'passed by'

/* StageRail */
export const stagesOfTheJob = 'Stages of the job'

/* UndoButton */
export const undone = (undone: string) => `Undone: ${undone}`
export const undo = 'Undo'
export const undoTheLastChange = 'Undo the last change of this job (Ctrl Z)'

/* RareBars */
export const thisJobWasChanged = 'This job was changed on another screen.'
export const yourEntriesAreKept = 'Your entries are kept. Which version do you want to keep?'
export const useTheirsDiscardMine = 'Use theirs, discard mine'
export const keepMineOverwriteTheirs = 'Keep mine, overwrite theirs'
export const setAsideBecauseIt = (unreadable: string) => `Set aside, because it cannot be read: ${unreadable}`

/* JobFrame */
export const thisJobIsClosed = 'This job is closed.'
export const whatIsTypedHere = 'What is typed here is not kept until it is opened again.'
export const openItAgain = 'Open it again'
export const undoTheLastChangeOf = 'undo the last change of the job'
