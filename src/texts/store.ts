/** Texts of the screens of store. */

/* ItemPane */
export const receive = 'receive'
export const received = 'Received'
export const issue = 'issue'
export const issued = 'Issued'
export const reserve = 'reserve'
export const reserved = 'Reserved'
export const release = 'release'
export const released = 'Released'
export const takeReserved = 'take reserved'
export const reservedTaken = 'Reserved, taken'
export const count = 'count'
export const counted = 'Counted'
export const bin = (bin: string) => `Bin ${bin}`
export const noBinYet = 'No bin yet'
export const partSheet = 'part sheet'
export const freeOf = (quantity: number) => `free of ${quantity}`
export const reservedOfReserved = (reserved: number) => `, ${reserved} reserved`
export const whatHappens = 'What happens'
export const pieces = 'Pieces'
export const whatFor = 'What for'
export const record = 'Record'
export const minimum = 'Minimum'
export const priceEach = (currency: string) => `Price each, ${currency}`
export const everyMove = 'Every move'
export const earlierMoves = 'Earlier moves'

/* NewItem */
export const piecesThere = 'Pieces there'
export const priceEachHint = 'Price each'
export const aNewPartIn = 'A new part in the store'
export const chooseAnItemOf =
  'Choose an item of the list to move or count it. A number is known by what it means:'
export const exampleWritten = '6205 DDU'
export const exampleNumber = '6205-2RS'
export const shareABin = 'share a bin.'
export const putIntoTheStore = 'Put into the store'

/* StockTable */
export const jobHadReservedThat = (designation: string, jobId: number, pieces: number) =>
  `${designation}: job ${jobId} had ${pieces} reserved that are not there.`
export const onHand = 'On hand'
export const belowMinimum = 'below minimum'
export const price = 'Price'
export const lastCounted = 'Last counted'
export const never = 'never'
export const countedNow = 'Counted now'
export const countedNowOfDesignation = (designation: string) => `Counted now: ${designation}`
export const itemsOfTheStore = 'Items of the store'

/* StoreScreen */
export const all = 'all'
export const counting = 'counting'
export const row = (row: number, text: string, message: string) => ` Row ${row}, ${text}: ${message}`
export const ofRowsTakenIn = (counted: number, rows: number, refusal: string) =>
  `${counted} of ${rows} rows taken in.${refusal}`
export const filterItems = 'Filter items'
export const numberOrBin = 'Number or bin'
export const itemsShown = 'Items shown'
export const newPart = 'New part'
export const looking = 'Looking …'
export const nothingInTheBins =
  'Nothing in the bins yet. Add a part, such as 6205-2RS in bin A1, or read a stock list in.'
export const noMatchClearThe = 'No match. Clear the filter to see everything.'
export const moreItemsOfShown = (items: number, count: number) => `More items (${items} of ${count} shown)`
export const items = 'Items'
export const item = 'Item'
export const itemsOfCount = (count: number) => `${count} items`
