import { numberKey, type Catalogue, type Part } from '../catalogue'
import { confusionCost } from '../designation'

/** Numbers shorter than this differ in too little to be told apart at all: 608 and 609 are no trap but neighbours. */
const SHORTEST = 4
/** Marks cheaper than this are taken for each other when worn; any other pair costs more. */
const EASILY_TAKEN = 4

/** Whether two numbers differ in one mark that is taken for the other, or in two that stand the other way round. */
function readAlike(a: string, b: string): boolean {
  if (a.length !== b.length || a.length < SHORTEST) return false
  const off = [...a].flatMap((mark, i) => (mark === b[i] ? [] : [i]))
  const [first, second] = off
  if (first === undefined || off.length > 2) return false
  if (second === undefined) return confusionCost(a[first] ?? '', b[first] ?? '') < EASILY_TAKEN
  return second === first + 1 && a[first] === b[second] && a[second] === b[first]
}

/**
 * Listed parts of other sizes whose number is one worn or swapped mark away, the commonest first.
 * @returns parts of the same piece only: nobody takes a cup for a cone by its number
 */
export function lookAlikeNumbers(part: Part, { parts }: Catalogue): Part[] {
  const own = numberKey(part.set ? part.set.cone : part.base)
  return parts
    .filter((other) => {
      if (other === part || other.piece !== part.piece || part.piece === 'hardware') return false
      return readAlike(own, numberKey(other.set ? other.set.cone : other.base))
    })
    .sort((a, b) => b.commonness - a.commonness)
}
