import type { Catalogue } from './catalogue'
import { ROUND_INSERTS } from './insertLocks'
import { roundMicrometre, UNIT_HOUSINGS, type HousingDetails, type Part } from './part'

/** A round insert with the size of its shell. */
const ROUND_INSERT = new RegExp(`^(?:${ROUND_INSERTS.join('|')})(\\d{3}|X\\d\\d)`)

/** A housing that is listed. */
export type Housing = Part & { hardware: HousingDetails }

export const isHousing = (part: Part): part is Housing => part.hardware?.what === 'housing'

const OF_UNITS: ReadonlySet<string> = new Set(UNIT_HOUSINGS)

/** Whether a part is the housing of an insert, not a split one. */
export const isUnitHousing = (part: Part): part is Housing =>
  isHousing(part) && OF_UNITS.has(part.hardware.kind)

/** Whether an insert sits in a housing: its shell is that of the number, and it is no unit with a housing of its own. */
export function sitsIn(insert: Part, housing: Part): boolean {
  if (insert.family !== 'insert' || insert.housing || !isHousing(housing)) return false
  const size = ROUND_INSERT.exec(insert.base)?.[1]
  return (
    size !== undefined &&
    housing.base.endsWith(size) &&
    roundMicrometre(insert.dimensions.outside ?? 0) === roundMicrometre(housing.hardware.seatMm)
  )
}

/** The listed housings that hold an insert. */
export const housingsFor = (insert: Part, { parts }: Catalogue): Housing[] =>
  parts.filter(isHousing).filter((housing) => sitsIn(insert, housing))
