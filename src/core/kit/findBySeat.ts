import { familyFacts, type Catalogue, type Part } from '../catalogue'
import type { Arrangement, SlotRole } from './arrangement'

/** A seat as measured may be off the nominal size by this much: instrument and wear, mm (common practice). */
export const SEAT_OFF_MM = 0.25

/** How a wanted closure is written on a number (common practice). */
export const CLOSURE_SUFFIX: Record<Arrangement['closure'], string> = {
  open: '',
  shields: '-ZZ',
  seals: '-2RS',
}

/** Bearings a place may hold. */
function mayHold(role: SlotRole, part: Part): boolean {
  if (part.piece !== 'complete') return false
  const traits: readonly string[] = familyFacts(part.family).traits ?? []
  switch (role) {
    case 'ballBearing':
      return traits.includes('closable') && familyFacts(part.family).rows === 1
    case 'insert':
      return part.family === 'insert'
    case 'hubUnit':
      return part.family === 'hub-unit'
    case 'bearing':
      return !traits.includes('thrust') && !traits.includes('insert') && part.family !== 'hub-unit'
    default:
      return false
  }
}

/**
 * Whole bearings for a measured shaft and bore, the commonest first.
 * @param seat shaft and bore, mm
 */
export function findBySeat(
  { parts }: Catalogue,
  role: SlotRole,
  { shaft, housing }: { shaft: number; housing: number },
): Part[] {
  const fits = (size: number | undefined, seat: number) =>
    size !== undefined && Math.abs(size - seat) <= SEAT_OFF_MM
  return parts
    .filter((p) => mayHold(role, p) && fits(p.dimensions.bore, shaft) && fits(p.dimensions.outside, housing))
    .sort((a, b) => b.commonness - a.commonness)
}
