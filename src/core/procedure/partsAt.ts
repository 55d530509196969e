/** Where a part is while one step is done. */
export type PartNow = 'in' | 'now' | 'blocks' | 'out'

/** What a step tells of parts. */
interface StepOfPart {
  /** it takes its part off, or puts it in */
  moves?: 'off' | 'on' | undefined
  /** the place of the kit it is about */
  place?: string | undefined
  /** places that would be in the way, were they in already */
  blockedBy?: readonly string[] | undefined
}

const isFitting = ({ moves }: StepOfPart): boolean => moves === 'on'
const isRemoval = ({ moves }: StepOfPart): boolean => moves === 'off'

/**
 * Where each part is when a step is done: while taking apart, parts of later steps are still in; while fitting, those of steps
 * before it.
 */
export function partsAt<S extends StepOfPart>(steps: readonly S[], step: S): (place: string) => PartNow {
  const at = steps.indexOf(step)
  const before = (of: (s: S) => boolean, place: string): boolean =>
    steps.some((s, i) => i < at && of(s) && s.place === place)
  const removed = (place: string): boolean => before(isRemoval, place)
  const fitted = (place: string): boolean => before(isFitting, place)
  const apart = steps.findLastIndex(isRemoval)
  return (place) => {
    if (step.place === place) return 'now'
    if (step.blockedBy?.includes(place)) return 'blocks'
    return (at <= apart ? !removed(place) : fitted(place)) ? 'in' : 'out'
  }
}
