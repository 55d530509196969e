import { familyFacts, type Part } from '../catalogue'
import type { SizeRole } from '../quantity'
import type { Evidence, Feature } from './evidence'
import { expectedSizes } from './expectedSizes'
import { closedOf } from './weighLooks'

export interface NextMeasurement {
  /** a feature to measure, or `element`: look at what rolls */
  feature: Feature | 'element'
  /** expected drop of the uncertainty, bits */
  gainBits: number
  /** bases of the candidates it tells apart, likeliest first */
  separates: string[]
}

/** Below this nothing more is worth measuring. */
const WORTH_BITS = 0.05
/** Candidates that matter. */
const MOST = 40
const LEAST_SHARE = 0.002
/** Two sizes nearer than this are not told apart by a caliper on a used part, mm. */
const TOLD_APART_MM = 0.12

interface Ranked {
  part: Part
  probability: number
}

const bits = (shares: readonly number[]): number =>
  shares.reduce((sum, p) => (p > 0 ? sum - p * Math.log2(p) : sum), 0)

/** Features worth asking of a tapered set and of anything else, in the order a bench would. */
const ASKED: { tapered: readonly Feature[]; other: readonly Feature[] } = {
  tapered: ['bore', 'outside', 'totalWidth', 'coneWidth', 'cupWidth'],
  other: ['bore', 'outside', 'width'],
}

const sizeOf = (part: Part, feature: Feature, closed: boolean | null): number | undefined =>
  expectedSizes(part, feature, closed).sort((a, b) => b.weight - a.weight)[0]?.mm

/**
 * Entropy left, in bits, once a reading falls into one of the groups of candidates that a caliper cannot tell apart.
 * Groups are runs of sizes with gaps below `TOLD_APART_MM`.
 */
function entropyAfter(ranked: readonly Ranked[], keyOf: (part: Part) => number | undefined): number {
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
    if (at - last > TOLD_APART_MM) close()
    run.push(p)
    last = at
  }
  close()
  return left
}

/**
 * The measurement or look that would tell the leading candidates apart best.
 *
 * @returns null when nothing more is worth measuring: one part is settled, or the rest differ only in options
 */
export function nextMeasurement(
  ranked: readonly Ranked[],
  done: { measured: ReadonlySet<Feature>; roles: ReadonlySet<SizeRole>; evidence: Evidence },
): NextMeasurement | null {
  const leading = ranked.slice(0, MOST).filter((r) => r.probability > LEAST_SHARE)
  const total = leading.reduce((sum, r) => sum + r.probability, 0)
  if (leading.length < 2 || total <= 0) return null
  const shares = leading.map((r) => ({ part: r.part, probability: r.probability / total }))
  const before = bits(shares.map((r) => r.probability))
  const tapered = shares.every((r) => familyFacts(r.part.family).element === 'taperedRoller')
  const closed = closedOf(done.evidence.looks)
  const elements = [...new Set(shares.map((r) => familyFacts(r.part.family).element ?? r.part.piece))]
  const options: { feature: Feature | 'element'; left: number; key: (part: Part) => number | undefined }[] = (
    tapered ? ASKED.tapered : ASKED.other
  )
    .filter((feature) => !done.measured.has(feature) && (tapered || !done.roles.has(feature as SizeRole)))
    .map((feature) => {
      const key = (part: Part) => sizeOf(part, feature, closed)
      return { feature, left: entropyAfter(shares, key), key }
    })
  if (!done.evidence.looks.element && elements.length > 1) {
    const key = (part: Part) => elements.indexOf(familyFacts(part.family).element ?? part.piece)
    options.push({ feature: 'element', left: entropyAfter(shares, key), key })
  }
  const best = options.sort((a, b) => a.left - b.left)[0]
  if (!best || (before - best.left) * total < WORTH_BITS) return null
  const first = best.key(shares[0]?.part ?? leading[0]?.part ?? (undefined as never))
  const apart = shares
    .filter((r) => Math.abs((best.key(r.part) ?? -1) - (first ?? -1)) > TOLD_APART_MM)
    .slice(0, 3)
  return {
    feature: best.feature,
    gainBits: Math.round((before - best.left) * total * 100) / 100,
    separates: [shares[0], ...apart].flatMap((r) => (r ? [r.part.base] : [])),
  }
}
