import { ok, refuse, type Result } from '../result'

export const MOVE_KINDS = ['receive', 'issue', 'reserve', 'release', 'take', 'count'] as const
export type MoveKind = (typeof MOVE_KINDS)[number]

/** Most pieces of one part in a bin; more is a slip of the pen. */
export const MAX_PIECES = 1_000_000_000

/** Pieces in a bin, and how many of them are promised to somebody; `0 ≤ reserved ≤ quantity`. */
export interface StockState {
  quantity: number
  reserved: number
}

/** Pieces of an item that one job has reserved. */
export interface Holder {
  jobId: number
  pieces: number
}

export interface StockMove {
  kind: MoveKind
  /** ≥ 0; for `count` what was counted */
  pieces: number
  /** for whom; null = for nobody in particular */
  jobId: number | null
}

export interface Moved extends StockState {
  /** reservations that a count found no pieces for */
  lost: Holder[]
}

export type MoveRefusal =
  /** fewer are free, or fewer are reserved, than the move wants */
  | { why: 'tooFew' }
  /** more than a bin is believed to hold */
  | { why: 'tooMany' }
  /** more than this job, or nobody in particular, has reserved; `reservedForJob` is what it has */
  | { why: 'notHeld'; reservedForJob: number }

/** Whether the move depends on who holds the reserved pieces. */
export const asksHolders = ({ kind }: Pick<StockMove, 'kind'>): boolean =>
  kind === 'take' || kind === 'release' || kind === 'count'

/**
 * Who loses what when fewer are counted than are reserved: the pieces nobody in particular holds go first, then those of the job
 * that reserved last.
 * @param excess reserved pieces that are not there
 */
function losers(excess: number, reserved: number, holders: readonly Holder[]): Holder[] {
  const named = holders.reduce((sum, { pieces }) => sum + pieces, 0)
  let open = excess - Math.max(0, reserved - named)
  const lost: Holder[] = []
  for (const { jobId, pieces } of holders) {
    if (open <= 0) break
    lost.push({ jobId, pieces: Math.min(open, pieces) })
    open -= pieces
  }
  return lost
}

/**
 * What a move makes of a bin; common practice of a store with reservations.
 * @param holders jobs with reserved pieces, the one that reserved last first; only asked where `asksHolders`
 * @example applyMove({ quantity: 10, reserved: 4 }, [], { kind: 'issue', pieces: 7, jobId: null }) // { ok: false, problem: { why: 'tooFew' } }
 */
export function applyMove(
  { quantity, reserved }: StockState,
  holders: readonly Holder[],
  { kind, pieces, jobId }: StockMove,
): Result<Moved, MoveRefusal> {
  const free = quantity - reserved
  const moved = (next: StockState, lost: Holder[] = []) => ok({ ...next, lost })
  const tooFew = refuse({ why: 'tooFew' as const })
  switch (kind) {
    case 'receive':
      return quantity + pieces > MAX_PIECES
        ? refuse({ why: 'tooMany' as const })
        : moved({ quantity: quantity + pieces, reserved })
    case 'issue':
      return free >= pieces ? moved({ quantity: quantity - pieces, reserved }) : tooFew
    case 'reserve':
      return free >= pieces ? moved({ quantity, reserved: reserved + pieces }) : tooFew
    case 'release':
    case 'take': {
      // Only the job that reserved takes or releases; what no job holds is anybody's.
      const named = holders.reduce((sum, holder) => sum + holder.pieces, 0)
      const reservedForJob =
        jobId === null ? reserved - named : (holders.find((holder) => holder.jobId === jobId)?.pieces ?? 0)
      if (pieces > reservedForJob) return refuse({ why: 'notHeld', reservedForJob })
      if (reserved < pieces || (kind === 'take' && quantity < pieces)) return tooFew
      return moved({
        quantity: kind === 'take' ? quantity - pieces : quantity,
        reserved: reserved - pieces,
      })
    }
    case 'count': {
      const excess = reserved - pieces
      return moved(
        { quantity: pieces, reserved: Math.min(reserved, pieces) },
        excess > 0 ? losers(excess, reserved, holders) : [],
      )
    }
  }
}
