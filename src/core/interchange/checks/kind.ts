import { capital, withArticle } from '../../capital'
import { familyFacts, kindText, type Family } from '../../catalogue'
import type { CheckRule } from '../check'

/** Metric, miniature and inch: one kind in different plans of sizes. */
const SINGLE_ROW: ReadonlySet<Family> = new Set(['deep-groove', 'miniature', 'inch-ball'])

/** A part of the shop's own lists is known by its sizes alone. */
export const ownKind: CheckRule = (from, to) => {
  const own = [from, to].filter(({ part }) => part.family === 'own').map(({ designation }) => designation)
  return own.length === 0 || from.designation === to.designation
    ? null
    : {
        check: 'kind',
        result: 'warn',
        detail: `Of ${own.join(' and ')} nothing but sizes is known: look whether both roll and close alike.`,
      }
}

/** Same size is not same kind: load, angle and adjustment go with the kind. */
export const kind: CheckRule = (from, to) => {
  if (from.part.piece !== to.part.piece)
    return {
      check: 'kind',
      result: 'fail',
      detail: `${from.part.base} is ${withArticle(kindText(from.part))}, ${to.part.base} ${withArticle(kindText(to.part))}.`,
    }
  if (from.part.family === to.part.family) return null
  const [a, b] = [familyFacts(from.part.family), familyFacts(to.part.family)]
  if (SINGLE_ROW.has(from.part.family) && SINGLE_ROW.has(to.part.family)) return null
  return {
    check: 'kind',
    result: 'fail',
    detail: `${capital(withArticle(a.label))} is replaced by one of its kind, not by ${withArticle(b.label)}.`,
  }
}
