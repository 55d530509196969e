export { afterChange, database, oneChange } from './connection'
export { claimRequestKey, keepAnswer } from './requestKeys'
export { hasData, migrate, migrateDown, pendingMigrations } from './migrate'
export { type StoredJson } from './json'
export { fittedWith, keepKit, kitOfJob, type ReadKit, type ReadKitLine, type StoredKit } from './kits'
export { closedJobsAt, comebacksOf, foundOn, type SeatReading } from './found'
export * from './jobs'
export * from './machines'
export * from './parts'
export * from './partNames'
export * from './lists'
export {
  changeItem,
  countRows,
  countStock,
  itemFor,
  listStock,
  moveStock,
  movesOf,
  placeItem,
  releaseJob,
  reserveForJob,
  rekeyStock,
  stockItem,
  stockItems,
  stockOf,
  type CountedRow,
  type StockItem,
  type StockMove,
  type StockPlace,
  type StockQuery,
} from './stock'
export * from './orders'
export * from './arrangements'
export * from './settings'
export * from './photos'
