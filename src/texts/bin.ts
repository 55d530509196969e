/** Texts of the screens of bin. */

/* BinScreen */
export const isBack = (label: string) => `${label} is back`
export const jobsPhotographsListsArrangements = (keptDays: number) =>
  `Jobs, photographs, lists, arrangements and names of parts that were removed. They can be put back for ${keptDays} days.`
export const theBinIsEmpty = 'The bin is empty. What is removed from'
export const aJob = 'a job'
export const theLists = 'the lists'
export const or = 'or'
export const theArrangements = 'the arrangements'
export const comesHereFirst = 'comes here first.'
export const by = (deletedBy: string) => ` by ${deletedBy}`
export const removed = (time: string, deletedBy: string) => `removed ${time}${deletedBy}`
export const putBack = 'Put back'
export const putBackOfLabel = (label: string) => `Put back ${label}`
