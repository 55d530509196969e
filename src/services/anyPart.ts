import 'server-only'
import { knownPart, partBySizes, resolvePart } from '@/core/part'
import { plainVariant, variantOf, type Variant } from '@/core/interchange'
import { sizesIn } from '@/core/designation'
import type { CatalogueRuntime } from './catalogueRuntime'

/** A part by any text that names one: a number with its options, an own part, or its sizes; null when nothing is named. */
export function anyPart(text: string, { context, identifier }: CatalogueRuntime): Variant | null {
  const variant = variantOf(text, context)
  if (variant && !variant.part.computed) return variant
  const own = knownPart(resolvePart(text, { context, shelf: identifier.shelf }))
  if (own?.kind === 'own') return plainVariant(own.part)
  if (variant) return variant
  const sizes = sizesIn(text)
  const sized = sizes && partBySizes(sizes.mm, 'deep-groove')
  return sized ? plainVariant(sized.part) : null
}
