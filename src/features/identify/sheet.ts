import type { Feature } from '@/core/identify'
import type { EvidenceSheet } from '@/contract/evidence'
import * as common from '@/texts/common'
import * as texts from '@/texts/identify'

/** One row of the evidence: a feature with what it is called here and its key. */
export interface Row {
  feature: Feature
  label: string
  key: string
}

const BORE: Row = { feature: 'bore', label: common.bore, key: 'B' }
const OUTSIDE: Row = { feature: 'outside', label: common.outside, key: 'O' }
const CONE_WIDTH: Row = { feature: 'coneWidth', label: texts.cone, key: 'C' }
const CUP_WIDTH: Row = { feature: 'cupWidth', label: texts.cup, key: 'P' }
const SHAFT: Row = { feature: 'shaft', label: common.shaft, key: 'H' }
const BOLT_SPACING: Row = { feature: 'boltSpacing', label: texts.bolts, key: 'A' }
const RAIL_SPACING: Row = { feature: 'railSpacing', label: texts.rails, key: 'L' }
const CENTRE_HEIGHT: Row = { feature: 'centreHeight', label: texts.height, key: 'E' }
const HOUSING: Row = { feature: 'housing', label: texts.housing, key: 'G' }

/** What is worth measuring on the piece in the hand, in the order a bench takes it. */
function usualRows({ element, piece, housingKind }: EvidenceSheet['observed']): Row[] {
  if (piece === 'cone') return [BORE, CONE_WIDTH, SHAFT]
  if (piece === 'cup') return [OUTSIDE, CUP_WIDTH, HOUSING]
  if (piece === 'seal')
    return [
      { ...BORE, label: texts.shaftSide },
      { ...OUTSIDE, label: common.outside },
      { feature: 'width', label: common.width, key: 'W' },
    ]
  if (piece === 'innerRing') return [BORE, { feature: 'width', label: texts.ringWidth, key: 'W' }, SHAFT]
  if (piece === 'outerRing')
    return [OUTSIDE, { feature: 'outerRingWidth', label: texts.ringWidth, key: 'W' }, HOUSING]
  if (piece === 'unit')
    return [
      BORE,
      housingKind === 'take-up' ? RAIL_SPACING : BOLT_SPACING,
      ...(housingKind === undefined || housingKind === 'pillow block' ? [CENTRE_HEIGHT] : []),
      { feature: 'width', label: texts.innerRing, key: 'W' },
      SHAFT,
    ]
  if (element === 'taperedRoller')
    return [BORE, OUTSIDE, { feature: 'totalWidth', label: common.total, key: 'T' }, CONE_WIDTH, CUP_WIDTH]
  return [BORE, OUTSIDE, { feature: 'width', label: common.width, key: 'W' }, SHAFT, HOUSING]
}

type Measurement = EvidenceSheet['measurements'][number]

const FLANGE: Row = { feature: 'flangeOutside', label: texts.flange, key: 'F' }

const ALL_ROWS: readonly Row[] = [
  BORE,
  OUTSIDE,
  { feature: 'width', label: common.width, key: 'W' },
  { feature: 'totalWidth', label: common.total, key: 'T' },
  CONE_WIDTH,
  CUP_WIDTH,
  { feature: 'outerRingWidth', label: texts.ringWidth, key: 'R' },
  FLANGE,
  SHAFT,
  HOUSING,
  BOLT_SPACING,
  CENTRE_HEIGHT,
  RAIL_SPACING,
]
/** Only a unit has them. */
const OF_UNITS: ReadonlySet<Feature> = new Set(['boltSpacing', 'centreHeight', 'railSpacing'])

/** The usual rows, and those of whatever else was measured: nothing counts that is not in sight. */
export function rowsFor({ observed, measurements }: EvidenceSheet): Row[] {
  const usual = observed.flange ? [...usualRows(observed), FLANGE] : usualRows(observed)
  const others = ALL_ROWS.filter(
    ({ feature }) =>
      measurements.some((m) => m.feature === feature) && !usual.some((row) => row.feature === feature),
  )
  return [...usual, ...others]
}

function brought(m: Measurement): Measurement {
  if (m.struckBy === undefined) return m
  const rest = { ...m }
  delete rest.struck
  delete rest.struckBy
  return rest
}

/**
 * Sizes that the piece in the hand cannot have are struck out: they were taken of another piece. Those that it has again
 * come back; what somebody struck out by hand stays.
 */
function strikeOthers(sheet: EvidenceSheet): EvidenceSheet {
  const { piece } = sheet.observed
  const whole = piece === undefined || piece === 'complete'
  const own = new Set(usualRows(sheet.observed).map(({ feature }) => feature))
  return {
    ...sheet,
    measurements: sheet.measurements.map((m) => {
      if (own.has(m.feature) || (whole && !OF_UNITS.has(m.feature))) return brought(m)
      return m.struck ? m : { ...m, struck: true, struckBy: 'piece' }
    }),
  }
}

export const measurementOf = (sheet: EvidenceSheet, feature: Feature): Measurement | undefined =>
  sheet.measurements.find((m) => m.feature === feature)

/** Several readings of one size stand in one field, separated by semicolons. */
export const textOf = (m: Measurement | undefined): string => m?.readings.join('; ') ?? ''

export function withMeasurement(
  sheet: EvidenceSheet,
  feature: Feature,
  change: Partial<Measurement> & { text?: string },
): EvidenceSheet {
  const { text, ...rest } = change
  const existing = measurementOf(sheet, feature)
  const readings = text === undefined ? (existing?.readings ?? []) : text.split(';').map((t) => t.trimStart())
  const next: Measurement = { unit: 'auto', ...existing, ...rest, feature, readings }
  const empty = readings.every((t) => t.trim() === '')
  const others = sheet.measurements.filter((m) => m.feature !== feature)
  return { ...sheet, measurements: empty ? others : [...others, next] }
}

const commonest = <T>(values: readonly T[], usual: T): T => {
  const count = (value: T) => values.filter((v) => v === value).length
  return values.reduce((best, value) => (count(value) > count(best) ? value : best), values[0] ?? usual)
}

/** Instrument and condition of most readings: what the next reading is taken with. */
export const usualHow = ({ measurements }: EvidenceSheet) => ({
  instrument: commonest(
    measurements.map((m) => m.instrument ?? 'digitalCaliper'),
    'digitalCaliper',
  ),
  condition: commonest(
    measurements.map((m) => m.condition ?? 'used'),
    'used',
  ),
})

/** Instrument and condition are those of the whole sheet until a reading says otherwise. */
export const withAll = (
  sheet: EvidenceSheet,
  change: Pick<Measurement, 'instrument' | 'condition'>,
): EvidenceSheet => ({
  ...sheet,
  measurements: sheet.measurements.map((m) => ({ ...m, ...change })),
})

export const withStamp = (
  sheet: EvidenceSheet,
  text: string,
  on: EvidenceSheet['stamps'][number]['on'],
): EvidenceSheet => ({
  ...sheet,
  stamps: text === '' && !on ? [] : [{ text, ...(on && { on }) }],
})

export function withObservation(
  sheet: EvidenceSheet,
  changes: Partial<EvidenceSheet['observed']>,
): EvidenceSheet {
  const observed = { ...sheet.observed, ...changes }
  // What is in the hand comes with no housing any more.
  if ('piece' in changes && changes.piece !== 'unit') delete observed.housingKind
  const seen = {
    ...sheet,
    observed: Object.fromEntries(Object.entries(observed).filter(([, v]) => v !== undefined)),
  }
  return 'piece' in changes || 'housingKind' in changes ? strikeOthers(seen) : seen
}

/** The cone of a coach of the land train, one of its marks unreadable. */
export const exampleSheet = (sheet: EvidenceSheet): EvidenceSheet =>
  withMeasurement(withStamp(sheet, 'LM119?0', 'cone'), 'bore', { text: texts.exampleSize })

export const isEmptySheet = (sheet: EvidenceSheet): boolean =>
  sheet.stamps.every((s) => s.text.trim() === '') &&
  sheet.measurements.length === 0 &&
  Object.keys(sheet.observed).length === 0

/** A look-up as a link: the sheet as JSON, small and readable enough to send. */
export const sheetToQuery = (sheet: EvidenceSheet): string =>
  isEmptySheet(sheet) ? '' : `?e=${encodeURIComponent(JSON.stringify(sheet))}`

/** Sizes in mm of what is kept as a part of the shop's own; struck out readings do not count. */
const OWN_SIZES = {
  bore: ['bore', 'shaft'],
  outside: ['outside', 'housing'],
  width: ['totalWidth', 'width', 'coneWidth', 'cupWidth'],
} as const

/** What is known of a part that no list holds: a name from its stamp, else from its sizes, and the sizes as read. */
export function ownPartOf(sheet: EvidenceSheet, readings: readonly { feature: string; mm: number }[]) {
  const live = new Set(sheet.measurements.filter((m) => !m.struck).map((m) => m.feature as string))
  const size = (features: readonly string[]): number | undefined => {
    const mm = readings.find(({ feature }) => live.has(feature) && features.includes(feature))?.mm
    return mm === undefined ? undefined : Math.round(mm * 100) / 100
  }
  const sizes = {
    bore: size(OWN_SIZES.bore),
    outside: size(OWN_SIZES.outside),
    width: size(OWN_SIZES.width),
  }
  const stamp = sheet.stamps[0]?.text.trim() ?? ''
  const bySize = Object.values(sizes).flatMap((mm) => (mm === undefined ? [] : [mm]))
  return { designation: stamp || texts.own(bySize.join('x')), ...sizes }
}
