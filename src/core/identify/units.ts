import { housingsFor, insertLock, type Catalogue, type Housing, type Part } from '../catalogue'
import { inHousing } from '../designation'

/** Letters of an insert, and its size with what stands behind it: `UC` and `206-18`. */
const INSERT = /^([A-Z]+?)(X?\d.*)$/
/** Letters of a housing. */
const HOUSING = /^[A-WYZ]+/

/**
 * Every unit of a listed insert and a listed housing. The ring is stamped with the number of the insert and the casting with
 * that of the housing, hardly ever with that of the whole: a unit goes by all three.
 */
export const unitsOf = (catalogue: Catalogue): Part[] =>
  catalogue.parts
    // An insert on a sleeve has another shaft than its bore.
    .filter(({ family, base }) => family === 'insert' && insertLock(base) !== undefined)
    .flatMap((insert) => housingsFor(insert, catalogue).map((housing) => unitOf(insert, housing)))

function unitOf(insert: Part, housing: Housing): Part {
  const [, type = '', size = ''] = INSERT.exec(insert.base) ?? []
  const letters = HOUSING.exec(housing.base)?.[0] ?? ''
  const unit: Part = {
    ...insert,
    base: type + letters + size,
    series: type + letters,
    synonyms: [insert.base, housing.base],
  }
  return inHousing(unit, insert, housing)
}
