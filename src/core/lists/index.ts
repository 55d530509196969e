export { guessColumns, LIST_FIELDS, type ColumnMap, type ListField } from './columns'
export { cellsOf, sortRow } from './sortRow'
