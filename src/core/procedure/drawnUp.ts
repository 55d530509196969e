import { driveUpOf } from '../fit'
import { writeInchFixed } from '../quantity'
import { partAt, placesOf, type Placed } from './facts'
import type { PlanFacts } from './plan'

/** An adapter sleeve under the bearing of a place; one that names none serves any. */
const isSleeveOf = ({ slot }: Placed, bearing: string | undefined): boolean =>
  slot.role === 'adapterSleeve' && (slot.at === undefined || slot.at === bearing)

/** Whether a bearing brings a tapered bore that goes onto an adapter sleeve: drawn up by its nut, never heated or pressed. */
export const isOnSleeve = (facts: PlanFacts, bearing: string): boolean =>
  typeof partAt(facts, bearing)?.taper === 'number' &&
  placesOf(facts).some((place) => isSleeveOf(place, bearing))

/** The nut of a sleeve has a place of its own in the kit, or comes with the sleeve. */
export const hasOwnNut = (facts: PlanFacts, bearing: string): boolean =>
  placesOf(facts).some(({ slot }) => slot.role === 'lockNut' && slot.at === bearing)

const range = ({ min, max }: { min: number; max: number }, digits: number): string =>
  `${min.toFixed(digits)} to ${max.toFixed(digits)} mm (${writeInchFixed(min)} to ${writeInchFixed(max)} in)`

/** How far a bearing is drawn up on its sleeve, and how that is told. */
export function drawnUpWords(facts: PlanFacts, bearing: string): string {
  const part = partAt(facts, bearing)?.part
  const found = part?.family === 'spherical' ? driveUpOf(part.dimensions.bore ?? 0) : null
  if (part?.family === 'self-aligning')
    return 'drawn up until the outer ring still swivels freely and turns without catching; the maker gives the way.'
  return found
    ? `drawn up, measuring under an unloaded roller, until the radial clearance has dropped by ${range(found.reduction, 3)}, about ${range(found.axial, 2)} along the shaft; a guide, the maker's table rules.`
    : "drawn up, measuring, until the clearance has dropped as the maker's table says."
}
