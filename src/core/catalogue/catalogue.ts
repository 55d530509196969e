import { glyphs, isSameNumber, numberKey } from './glyphs'
import { hardwareCalled } from './hardwareWords'
import { namesOf } from './names'
import { partNumbers, type PartNumbers } from './partNumbers'
import type { Part } from './part'
import type { Piece } from './pieces'

/** All parts with the indexes that the trade's questions need. Built once, never changed. */
export interface Catalogue {
  parts: readonly Part[]
  /** parts under any of their names, by `numberKey` */
  byName: ReadonlyMap<string, readonly Part[]>
  numbers: PartNumbers
  /** sets that a cone or cup belongs to, by its base */
  setsOf: ReadonlyMap<string, readonly Part[]>
  families: number
}

function group<T>(items: readonly T[], keysOf: (item: T) => readonly string[]): Map<string, T[]> {
  const groups = new Map<string, T[]>()
  for (const item of items)
    for (const key of keysOf(item)) {
      const found = groups.get(key)
      if (found) found.push(item)
      else groups.set(key, [item])
    }
  return groups
}

export function buildCatalogue(parts: readonly Part[]): Catalogue {
  return {
    parts,
    byName: group(parts, (part) => [...new Set(namesOf(part).map(({ text }) => numberKey(text)))]),
    numbers: partNumbers(parts),
    setsOf: group(
      parts.filter((part) => part.set),
      (part) => (part.set ? [part.set.cone, part.set.cup] : []),
    ),
    families: new Set(parts.map((part) => part.family)).size,
  }
}

/** The one piece of hardware that words and size mean. */
function calledSo(catalogue: Catalogue, text: string): Part | undefined {
  const [only, ...more] = hardwareCalled(catalogue, text).filter(({ whole }) => whole)
  return more.length === 0 ? only?.part : undefined
}

/**
 * The part of exactly this number under any of its names; the base spelling wins over a synonym. No digit is joined to
 * another over a gap.
 * @param piece when it is known: `683` is a ball bearing and a cone, `1220` a self-aligning bearing and a cup
 */
export function findPart(catalogue: Catalogue, designation: string, piece?: Piece): Part | undefined {
  const marks = glyphs(designation)
  const key = marks.map(({ char }) => char).join('')
  const found = (catalogue.byName.get(key) ?? []).filter(
    (part) =>
      (piece === undefined || part.piece === piece) &&
      namesOf(part).some(({ text }) => isSameNumber(marks, text)),
  )
  const named = found.find((part) => numberKey(part.base) === key) ?? found[0]
  return named ?? (piece === undefined || piece === 'hardware' ? calledSo(catalogue, designation) : undefined)
}
