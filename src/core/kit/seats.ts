import type { Slot } from './arrangement'
import type { KitSizes } from './sizes'

/** Measured shaft and bore that decide the part of a place, mm; unknown where the place has no seat. */
export function seatOf(
  { seat }: Slot,
  sizes: KitSizes,
): { shaft?: number | undefined; housing?: number | undefined } {
  if (seat === undefined) return {}
  return seat === 'first'
    ? { shaft: sizes.shaft, housing: sizes.housing }
    : { shaft: sizes.shaft2 ?? sizes.shaft, housing: sizes.housing2 ?? sizes.housing }
}

/** Journal, counterbore and room of a seal, mm; the far end is like the near one until it is measured. */
export function sealSizesOf({ sealSet }: Slot, sizes: KitSizes) {
  const near = { shaft: sizes.sealShaft, housing: sizes.sealHousing, width: sizes.sealWidth }
  return sealSet === 'first'
    ? near
    : {
        shaft: sizes.sealShaft2 ?? near.shaft,
        housing: sizes.sealHousing2 ?? near.housing,
        width: sizes.sealWidth2 ?? near.width,
      }
}
