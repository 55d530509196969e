import { isSealedKind, type Family } from '../catalogue'

/**
 * Speed factor n · dm that a grease-lubricated bearing of a family bears, mm/min (handbook values from memory: 6205 open about
 * 14 000 a minute on 38.5 mm, 7205B 11 000, 3205 8 500, 1205 12 000, NU205 12 000, 22206 6 500 on 46, 30205 8 000, UC205
 * 6 500 as sealed, 51105 6 000 on 33.5). Families that turn little or not at all have none.
 */
const FACTORS: Partial<Record<Family, number>> = {
  'deep-groove': 540_000,
  miniature: 540_000,
  'inch-ball': 540_000,
  'deep-groove-double-row': 380_000,
  'angular-contact': 420_000,
  'angular-contact-double-row': 320_000,
  'self-aligning': 450_000,
  'thrust-ball': 200_000,
  'thrust-ball-double': 200_000,
  insert: 250_000,
  'hub-unit': 250_000,
  cylindrical: 450_000,
  spherical: 300_000,
  needle: 250_000,
  'tapered-metric': 300_000,
  'tapered-inch': 300_000,
  'cam-follower': 100_000,
  'thrust-roller': 90_000,
  'thrust-spherical': 150_000,
}
/** Speed limit of contact seals as a share of the open type (handbook value from memory). */
export const CONTACT_SEAL_SHARE = 0.6

/**
 * Turns a minute that a bearing bears with grease; a guide.
 * @param meanMm (d + D) / 2, mm
 * @param contactSeal its seals touch the inner ring
 * @returns null for kinds that have no such limit here
 * @example speedLimitOf('thrust-ball', 33.5, false) // about 6 000
 */
export function speedLimitOf(family: Family, meanMm: number, contactSeal: boolean): number | null {
  const factor = FACTORS[family]
  if (factor === undefined) return null
  // The factor of a kind that is sealed as it is counts the seal already.
  return (factor * (contactSeal && !isSealedKind(family) ? CONTACT_SEAL_SHARE : 1)) / meanMm
}
