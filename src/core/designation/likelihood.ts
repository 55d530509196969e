import { commonnessWeight } from '../catalogue'
import type { Reading } from './reading'

/**
 * Cost at which a reading is no better than not being able to read the stamp. A clear number that nothing explains is
 * probably one that is not listed, not a worn one.
 */
const UNREADABLE = { lost: 5, clear: 2.5 }
/** One number may name two parts: 683 is a ball bearing and a cone. */
export const identityOf = ({ base, family, part }: Reading): string => `${base} ${family} ${part.piece}`
/** What a reading tells, as one text: readings alike in this are one. */
export const meaningOf = (reading: Reading): string =>
  `${identityOf(reading)}|${reading.unknown.join(' ')}|${reading.tokens.map((t) => t.meaning).join('|')}`

/** Of the readings with one key the cheapest, the likeliest first. */
export function cheapestBy(readings: readonly Reading[], keyOf: (reading: Reading) => string): Reading[] {
  const cheapest = new Map<string, Reading>()
  for (const reading of readings) {
    const key = keyOf(reading)
    const known = cheapest.get(key)
    if (!known || reading.cost < known.cost) cheapest.set(key, reading)
  }
  return [...cheapest.values()].sort(likeliest)
}

/** Relative probability: how well the text is read, and how often such a part turns up. */
export const likelihood = ({ cost, part }: Reading): number => Math.exp(-cost) * commonnessWeight(part)
export const likeliest = (a: Reading, b: Reading): number => likelihood(b) - likelihood(a)

/** Readings with their shares of all, 0…1. @param lost whether marks of the stamp are lost */
export function withConfidence(readings: readonly Reading[], lost: boolean): Reading[] {
  const unreadable = Math.exp(-(lost ? UNREADABLE.lost : UNREADABLE.clear))
  const exact = readings.some((r) => r.exact)
  const total = readings.reduce((sum, r) => sum + likelihood(r), exact ? 0 : unreadable)
  const of = (r: Reading) => Math.min(1, likelihood(r) / Math.max(total, Number.MIN_VALUE))
  return readings.map((r) => ({ ...r, confidence: of(r) }))
}
