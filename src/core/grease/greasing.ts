import { familyFacts, type Part } from '../catalogue'
import { isSealed, type Closure } from '../designation'

/**
 * How grease comes to a part (common practice):
 * - `byHand`: packed before it goes in
 * - `filled`: closed for good over its own fill
 * - `filledAgain`: comes filled, and has a groove or a hole for a nipple
 * - `rustFilm`: comes with a film against rust alone, with seals or without
 * - `sliding`: steel on steel, through its holes until it shows; `onBall`: steel on steel without holes
 * - `lining`: runs dry, never greased
 * - `sparing`: a light oil or a soft grease, or its rollers slip
 */
export const GREASINGS = [
  'byHand',
  'filled',
  'filledAgain',
  'rustFilm',
  'sliding',
  'onBall',
  'lining',
  'sparing',
] as const
export type Greasing = (typeof GREASINGS)[number]

/** Those the rule for rolling bearings tells the amount of: packed by hand, or greased again at a nipple. */
export const GREASED_BY_RULE: ReadonlySet<Greasing> = new Set(['byHand', 'filledAgain'])

/** Track rollers without a stud or side plates: their rollers are packed before they go on the pin. */
const LOOSE_ROLLERS: ReadonlySet<string> = new Set(['STO', 'RSTO'])

export interface Greased {
  part: Pick<Part, 'family' | 'series'>
  closure: Closure
  /** what its letters tell, as values of their tokens */
  traits: readonly string[]
}

/** Closed for good: nothing is greased again, whatever its other letters say. */
export const isFilledForLife = (part: Omit<Greased, 'traits'>): boolean =>
  greasingOf({ ...part, traits: [] }) === 'filled'

/** How a part is greased, by its family and its letters. */
export function greasingOf({ part: { family, series }, closure, traits }: Greased): Greasing {
  const { traits: ofFamily } = familyFacts(family)
  if (ofFamily?.includes('sliding'))
    return traits.includes('dry') ? 'lining' : traits.includes('withoutHoles') ? 'onBall' : 'sliding'
  if (ofFamily?.includes('linear')) return 'rustFilm'
  if (family === 'cam-follower' && !LOOSE_ROLLERS.has(series)) return 'filledAgain'
  const sealed = isSealed({ part: { family }, closure })
  if (family === 'insert' && sealed && series.startsWith('U')) return 'filledAgain'
  if (sealed) return 'filled'
  return family === 'one-way-clutch' ? 'sparing' : 'byHand'
}
