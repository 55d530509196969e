/** Texts of the screens of status. */

/* StatusScreen */
export const version = 'Version'
export const schema = (version: string, schema: string) => `${version}, schema ${schema}`
export const runningSince = 'Running since'
export const lastCopyOfEverything = 'Last copy of everything'
export const noneYet = 'none yet'
export const disk = 'Disk'
export const freeOf = (freeMb: string, allMb: string) => `${freeMb} free of ${allMb}`
export const database = 'Database'
export const jobs = (databaseMb: string, jobs: number) => `${databaseMb}, ${jobs} jobs`
export const memoryOfThisProcess = 'Memory of this process'
export const times = 'Times'
export const inZone = (zone: string) => `in ${zone}`
export const nothingHasToBe = 'Nothing has to be looked after.'
export const latestFaults = 'Latest faults'
export const noneInTheLog = 'None in the log.'
export const request = (request: string) => `(request ${request})`
