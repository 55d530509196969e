import type { Arrangement, Slot } from './arrangement'
import { isWholeBearing } from './roles'

/** How a whole tapered bearing of an end is called where parts are given: `innerBearing`, `leftBearing`. */
export const bearingName = ({ id, side }: Pick<Slot, 'id' | 'side'>): string => `${side ?? id}Bearing`

/** A place of an arrangement that one bearing of a job may fill. */
export interface BearingSlot {
  /** name among the parts of a kit request */
  id: string
  label: string
  takes: 'set' | 'bearing'
  /** places of its rings, where they stand apart */
  rings: readonly string[]
}

/** Places of an arrangement that bearings of a job fill: one for a tapered pair's end, one for each whole bearing. */
export const bearingSlots = ({ slots }: Pick<Arrangement, 'slots'>): BearingSlot[] =>
  slots.flatMap((slot): BearingSlot[] => {
    if (slot.role === 'cone' && slot.mate !== undefined)
      return [
        {
          id: bearingName(slot),
          label: `${slot.side ?? slot.label} bearing`,
          takes: 'set',
          rings: [slot.id, slot.mate],
        },
      ]
    return isWholeBearing(slot.role) ? [{ id: slot.id, label: slot.label, takes: 'bearing', rings: [] }] : []
  })
