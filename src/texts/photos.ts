/** Texts of the screens of photos. */

/* PhotoDialog */
export const fullSize = 'Full size'
export const close = 'Close'
export const tapWhatYouMean =
  'Tap what you mean. Drag a mark, or move it with the arrow keys; Delete removes it.'
export const markMoveWithThe = (i: number, text: string) => `Mark ${i}${text}: move with the arrow keys`
export const marks = 'Marks'
export const noneYet = 'None yet.'
export const whatMarkShows = (i: number) => `What mark ${i} shows`
export const spallInTheLoadZone = 'spall in the load zone'
export const removeMark = (i: number) => `Remove mark ${i}`
export const markInTheMiddle = '+ mark in the middle'
export const atMostMarks = (maxMarks: number) => `At most ${maxMarks} marks. `
export const kept = 'Kept.'
export const notKeptYet = 'Not kept yet.'

/* WaitingPhotos */
export const discardNotSentYet = (name: string) => `Discard ${name}, not sent yet`
export const wait = (waiting: number, isAnswerAwaited: boolean) =>
  `${waiting === 1 ? 'One photograph waits' : `${waiting} photographs wait`} in this browser${isAnswerAwaited ? ' until the server answers.' : '.'}`

/* Photos */
export const photograph = (id: number) => `photograph ${id}`
export const marksOfNameOf = (nameOf: string, marks: number) => `${nameOf}, marks: ${marks}`
export const photographs = 'Photographs'
export const open = (withMarks: string) => `Open ${withMarks}`
export const removePhotograph = (name: string) => `Remove photograph ${name}`
export const photographRemoved = 'Photograph removed'
export const takingIn = 'Taking in'
export const addAPhotograph = 'Add a photograph'
export const photographUpper = 'Photograph'
