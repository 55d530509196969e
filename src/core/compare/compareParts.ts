import { capital } from '../capital'
import { HARDWARE_LABELS, type DimensionName } from '../catalogue'
import { checksOf, type Application, type Variant } from '../interchange'
import { writeBoth, writeMm } from '../quantity'
import { compareFeatures } from './compareFeatures'
import { UNIT_FEATURE_FACTS, UNIT_FEATURES, type UnitFeature } from './unitFeatures'

export const COMPARED_RESULTS = ['same', 'look', 'no', 'unknown'] as const

/** One feature of the old and the new part. */
export interface Compared {
  feature: string
  label: string
  old: string
  new: string
  /** in words; empty = none */
  difference: string
  result: (typeof COMPARED_RESULTS)[number]
  meaning: string
}

export interface PartSide {
  /** null = nothing but what was measured and looked at */
  variant: Variant | null
  /** mm */
  measured: Partial<Record<DimensionName, number>>
  features: Partial<Record<UnitFeature, string>>
}

export interface PartComparison {
  rows: Compared[]
  /** to try before anything is taken apart */
  attempts: string[]
  verdict: 'goes' | 'look' | 'doesNotGo'
  message: string
}

const SIZES: readonly (readonly [DimensionName, string])[] = [
  ['bore', 'Bore'],
  ['outside', 'Outside diameter'],
  ['width', 'Width'],
  ['coneWidth', 'Cone width'],
  ['cupWidth', 'Cup width'],
  ['totalWidth', 'Total width'],
  ['outerRingWidth', 'Outer ring width'],
  ['flangeOutside', 'Flange outside'],
]

/** Two catalogue sizes are one below this; an old part as measured may be off by wear and instrument, mm (common practice). */
const SAME = { catalogueMm: 0.006, measuredMm: 0.1 }

const MEANINGS: Partial<Record<DimensionName, readonly [smaller: string, larger: string]>> = {
  bore: ['It does not go on the shaft.', 'It is loose on the shaft: a sleeve, or another bearing.'],
  outside: ['It is loose in the housing: a sleeve, or another bearing.', 'It does not go into the housing.'],
  width: [
    'Narrower: the room is filled with a spacer, or the part moves sideways.',
    'Wider: shoulders, snap ring and fastener must leave room.',
  ],
  totalWidth: ['Narrower: nut and washer stand deeper.', 'Wider: nut and pin may not find their place.'],
}

function sizeRow(name: DimensionName, label: string, from: PartSide, to: PartSide): Compared | null {
  const nominal = from.variant?.part.dimensions[name]
  const taken = from.measured[name]
  const next = closedWidth(to, name) ?? to.measured[name]
  const old = (nominal === undefined ? undefined : closedWidth(from, name)) ?? taken
  if (old === undefined && next === undefined) return null
  const oldText = old === undefined ? 'not known' : writeBoth(old)
  const seen =
    nominal !== undefined && taken !== undefined ? `${oldText}, measured ${taken.toFixed(2)}` : oldText
  const row = { feature: name, label, old: seen, new: next === undefined ? 'not known' : writeBoth(next) }
  if (old === undefined || next === undefined)
    return { ...row, difference: '', result: 'unknown', meaning: 'Measure it.' }
  const against = contradiction(nominal === undefined ? undefined : old, taken)
  if (against) return { ...row, difference: against, result: 'look', meaning: CHECK_OLD }
  const difference = next - old
  const room = nominal === undefined ? SAME.measuredMm : SAME.catalogueMm
  if (Math.abs(difference) <= room)
    return {
      ...row,
      difference: '',
      result: 'same',
      meaning: nominal === undefined && difference !== 0 ? 'Within wear and caliper.' : '',
    }
  const seat = name === 'bore' || name === 'outside'
  return {
    ...row,
    difference: `${writeMm(Math.abs(difference))} mm ${difference > 0 ? 'larger' : 'smaller'}`,
    result: seat ? 'no' : 'look',
    meaning: MEANINGS[name]?.[difference > 0 ? 1 : 0] ?? 'Check the room it has.',
  }
}

/** A reading this far from the catalogue is not wear: the part in the hand is another one, mm (common practice). */
const OTHER_PART_MM = 0.35
const CHECK_OLD =
  'The caliper and the number of the old part do not agree: measure again, or the number is not its own.'

/** Words when what was measured is not the size of the number. */
const contradiction = (nominal: number | undefined, taken: number | undefined): string =>
  nominal !== undefined && taken !== undefined && Math.abs(taken - nominal) > OTHER_PART_MM
    ? `measured ${writeMm(Math.abs(taken - nominal))} mm ${taken > nominal ? 'larger' : 'smaller'} than its number says`
    : ''

/** The size of a part with its closures: shielded and sealed types may be wider. */
function closedWidth({ variant }: PartSide, name: DimensionName): number | undefined {
  const d = variant?.part.dimensions
  return name === 'width' && variant && variant.closure.sides > 0 ? (d?.closedWidth ?? d?.width) : d?.[name]
}

const RESULTS = { pass: 'same', warn: 'look', fail: 'no' } as const
const OPTION_LABELS: Record<string, string> = {
  kind: 'Kind',
  mating: 'Mating ring',
  shape: 'Groove, flange, bore',
  closure: 'Closure',
  speed: 'Speed',
  temperature: 'Temperature',
  clearance: 'Clearance',
  cage: 'Cage',
  precision: 'Precision',
  material: 'Material',
  lip: 'Lip',
  shank: 'Thread',
  design: 'Design',
  construction: 'Inner design',
  heat: 'Heat treatment',
  contactAngle: 'Contact angle',
  match: 'Pairs',
  grease: 'Grease',
  hardware: 'Series',
  undecoded: 'Not understood',
}

function optionRows(from: Variant, to: Variant, application: Application): Compared[] {
  return checksOf(from, to, application)
    .filter(({ check }) => check !== 'dimensions')
    .map(({ check, result, detail, values, meaning }) => {
      const [was, now] = values ?? [from.designation, to.designation]
      const isOther = values !== undefined && was !== now
      return {
        feature: check,
        label: OPTION_LABELS[check] ?? capital(HARDWARE_LABELS[check] ?? check),
        old: was,
        new: now,
        difference: isOther ? 'differs' : '',
        result: RESULTS[result],
        meaning: isOther ? (meaning ?? '') : values && result === 'pass' ? '' : detail,
      }
    })
}

function featureRow(feature: UnitFeature, from: PartSide, to: PartSide): Compared | null {
  const { label, meaning, attempt } = UNIT_FEATURE_FACTS[feature]
  const [a, b] = [from.features[feature]?.trim() ?? '', to.features[feature]?.trim() ?? '']
  if (a === '' && b === '') return null
  const row = { feature, label, old: a || 'not known', new: b || 'not known' }
  if (a === '' || b === '') return { ...row, difference: '', result: 'unknown', meaning: attempt }
  const { result, note } = compareFeatures(feature, a, b)
  if (result === 'same') return { ...row, difference: '', result, meaning: '' }
  return { ...row, difference: 'differs', result, meaning: note || meaning }
}

function attemptsFor(from: PartSide, to: PartSide, rows: readonly Compared[]): string[] {
  const typed = UNIT_FEATURES.filter((f) => rows.some((r) => r.feature === f))
  const part = to.variant?.part
  const sides = from.variant?.closure.sides
  return [
    ...typed.map((f) => UNIT_FEATURE_FACTS[f].attempt),
    part?.family === 'hub-unit' && !typed.includes('sensorSide') ? UNIT_FEATURE_FACTS.sensorSide.attempt : '',
    part?.piece === 'cone' || part?.piece === 'cup' || part?.set
      ? 'Turn the new cone in the new cup under the palm: it runs without a catch. Never in the old cup.'
      : '',
    sides === 1 ? 'Note which side of the old one is closed, and that it faced outward.' : '',
    part && !part.hardware && part.piece !== 'seal'
      ? 'Hold the new one against the old: outside, bore over the shaft end, width side by side.'
      : '',
    part?.hardware && 'thread' in part.hardware
      ? 'Run the new one over the whole thread by hand: it must not catch, nor rock.'
      : '',
    ...rows
      .filter((r) => r.result === 'look' && WIDTHS.has(r.feature))
      .map(() => 'Measure the room between shoulder and snap ring before the old one comes out.'),
  ].filter((text, i, all) => text !== '' && all.indexOf(text) === i)
}

/** Rows that compare a width: the room for it is measured before dismantling. */
const WIDTHS: ReadonlySet<string> = new Set(['width', 'coneWidth', 'cupWidth', 'totalWidth'])

/**
 * Old against new, feature by feature: catalogue sizes or measured ones, options of the number, and what was looked at.
 * @returns rows in the order they are looked at, what to try first, and whether it goes
 */
export function compareParts(from: PartSide, to: PartSide, application: Application = {}): PartComparison {
  const rows = [
    ...SIZES.flatMap(([name, label]) => sizeRow(name, label, from, to) ?? []),
    ...(from.variant && to.variant ? optionRows(from.variant, to.variant, application) : []),
    ...UNIT_FEATURES.flatMap((feature) => featureRow(feature, from, to) ?? []),
  ]
  const count = (result: Compared['result']) => rows.filter((r) => r.result === result).length
  const [no, look, unknown] = [count('no'), count('look'), count('unknown')]
  const verdict = no > 0 ? 'doesNotGo' : look + unknown > 0 ? 'look' : 'goes'
  const message =
    no > 0
      ? `Does not go: ${rows
          .filter((r) => r.result === 'no')
          .map((r) => r.label.toLowerCase())
          .join(', ')}.`
      : verdict === 'look'
        ? `Goes if ${[look > 0 && `${look} ${look === 1 ? 'difference is' : 'differences are'} right for this place`, unknown > 0 && `${unknown} unknown ${unknown === 1 ? 'feature agrees' : 'features agree'}`].filter(Boolean).join(' and ')}.`
        : rows.some((r) => r.difference !== '')
          ? 'Goes: nothing that differs speaks against it.'
          : 'Goes: everything compared agrees.'
  return { rows, attempts: attemptsFor(from, to, rows), verdict, message }
}
