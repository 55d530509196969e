import { numberKey, type Catalogue, type Part } from '../catalogue'
import { confusionCost } from '../designation'

/** Numbers shorter than this differ in too little to be told apart at all: 608 and 609 are no trap but neighbours. */
const SHORTEST = 4
/** Marks cheaper than this are taken for each other when worn; any other pair costs more. */
const EASILY_TAKEN = 4

/** Whether two numbers differ in one mark that is taken for the other, or in two that stand the other way round. */
function readAlike(a: string, b: string): boolean {
  if (a.length !== b.length || a.length < SHORTEST) return false
  const differing: number[] = []
  for (let i = 0; i < a.length && differing.length < 3; i++) if (a[i] !== b[i]) differing.push(i)
  const [first, second] = differing
  if (first === undefined || differing.length > 2) return false
  if (second === undefined) return confusionCost(a[first] ?? '', b[first] ?? '') < EASILY_TAKEN
  return second === first + 1 && a[first] === b[second] && a[second] === b[first]
}

interface Keyed {
  key: string
  part: Part
}

const keyOf = (part: Part): string => numberKey(part.set ? part.set.cone : part.base)

/** Numbers of a catalogue by piece and length, worked out once. */
const keyed = new WeakMap<Catalogue, Map<string, Keyed[]>>()

function keyedOf(catalogue: Catalogue): Map<string, Keyed[]> {
  const there = keyed.get(catalogue)
  if (there) return there
  const made = new Map<string, Keyed[]>()
  for (const part of catalogue.parts) {
    const key = keyOf(part)
    const drawer = `${part.piece} ${key.length}`
    const known = made.get(drawer)
    if (known) known.push({ key, part })
    else made.set(drawer, [{ key, part }])
  }
  keyed.set(catalogue, made)
  return made
}

/** Outsides further apart than this are not taken for each other in the hand, whatever the number says. */
const MAX_RATIO = 2

function sizeAlike(a: Part, b: Part): boolean {
  const [x, y] = [a.dimensions.outside ?? a.dimensions.bore, b.dimensions.outside ?? b.dimensions.bore]
  return x === undefined || y === undefined || Math.max(x, y) <= MAX_RATIO * Math.min(x, y)
}

/**
 * Listed parts of other sizes whose number is one worn or swapped mark away, the commonest first.
 * @returns parts of the same piece only: nobody takes a cup for a cone by its number
 */
export function lookAlikeNumbers(part: Part, catalogue: Catalogue): Part[] {
  if (part.piece === 'hardware') return []
  const own = keyOf(part)
  return (keyedOf(catalogue).get(`${part.piece} ${own.length}`) ?? [])
    .filter((other) => other.part !== part && sizeAlike(part, other.part) && readAlike(own, other.key))
    .map((other) => other.part)
    .sort((a, b) => b.commonness - a.commonness)
}
