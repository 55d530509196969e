import { elementOf, familyFacts, type Part } from '../catalogue'
import { INSTRUMENT_SIGMA, type FormRole } from '../quantity'
import { isUnit, type Evidence, type Feature, type Observations } from './evidence'
import { expectedSizes } from './expectedSizes'
import { closedOf } from './weighObservations'

/** Looks that may decide: what rolls, how many rows, whether the outside is round, how a housing is bolted on. */
type Observable = 'element' | 'rows' | 'sphericalOutside' | 'flange' | 'housingKind'

export interface NextMeasurement {
  /** a feature to measure, or a look to take */
  feature: Feature | Observable
  /** expected drop of the uncertainty, bits */
  gainBits: number
  /** share that will still be in doubt afterwards, 0…1 */
  doubtLeft: number
  /** bases of the candidates it tells apart, likeliest first */
  separates: string[]
}

/** Below this nothing more is worth measuring. */
const WORTH_BITS = 0.05
/** Candidates that matter. */
const MAX_CANDIDATES = 40
const MIN_SHARE = 0.002
/** Two sizes nearer than this are not told apart on a used part by any instrument, mm. */
const MIN_APART_MM = 0.12
/** An instrument tells two sizes apart that lie this many of its standard uncertainties from each other. */
const APART_SIGMAS = 3

interface Ranked {
  part: Part
  probability: number
}

const bits = (shares: readonly number[]): number =>
  shares.reduce((sum, p) => (p > 0 ? sum - p * Math.log2(p) : sum), 0)

/** Features worth asking of a tapered set and of anything else, in the order a bench would. */
const ASKED = {
  tapered: ['bore', 'outside', 'totalWidth', 'coneWidth', 'cupWidth'],
  cone: ['bore', 'coneWidth'],
  cup: ['outside', 'cupWidth'],
  innerRing: ['bore', 'width'],
  outerRing: ['outside', 'width'],
  seat: ['shaft', 'housing'],
  unit: ['bore', 'boltSpacing', 'centreHeight', 'railSpacing', 'width'],
  other: ['bore', 'outside', 'width'],
} as const satisfies Record<string, readonly Feature[]>

/** Only what the piece in hand has is asked for; with no piece in hand, what is left on the machine. */
function featuresOf(shares: readonly Ranked[], { observed, measurements }: Evidence): readonly Feature[] {
  if (observed.piece === 'innerRing' || observed.piece === 'outerRing') return ASKED[observed.piece]
  if (isUnit(observed)) return ASKED.unit
  const seats = measurements.filter(({ feature }) => feature === 'shaft' || feature === 'housing')
  if (seats.length > 0 && seats.length === measurements.length && observed.piece === undefined)
    return ASKED.seat
  const all = (piece: Part['piece']): boolean => shares.every((r) => r.part.piece === piece)
  if (all('cone')) return ASKED.cone
  if (all('cup')) return ASKED.cup
  return isTapered(shares) ? ASKED.tapered : ASKED.other
}

const isTapered = (shares: readonly Ranked[]): boolean =>
  shares.every((r) => familyFacts(r.part.family).element === 'taperedRoller')

/** Looks and what they show on a part, as text to compare; asked for only while nobody has looked. */
const OBSERVABLES: readonly {
  observable: Observable
  seen: (observed: Observations) => boolean
  of: (part: Part) => string
}[] = [
  {
    observable: 'element',
    seen: (observed) => observed.element !== undefined,
    of: (part) => elementOf(part) ?? part.piece,
  },
  {
    observable: 'rows',
    seen: (observed) => observed.rows !== undefined || observed.doubleRow !== undefined,
    of: ({ family }) => String(familyFacts(family).rows ?? 1),
  },
  {
    observable: 'sphericalOutside',
    seen: (observed) => observed.sphericalOutside !== undefined,
    of: ({ family }) => String(family === 'insert'),
  },
  {
    observable: 'flange',
    seen: (observed) => observed.flange !== undefined,
    of: ({ dimensions }) => String(dimensions.flangeOutside !== undefined),
  },
  {
    observable: 'housingKind',
    seen: (observed) => observed.housingKind !== undefined,
    of: ({ housing }) => housing?.kind ?? '',
  },
]
/** Kinds are numbered from 0: half a step apart is another kind. */
const SAME_KIND = 0.5

interface Option {
  feature: Feature | Observable
  /** entropy left, bits */
  left: number
  key: (part: Part) => number | undefined
  apart: number
}

/** What the instrument at hand tells apart: that of the latest reading, a digital caliper before there is one. */
function resolutionMm({ measurements }: Evidence): number {
  const instrument = measurements.at(-1)?.instrument ?? 'digitalCaliper'
  return Math.max(MIN_APART_MM, APART_SIGMAS * INSTRUMENT_SIGMA[instrument])
}

const sizeOf = (part: Part, feature: Feature, closed: boolean | null): number | undefined =>
  expectedSizes(part, feature, closed).sort((a, b) => b.weight - a.weight)[0]?.mm

/**
 * Entropy left, in bits, once a reading falls into one of the groups of candidates that the instrument cannot tell apart.
 * Groups are runs of sizes with gaps below `apartMm`.
 */
function entropyAfter(
  ranked: readonly Ranked[],
  keyOf: (part: Part) => number | undefined,
  apartMm: number,
): number {
  const sorted = ranked
    .map((r) => ({ p: r.probability, at: keyOf(r.part) ?? -1 }))
    .sort((a, b) => a.at - b.at)
  let left = 0
  let run: number[] = []
  let last = -Infinity
  const close = () => {
    const share = run.reduce((sum, p) => sum + p, 0)
    if (share > 0) left += share * bits(run.map((p) => p / share))
    run = []
  }
  for (const { p, at } of sorted) {
    if (at - last > apartMm) close()
    run.push(p)
    last = at
  }
  close()
  return left
}

/** Share in doubt once a reading has told the groups apart: all but the likeliest of each group. */
function doubtAfter(ranked: readonly Ranked[], { key, apart }: Option): number {
  const sorted = ranked.map((r) => ({ p: r.probability, at: key(r.part) ?? -1 })).sort((a, b) => a.at - b.at)
  let [sure, best, last] = [0, 0, -Infinity]
  for (const { p, at } of sorted) {
    if (at - last > apart) [sure, best] = [sure + best, 0]
    best = Math.max(best, p)
    last = at
  }
  return Math.max(0, 1 - sure - best)
}

/**
 * The measurement or look that would tell the leading candidates apart best.
 *
 * @returns null when nothing more is worth measuring: one part is settled, or the rest differ only in options
 */
export function nextMeasurement(
  ranked: readonly Ranked[],
  done: { measured: ReadonlySet<Feature>; roles: ReadonlySet<FormRole>; evidence: Evidence },
): NextMeasurement | null {
  const leading = ranked.slice(0, MAX_CANDIDATES).filter((r) => r.probability > MIN_SHARE)
  const total = leading.reduce((sum, r) => sum + r.probability, 0)
  if (leading.length < 2 || total <= 0) return null
  const shares = leading.map((r) => ({ part: r.part, probability: r.probability / total }))
  const before = bits(shares.map((r) => r.probability))
  const tapered = isTapered(shares)
  const closed = closedOf(done.evidence.observed)
  const apartMm = resolutionMm(done.evidence)
  const options: Option[] = featuresOf(shares, done.evidence)
    .filter((feature) => !done.measured.has(feature) && (tapered || !done.roles.has(feature as FormRole)))
    .map((feature) => {
      const key = (part: Part) => sizeOf(part, feature, closed)
      return { feature, left: entropyAfter(shares, key, apartMm), key, apart: apartMm }
    })
  const seatsOnly = featuresOf(shares, done.evidence) === ASKED.seat
  for (const { observable, seen, of } of OBSERVABLES) {
    const kinds = [...new Set(shares.map((r) => of(r.part)))]
    if (seen(done.evidence.observed) || kinds.length < 2 || seatsOnly) continue
    const key = (part: Part) => kinds.indexOf(of(part))
    // Before the measurements: of two that tell as much, a look costs less.
    options.unshift({
      feature: observable,
      left: entropyAfter(shares, key, SAME_KIND),
      key,
      apart: SAME_KIND,
    })
  }
  const best = options.sort((a, b) => a.left - b.left)[0]
  if (!best || (before - best.left) * total < WORTH_BITS) return null
  const first = best.key(shares[0]?.part ?? leading[0]?.part ?? (undefined as never))
  const apart = shares
    .filter((r) => Math.abs((best.key(r.part) ?? -1) - (first ?? -1)) > best.apart)
    .slice(0, 3)
  return {
    feature: best.feature,
    gainBits: Math.round((before - best.left) * total * 100) / 100,
    doubtLeft: doubtAfter(shares, best),
    separates: [shares[0], ...apart].flatMap((r) => (r ? [r.part.base] : [])),
  }
}
