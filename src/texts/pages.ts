/** Names of the pages, and the pages that stand in when there is none. */

/* manifest */
export const identifyBearingsFindWhat = 'Identify bearings, find what else fits, build complete kits'

/* error */
export const thisPageCouldNot = 'This page could not be loaded'
export const theDatabaseMayBe =
  'The database may be away. What you typed is kept on this machine. Try again in a moment.'

/* not-found */
export const pageNotFound = 'Page not found'
export const nothingHasThisAddress = 'Nothing has this address. A job that was removed is in the bin.'

/* page */
export const yourAccount = 'Your account'
export const serviceCampaign = 'Service campaign'
export const components = 'Components'
export const fitsAndAdjustment = 'Fits and adjustment'
export const quickLookUp = 'Quick look-up'

/* layout */
export const sAmberSocket = (job: string) => `%s · ${job} · Amber Socket`

/* page */
export const jobAmberSocket = (takeIn: string, id: string) => `${takeIn} · Job ${id} · Amber Socket`
export const machines = 'Machines'
export const sealsAndWearSleeves = 'Seals and wear sleeves'
export const signIn = 'Sign in'
export const batchTray = 'Batch tray'
