export { bestBasket, type Offer, type Terms, type WantedLine } from './bestBasket'
export { mergeLines } from './mergeLines'
