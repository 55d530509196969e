export interface WantedLine {
  designation: string
  /** pieces, ≥ 1 */
  quantity: number
}

/** What one supplier asks for one line. Money in the smallest coin, whole numbers. */
export interface Offer {
  /** place of the line among those wanted */
  line: number
  supplier: string
  pricePerPiece: number
  /** sold in packs of so many pieces, ≥ 1 */
  pack: number
  /** until it is here */
  leadTimeDays: number
}

/** What a supplier charges for sending. */
export interface Terms {
  supplier: string
  freight: number
  /** goods from this sum on are sent free; null = never */
  freeFrom: number | null
}

export interface Pick extends Offer {
  packs: number
  pieces: number
  cost: number
}

export interface Basket {
  picks: Pick[]
  /** lines nobody offers, by place */
  missing: number[]
  subtotal: number
  freight: number
  total: number
  /** until the last line is here */
  leadTimeDays: number
  /** false: too many ways to look at; good, but perhaps not the best */
  exact: boolean
}

/** Suppliers that are looked at set by set; each further one doubles the work, and is left to a solver. */
export const MAX_LOOKED_AT = 6

/** Half-finished ways looked at for one set of suppliers before the search stops; ordinary baskets need some hundred. */
const MAX_WAYS = 20_000

const pickOf = (offer: Offer, { quantity }: WantedLine): Pick => {
  const packs = Math.ceil(quantity / offer.pack)
  return { ...offer, packs, pieces: packs * offer.pack, cost: packs * offer.pack * offer.pricePerPiece }
}

const sum = (values: readonly number[]): number => values.reduce((a, b) => a + b, 0)

/** Goods bought from each supplier. */
function subtotals(picks: readonly Pick[]): Map<string, number> {
  const by = new Map<string, number>()
  for (const { supplier, cost } of picks) by.set(supplier, (by.get(supplier) ?? 0) + cost)
  return by
}

function freightOf(picks: readonly Pick[], terms: ReadonlyMap<string, Terms>): number {
  return sum(
    [...subtotals(picks)].map(([supplier, subtotal]) => {
      const t = terms.get(supplier)
      return !t || (t.freeFrom !== null && subtotal >= t.freeFrom) ? 0 : t.freight
    }),
  )
}

/** The offers for each line, in whole packs. */
export const picksOf = (lines: readonly WantedLine[], offers: readonly Offer[]): Pick[][] =>
  lines.map((line, i) => offers.filter((o) => o.line === i).map((o) => pickOf(o, line)))

/** What some picks come to. @param missing lines nobody offers, by place */
export function basketOf(picks: readonly Pick[], missing: number[], terms: readonly Terms[]): Basket {
  const subtotal = sum(picks.map((p) => p.cost))
  const freight = freightOf(picks, new Map(terms.map((t) => [t.supplier, t])))
  return {
    picks: [...picks],
    missing,
    subtotal,
    freight,
    total: subtotal + freight,
    leadTimeDays: Math.max(0, ...picks.map((p) => p.leadTimeDays)),
    exact: true,
  }
}

/** Every way to choose some of so many. */
const subsets = <T>(items: readonly T[]): T[][] =>
  items.reduce<T[][]>((all, item) => [...all, ...all.map((some) => [...some, item])], [[]])

interface Way {
  cost: number
  /** goods so far at each supplier that must reach its free sum, no more counted than that sum */
  reached: number[]
  picks: readonly Pick[]
}

/**
 * The cheapest choice of one offer a line that brings each supplier of `free` to its free sum.
 * Ways that cost no less and reach no more than another are dropped: the rest is looked at completely.
 * @returns null when there is none below `under`; `cut` when the search was stopped
 */
function cheapest(
  choices: readonly (readonly Pick[])[],
  free: readonly Terms[],
  under: number,
): { picks: readonly Pick[] | null; cut: boolean } {
  const least = choices.map((c) => Math.min(...c.map((p) => p.cost)))
  const restLeast = least.map((_, i) => sum(least.slice(i + 1)))
  const most = free.map((t) =>
    choices.map((c) => Math.max(0, ...c.filter((p) => p.supplier === t.supplier).map((p) => p.cost))),
  )
  const restMost = most.map((m) => m.map((_, i) => sum(m.slice(i + 1))))
  let cut = false
  let ways: Way[] = [{ cost: 0, reached: free.map(() => 0), picks: [] }]
  for (const [i, choice] of choices.entries()) {
    const next: Way[] = []
    for (const way of ways)
      for (const pick of choice) {
        const cost = way.cost + pick.cost
        if (cost + (restLeast[i] ?? 0) >= under) continue
        const reached = free.map((t, k) =>
          Math.min(t.freeFrom ?? 0, (way.reached[k] ?? 0) + (pick.supplier === t.supplier ? pick.cost : 0)),
        )
        if (free.some((t, k) => (reached[k] ?? 0) + (restMost[k]?.[i] ?? 0) < (t.freeFrom ?? 0))) continue
        next.push({ cost, reached, picks: [...way.picks, pick] })
      }
    next.sort((a, b) => a.cost - b.cost)
    ways = []
    for (const way of next)
      if (!ways.some((w) => w.reached.every((r, k) => r >= (way.reached[k] ?? 0)))) ways.push(way)
    if (ways.length > MAX_WAYS) {
      cut = true
      ways = ways.slice(0, MAX_WAYS)
    }
  }
  return { picks: ways[0]?.picks ?? null, cut }
}

/**
 * Which supplier to buy each line from, so that goods, freight and waiting together cost least. Exact: for every set of
 * suppliers and every choice of those whose free sum is reached, the cheapest lines are found.
 *
 * @param dayWorth what a day of waiting costs, smallest coin, ≥ 0
 * @returns lines nobody offers stand under `missing`
 * @example two lines at 10 from one supplier beat 9 and 10 from two, where each charges 5 for sending
 */
export function bestBasket(
  lines: readonly WantedLine[],
  offers: readonly Offer[],
  terms: readonly Terms[],
  dayWorth = 0,
): Basket {
  const termsBy = new Map(terms.map((t) => [t.supplier, t]))
  const picks = picksOf(lines, offers)
  const missing = picks.flatMap((p, i) => (p.length === 0 ? [i] : []))
  const wanted = picks.filter((p) => p.length > 0)
  if (wanted.length === 0)
    return { picks: [], missing, subtotal: 0, freight: 0, total: 0, leadTimeDays: 0, exact: true }
  let best: { picks: readonly Pick[]; score: number } | null = null
  let exact = true
  const daysOf = (chosen: readonly Pick[]) => Math.max(...chosen.map((p) => p.leadTimeDays))
  const offer = (chosen: readonly Pick[]) => {
    const score = sum(chosen.map((p) => p.cost)) + freightOf(chosen, termsBy) + dayWorth * daysOf(chosen)
    if (!best || score < best.score) best = { picks: chosen, score }
  }
  const suppliers = [...new Set(offers.map((o) => o.supplier))]
  const limits = dayWorth > 0 ? [...new Set(offers.map((o) => o.leadTimeDays))] : [Infinity]
  const reduced = limits.flatMap((limit) =>
    subsets(suppliers).flatMap((some) => {
      const choices = wanted.map((c) => c.filter((p) => p.leadTimeDays <= limit && some.includes(p.supplier)))
      return choices.every((c) => c.length > 0) ? [{ some, choices, limit }] : []
    }),
  )
  for (const { choices } of reduced) offer(choices.map((c) => c.reduce((a, b) => (b.cost < a.cost ? b : a))))
  for (const { some, choices, limit } of reduced)
    for (const free of subsets(
      some.flatMap((s) => termsBy.get(s) ?? []).filter((t) => t.freeFrom !== null),
    )) {
      if (free.length === 0) continue
      const paid = sum(
        some.filter((s) => !free.some((t) => t.supplier === s)).map((s) => termsBy.get(s)?.freight ?? 0),
      )
      const waiting = dayWorth > 0 ? dayWorth * Math.min(limit, daysOf(choices.flat())) : 0
      const under =
        ((best as { score: number } | null)?.score ?? Infinity) - paid - (dayWorth > 0 ? 0 : waiting)
      const found = cheapest(choices, free, under)
      if (found.cut) exact = false
      if (found.picks) offer(found.picks)
    }
  const chosen = (best as { picks: readonly Pick[] } | null)?.picks ?? []
  return { ...basketOf(chosen, missing, terms), exact }
}
