import { familyFacts, type Catalogue, type Family, type Part } from '../catalogue'
import type { Arrangement } from './arrangement'
import { ROLES, type SlotRole } from './roles'
import { isWithin, SEAT_OFF_MM } from './tolerances'

/** How a wanted closure is written on a number (common practice). */
export const CLOSURE_SUFFIX: Record<Arrangement['closure'], string> = {
  open: '',
  shields: '-ZZ',
  seals: '-2RS',
}

/** Families that are never meant by “a bearing for this seat”. */
const NO_BEARING_OF_A_SEAT: ReadonlySet<Family> = new Set([
  'hub-unit',
  'cam-follower',
  'ball-track-roller',
  'one-way-clutch',
  'spherical-plain',
  'rod-end',
])

/** Whether a bearing sits on a shaft and in a bore and carries across: what “a bearing” means where nothing else is said. */
export function isSeated({ family }: Part): boolean {
  const traits: readonly string[] = familyFacts(family).traits ?? []
  const isOther = ['thrust', 'insert', 'linear'].some((trait) => traits.includes(trait))
  return !isOther && !NO_BEARING_OF_A_SEAT.has(family)
}

/** Whether a part may be what holds a place of a role. */
export function mayHold(role: SlotRole, part: Part): boolean {
  // A flange is asked for: nobody gets one by a measured seat alone.
  if (part.piece !== 'complete' || part.dimensions.flangeOutside !== undefined) return false
  const traits: readonly string[] = familyFacts(part.family).traits ?? []
  switch (role) {
    case 'ballBearing':
      return traits.includes('closable') && familyFacts(part.family).rows === 1
    case 'insert':
      return part.family === 'insert'
    case 'hubUnit':
      return part.family === 'hub-unit'
    case 'bearing':
      return isSeated(part)
    default:
      return ROLES[role].wholeBearing === true && (ROLES[role].takes?.(part) ?? false)
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
    size !== undefined && isWithin(size, seat, SEAT_OFF_MM)
  return parts
    .filter((p) => mayHold(role, p) && fits(p.dimensions.bore, shaft) && fits(p.dimensions.outside, housing))
    .sort((a, b) => b.commonness - a.commonness)
}
