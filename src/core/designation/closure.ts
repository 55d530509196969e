import { isSealedKind, type Family } from '../catalogue'

/** How a bearing is closed. */
export const CLOSURE_TYPES = ['open', 'shield', 'lowFrictionSeal', 'contactSeal'] as const
export type ClosureType = (typeof CLOSURE_TYPES)[number]
export interface Closure {
  sides: 0 | 1 | 2
  type: ClosureType
}
export const OPEN: Closure = { sides: 0, type: 'open' }

const WORDS: Record<ClosureType, string> = {
  open: 'open',
  shield: 'metal shield',
  lowFrictionSeal: 'low-friction seal',
  contactSeal: 'contact seal',
}

/** Filled by its maker and closed for life: by its letters, or as all of its kind. */
export const isSealed = ({ part, closure }: { part: { family: Family }; closure: Closure }): boolean =>
  closure.sides === 2 || isSealedKind(part.family)

/** How a part of a family is closed, as it is said. */
export function closureText(family: Family, { sides, type }: Closure): string {
  if (isSealedKind(family)) return 'sealed, as all of its kind'
  return sides === 0 ? 'open' : `${WORDS[type]} on ${sides === 1 ? 'one side' : 'both sides'}`
}
