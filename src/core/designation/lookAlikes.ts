/**
 * How easily one stamped mark is taken for another, as a cost (−ln of a probability, relative to reading it right).
 * Handbook values from memory of how worn stamps read; the groups are common practice.
 */
const PAIRS: readonly [string, string, number][] = [
  ['0', 'O', 0.2],
  ['1', 'I', 0.2],
  ['5', 'S', 0.7],
  ['8', 'B', 0.7],
  ['2', 'Z', 0.7],
  ['6', 'G', 0.8],
  ['I', 'L', 1],
  ['1', 'L', 1],
  ['1', '7', 1.4],
  ['0', 'D', 1.4],
  ['O', 'D', 1.4],
  ['0', 'Q', 1.4],
  ['I', '7', 1.6],
  ['3', '8', 1.8],
  ['6', '8', 1.9],
  ['0', '8', 2],
  ['0', '6', 2],
  ['5', '6', 2],
  ['0', '9', 2.2],
  ['8', '9', 2.2],
  ['3', '5', 2.4],
  ['4', 'A', 2],
  ['C', 'G', 1.8],
  ['M', 'N', 1.8],
  ['U', 'V', 1.4],
]

/** Misreading a look-alike at all; the pair's own figure says which. O for 0 and I for 1 are typing habits, not misreadings. */
const MISREAD = 1.5
const SAME_SHAPE = 0.5
/** One mark read as any other. */
const ANY_OTHER = 5.5

const COSTS = new Map(
  PAIRS.flatMap(([a, b, shape]) => {
    const cost = shape < SAME_SHAPE ? shape : MISREAD + shape
    return [[a + b, cost] as const, [b + a, cost] as const]
  }),
)

/** Cost of reading `read` where `stamped` was struck; 0 when they are the same. */
export const confusionCost = (read: string, stamped: string): number =>
  read === stamped ? 0 : (COSTS.get(read + stamped) ?? ANY_OTHER)
