import { familyFacts, type Family } from './families'
import { MM_PER_INCH, writeInch } from '../quantity'
import type { HardwareDetails, Part } from './part'

/** One name a part goes by. */
export interface PartName {
  text: string
}

const THIN_SERIES: Record<string, string> = { '67': '617', '68': '618', '69': '619' }

/** `6804` is also written `61804`, `688` also `618/8`. */
function longSpelling(part: Part): PartName[] {
  const long = THIN_SERIES[part.series]
  if (part.family !== 'deep-groove' || !long) return []
  const rest = part.base.slice(2)
  return [{ text: rest.length === 1 ? `${long}/${rest}` : long + rest }]
}

/** `MF126` is also written with the flange before or behind the plain number: `FMR126`, `MRF126`. */
function flangedSpelling({ base, dimensions }: Part): PartName[] {
  if (dimensions.flangeOutside === undefined || !base.startsWith('MF')) return []
  const sizes = base.slice(2)
  return [{ text: `FMR${sizes}` }, { text: `MRF${sizes}` }]
}

/** `6203-5/8`: the inch bore is also written in sixteenths, `6203-10`; whole inches have no other spelling. */
function sixteenths({ base, family, dimensions: { bore } }: Part): PartName[] {
  const metric = /^(\d{3,5})-\d+\/\d+$/.exec(base)?.[1]
  if (family !== 'deep-groove' || metric === undefined || bore === undefined) return []
  const count = (bore / 25.4) * 16
  return Math.abs(count - Math.round(count)) < 0.01 ? [{ text: `${metric}-${Math.round(count)}` }] : []
}

/** `6701` is also sold as `MR1812`: outside and bore, whole millimetres. */
function sizeSpelling(part: Part): PartName[] {
  const { bore, outside } = part.dimensions
  const thin = part.family === 'deep-groove' && part.series === '67'
  return thin && bore !== undefined && outside !== undefined ? [{ text: `MR${outside}${bore}` }] : []
}

/** Outsides of diameter series 7 below 10 mm of bore (ISO 15): `MR63` is also `673`; 677 and 679 are inch cones. */
const SERIES_17: Readonly<Record<number, number>> = { 3: 6, 4: 7, 5: 8, 6: 10, 8: 12 }

function thinMiniature({ series, dimensions: { bore, outside } }: Part): PartName[] {
  return series === 'MR' && bore !== undefined && SERIES_17[bore] === outside ? [{ text: `67${bore}` }] : []
}

/** Double row angular contact bearings 32 and 33 are 52 and 53 in another convention. */
const otherConvention = (part: Part): PartName[] =>
  /^3[23]/.test(part.base) && part.family === 'angular-contact-double-row'
    ? [{ text: `5${part.base.slice(1)}` }]
    : []

/** The X of the 320 series is often not stamped. */
const withoutX = (part: Part): PartName[] =>
  part.family === 'tapered-metric' && part.base.endsWith('X') ? [{ text: part.base.slice(0, -1) }] : []

/** Sizes of a cage with needles are also written with gaps: `K 25 30 17`. */
const cageSizes = ({ base }: Part): PartName[] =>
  /^K\d+x\d+x\d+$/.test(base) ? [{ text: base.replaceAll('x', ' ') }] : []

/**
 * Inch ball bearings go by letters for their series and the bore behind them, `LJ1-1/4` for RLS10; the extra light ones also by
 * eighths of an inch, `EE8` for R16 (common practice).
 */
const INCH_LETTERS: Readonly<Record<string, string>> = { RLS: 'LJ', RMS: 'MJ', R: 'KLNJ' }
function inchBallNames({ family, series, base, dimensions: { bore } }: Part): PartName[] {
  const letters = INCH_LETTERS[series]
  if (family !== 'inch-ball' || letters === undefined || bore === undefined) return []
  const eighths = Math.round((bore / MM_PER_INCH) * 8)
  // The quarter inch is that of R4A.
  if (series === 'R' && (eighths < 2 || base !== (eighths === 2 ? 'R4A' : `R${eighths * 2}`))) return []
  const size = writeInch(bore)
  return [
    ...[...new Set([size, size.replace(' ', '.')])].map((text) => ({ text: letters + text })),
    ...(series === 'R' ? [{ text: `EE${eighths}` }] : []),
  ]
}

/** Sizes run together are also written with MR before them: `MR15267`. */
const runTogether = ({ series, base }: Part): PartName[] =>
  series === 'run-together' ? [{ text: `MR${base}` }] : []

/** Rod ends go by other letters in other conventions; the design changes no boundary dimension (common practice). */
const ROD_END_LETTERS: Readonly<Record<string, (size: string) => string[]>> = {
  PHS: (size) => [`SIKB${size}F`, `GIKR${size}PB`, `SI${size}T/K`],
  POS: (size) => [`SAKB${size}F`, `GAKR${size}PB`, `SA${size}T/K`],
  SI: (size) => [`GIR${size}`],
  SA: (size) => [`GAR${size}`],
  SIL: (size) => [`GIL${size}`],
  SAL: (size) => [`GAL${size}`],
  CMR: (size) => [`CM${size}`],
}
function rodEndNames({ family, base }: Part): PartName[] {
  const [, letters = '', size = '', end = ''] = /^([A-Z]+)(\d+)(L|)$/.exec(base) ?? []
  if (family !== 'rod-end' || end === 'L') return []
  return (ROD_END_LETTERS[letters]?.(size) ?? []).map((text) => ({ text }))
}

/** Inch spherical plain bearings also go by their bore in whole millimetres, of two figures: `GEZ25` for 1 in (common practice); three are inches and sixteenths. */
function inchPlainNames({ series, dimensions: { bore } }: Part): PartName[] {
  return series === 'GEZ' && bore !== undefined && bore < 100 ? [{ text: `GEZ${Math.floor(bore)}` }] : []
}

/** Track rollers with a stud go by its thread in another convention; below 8 an inch roller may be meant (common practice). */
const BY_STUD: Readonly<Record<string, string>> = {
  KR19: 'CF8',
  KR22: 'CF10',
  KR26: 'CF10-1',
  KR30: 'CF12',
  KR32: 'CF12-1',
  KR35: 'CF16',
  KR40: 'CF18',
  KR47: 'CF20-1',
  KR52: 'CF20',
  KR62: 'CF24',
  KR72: 'CF24-1',
  KR80: 'CF30',
  KR85: 'CF30-1',
  KR90: 'CF30-2',
}

/** Cylindrical roller bearings full of rollers go by other letters in one convention: `SL182210` for NCF2210 (common practice). */
const fullOfRollers = ({ series, base }: Part): PartName[] =>
  /^NN?CF\d/.test(series) ? [{ text: base.replace(/^NN?CF/, 'SL18') }] : []

/** Letters of yoke rollers in another convention; the number is the bore in both (common practice). */
const YOKE_LETTERS: Readonly<Record<string, string>> = { NATR: 'NART', STO: 'NAST', RSTO: 'RNAST' }

function trackRollerNames({ family, base, series, dimensions: { outside } }: Part): PartName[] {
  if (family !== 'cam-follower') return []
  const [stud, letters] = [BY_STUD[base], YOKE_LETTERS[series]]
  const sixteenth = ((outside ?? 0) / MM_PER_INCH) * 16
  return [
    ...(stud === undefined ? [] : [{ text: stud }]),
    // In inches by sixteenths of the roller.
    ...(series === 'CF' ? [{ text: `CR${Math.round(sixteenth)}` }] : []),
    ...(series === 'CYR' ? [{ text: `CRY${Math.round(sixteenth)}` }] : []),
    ...(letters === undefined ? [] : [{ text: base.replace(series, letters) }]),
  ]
}

/** Two shells are sold for these bores in sixteenths: the number tells which only where it says more. */
const TWO_SHELLS: Readonly<Record<string, string>> = { '20': '207', '32': '' }

/** Letters of inserts in two other conventions, by those of the type; shell and bore follow (common practice). */
const INSERT_LETTERS: Readonly<Record<string, readonly string[]>> = {
  UC: ['YAR'],
  SA: ['YET', 'AEL'],
  HC: ['YEL', 'UEL'],
}

/** Inches and sixteenths, as other conventions write them: `100` for 1 in, `012` for 3/4 in. */
const inchesAndSixteenths = (count: number): string =>
  `${Math.floor(count / 16)}${String(count % 16).padStart(2, '0')}`

/** `YAR205` for UC205, `YAR205-100` and `AEL205-100` for a bore of 1 in. */
function insertByShell({ family, base }: Part): PartName[] {
  const [, type = '', shell = '', inch] = /^(UC|SA|HC)(2\d\d)(?:-(\d+))?$/.exec(base) ?? []
  if (family !== 'insert' || Number(shell) < 204) return []
  const bore = inch === undefined ? '' : `-${inchesAndSixteenths(Number(inch))}`
  return (INSERT_LETTERS[type] ?? []).map((letters) => ({ text: `${letters}${shell}${bore}` }))
}

/**
 * Inserts go by their bore alone in two other conventions (common practice): in sixteenths of an inch, `ER16`; with an
 * eccentric collar in inches and sixteenths or millimetres, `RA103RRB`, `G1103KRRB`, `RAE30NPPB`; with set screws, `GYE30KRRB`,
 * `GAY30NPPB`. A G in front is of the one that can be greased again.
 */
function insertByBore({ family, base, dimensions: { bore } }: Part): PartName[] {
  const [, type = '', shell = '', inch] = /^(UC|SB|ER|SA|HC)(2\d\d)(?:-(\d+))?$/.exec(base) ?? []
  if (family !== 'insert' || type === '' || Number(shell) < 204 || bore === undefined) return []
  if (inch === undefined) {
    const names: Record<string, string[]> = {
      UC: [`GYE${bore}KRRB`],
      SB: [`AY${bore}NPPB`, `GAY${bore}NPPB`],
      SA: [`RAE${bore}NPPB`, `GRAE${bore}NPPB`],
      HC: [`E${bore}KRRB`, `GE${bore}KRRB`, `NA${shell}`],
    }
    return (names[type] ?? []).map((text) => ({ text }))
  }
  if ((TWO_SHELLS[inch] ?? shell) !== shell) return []
  const size = inchesAndSixteenths(Number(inch))
  const names: Record<string, string[]> = {
    UC: [`GY1${size}KRRB`],
    SB: [`YA${size}RRB`, `GYA${size}RRB`],
    ER: [`ER${inch}`],
    SA: [`RA${size}RRB`, `GRA${size}RRB`],
    HC: [`1${size}KRRB`, `G1${size}KRRB`, `UEL${shell}-${inch}`, `NA${shell}-${inch}`],
  }
  return (names[type] ?? []).map((text) => ({ text }))
}

/** Snap rings go by their standard or by the side they sit on, with or without the thickness. */
const RING_LABELS = {
  'shaft snap ring': [
    'DIN 471',
    'external snap ring',
    'external circlip',
    'shaft circlip',
    'shaft snap ring',
  ],
  'bore snap ring': ['DIN 472', 'internal snap ring', 'internal circlip', 'bore circlip', 'bore snap ring'],
} as const

const named = (words: readonly string[], sizes: readonly string[]): PartName[] =>
  words.flatMap((word) => sizes.map((size) => ({ text: `${word} ${size}` })))

type Ring = Extract<HardwareDetails, { what: 'snapRing' }>

/** Inch rings go by hundredths of an inch behind the number of their kind: `5100-112` for 1 1/8 in (common practice). */
function ringNames({ kind, nominalMm, thicknessMm }: Ring): PartName[] {
  const [standard, ...words] = RING_LABELS[kind]
  const isInch = !Number.isInteger(nominalMm)
  if (!isInch) return named([standard, ...words], [String(nominalMm), `${nominalMm}x${thicknessMm}`])
  const hundredths = Math.floor((nominalMm / MM_PER_INCH) * 100 + 0.01)
  const number = kind === 'shaft snap ring' ? '5100' : 'N5000'
  return [{ text: `${number}-${hundredths}` }, ...named(words, [`${writeInch(nominalMm)} in`])]
}

/** Hardware by its standard and by the other usual words (common practice). */
function hardwareNames({ base, hardware }: Part): PartName[] {
  const sizes = (words: string): string => base.slice(words.length + 1)
  switch (hardware?.what) {
    case 'snapRing':
      return ringNames(hardware)
    case 'eRing':
      return named(['DIN 6799', 'E-clip', 'E-ring'], [sizes('E-ring')])
    case 'cotterPin':
      return named(hardware.inch ? ['split pin'] : ['split pin', 'ISO 1234', 'DIN 94'], [sizes('cotter pin')])
    case 'castleNut':
      return named(
        ['castellated nut', 'slotted nut', ...(sizes('castle nut').startsWith('M') ? ['DIN 935'] : [])],
        [sizes('castle nut')],
      )
    case 'cap':
      // Sold by inches and by millimetres, to the tenth or the hundredth.
      return [1, 2].map((places) => ({
        text: `${hardware.kind} ${Number(hardware.hubBoreMm.toFixed(places))} mm`,
      }))
    case 'lockWasher':
      return base.startsWith('MB') ? [{ text: `AW${base.slice(2).padStart(2, '0')}` }] : []
    case 'lockNut':
      return base.startsWith('KM') && Number(base.slice(2)) < FIRST_INCH_AN
        ? [{ text: `AN${base.slice(2).padStart(2, '0')}` }]
        : []
    case 'housing':
      // Split housings go by the letters of later series too (common practice).
      return hardware.kind === 'plummer block'
        ? ['SNL', 'SNH'].map((letters) => ({ text: letters + sizes('N') }))
        : []
    default:
      return []
  }
}

/** From this size on AN is an inch nut as well: a number alone does not tell which. */
const FIRST_INCH_AN = 15

type Spelling = (part: Part) => PartName[]

/** Other ways to write a number, by family. */
const SPELLINGS: Partial<Record<Family, readonly Spelling[]>> = {
  'deep-groove': [longSpelling, sixteenths, sizeSpelling, runTogether],
  miniature: [flangedSpelling, thinMiniature, runTogether],
  'inch-ball': [inchBallNames],
  'angular-contact-double-row': [otherConvention],
  'tapered-metric': [withoutX],
  needle: [cageSizes],
  cylindrical: [fullOfRollers],
  insert: [insertByShell, insertByBore],
  'cam-follower': [trackRollerNames],
  'spherical-plain': [inchPlainNames],
  'rod-end': [rodEndNames],
}

function written(part: Part): PartName[] {
  const names = [{ text: part.base }]
  for (const spelling of SPELLINGS[part.family] ?? []) names.push(...spelling(part))
  if (part.hardware) names.push(...hardwareNames(part))
  for (const text of part.synonyms ?? []) names.push({ text })
  return names
}

const namesByPart = new WeakMap<Part, readonly PartName[]>()

/** Every way the number of a part is written, its own base first; worked out once for each part. */
export function namesOf(part: Part): readonly PartName[] {
  const names = namesByPart.get(part) ?? written(part)
  namesByPart.set(part, names)
  return names
}

/** What a part is called across a counter: `cone`, `cup`, else its family. */
export const kindText = ({ piece, family }: Pick<Part, 'piece' | 'family'>): string =>
  piece === 'cone' || piece === 'cup' ? piece : familyFacts(family).label
