export {
  buildShelf,
  findOnShelf,
  openShelf,
  packShelf,
  type PackedShelf,
  type Shelf,
  type ShelfColumns,
  type ShelfSize,
} from './shelf'
export { codeOf, type SizeRange, type SizeTable } from './sizeTable'
