import { driveUpOf } from '../fit'
import type { DrawnUp } from './driven'
import { partAt, slotLinesOf, type SlotLine } from './facts'
import type { PlanFacts } from './plan'

/** An adapter sleeve under the bearing of a place; one that names none serves any. */
const isSleeveOf = ({ slot }: SlotLine, bearing: string | undefined): boolean =>
  slot.role === 'adapterSleeve' && (slot.at === undefined || slot.at === bearing)

/** Whether a bearing brings a tapered bore that goes onto an adapter sleeve: drawn up by its nut, never heated or pressed. */
export const isOnSleeve = (facts: PlanFacts, bearing: string): boolean =>
  typeof partAt(facts, bearing)?.taper === 'number' &&
  slotLinesOf(facts).some((slotLine) => isSleeveOf(slotLine, bearing))

/** The nut of a sleeve has a place of its own in the kit, or comes with the sleeve. */
export const hasOwnNut = (facts: PlanFacts, bearing: string): boolean =>
  slotLinesOf(facts).some(({ slot }) => slot.role === 'lockNut' && slot.at === bearing)

/** How far a bearing is drawn up on its sleeve. */
export function drawnUpOf(facts: PlanFacts, bearing: string): DrawnUp {
  const { part, taper } = partAt(facts, bearing) ?? {}
  if (part?.family === 'self-aligning') return { by: 'swivelling' }
  const found = part?.family === 'spherical' ? driveUpOf(part.dimensions.bore ?? 0, taper ?? undefined) : null
  return found ? { by: 'clearance', reduction: found.reduction, axial: found.axial } : { by: 'table' }
}
