/** Texts around every screen: areas, search, keys, number pad. */

/* Finder */
export const mm = (sizes: string) => `${sizes} mm`
export const identifyByTheseSizes = 'identify by these sizes'
export const identifyByThisStamp = 'identify by this stamp'
export const identify = 'Identify'
export const seeWhatMayBe = 'see what may be meant, or identify it by its sizes'
export const didYouMean = 'Did you mean'
export const newJobWith = (designation: string) => `New job with ${designation}`
export const onToItsKit = 'on to its kit'
export const moreParts = 'More parts'
export const machines = 'Machines'
export const actions = 'Actions'
export const noMatchTryA = 'No match. Try a number without its suffix, or three sizes.'
export const find = 'Find'

/* MenuButton */
export const menu = 'Menu'

/* areas */
export const bench = 'Bench'
export const lookUp = 'Look up'
export const batchIdentification = 'Batch identification'
export const seals = 'Seals'
export const stock = 'Stock'
export const campaign = 'Campaign'
export const shop = 'Shop'
export const fitsAndSetting = 'Fits and setting'

/* KeyHelpDialog */
export const keyboardShortcuts = 'Keyboard shortcuts'
export const searchPartsMachinesJobs = 'search parts, machines, jobs'
export const thisList = 'this list'
export const close = 'Close'

/* KeyHelp */
export const keyboardShortcutsLower = 'keyboard shortcuts'

/* PaletteDialog */
export const showInchesFirst = 'Show inches first'
export const showMillimetresFirst = 'Show millimetres first'
export const lightTheme = 'Light theme'
export const darkTheme = 'Dark theme'
export const searchPartsMachinesJobsAnd = 'Search parts, machines, jobs and commands'
export const exampleSearch = '6205-2RS, 20 x 42 x 12, carousel, settings'

/* Palette */
export const searchPartsMachinesJobsUpper = 'Search parts, machines, jobs'

/* Waiting */
export const theServerDoesNot = 'The server does not answer. It is asked again every few seconds.'
export const loading = 'Loading …'

/* Frame */
export const unitsShownFirst = 'Units shown first'
export const skipToTheWork = 'Skip to the work'

/* OfflinePages */
export const on = (time: string) => ` on ${time}`
export const noConnectionToThe = (stale: string) =>
  `No connection to the server. This is the page as it was${stale}; changes cannot be saved.`

/* NumberPad */
export const erase = 'Erase'
export const keyboard = 'Keyboard'
export const spaceBeforeAFraction = 'Space, before a fraction'
export const minus = 'Minus'
export const next = 'Next'
export const numberPad = 'Number pad'
/** What to change in a figure, by the label of its field. */
export const problemOf = (label: string, problem: string) => `${label}: ${problem}`
