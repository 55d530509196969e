import 'server-only'
import { basketProgram, type Basket, type Offer, type Terms, type WantedLine } from '@/core/supply'

/** The solver stops here with the best it has; the rest of the request takes a second or two. */
const MAX_SECONDS = 10

export interface SolvedBasket {
  basket: Basket
  /** how far the best that can be is below this basket at most, per cent; 0 = this is the best */
  gapPercent: number
}

/**
 * The cheapest basket over many suppliers, by the HiGHS solver. It blocks its thread: only for the background.
 * @returns null when nobody offers anything, or no basket was found in time
 */
export async function solveBasket(
  lines: readonly WantedLine[],
  offers: readonly Offer[],
  terms: readonly Terms[],
  dayWorth: number,
): Promise<SolvedBasket | null> {
  const program = basketProgram(lines, offers, terms, dayWorth)
  if (!program) return null
  const { default: load } = await import('highs')
  const highs = await load()
  const solved = highs.solve(program.lp, { time_limit: MAX_SECONDS, mip_rel_gap: 0 })
  const chosen = (column: string): boolean => {
    const found = solved.Columns[column]
    return found !== undefined && 'Primal' in found && (found.Primal ?? 0) > 0.5
  }
  const basket = program.basket(chosen)
  if (basket.picks.length + basket.missing.length < lines.length) return null
  const exact = solved.Status === 'Optimal'
  const bound = exact ? solved.ObjectiveValue : highs.solve(program.relaxed).ObjectiveValue
  const value = basket.total + dayWorth * basket.leadTimeDays
  return {
    basket: { ...basket, exact },
    gapPercent: exact || value === 0 ? 0 : Math.max(0, (100 * (value - bound)) / value),
  }
}
