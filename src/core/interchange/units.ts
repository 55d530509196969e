import { withArticle } from '../capital'
import { boltsText, insertLock, ROUND_INSERTS, type Catalogue, type Part } from '../catalogue'
import { insertOfUnit, unitNumberOf, type DesignationContext } from '../designation'
import { writeBoth, writeInch } from '../quantity'
import { isSameSize } from './sameSize'
import { sizeTrap, type Trap } from './trap'
import { variantOf, type Variant } from './variant'

/** Round inserts that are locked on the shaft itself: one housing takes them all. */
const LOCKED = ROUND_INSERTS.filter((letters) => insertLock(letters) !== undefined)
/** Shafts of one unit that are taken for each other, mm. */
const NEAR_SHAFT_MM = 4

/** Units of the same housing and shaft whose insert is locked otherwise, as far as both are listed. */
export function otherLocks({ part }: Variant, context: DesignationContext): Variant[] {
  const unit = part.housing ? unitNumberOf(part) : null
  if (!unit) return []
  return LOCKED.filter((type) => type !== unit.type).flatMap((type) => {
    const other = variantOf(type + unit.housing + unit.size, context)
    return other?.part.housing ? [other] : []
  })
}

/** The insert of a unit without its housing. */
export function insertAlone(part: Part): Trap[] {
  const insert = insertOfUnit(part)
  return insert === null
    ? []
    : [
        sizeTrap(
          insert,
          'The insert of this unit without its housing: it stands in only where the old housing is sound and stays. A whole unit is ordered by the bolts and the height of its housing.',
        ),
      ]
}

/** What is taken for a unit and is not: its insert alone, the housing for another shaft, the insert in another housing. */
export function unitTraps(part: Part, catalogue: Catalogue): Trap[] {
  const unit = part.housing ? unitNumberOf(part) : null
  const { bore, outside } = part.dimensions
  if (!unit || bore === undefined) return []
  const size = unit.size.slice(0, 3)
  const shafts = catalogue.parts.filter(
    ({ base, family, dimensions: d }) =>
      family === 'insert' &&
      base.startsWith(unit.type + size) &&
      d.bore !== undefined &&
      !isSameSize(d.bore, bore) &&
      Math.abs(d.bore - bore) < NEAR_SHAFT_MM,
  )
  const housings = catalogue.parts.flatMap(({ base, hardware: h }) =>
    h?.what === 'housing' &&
    h.kind !== part.housing?.kind &&
    base.endsWith(size) &&
    isSameSize(h.seatMm, outside ?? 0)
      ? [{ letters: base.slice(0, -size.length), ...h }]
      : [],
  )
  return [
    ...insertAlone(part),
    ...shafts.map(({ base, dimensions: d }) =>
      sizeTrap(
        unit.type + unit.housing + base.slice(unit.type.length),
        `The same housing for a shaft of ${base.includes('-') ? `${writeInch(d.bore ?? 0)} in` : writeBoth(d.bore ?? 0)}, not ${writeBoth(bore)}.`,
      ),
    ),
    ...housings.map((h) =>
      sizeTrap(
        unit.type + h.letters + unit.size,
        `The same insert in ${withArticle(h.kind)}: ${boltsText(h)}.`,
      ),
    ),
  ]
}
