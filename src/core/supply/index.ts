export { bestBasket, type Basket, type Offer, type Terms, type WantedLine } from './bestBasket'
export { mergeLines, type MergedLine } from './mergeLines'
