import { familyFacts } from '../../catalogue'
import type { CheckRule } from '../check'

/** Same size is not same kind: load, angle and adjustment go with the kind. */
export const kind: CheckRule = (from, to) => {
  if (from.part.piece !== to.part.piece)
    return {
      check: 'kind',
      result: 'fail',
      detail: `${from.part.base} is a ${from.part.piece}, ${to.part.base} a ${to.part.piece}.`,
    }
  if (from.part.family === to.part.family) return null
  const [a, b] = [familyFacts(from.part.family), familyFacts(to.part.family)]
  if (a.element === 'ball' && b.element === 'ball' && a.rows === b.rows && !a.traits && !b.traits) return null
  return {
    check: 'kind',
    result: 'fail',
    detail: `A ${a.words} is replaced by one of its kind, not by a ${b.words}.`,
  }
}
