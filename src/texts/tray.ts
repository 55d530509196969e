/** Texts of the screens of tray. */

/* useTray */
export const theFileIsLarger = 'The file is larger than 10 MB. Split it.'
export const theFileHasNo = 'The file has no rows below its first line.'

/* TrayScreen */
export const ref = 'Ref'
export const notListed = 'not listed'
export const probability = 'Probability'
export const secondCandidate = 'Second candidate'
export const measureNext = 'Measure next'
export const batchIdentification = 'Batch identification'
export const exampleFile = 'Example file'
export const stop = 'Stop'
export const saveTheAnswers = 'Save the answers'
export const chooseACsvFile = 'Choose a CSV file'
export const onePartARow = 'One part a row. The first line names the columns:'
export const ofAUnitAlso = '; of a unit also'
export const leaveEmptyWhatIs = '. Leave empty what is not known.'
export const ofRows = (done: number, all: number) => `${done} of ${all} rows`
export const rowsIdentified = 'Rows identified'
export const stopped = 'Stopped. '
export const withAProblem = (problems: number) => `, ${problems} with a problem`
export const rowsIdentifiedSoFar = (stopped: string, rows: number, problems: string) =>
  `${stopped}${rows} rows identified${problems}.`
export const answers = 'Answers'
export const batchTray = 'Batch tray'
export const rowsWithAProblem = (rows: number, problems: number) => `${rows} rows, ${problems} with a problem`
