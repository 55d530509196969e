import { once } from 'es-toolkit/function'
import { buildCatalogue, type Part } from '../catalogue'
import type { DesignationContext } from '../designation'
import type { Shelf } from '../shelf'
import { featureIndexes, type FeatureIndexes } from './featureIndex'
import {
  candidatesOf,
  logPriors,
  NO_EXPERIENCE,
  type Candidate,
  type Experience,
  type Priors,
} from './priors'
import { unitsOf } from './units'
import { shapeKey } from './weighObservations'

/** The catalogue made ready for identification. */
export interface Identifier {
  context: DesignationContext
  experience: Experience
  candidates: readonly Candidate[]
  priors: Priors
  sizes: FeatureIndexes
  groups: ReturnType<typeof groupsOf>
  /** place of every part among the candidates */
  indexOfPart: ReadonlyMap<Part, number>
  /** parts of the shop's own lists that no standard plan holds */
  shelf: Shelf | null
  /** the same for units of insert and housing, made ready when first asked for */
  units: () => Identifier
}

/** What a shop adds to the standard catalogue. */
export interface ShopKnowledge {
  /** parts from own and imported lists; none when left out */
  shelf?: Shelf | null
  /** what turns up here more often than elsewhere; nothing when left out */
  experience?: Experience
}

export function buildIdentifier(
  context: DesignationContext,
  { shelf = null, experience = NO_EXPERIENCE }: ShopKnowledge = {},
): Identifier {
  const candidates = candidatesOf(context.catalogue.parts, experience)
  return {
    shelf: shelf && shelf.count > 0 ? shelf : null,
    units: once(() => unitsIdentifier(context, { shelf, experience })),
    context,
    experience,
    candidates,
    priors: logPriors(candidates),
    sizes: featureIndexes(candidates),
    groups: groupsOf(candidates),
    indexOfPart: new Map(candidates.map(({ part }, i) => [part, i])),
  }
}

/** The same catalogue with what a shop adds now; its indexes are kept. What is left out stays as it was. */
export function withShop(
  identifier: Identifier,
  { shelf = identifier.shelf, experience = identifier.experience }: ShopKnowledge,
): Identifier {
  const candidates = candidatesOf(identifier.context.catalogue.parts, experience)
  return {
    ...identifier,
    units: once(() => withShop(identifier.units(), { shelf, experience })),
    shelf: shelf && shelf.count > 0 ? shelf : null,
    experience,
    candidates,
    priors: logPriors(candidates),
  }
}

/** A catalogue of units alone: the housing tells that it is one, so nothing else is looked for. */
function unitsIdentifier(context: DesignationContext, shop: ShopKnowledge): Identifier {
  return buildIdentifier({ ...context, catalogue: buildCatalogue(unitsOf(context.catalogue)) }, shop)
}

/** Candidates of one family, piece and shape: looks say the same of all of them. */
function groupsOf(candidates: readonly Candidate[]): { of: Int32Array; examples: readonly Part[] } {
  const indexOfPart = new Map<string, number>()
  const examples: Part[] = []
  const of = Int32Array.from(candidates, ({ part }) => {
    const key = shapeKey(part)
    const known = indexOfPart.get(key)
    if (known !== undefined) return known
    indexOfPart.set(key, examples.length)
    return examples.push(part) - 1
  })
  return { of, examples }
}
