import type { Part } from '../../catalogue'

/** Housings of a unit: pillow blocks, flanges of two, three and four bolts, take-ups, hangers, cartridges (ISO 3228, common practice). */
const HOUSING = 'PA|PH|PF|PFL|PP|P|LP|LF|FL|FB|FC|FA|F|T|HA|C'

/** A unit at the front of a number: the type of its insert and the size. */
export const HOUSED_UNIT = new RegExp(`^(UC|SA|SB|HC|UK)(?:${HOUSING})([23X]\\d\\d)(?!\\d)`)

/**
 * The number of the insert in a unit of insert and housing; null for any other part.
 * @example insertOfUnit({ family: 'insert', base: 'UCFL205-16' }) // 'UC205-16'
 */
export function insertOfUnit({ family, base }: Pick<Part, 'family' | 'base'>): string | null {
  const match = family === 'insert' ? HOUSED_UNIT.exec(base) : null
  return match ? base.replace(match[0], `${match[1]}${match[2]}`) : null
}
