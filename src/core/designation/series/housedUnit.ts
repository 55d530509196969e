import type { Housing, Part } from '../../catalogue'

/** Housings of a unit: pillow blocks, flanges of two, three and four bolts, take-ups, hangers, cartridges (ISO 3228, common practice). */
const HOUSING = 'PA|PH|PF|PFL|PP|P|LP|LF|FL|FB|FC|FA|F|T|HA|C'

/** A unit at the front of a number: the type of its insert, the housing and the size. */
export const HOUSED_UNIT = new RegExp(
  `^(?<type>UC|SA|SB|HC|UK)(?<housing>${HOUSING})(?<size>[23X]\\d\\d)(?!\\d)`,
)

/** What the number of a unit is made of. */
export interface UnitNumber {
  /** letters of the insert: UC, SA … */
  type: string
  /** letters of the housing: P, F … */
  housing: string
  /** size and what stands behind it: `205`, `205-16` */
  size: string
}

/**
 * The number of a unit of insert and housing, taken apart; null for any other part.
 * @example unitNumberOf({ family: 'insert', base: 'UCFL205-16' }) // { type: 'UC', housing: 'FL', size: '205-16' }
 */
export function unitNumberOf({ family, base }: Pick<Part, 'family' | 'base'>): UnitNumber | null {
  const match = family === 'insert' ? HOUSED_UNIT.exec(base) : null
  if (!match) return null
  const { type = '', housing = '', size = '' } = match.groups ?? {}
  return { type, housing, size: size + base.slice(match[0].length) }
}

/**
 * The number of the insert in a unit of insert and housing; null for any other part.
 * @example insertOfUnit({ family: 'insert', base: 'UCFL205-16' }) // 'UC205-16'
 */
export function insertOfUnit(part: Pick<Part, 'family' | 'base'>): string | null {
  const unit = unitNumberOf(part)
  return unit && unit.type + unit.size
}

/** A unit with its housing, as sure as its insert and its housing are. */
export const inHousing = (unit: Part, insert: Part, { base, hardware, provenance }: Housing): Part => ({
  ...unit,
  housing: hardware,
  provenance: {
    kind: provenance.kind,
    text: `${insert.base} in the housing ${base}: ${provenance.text}`,
    verified: insert.provenance.verified && provenance.verified,
  },
})
