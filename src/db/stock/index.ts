export {
  changeItem,
  countStock,
  itemFor,
  listStock,
  createItem,
  rekeyStock,
  stockItem,
  stockItems,
  type StockItem,
  type StockCursor,
  type StockQuery,
} from './items'
export { countRows, type CountedRow } from './lists'
export { movesOf, moveStock, type StockMove } from './moves'
export { releaseJob, reserveForJob, stockOf } from './reservations'
