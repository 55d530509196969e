import { isConeAndCup } from '@/core/catalogue'
import type { Job } from '@/services/schemas/job'

/** Whether the bearing comes apart into cone and cup, as far as the job tells; where it tells nothing, it may. */
export function isSeparable({ decision, kit }: Pick<Job, 'decision' | 'kit'>): boolean {
  if (!decision && !kit) return true
  const places = Object.keys(kit?.parts ?? {})
  return isConeAndCup(decision?.base ?? '') || places.some((place) => /cone|cup|innerBearing/i.test(place))
}
