import { knownPart } from '../part'
import type { Arrangement } from './arrangement'
import type { Kit } from './kit'
import { isWholeBearing } from './roles'

/** Bearings of one position of a kit, whole, by the number they are asked for: a cone with its cup is one. */
export function bearingsOfKit(
  { slots }: Pick<Arrangement, 'slots'>,
  kit: Kit,
): { slot: string; designation: string }[] {
  const at = (id: string | undefined) => knownPart(kit.lines.find((line) => line.slot === id)?.value)
  return slots.flatMap((slot) => {
    const own = at(slot.id)
    if (!own) return []
    if (isWholeBearing(slot.role)) return [{ slot: slot.id, designation: own.designation }]
    const cup = slot.role === 'cone' ? at(slot.mate) : null
    if (!cup) return []
    const whole = own.designation === cup.designation
    return [{ slot: slot.id, designation: whole ? own.designation : `${own.designation}/${cup.designation}` }]
  })
}
