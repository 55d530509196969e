import { FAMILY_CLASSES, type Family } from '../catalogue'
import type { Closure } from '../designation'

export const CLOSURE_GROUPS = ['open', 'shielded', 'oneSeal', 'twoSeals'] as const
export type ClosureGroup = (typeof CLOSURE_GROUPS)[number]

/** How a bearing is closed, for comparing lives; null where its family is not made open and closed under one number. */
export function closureGroup({ family, closure }: { family: Family; closure: Closure }): ClosureGroup | null {
  if (!FAMILY_CLASSES['closable']?.includes(family)) return null
  if (closure.sides === 0 || closure.type === 'open') return 'open'
  if (closure.type === 'shield') return 'shielded'
  return closure.sides === 2 ? 'twoSeals' : 'oneSeal'
}
