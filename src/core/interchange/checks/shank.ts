import type { Shank } from '../../catalogue'
import type { CheckRule } from '../check'

const written = ({ kind, thread }: Shank): string => `${kind} thread ${thread}`

/** A rod end screws onto its rod by one thread, of one hand, inside or outside. */
export const shank: CheckRule = (from, to) => {
  const [a, b] = [from.part.shank, to.part.shank]
  if (!a || !b || (a.kind === b.kind && a.thread === b.thread)) return null
  return {
    check: 'shank',
    result: 'fail',
    detail: `${from.part.base} has a ${written(a)}, ${to.part.base} a ${written(b)}: it does not screw on.`,
  }
}
