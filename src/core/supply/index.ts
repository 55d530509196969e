export { basketProgram } from './basketProgram'
export { bestBasket, MAX_LOOKED_AT, type Basket, type Offer, type Terms, type WantedLine } from './bestBasket'
export { mergeLines } from './mergeLines'
