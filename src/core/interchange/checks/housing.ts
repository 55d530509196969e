import type { CheckRule } from '../check'
import { compareField } from './hardware'

/** Units of insert and housing by how their housings are bolted on; a unit and a bare insert do not replace each other. */
export const housing: CheckRule = ({ part: from }, { part: to }) => {
  const [a, b] = [from.housing, to.housing]
  if (a && b) return [...new Set(Object.keys({ ...a, ...b }))].flatMap((key) => compareField(key, a, b))
  if ((!a && !b) || from.family !== to.family) return null
  const [unit, other] = a ? [from, to] : [to, from]
  return {
    check: 'housing',
    result: 'fail',
    detail: `${unit.base} comes with its housing, ${other.base} without one.`,
  }
}
