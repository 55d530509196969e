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
export { placeOf, type SizeRange, type SizeTable } from './sizeTable'
