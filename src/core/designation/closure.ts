/** How a bearing is closed. */
export const CLOSURE_TYPES = ['open', 'shield', 'lowFrictionSeal', 'contactSeal'] as const
export type ClosureType = (typeof CLOSURE_TYPES)[number]
export interface Closure {
  sides: 0 | 1 | 2
  type: ClosureType
}
export const OPEN: Closure = { sides: 0, type: 'open' }
