import type { Knowledge } from '@/core/part'
import { buildCatalogue } from '@/core/catalogue'
import type { Language } from '@/core/designation'
import { readShippedParts, readShippedTokens } from '@/services/catalogue/dataFolder'

/** The catalogue and tokens as they ship, for tests of the core. */
export const shipped: Language = {
  catalogue: buildCatalogue(readShippedParts()),
  tokens: readShippedTokens(),
}

/** The shipped catalogue without own lists, as kits ask for it. */
export const shippedKnowledge: Knowledge = { language: shipped, shelf: null }
