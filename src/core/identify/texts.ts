import { capital, withArticle } from '../capital'
import { familyFacts, hasClearance, isListed, type Family } from '../catalogue'
import { INSTRUMENT_SIGMA, MM_PER_INCH, type LengthUnit } from '../quantity'
import type { Measured } from './evidence'
import type { EvidenceItem, IdentifiedPart } from './explained'
import type { Identification } from './identify'
import { ITEM_LABELS } from './labels'
import type { NextMeasurement } from './nextMeasurement'
import { isSameSize } from './sameSize'

const CAUSES: Record<string, string> = {
  noise: '',
  coarse: ': read or typed coarsely',
  wear: ': worn',
  tolerance: ': within what new ones differ',
  insideJaws: ': inside jaws or a chamfer',
  raised: ': burr or rust',
  otherUnit: ': perhaps the other unit',
  nearMiss: ': wrong face, chamfer or slip',
  misread: ': misread, or another part',
  taper: ': right where the bore is tapered, 1:12',
}

function stampText({ reading, verdict }: EvidenceItem): string {
  if (!reading) return 'marking does not match'
  const unknown = reading.unknown.filter((text) => !/^[?*]+$/.test(text))
  const rest = unknown.length > 0 ? `, ${unknown.join(' ')} not decoded` : ''
  const repaired = reading.repaired
    .filter(({ read }) => read !== '?' && read !== '*')
    .map(({ read, taken }) =>
      read === '' ? `${taken} added` : taken === '' ? `${read} left out` : `${read} read as ${taken}`,
    )
  if (reading.style !== undefined) return `read as ${reading.canonical}, ${reading.style}`
  if (repaired.length > 0) return `read as ${reading.canonical}: ${repaired.join(', ')}${rest}`
  if (verdict === 'agrees') return `reads as ${reading.canonical}${rest}`
  return `lost marks, fits ${reading.canonical}${rest}`
}

/** A difference as it is told: hundredths of a millimetre, ten thousandths of an inch. */
const differenceIn = (unit: LengthUnit, mm: number): string =>
  unit === 'mm' ? `${mm.toFixed(2)} mm` : `${(mm / MM_PER_INCH).toFixed(4)} in`

/** One line on how a piece of evidence stands to a part. @param unit of differences */
export function evidenceText(item: EvidenceItem, unit: LengthUnit = 'mm'): string {
  if (item.item === 'stamp') return stampText(item)
  if (item.cause === 'noSuchSize') return 'this part has no such size'
  if (item.cause === 'sizeUnknown') return 'not in the table for this set'
  if (item.deviationMm === null) return item.verdict === 'agrees' ? 'as seen' : 'not as seen'
  const deviation = Math.abs(item.deviationMm)
  const side = item.deviationMm < 0 ? 'small' : 'large'
  if (item.cause === 'coarse')
    return deviation < 0.005 ? 'agrees' : `agrees as typed, ${differenceIn(unit, deviation)} ${side}`
  if (item.verdict === 'agrees')
    return deviation < 0.005 ? 'agrees' : `agrees, ${differenceIn(unit, deviation)} ${side}`
  const cause =
    item.cause === 'noise'
      ? item.deviationMm < 0
        ? ': coarse reading'
        : ': coarse reading or wear'
      : (CAUSES[item.cause ?? ''] ?? '')
  return `reads ${differenceIn(unit, deviation)} ${side}${cause}`
}

/** Readings of one size further apart than so many standard uncertainties are not only noise. */
const APART_SIGMAS = 4

/** What several readings of one size say of the surface; empty for a single one. */
export function patternText({ valuesMm, instrument }: Measured, unit: LengthUnit = 'mm'): string {
  if (valuesMm.length < 2) return ''
  const apart = Math.max(...valuesMm) - Math.min(...valuesMm)
  const uneven = apart > APART_SIGMAS * INSTRUMENT_SIGMA[instrument]
  return `${valuesMm.length} readings, ${differenceIn(unit, apart)} apart${uneven ? ': out of round or measured at an angle' : ''}`
}

const lower = (item: string): string => (ITEM_LABELS[item] ?? item).toLowerCase()

/** How what was measured differs from a part, largest difference first; empty where nothing was measured. */
function differencesFrom(part: IdentifiedPart, unit: LengthUnit): string[] {
  return part.evidence
    .flatMap(({ item, deviationMm }) => (deviationMm === null ? [] : [{ item, deviation: deviationMm }]))
    .filter(({ deviation }) => Math.abs(deviation) >= DIFFERENCE_MM)
    .sort((a, b) => Math.abs(b.deviation) - Math.abs(a.deviation))
    .map(
      ({ item, deviation }) =>
        `${lower(item)} ${differenceIn(unit, Math.abs(deviation))} ${deviation < 0 ? 'smaller' : 'larger'}`,
    )
}

/** Differences below this are no reason to look for another part, mm. */
const DIFFERENCE_MM = 0.05

const isMeasured = (part: IdentifiedPart): boolean => part.evidence.some((e) => e.deviationMm !== null)
const isStamped = (part: IdentifiedPart): boolean => part.evidence.some((e) => e.item === 'stamp')

/**
 * What an identification says of parts that no list holds; only of evidence that was given.
 */
export function unlistedText(
  {
    unlistedLeads,
    nearest: [nearest],
    stamped,
    hardware,
  }: Pick<Identification, 'unlistedLeads' | 'nearest' | 'stamped' | 'hardware'>,
  unit: LengthUnit = 'mm',
): string {
  if (hardware)
    return `${capital(withArticle(familyFacts(hardware.family).label))}. No bearing has this number.`
  if (!unlistedLeads) return 'A special or a size that is not in the catalogue.'
  if (!nearest)
    return stamped
      ? 'Nothing listed has this number, nor one like it.'
      : 'Nothing listed fits. Look for a stamp, or measure again.'
  const what =
    isMeasured(nearest) && isStamped(nearest)
      ? 'this number and these sizes'
      : isMeasured(nearest)
        ? 'these sizes'
        : isStamped(nearest)
          ? 'this number'
          : 'this shape'
  const differences = differencesFrom(nearest, unit)
  const measured = differences.length > 0 ? ` (measured ${differences.join(', ')})` : ''
  return `Nothing listed has ${what}. The nearest is ${nearest.part.base}${measured}.`
}

/** What to do while nothing listed fits. */
function unlistedAdvice({ nearest: [nearest], stamped }: Pick<Identification, 'nearest' | 'stamped'>): {
  heading: string
  line: string
} {
  const heading = 'Not in the catalogue'
  if (!nearest || !isMeasured(nearest)) {
    const look = stamped ? 'Read the stamp again' : 'Look for a stamp'
    return { heading, line: `${look}, or measure it: with a size it can be kept as a part of your own.` }
  }
  const worst = nearest.evidence
    .filter((e) => e.verdict === 'contradicts')
    .sort((a, b) => a.weight - b.weight)
    .map(({ item }) => (item === 'stamp' ? 'read the stamp again' : `check the ${lower(item)} again`))
  const check = [...new Set(worst)].slice(0, 2).join(' and ') || 'measure what is still open'
  return {
    heading,
    line: `${capital(check)}, or keep it as a part of your own: stamp and sizes go with it.`,
  }
}

const ASK: Record<string, string> = {
  bore: 'Measure the bore',
  outside: 'Measure the outside',
  width: 'Measure the width',
  coneWidth: 'Measure the cone width',
  cupWidth: 'Measure the cup width',
  totalWidth: 'Measure the total width',
  element: 'Look at what rolls',
  rows: 'Count the rows',
  sphericalOutside: 'See whether the outside is round',
  flange: 'Look for a flange',
  shaft: 'Measure the shaft',
  housing: 'Measure the housing',
  boltSpacing: 'Measure the bolt spacing',
  centreHeight: 'Measure the centre height',
  railSpacing: 'Measure between the rails',
  housingKind: 'Look at the housing',
}

/** Looks that tell kinds of one size apart, by family (common practice). */
const LOOK_AT: Partial<Record<Family, string>> = {
  'deep-groove': 'one row of balls, shoulders alike on both sides',
  'angular-contact': 'one row of balls, one shoulder ground away',
  'self-aligning': 'two rows of balls, the inner ring swivels',
  cylindrical: 'rollers, one ring slides off',
}

/** Somebody has looked, and it is not that kind. */
const seenOtherwise = ({ evidence }: IdentifiedPart): boolean =>
  evidence.some(({ item, verdict }) => item === 'element' && verdict === 'contradicts')

/** Kinds that share the size of the leader: measuring does not part them, looking does. Null when there are none. */
function kindText(leader: IdentifiedPart, others: readonly IdentifiedPart[]): string | null {
  const twins = others.filter(
    (o) =>
      o !== leader &&
      o.probability > 0.01 &&
      o.part.family !== leader.part.family &&
      !seenOtherwise(o) &&
      isSameSize(o.dimensions, leader.dimensions),
  )
  const kinds = [
    leader,
    ...twins.filter((t, i) => twins.findIndex((u) => u.part.family === t.part.family) === i),
  ]
  if (kinds.length < 2) return null
  const labels = kinds.map(
    ({ part }) => `${part.base}: ${LOOK_AT[part.family] ?? familyFacts(part.family).label}`,
  )
  return `Same size, different kind; look, do not measure. ${labels.join('. ')}.`
}

/** Parts of the leader's kind and size that are still possible: only their number, or their mate, tells them apart. */
function twinsOf(leader: IdentifiedPart, others: readonly IdentifiedPart[]): string[] {
  const alike = (other: IdentifiedPart): boolean =>
    other.part.piece === leader.part.piece &&
    other.part.family === leader.part.family &&
    other.probability > POSSIBLE &&
    sizesAlike(leader, other)
  return others.filter((o) => o === leader || alike(o)).map((o) => o.part.base)
}

const POSSIBLE = 0.02
/** Sizes this close are not told apart on a used part, mm. */
const ALIKE_MM = 0.12

const sizesAlike = ({ dimensions: a }: IdentifiedPart, { dimensions: b }: IdentifiedPart): boolean =>
  (['bore', 'outside', 'width', 'coneWidth', 'cupWidth', 'totalWidth'] as const).every((name) => {
    const [x, y] = [a[name], b[name]]
    return x === undefined || y === undefined || Math.abs(x - y) <= ALIKE_MM
  })

/** What tells parts of one size and family apart to the eye (common practice). */
const TWIN_LOOKS: Partial<Record<Family, string>> = {
  needle: 'the needles, in a cage or side by side, and the end, open or closed',
  'angular-contact': 'the inner ring, in one piece or split in two',
  cylindrical: 'the flanges of both rings',
  insert: 'what it is locked by: set screws, a collar, a sleeve',
  'cam-follower': 'the washers and the inner ring',
  'rod-end': 'the thread: on a shank or in a hole, right-hand or left-hand',
}

function twinText({ part }: IdentifiedPart, twins: readonly string[]): { heading: string; line: string } {
  const shown = twins.slice(0, 4)
  const names = `${shown.slice(0, -1).join(', ')} and ${shown.at(-1)}`
  if (part.piece === 'cup' || part.piece === 'cone') {
    const mate = part.piece === 'cup' ? 'cone' : 'cup'
    return {
      heading: 'Same size, different series',
      line: `${names} cannot be told apart by size. Read the number, or that of the ${mate}.`,
    }
  }
  return {
    heading: 'Same size, more than one part',
    line: `${names}: read the number, or look at ${TWIN_LOOKS[part.family] ?? 'the flange and seals'}.`,
  }
}

function settledText(leader: IdentifiedPart): string {
  const { part, probability, decided } = leader
  if (probability < SETTLED)
    return 'Nothing more separates the rest by measuring. Look for a stamp, or compare with a new part.'
  if (!isListed(part))
    return 'The number follows the rule of its series, but is not in the catalogue. Confirm the sizes.'
  if (part.set) return `The set is settled: cone ${part.set.cone}, cup ${part.set.cup}. Replace both.`
  const what = isMeasured(leader) ? 'The size is settled.' : 'The number is clear.'
  if (!familyFacts(part.family).traits?.includes('closable')) return what
  const left = [
    ...(decided.closure.sides > 0 ? [] : ['closure']),
    ...(hasClearance(part) ? ['clearance'] : []),
  ].join(' and ')
  if (left === '') return what
  return `${what} Choose ${left} for this ${familyFacts(part.family).label}.`
}

/** From here on an answer counts as settled. */
const SETTLED = 0.8
/** Doubt that is no longer worth another measurement. */
const LITTLE_DOUBT = 0.03

function doubtText(next: NextMeasurement): string {
  if (next.doubtLeft < LITTLE_DOUBT) return 'Settles it.'
  return `Leaves about ${Math.round(next.doubtLeft * 100)} % in doubt.`
}

/** The next thing to do, as a heading and a line below it. */
export function nextText({
  next,
  candidates,
  unlistedLeads,
  nearest,
  stamped,
  hardware,
}: Pick<Identification, 'next' | 'candidates' | 'unlistedLeads' | 'nearest' | 'stamped' | 'hardware'>): {
  heading: string
  line: string
} | null {
  const [leader] = candidates
  if (hardware)
    return {
      heading: 'Open its part sheet',
      line: 'For the bearing beside it measure that one, or read its number.',
    }
  if (unlistedLeads) return unlistedAdvice({ nearest, stamped })
  if (!leader) return null
  const kinds = kindText(leader, candidates)
  if (kinds && (next === null || next.feature === 'element'))
    return { heading: 'Look which kind it is', line: kinds }
  if (!next) {
    const twins = twinsOf(leader, candidates)
    if (twins.length > 1) return twinText(leader, twins)
    const heading =
      leader.probability < SETTLED
        ? 'Nothing more to measure'
        : isMeasured(leader)
          ? 'Enough measured'
          : 'Settled by the number'
    return { heading, line: settledText(leader) }
  }
  const [first, ...others] = next.separates
  const stop = next.gainBits < 0.15 ? ' Further readings add little.' : ''
  return {
    heading: ASK[next.feature] ?? `Measure ${next.feature}`,
    line: `Tells ${first} from ${others.join(' and ')}. ${doubtText(next)}${stop}`,
  }
}
