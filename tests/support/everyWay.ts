import type { Offer, Terms, WantedLine } from '@/core/supply'

/** Every way to buy a list, one after the other: the slow twin of the best basket. @returns goods, freight and waiting */
export function everyWay(
  lines: readonly WantedLine[],
  offers: readonly Offer[],
  terms: readonly Terms[],
  dayWorth: number,
): number {
  const choices = lines.map((_, i) => offers.filter((o) => o.line === i)).filter((c) => c.length > 0)
  let best = Infinity
  const walk = (i: number, picked: Offer[]): void => {
    const choice = choices[i]
    if (choice) return choice.forEach((o) => walk(i + 1, [...picked, o]))
    const subtotal = new Map<string, number>()
    for (const o of picked) {
      const cost = Math.ceil((lines[o.line]?.quantity ?? 0) / o.pack) * o.pack * o.pricePerPiece
      subtotal.set(o.supplier, (subtotal.get(o.supplier) ?? 0) + cost)
    }
    let total = dayWorth * Math.max(...picked.map((o) => o.leadTimeDays))
    for (const [supplier, sum] of subtotal) {
      const t = terms.find((x) => x.supplier === supplier)
      total += sum + (t && (t.freeFrom === null || sum < t.freeFrom) ? t.freight : 0)
    }
    best = Math.min(best, total)
  }
  if (choices.length > 0) walk(0, [])
  return best
}
