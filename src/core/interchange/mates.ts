import { findPart, type Catalogue, type Part } from '../catalogue'

/** A cup that runs with a cone, or the reverse. */
export interface Mate {
  part: Part
  /** the assembled set */
  set: Part
}

/** All cups of a cone, or all cones of a cup; empty for any other part. */
export function matesOf(part: Part, catalogue: Catalogue): Mate[] {
  if (part.piece !== 'cone' && part.piece !== 'cup') return []
  return (catalogue.setsOf.get(part.base) ?? []).flatMap((set) => {
    const [name, piece] =
      part.piece === 'cone' ? ([set.set?.cup, 'cup'] as const) : ([set.set?.cone, 'cone'] as const)
    const mate = name ? findPart(catalogue, name, piece) : undefined
    return mate ? [{ part: mate, set }] : []
  })
}
