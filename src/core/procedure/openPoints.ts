import { fittingOrder } from './fittingOrder'
import type { PlanFacts } from './plan'

/** What must be settled before anything is fitted, by its code. */
export interface OpenFacts {
  /** parts of which each is wanted before the next, the first one again at the end */
  circle: { parts: string[] }
  gap: { place: string; reason: string }
  misfit: { place: string; reason: string }
  seatLost: { part: string; ring: 'inner' | 'outer'; why: string }
  notUntilRepaired: Record<never, never>
}
export type OpenPoint = { [C in keyof OpenFacts]: { code: C; data: OpenFacts[C] } }[keyof OpenFacts]

/** The part of a place, as it stands within a sentence. */
const nameIn = ({ kit }: PlanFacts, id: string): string | undefined =>
  kit.lines.find(({ slot }) => slot === id)?.label.toLowerCase()

/** Seats that must be repaired before anything is fitted in them. */
export const lostSeats = (facts: PlanFacts): OpenPoint[] =>
  facts.fits.flatMap(({ slot, ring, seat }): OpenPoint[] =>
    seat?.verdict === 'replace'
      ? [{ code: 'seatLost', data: { part: nameIn(facts, slot) ?? slot, ring, why: seat.why } }]
      : [],
  )

/** What must be settled first, in the order it is read. */
export function openPoints(facts: PlanFacts): OpenPoint[] {
  const { circle } = fittingOrder(facts)
  const called = (id: string): string => nameIn(facts, id) ?? facts.arrangement.hub
  const points: (OpenPoint | false)[] = [
    circle !== null && {
      code: 'circle',
      data: { parts: [...circle, ...circle.slice(0, 1)].map(called) },
    },
    ...facts.kit.lines.flatMap(({ state, label: label, reason }): OpenPoint[] =>
      state === 'filled'
        ? []
        : [{ code: state === 'gap' ? 'gap' : 'misfit', data: { place: label, reason } }],
    ),
    ...lostSeats(facts),
    facts.run === 'notUntilRepaired' && { code: 'notUntilRepaired', data: {} },
  ]
  return points.filter((point) => point !== false)
}
