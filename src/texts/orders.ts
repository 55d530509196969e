/** Texts of the screens of orders. */

/* BasketPane */
export const wanted = 'Wanted'
export const bought = 'Bought'
export const packsOf = (pack: number) => `(${pack}s)`
export const unitPrice = 'Unit price'
export const sum = 'Sum'
export const days = 'Days'
export const hereIn = (total: string, currency: string, days: number) =>
  `${total} ${currency}, here in ${days} ${days === 1 ? 'day' : 'days'}`
export const noOtherWayOver = '. No other way over these suppliers costs less.'
export const theCheapestWayMay = (gapPercent: number) =>
  `. The cheapest way may cost up to ${gapPercent} % less: there was no time to look at all.`
export const perhapsNotTheVery = '. Perhaps not the very best: the list is long.'
export const goodsFreight = (subtotal: string, freight: string) => `Goods ${subtotal}, freight ${freight}`
export const withoutNoAnswerJustNow = (away: string) => `Without ${away}: no answer just now.`
export const nobodyOffers = 'Nobody offers'
export const madeToMeasureOr = '. Made to measure, or look for an equivalent.'
export const from = (name: string) => `From ${name}`
export const orderFrom = (suppliers: number) =>
  `Order from ${suppliers} ${suppliers === 1 ? 'supplier' : 'suppliers'}`

/* OrderPane */
export const ordered = 'Ordered'
export const here = 'Here'
export const receivedNow = 'Received now'
export const receivedNowOfDesignation = (designation: string) => `Received now: ${designation}`
export const order = (id: number, state: string) => `Order ${id}, ${state}`
export const theirNumber = ', their number'
export const goodsFreightDaysFrom = (
  subtotal: string,
  freight: string,
  currency: string,
  leadTimeDays: number,
  createdAt: string,
  note: string,
) => `. Goods ${subtotal}, freight ${freight} ${currency}; ${leadTimeDays} days from ${createdAt}. ${note}`
export const linesOfOrder = (id: number) => `Lines of order ${id}`
export const sendAgain = 'Send again'
export const cancelOrder = 'Cancel order'
export const intoBin = 'Into bin'
export const asBefore = 'as before'
export const asOnTheDeliveryNote = 'As on the delivery note'
export const bookIntoStock = 'Book into stock'

/* WantedLines */
export const toBuy = 'To buy'
export const part = (i: number) => `Part ${i}`
export const piecesOfPart = (i: number) => `Pieces of part ${i}`
export const takePartOffTheList = (i: number) => `Take part ${i} off the list`
export const aDayOfWaitingCosts = (currency: string) => `A day of waiting costs, ${currency}`
export const askingTheSuppliers = 'Asking the suppliers'
export const askForPrices = 'Ask for prices'

/* OrdersScreen */
export const notSentYet = 'not sent yet'
export const onItsWay = 'on its way'
export const partlyHere = 'partly here'
export const allHere = 'all here'
export const givenUp = 'given up'
export const everythingOfTheseKits = 'Everything of these kits lies in the bins.'
export const forJobs = (jobs: string) => `For jobs ${jobs}`
export const nothingPricedYet = 'Nothing priced yet'
export const typeWhatIsNeeded =
  'Type what is needed, such as eight LM12749 and four 6204-2RS, or come here from a kit: what its bins lack is filled in. Three suppliers are asked, and the cheapest way over all of them is worked out, freight and packs included.'
export const basketAndOrder = 'Basket and order'
export const ordersLatestFirst = 'Orders, latest first'
export const findAnOrder = 'Find an order'
export const numberPartOrSupplier = 'Number, part or supplier'
export const noneYet = 'None yet.'
export const noSuchOrder = 'No such order.'
export const orderOfId = (id: number) => `Order ${id}`
export const earlierOrders = 'Earlier orders'
export const orderCount = (orders: number, hasMore: boolean) =>
  `${orders} ${orders === 1 ? 'order' : 'orders'}${hasMore ? ' and more' : ''}`
