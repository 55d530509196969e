import { ROUND_INSERTS, type Catalogue, type Part } from '../catalogue'
import { isSameSize } from '../interchange'

/** A round insert with the size of its shell. */
const ROUND_INSERT = new RegExp(`^(?:${ROUND_INSERTS.join('|')})(\\d{3})`)

/** Whether an insert sits in a housing: its shell is that of the number, and it is no unit with a housing of its own. */
export function sitsIn(insert: Part, { base, hardware }: Part): boolean {
  if (insert.family !== 'insert' || insert.housing || hardware?.what !== 'housing') return false
  const size = ROUND_INSERT.exec(insert.base)?.[1]
  return (
    size !== undefined && base.endsWith(size) && isSameSize(insert.dimensions.outside ?? 0, hardware.seatMm)
  )
}

/** The listed housings that hold an insert. */
export const housingsFor = (insert: Part, { parts }: Catalogue): Part[] =>
  parts.filter((part) => sitsIn(insert, part))
