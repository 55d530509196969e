export { database } from './connection'
export { migrate } from './migrate'
export * from './jobs'
export * from './machines'
export * from './parts'
export * from './lists'
export {
  allStock,
  changeItem,
  itemFor,
  moveStock,
  movesOf,
  placeItem,
  reserveForJob,
  rekeyStock,
  stockItem,
  type StockItem,
} from './stock'
export * from './orders'
export * from './arrangements'
export * from './settings'
export * from './photos'
