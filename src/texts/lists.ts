/** Texts of the screens of lists. */

/* useImport */
export const theFileIsLarger = 'The file is larger than 40 MB. Split it.'

/* ImportPane */
export const is = 'Is'
export const price = 'Price'
export const row = 'Row'
export const asWritten = 'As written'
export const keptAsYourOwn = 'kept as your own'
export const nameOfTheList = 'Name of the list'
export const whoseList = 'Whose list'
export const ourOwn = 'Our own'
export const aSuppliers = 'A supplier’s'
export const unitOfSizesThat = 'Unit of sizes that state none'
export const cancel = 'Cancel'
export const importRows = (rows: string) => `Import ${rows} rows`
export const columnsPartedBySay = (name: string, encoding: string, delimiter: string) =>
  `${name}: ${encoding}, columns parted by ${delimiter}. Say which column holds what; leave the rest out.`
export const firstRows = 'First rows'
export const newList = 'New list'

/* ListPane */
export const rows = (n: number, written: string) => `${written} ${n === 1 ? 'row' : 'rows'}`
export const stoppedAfterNothingOf = (rows: string) => `Stopped after ${rows}. Nothing of it was kept.`
export const theServerStoppedIn =
  'The server stopped in the middle. Nothing of it was kept; take the file in again.'
export const namesAPartOf = 'names a part of the catalogue'
export const namePartsOfTheCatalogue = 'name parts of the catalogue'
export const isKeptAsA = 'is kept as a part of your own'
export const areKeptAsParts = 'are kept as parts of your own'
export const meansTheSameAs = 'means the same as an earlier one'
export const meanTheSameAs = 'mean the same as earlier ones'
export const couldNotBeKept = (rows: string) => `${rows} could not be kept`
export const of = (read: string, rows: string) => `${read} of ${rows}`
export const rowsTakenIn = 'Rows taken in'
export const stop = 'Stop'
export const why = 'Why'
export const rowsNotKept = 'Rows not kept'
export const saveAsCsv = 'Save as CSV'
export const boreOutsideWidth = (unit: string) => `Bore × outside × width, ${unit}`
export const theFirst = (items: number) => `, the first ${items}`
export const items = 'Items'
export const partsOfTheList = 'Parts of the list'
export const removeTheList = 'Remove the list'

/* useLists */
export const listRemoved = 'List removed'

/* ListsScreen */
export const beingTakenIn = 'being taken in'
export const stopped = 'stopped'
export const notTakenIn = 'not taken in'
export const ourOwnLower = 'our own'
export const supplier = 'supplier'
export const parts = (listed: string) => `${listed} parts`
export const noListsYet = 'No lists yet'
export const chooseACsvFile =
  'Choose a CSV file of what lies in your bins, or of what a supplier offers: one part a row, the first line names the columns. Numbers are read by what they mean, so that'
export const exampleNumber = '6205-2RS1'
export const exampleWritten = '6205 DDU'
export const areOnePartSpecials =
  'are one part. Specials, such as the turned bush of the capstan winch, are kept with their bore, outside and width and found by them.'
export const chooseACsvFileLabel = 'Choose a CSV file'
export const lists = 'Lists'
export const listCount = (n: number) => `${n} ${n === 1 ? 'list' : 'lists'}`
