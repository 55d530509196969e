export { guessColumns, LIST_FIELDS, type ColumnMap, type ListField } from './columns'
export { cellsOf, sortRow, type ListItem } from './sortRow'
export { decodeBytes, encodingOf } from './decodeBytes'
