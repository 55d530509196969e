import type { Knowledge } from '@/core/part'
import { buildCatalogue } from '@/core/catalogue'
import type { DesignationContext } from '@/core/designation'
import { readShippedParts, readShippedTokens } from '@/services/catalogue/dataFolder'

/** The catalogue and tokens as they ship, for tests of the core. */
export const shipped: DesignationContext = {
  catalogue: buildCatalogue(readShippedParts()),
  tokens: readShippedTokens(),
}

/** The shipped catalogue without own lists, as kits ask for it. */
export const shippedKnowledge: Knowledge = { context: shipped, shelf: null }
