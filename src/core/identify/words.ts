import { familyFacts, type Family } from '../catalogue'
import type { Measured } from './evidence'
import type { EvidenceItem, IdentifiedPart } from './identify'
import type { NextMeasurement } from './nextMeasurement'
import { instrumentSigmaMm } from './readingModel'

/** Names of evidence on the screen, one spelling everywhere. */
export const ITEM_WORDS: Record<string, string> = {
  bore: 'Bore',
  outside: 'Outside',
  width: 'Width',
  coneWidth: 'Cone width',
  cupWidth: 'Cup width',
  totalWidth: 'Total width',
  shaft: 'Shaft',
  housing: 'Housing',
  flangeOutside: 'Flange',
  outerRingWidth: 'Outer ring width',
  stamp: 'Stamp',
  element: 'Rolling parts',
  rows: 'Rows',
  closures: 'Closures',
  sphericalOutside: 'Round outside',
  extendedInner: 'Long inner ring',
  encoder: 'Encoder',
  flange: 'Flange',
  snapGroove: 'Groove',
  taperBore: 'Taper bore',
}

const CAUSES: Record<string, string> = {
  noise: '',
  wear: ': worn',
  tolerance: ': within what new ones differ',
  insideJaws: ': inside jaws or a chamfer',
  raised: ': burr or rust',
  otherUnit: ': perhaps the other unit',
  nearMiss: ': wrong face, chamfer or slip',
  misread: ': misread, or another part',
}

function stampWords({ reading, verdict }: EvidenceItem): string {
  if (!reading) return 'names another part'
  const unknown = reading.unknown.filter((text) => !/^[?*]+$/.test(text))
  const rest = unknown.length > 0 ? `, ${unknown.join(' ')} not decoded` : ''
  if (verdict === 'agrees') return `reads as ${reading.canonical}${rest}`
  return `worn marks, fits ${reading.canonical}${rest}`
}

/** One line on how a piece of evidence stands to a part. */
export function evidenceWords(item: EvidenceItem): string {
  if (item.item === 'stamp') return stampWords(item)
  if (item.cause === 'noSuchSize') return 'this part has no such size'
  if (item.cause === 'sizeUnknown') return 'not in the table for this set'
  if (item.deviationMm === null) return item.verdict === 'agrees' ? 'as seen' : 'not as seen'
  const off = Math.abs(item.deviationMm)
  const side = item.deviationMm < 0 ? 'small' : 'large'
  if (item.verdict === 'agrees') return off < 0.005 ? 'agrees' : `agrees, ${off.toFixed(2)} mm ${side}`
  const cause =
    item.cause === 'noise'
      ? item.deviationMm < 0
        ? ': coarse reading'
        : ': coarse reading or wear'
      : (CAUSES[item.cause ?? ''] ?? '')
  return `reads ${off.toFixed(2)} mm ${side}${cause}`
}

/** Readings of one size further apart than so many standard uncertainties are not only noise. */
const APART_SIGMAS = 4

/** What several readings of one size say of the surface; empty for a single one. */
export function patternWords({ valuesMm, instrument }: Measured): string {
  if (valuesMm.length < 2) return ''
  const apart = Math.max(...valuesMm) - Math.min(...valuesMm)
  const uneven = apart > APART_SIGMAS * instrumentSigmaMm(instrument)
  return `${valuesMm.length} readings, ${apart.toFixed(2)} mm apart${uneven ? ': out of round or askew' : ''}`
}

/** What an identification says of parts that no list holds. */
export function unlistedWords(probability: number, nearest: IdentifiedPart | undefined): string {
  if (probability < 0.5) return 'A special or a size that is not in the catalogue.'
  if (!nearest) return 'Nothing listed fits. Look for a stamp, or measure again.'
  const differences = nearest.evidence
    .filter((e) => e.deviationMm !== null)
    .map(
      (e) =>
        `${(ITEM_WORDS[e.item] ?? e.item).toLowerCase()} ${Math.abs(e.deviationMm ?? 0).toFixed(2)} mm ${(e.deviationMm ?? 0) < 0 ? 'smaller' : 'larger'}`,
    )
  const measured = differences.length > 0 ? ` (measured ${differences.join(', ')})` : ''
  return `Nothing listed has these sizes. The nearest is ${nearest.part.base}${measured}.`
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
}

const sameSize = (a: IdentifiedPart, b: IdentifiedPart): boolean =>
  a.dimensions.bore === b.dimensions.bore &&
  a.dimensions.outside === b.dimensions.outside &&
  (a.dimensions.totalWidth ?? a.dimensions.width) === (b.dimensions.totalWidth ?? b.dimensions.width)

/** Looks that tell kinds of one size apart, by family (common practice). */
const LOOK_AT: Partial<Record<Family, string>> = {
  'deep-groove': 'one row of balls, shoulders alike on both sides',
  'angular-contact': 'one row of balls, one shoulder ground away',
  'self-aligning': 'two rows of balls, the inner ring swivels',
  cylindrical: 'rollers, one ring slides off',
}

/** Kinds that share the size of the leader: measuring does not part them, looking does. Null when there are none. */
function kindWords(leader: IdentifiedPart, others: readonly IdentifiedPart[]): string | null {
  const twins = others.filter(
    (o) =>
      o !== leader && o.probability > 0.01 && o.part.family !== leader.part.family && sameSize(o, leader),
  )
  const kinds = [
    leader,
    ...twins.filter((t, i) => twins.findIndex((u) => u.part.family === t.part.family) === i),
  ]
  if (kinds.length < 2) return null
  const told = kinds.map(
    ({ part }) => `${part.base}: ${LOOK_AT[part.family] ?? familyFacts(part.family).words}`,
  )
  return `Same size, different kind; look, do not measure. ${told.join('. ')}.`
}

function settledWords({ part, probability }: IdentifiedPart): string {
  if (probability < 0.8)
    return 'Nothing more separates the rest by measuring. Look for a stamp, or compare with a new part.'
  const balls = familyFacts(part.family).element === 'ball'
  if (balls)
    return `The size is settled. Choose closure and clearance for this ${familyFacts(part.family).words}.`
  return part.set
    ? `The set is settled: cone ${part.set.cone}, cup ${part.set.cup}. Renew both.`
    : 'The size is settled.'
}

/** The next thing to do, as a heading and a line below it. */
export function nextWords(
  next: NextMeasurement | null,
  candidates: readonly IdentifiedPart[],
): { heading: string; line: string } | null {
  const [leader] = candidates
  if (!leader) return null
  const kinds = kindWords(leader, candidates)
  if (kinds && (next === null || next.feature === 'element'))
    return { heading: 'Look which kind it is', line: kinds }
  if (!next) return { heading: 'Enough measured', line: settledWords(leader) }
  const [first, ...others] = next.separates
  const stop = next.gainBits < 0.15 ? ' You may also stop here.' : ''
  return {
    heading: ASK[next.feature] ?? `Measure ${next.feature}`,
    line: `Tells ${first} from ${others.join(' and ')}: ${next.gainBits} bit.${stop}`,
  }
}
