import { commonnessWeight, familyFacts, type Part } from '../catalogue'
import type { Observations } from './evidence'
import { UNLISTED_PRIOR } from './unlisted'

/** Shares of what arrives when nobody said which piece it is (estimate, common practice). */
const PIECE_SHARE = { complete: 0.92, cone: 0.02, cup: 0.02, seal: 0.04 } as const
type CandidatePiece = keyof typeof PIECE_SHARE

const isCandidatePiece = (piece: string): piece is CandidatePiece => Object.hasOwn(PIECE_SHARE, piece)

/** Single rings of a bearing that does not come apart are looked for among complete bearings. */
const pieceWanted = (observed: Observations): CandidatePiece | null => {
  if (!observed.piece) return null
  return isCandidatePiece(observed.piece) ? observed.piece : 'complete'
}

export interface Candidate {
  part: Part
  weight: number
}

/** What a shop knows of what turns up there. */
export interface Experience {
  /** bases in its lists or fitted on its machines */
  known: ReadonlySet<string>
  /** base → closed jobs that had it */
  decided: ReadonlyMap<string, number>
}

export const NO_EXPERIENCE: Experience = { known: new Set(), decided: new Map() }

/** A part that the shop stocks or has fitted comes back to it this much more often (estimate, common practice). */
const KNOWN_HERE = 8
/** What is known of all shops counts as much as so many closed jobs of this one (estimate). */
const JOBS_OF_ALL = 1000

/**
 * Parts that can be identified at all, with their weight among their own piece: how common a part is anywhere, and how often this
 * shop had it. The two are weighed as prior and counts of a multinomial (Dirichlet): a shop of many jobs goes by its own.
 */
export function candidatesOf(parts: readonly Part[], { known, decided }: Experience): Candidate[] {
  const anywhere = parts
    .filter((part) => familyFacts(part.family).kind !== 'hardware')
    .map((part) => ({ part, weight: commonnessWeight(part) }))
  const totals = totalsOf(anywhere)
  return anywhere.map(({ part, weight }) => {
    const counted = weight + ((decided.get(part.base) ?? 0) * (totals[part.piece] ?? 0)) / JOBS_OF_ALL
    // Few jobs say less than that the part is here at all.
    return { part, weight: Math.max(counted, known.has(part.base) ? weight * KNOWN_HERE : 0) }
  })
}

function totalsOf(candidates: readonly Candidate[]): Record<string, number> {
  const totals: Record<string, number> = {}
  for (const { part, weight } of candidates) totals[part.piece] = (totals[part.piece] ?? 0) + weight
  return totals
}

export type Priors = (observed: Observations) => Float64Array

function build(candidates: readonly Candidate[], wanted: CandidatePiece | null): Float64Array {
  const totals = totalsOf(candidates)
  return Float64Array.from(candidates, ({ part, weight }) => {
    const { piece } = part
    if (!isCandidatePiece(piece)) return -Infinity
    const share = wanted === null ? PIECE_SHARE[piece] : piece === wanted ? 1 : 0
    return Math.log((1 - UNLISTED_PRIOR) * share * (weight / (totals[piece] ?? 1)))
  })
}

/**
 * ln prior of every candidate for what is said of the piece; parts that are excluded get −∞. Together with
 * `UNLISTED_PRIOR` they sum to one. Worked out once for each piece; the arrays are shared and not to be changed.
 */
export function logPriors(candidates: readonly Candidate[]): Priors {
  const made = new Map<CandidatePiece | null, Float64Array>()
  return (observed) => {
    const wanted = pieceWanted(observed)
    const priors = made.get(wanted) ?? build(candidates, wanted)
    made.set(wanted, priors)
    return priors
  }
}
