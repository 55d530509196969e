import type { Part } from '../part'
import { anyBearing, inchBall, insert, metricBearing, rodEnd } from './bearingRows'
import type { CsvRow } from './columns'
import {
  adapterSleeve,
  cap,
  castleNut,
  cotterPin,
  eRing,
  housing,
  inchCotterPin,
  inchSeal,
  inchSnapRing,
  lockNut,
  lockWasher,
  seal,
  snapRing,
  washer,
} from './hardwareRows'
import { assembleSets, cone, cup, metricTapered } from './taperedRows'

export type { CsvRow } from './columns'

/** One reader for each file that ships, rows as text. Reading the files themselves is the caller's business. */
const READERS = {
  'deep-groove': metricBearing('deep-groove'),
  miniature: metricBearing('miniature'),
  'inch-ball': inchBall,
  'deep-groove-double-row': metricBearing('deep-groove-double-row'),
  'angular-contact': metricBearing('angular-contact'),
  'angular-contact-double-row': metricBearing('angular-contact-double-row'),
  'self-aligning': metricBearing('self-aligning'),
  cylindrical: metricBearing('cylindrical'),
  spherical: metricBearing('spherical'),
  needle: metricBearing('needle'),
  'thrust-ball': metricBearing('thrust-ball'),
  'thrust-ball-double': metricBearing('thrust-ball-double'),
  'thrust-spherical': metricBearing('thrust-spherical'),
  insert,
  'hub-units': metricBearing('hub-unit'),
  'tapered-metric': metricTapered,
  'tapered-inch-cones': cone,
  'tapered-inch-cups': cup,
  flanged: anyBearing,
  'inch-bored': anyBearing,
  'thrust-roller': anyBearing,
  'cam-followers': anyBearing,
  'ball-track-rollers': anyBearing,
  'thrust-roller-inch': anyBearing,
  'self-aligning-wide': anyBearing,
  'one-way-clutches': anyBearing,
  'linear-ball': anyBearing,
  'spherical-plain': anyBearing,
  'rod-ends': rodEnd,
  seals: seal,
  'seals-inch': inchSeal,
  'adapter-sleeves': adapterSleeve,
  'castle-nuts': castleNut,
  'lock-nuts': lockNut,
  'lock-washers': lockWasher,
  'cotter-pins': cotterPin,
  'cotter-pins-inch': inchCotterPin,
  washers: washer,
  caps: cap,
  'snap-rings': snapRing,
  'snap-rings-inch': inchSnapRing,
  'e-rings': eRing,
  housings: housing,
} satisfies Record<string, (row: CsvRow) => Part>

type PartFile = keyof typeof READERS
/** The table of total widths joins cones and cups; it holds no parts of its own. */
const SETS_FILE = 'tapered-inch-sets'
/** Trade numbers for a cone and its cup together; names of sets, no parts of their own. */
const SET_NUMBERS_FILE = 'set-numbers'
export type CatalogueFile = PartFile | typeof SETS_FILE | typeof SET_NUMBERS_FILE

const PART_FILES = Object.keys(READERS) as PartFile[]
export const CATALOGUE_FILES: readonly CatalogueFile[] = [...PART_FILES, SETS_FILE, SET_NUMBERS_FILE]

/**
 * Turns the rows of all catalogue files into parts.
 * @throws with file and row number when a row does not hold what its column says: the catalogue is ours and must be whole
 */
export function readCatalogueRows(files: Record<CatalogueFile, CsvRow[]>): Part[] {
  const parts = PART_FILES.flatMap((file) =>
    files[file].map((row, i) => {
      try {
        return READERS[file](row)
      } catch (error) {
        throw new Error(`${file} row ${i + 2}: ${error instanceof Error ? error.message : String(error)}`, {
          cause: error,
        })
      }
    }),
  )
  return [...parts, ...assembleSets(parts, files[SETS_FILE], files[SET_NUMBERS_FILE])]
}
