import type { PlanFacts } from './plan'

/** Works something out of the facts of a plan once, however many of its parts ask for it. */
export function oncePerFacts<T>(work: (facts: PlanFacts) => T): (facts: PlanFacts) => T {
  const known = new WeakMap<PlanFacts, { found: T }>()
  return (facts) => {
    const before = known.get(facts)
    if (before) return before.found
    const found = work(facts)
    known.set(facts, { found })
    return found
  }
}
