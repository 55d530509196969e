import { writeMm } from '../quantity'
import { knownPart, type PartValue } from '../part'
import type { Slot } from './arrangement'
import { hardwareOf, type FillContext } from './fill'
import { isWholeBearing, ROLES } from './roles'

/** A driver is this much smaller than the ring it drives, mm (common practice). */
const DRIVER_UNDER_MM = 0.5

/** Slipped in, swivelled in or drawn up by its nut: never driven. */
const isByHand = ({ role, byThumb }: Slot, value: PartValue | null): boolean =>
  byThumb || role === 'insert' || (isWholeBearing(role) && typeof knownPart(value)?.taper === 'number')

/**
 * Tools sized to the parts of a kit (common practice): drivers a little under the outside diameter, sockets by the nut,
 * pliers by the ring. Torque wrench wherever
 * something is tightened: its value is the manual's.
 */
export function toolsFor({ arrangement, filled }: FillContext): string[] {
  const tools = arrangement.slots.flatMap((slot): string[] => {
    const part = filled.get(slot.id)?.part
    const outside = part?.dimensions.outside
    if (isByHand(slot, filled.get(slot.id)?.value ?? null)) return []
    if ((isWholeBearing(slot.role) || slot.role === 'cup' || slot.role === 'seal') && outside !== undefined)
      return [
        `Driver ${writeMm(Math.floor((outside - DRIVER_UNDER_MM) * 10) / 10)} mm for ${part?.base}${slot.role === 'seal' ? ', flat' : ', on the outer ring only'}`,
      ]
    const nut = hardwareOf(part, 'castleNut')
    if (nut) return [`Socket ${writeMm(nut.acrossFlatsMm)} mm for the ${nut.thread} castle nut`]
    const lock = hardwareOf(part, 'lockNut')
    if (lock) return [`Hook spanner for ${part?.base}, outside ${writeMm(lock.outsideMm)} mm`]
    const ring = hardwareOf(part, 'snapRing')
    if (ring)
      return [
        `Snap ring pliers for a ${ring.kind === 'bore snap ring' ? 'bore' : 'shaft'} of ${writeMm(ring.nominalMm)} mm`,
      ]
    if (hardwareOf(part, 'cotterPin')) return ['Pliers and side cutter for the cotter pin']
    return []
  })
  const torqued = arrangement.slots.some(({ id, role }) => ROLES[role].fastener && filled.has(id))
  return [...new Set([...tools, ...(torqued ? ['Torque wrench, set to the value of the manual'] : [])])]
}
