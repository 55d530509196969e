import { familyFacts } from '../../catalogue'
import { closureText, type ClosureType } from '../../designation'
import { isFilledForLife } from '../../grease'
import { differs, type CheckRule } from '../check'
import type { Variant } from '../variant'

/** How well a closure keeps dirt and water out (common practice). */
const KEEPS_OUT: Record<ClosureType, number> = { open: 0, shield: 1, lowFrictionSeal: 2, contactSeal: 3 }

const errorMessage = ({ part, closure: closed }: Variant): string => closureText(part.family, closed)

/** Whether the face that was closed keeps less out than before. */
const faceLoses = (from: Variant, to: Variant): boolean =>
  KEEPS_OUT[to.closure.type] < KEEPS_OUT[from.closure.type]

/** Whether one closed on both sides keeps a fill for life: what is greased through its rings or its stud does not. */
const ownFill = ({ part }: Variant): boolean =>
  isFilledForLife({ part, closure: { type: 'contactSeal', sides: 2 } })

function gain(from: Variant, to: Variant): string {
  if (from.closure.sides === 1 && to.closure.sides === 2 && from.closure.type === to.closure.type)
    return 'A one-sided closure lets wash water and dirt in from the hub side; the second one keeps them out and the grease in.'
  if (to.closure.sides === 1) return 'The closed side faces outward; the open side is backed with grease.'
  if (from.closure.sides === 0)
    return ownFill(to)
      ? 'Closed on both sides: keeps its own grease, and water and dirt out.'
      : 'Closed on both sides: keeps water and dirt out, and is greased as before.'
  return 'Keeps water and dirt out better.'
}

/** Two parts that are put together round the shaft have no closure of their own. */
const cannotClose = ({ part, closure: { sides } }: Variant): boolean =>
  sides === 0 && (familyFacts(part.family).traits?.includes('separable') ?? false)

/** Closure per side: more is better on slow, wet wheels (common practice); less loses protection. */
export const closure: CheckRule = (from, to, { wet }) => {
  if (from.ambiguous !== to.ambiguous || (from.ambiguous && from.designation !== to.designation))
    return {
      check: 'closure',
      result: 'warn',
      detail: `The letters of ${from.ambiguous ? from.designation : to.designation} mean contact seals in one convention and shields in another: look at the old part which it is.`,
    }
  if (cannotClose(from) && cannotClose(to)) return null
  const values = [errorMessage(from), errorMessage(to)] as const
  const { sides: was } = from.closure
  const { sides } = to.closure
  if (sides === was && from.closure.type === to.closure.type)
    return { check: 'closure', result: 'pass', detail: `Same closure: ${errorMessage(from)}.`, values }
  if (sides >= was && !faceLoses(from, to)) return differs('closure', 'pass', values, gain(from, to))
  if (sides >= was)
    return differs(
      'closure',
      'warn',
      values,
      `${sides > was ? 'The second side keeps more out, but each face' : 'Each face keeps out'} less than the old one: ${wet ? 'at the wet face water gets in' : 'right where it stays dry'}.`,
    )
  const why = wet
    ? 'On a wet wheel water gets in.'
    : ownFill(from)
      ? 'Right only where it is clean, or where the bearing is relubricated from the side.'
      : 'Right only where it is clean.'
  return differs('closure', 'warn', values, `Less protection against dirt and water. ${why}`)
}
