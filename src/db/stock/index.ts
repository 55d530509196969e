export {
  changeItem,
  countStock,
  itemFor,
  listStock,
  placeItem,
  rekeyStock,
  stockItem,
  stockItems,
  type StockItem,
  type StockPlace,
  type StockQuery,
} from './items'
export { countRows, type CountedRow } from './lists'
export { movesOf, moveStock, type StockMove } from './moves'
export { releaseJob, reserveForJob, stockOf } from './reservations'
