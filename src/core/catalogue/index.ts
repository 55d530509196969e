export { axialHold } from './axialHold'
export {
  FAMILIES,
  FAMILY_CLASSES,
  FAMILY_NAMES,
  familyFacts,
  type Family,
  type RollingElement,
} from './families'
export {
  commonnessWeight,
  roundMicrometre,
  HardwareDetails,
  isFamily,
  PIECES,
  SOURCE_KINDS,
  type DimensionName,
  type Provenance,
  type Dimensions,
  type Part,
  type Piece,
} from './part'
export { CATALOGUE_FILES, readCatalogueRows, type CsvRow } from './rows'
export { buildCatalogue, findPart, type Catalogue } from './catalogue'
export { type PartNumbers } from './partNumbers'
export { exactKey, glyphs, isSameNumber, numberKey, type Glyph } from './glyphs'
export { namesOf } from './names'
export { buildNumberIndex, findNumber, MARK_CODES, markCode, type NumberIndex } from './numberIndex'
