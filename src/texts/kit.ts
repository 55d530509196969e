/** Texts of the screens of kit. */

/* ChooseArrangement */
export const whichArrangementIsIt = 'Which arrangement is it?'
export const itDecidesThePlaces =
  'It decides the places of the kit and the order they are fitted in. Type its code and Enter, or choose.'
export const makeOneOfYourOwn = 'Make one of your own'
export const noneOfTheseIs = (decided: string) =>
  `None of these is made for ${decided}: choose the nearest, or make one of your own.`
export const enterTakes = (code: string, title: string) => `Enter takes ${code}, ${title}`
export const noMatch = 'No match'

/* KitFiles */
export const thisFileIsLarger = 'This file is larger than any kit. Choose a kit file.'
export const thisIsNoJson = 'This is no JSON. Choose a file saved here as “kit as JSON”.'
export const thisIsNoKit = (path: string, message: string) =>
  `This is no kit file of version 1: ${path} ${message}.`
export const json = 'JSON'
export const svg = 'SVG'
export const readAKitFile = 'Read a kit file'

/* KitStock */
export const reserved = (pieces: number, short: string) =>
  `${pieces} ${pieces === 1 ? 'piece' : 'pieces'} reserved${short && `; short: ${short}`}.`
export const ofSelectedItemsInStock = (there: number, bought: number) =>
  `${there} of ${bought} selected items in stock`
export const total = ', total'
export const reserve = 'Reserve'
export const orderShortages = 'Order shortages'
export const quote = 'Quote'
export const jobCard = 'Job card'
export const stockAndPapers = 'Stock and papers'

/* ExtraLines */
export const furtherParts = 'Further parts'
export const each = (quantity: number) => `, ${quantity} each`
export const takeOffTheKit = (label: string) => `Take ${label} off the kit`
export const whatItIs = 'What it is'
export const wheelStuds = 'wheel studs'
export const itsNumber = 'Its number'
export const piecesForOnePosition = 'Pieces for one position'

/* LineEditor */
export const filled = 'filled'
export const gap = 'missing'
export const bin = (bin: string) => `, bin ${bin}`
export const onTheShelf = (free: number, bin: string) => `On the shelf: ${free}${bin}`
export const numberFor = (label: string) => `Number for ${label}`
export const number = 'number'
export const set = 'Set'
export const suggest = 'suggest'
export const reuseOldPart = 'reuse old part'
export const notFittedHere = 'not fitted here'
export const whyThereIsNone = 'Why there is none'
export const whyEndCapsInstead = 'why: end caps instead of seals'
export const none = 'None'
export const place = (number: number, label: string) => `Place ${number}: ${label}`

/* KitSide */
export const complete = 'Complete'
export const missing = (gaps: number) => `${gaps} ${gaps === 1 ? 'item' : 'items'} missing`
export const inConflict = (conflicts: number) => `${conflicts} in conflict`
/** @param positions how many of what */
export const oneKitEach = (positions: string) => `${positions}, one kit each`
export const ofItemsSelected = (selected: number, all: number) => `${selected} of ${all} items selected`
export const checkedBetweenTheParts = 'Checked between the parts'
export const grease = 'Grease'
export const foundOnTheMachine = 'Found on the machine'
export const no = (label: string, reason: string) => `No ${label}: ${reason}`
export const notOnThisMachine = (dropped: number) => `Not on this machine: ${dropped}`
export const toolsBySize = 'Tools, by size'
export const safety = 'Safety'
export const printWith = (headline: string) => `Print with ${headline}?`
export const printPickList = 'Print pick list'
export const stateOfTheKit = 'State of the kit'

/* LineTable */
export const toConfirm = 'to confirm'
export const replaceAsASet = 'replace as a set'
export const balloon = 'Balloon'
export const notChosen = 'not chosen'
export const perUnit = 'Per unit'
export const remark = 'Remark'
export const linesOfTheKit = 'Lines of the kit'

/* SizeStrip */
export const readAsPressFor = (unit: 'mm' | 'in') =>
  `Read as ${unit === 'in' ? 'inches' : 'millimetres'}. Press for the other.`
export const position = 'position'
export const pcs = 'pcs'
export const spindleThread = 'Spindle thread'

/* useKit */
export const noConnectionToThe =
  'No connection to the server. Your entries are kept; the kit follows when it is back.'

/* KitScreen */
export const line = 'line'
export const wheels = 'wheels'
export const alongTheAxis = 'along the axis'
export const numberOfTheLine = 'number of the line, or type it; next size'
export const reuseTheOldPart = 'reuse the old part'
export const pickListAsPdf = 'pick list as PDF'
export const inFittingOrder = ', in fitting order'
export const drawnHow = (sized: number, drawn: number) =>
  sized === drawn
    ? 'to scale'
    : sized === 0
      ? 'usual proportions, not to scale'
      : 'to scale where sizes are known'
export const changeArrangement = 'Change arrangement'
