import { buildCatalogue } from '@/core/catalogue'
import type { Language } from '@/core/designation'
import { readShippedParts, readShippedTokens } from '@/services/catalogue/dataFolder'

/** The catalogue and tokens as they ship, for tests of the core. */
export const shipped: Language = {
  catalogue: buildCatalogue(readShippedParts()),
  tokens: readShippedTokens(),
}
