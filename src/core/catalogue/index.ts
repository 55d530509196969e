export {
  axialHold,
  isCombined,
  rollersStayWith,
  wantsMate,
  type AxialHold,
  type RollerRing,
} from './axialHold'
export {
  FAMILIES,
  FAMILY_CLASSES,
  FAMILY_NAMES,
  familyFacts,
  isFamily,
  isSealedKind,
  mayBeClosed,
  type Family,
  type FamilyFacts,
  type RollingElement,
} from './families'
export { citation } from './citation'
export {
  commonnessWeight,
  roundMicrometre,
  HardwareDetails,
  HousingDetails,
  isListed,
  Shank,
  SOURCE_KINDS,
  UNIT_HOUSINGS,
  type DimensionName,
  type Provenance,
  type Dimensions,
  type Part,
} from './part'
export { CATALOGUE_FILES, readCatalogueRows, type CsvRow } from './rows'
export { buildCatalogue, findPart, type Catalogue } from './catalogue'
export { type PartNumbers } from './partNumbers'
export { exactKey, glyphs, isSameNumber, numberKey, type Glyph } from './glyphs'
export { kindText, namesOf } from './names'
export { elementOf, hasClearance, needleDesign, type NeedleDesign } from './needleDesign'
export { buildNumberIndex, findNumber, MARK_CODES, markCode, type NumberIndex } from './numberIndex'
export { housingsFor, isHousing, isUnitHousing, sitsIn, type Housing } from './housings'
export { insertLock, ROUND_INSERTS } from './insertLocks'
export { PIECES, type Piece } from './pieces'
export { HARDWARE_WORDS, hardwareCalled } from './hardwareWords'
export { howMany, withoutHowMany } from './howMany'
export { boltsText, hardwareFacts, HARDWARE_LABELS, isCount, impliedByThread } from './hardwareSizes'
