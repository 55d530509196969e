/** Texts on paper: pick list, job card, quote, labels. */

/* page */
export const pageOf = (name: string, page: number, count: number) => `${name}, page ${page} of ${count}`

/* labelsPdf */
export const noLabels = 'No labels.'
export const jobCalled = (id: number, title: string) => `Job ${id}: ${title}`
export const jobLabels = (jobId: number) => `Job ${jobId}, labels`
export const thereIsNothingIn = 'There is nothing in stock to label.'
export const bin = (bin: string) => `Bin ${bin}`
export const noBinYet = 'No bin yet'
export const minimum = (minimum: number) => `Minimum ${minimum}`
export const stockLabels = 'Stock labels'

/* drawPhotos */
export const marked = 'marked'
export const furtherPhotographsInTheRecord = (more: number) => `Further photographs in the record: ${more}.`

/* cardPdf */
export const practice = (about: string, mine: string) => ` [${about}. Workshop practice: ${mine}.]`
export const tool = (tool: string) => `Tool: ${tool}`
export const fastener = 'Fastener'
export const torque = 'Torque'
export const page = 'Page'
export const torquesFromTheManual = 'Torques, from the manual of the machine'
export const torqueBlank = '____________ N·m   ____________ lbf·ft'
export const jobJobCard = (jobId: number) => `Job ${jobId}, job card`
export const jobCard = (id: number, title: string) => `Job card ${id}: ${title}`
export const openPoints = 'Open points'
export const besideEachStepDrawn = 'Beside each step: drawn = in, amber = now, dashed = would be in the way.'
export const mustBeNew = 'Must be new'
export const tools = 'Tools'
export const missingTool = (improvise: string) =>
  improvise ? `: MISSING. ${improvise}` : ': MISSING, borrow one'
export const seenBy = (date: string, text: string) => `${date}  ${text}  Seen by ____________`
export const photographs = 'Photographs'
export const signedOff = 'Signed off'
export const signingBlank =
  'Initials ________________   date and time ________________   second pair of eyes ________________'
export const theMachinesManualLocal = "The machine's manual, local rules and licensed practice come first."
export const jobTimesIn = (jobId: number, timeZone: string) => `Job ${jobId}, times in ${timeZone}`

/* kitPdf */
export const gap = (reason: string) => `MISSING. ${reason}`
export const conflict = (reason: string) => `DOES NOT FIT. ${reason}`
export const complete = 'complete'
export const inFittingOrder = (hub: string) =>
  `In fitting order from the inside out, to scale where sizes are known; dashed = missing, ${hub} plain.`
export const agrees = 'agrees'
export const unit = 'Unit'
export const picked = 'Picked'
export const onceOnlyAlwaysNew = 'Once only, always new. '
export const toConfirm = (reason: string) => `To confirm: ${reason} `
export const missing = (gaps: number) => `${gaps} missing`
export const inConflict = (conflicts: number) => `${conflicts} in conflict`
export const pickList = (title: string, count: string) => `Pick list: ${title}, ${count}. `
export const kit = (state: string) => `Kit ${state}.`
export const lookAgainLower = 'look again'
export const kitOfJob = (job: string) => `${job}, kit`
export const checkedBetweenTheParts = 'Checked between the parts'
export const safety = 'Safety'
export const everyValueHereIs = "Every value here is a guide until the machine's manual confirms it."

/* quotePdf */
export const unitPrice = 'Unit price'
export const sum = 'Sum'
export const net = 'Net'
export const jobQuote = (jobId: number) => `Job ${jobId}, quote`
export const quote = 'Quote'
export const shopAndJob = (shop: string, id: number, title: string) => `${shop}. Job ${id}: ${title}`
export const validUntilPricesIn = (day: string, addDays: string, currency: string) =>
  `${day}. Valid until ${addDays}. Prices in ${currency}.`
export const onRequest = 'on request'
export const pricesOnRequest = 'Prices on request.'
export const priceOnRequest = (label: string, designation: string) =>
  `${label} ${designation}: price on request.`
export const notSettledYet = (label: string, reason: string) => `${label}: not settled yet. ${reason}`
export const notInThisQuote = 'Not in this quote'
export const validUntil = (addDays: string) => `Valid until ${addDays}.`

/* machineLabels */
export const positions = (positions: number) => `${positions} positions`
export const labels = (name: string) => `${name}, labels`
