import 'server-only'
import { familyFacts, findPart, numberKey, type Catalogue, type Part } from '@/core/catalogue'
import { readExact, suggestionsFor } from '@/core/designation'
import { findOnShelf } from '@/core/shelf'
import { variantOf } from '@/core/interchange'
import { DesignationText } from './designationText'
import { getCatalogue, type CatalogueRuntime } from './catalogueRuntime'
import { parse } from './parse'

/** A part the palette offers; `changed` = what was changed in the text to come to it, empty for what was typed. */
interface FoundPart {
  designation: string
  base: string
  familyText: string
  changed: string
}

const asFound = (part: Part, designation = part.base, changed = ''): FoundPart => ({
  designation,
  base: part.base,
  familyText: familyFacts(part.family).label,
  changed,
})

const keysByCatalogue = new WeakMap<Catalogue, string[]>()

/** Keys of the numbers of all parts, in their order; made once. */
function keysOf(catalogue: Catalogue): string[] {
  const made = keysByCatalogue.get(catalogue) ?? catalogue.parts.map(({ base }) => numberKey(base))
  keysByCatalogue.set(catalogue, made)
  return made
}

/** Listed parts whose number begins like the text, the commonest first. */
function beginningWith(text: string, { catalogue }: CatalogueRuntime['context']): Part[] {
  const key = numberKey(text)
  const keys = keysOf(catalogue)
  return catalogue.parts
    .filter((_, i) => key !== '' && keys[i]?.startsWith(key))
    .sort((a, b) => b.commonness - a.commonness || a.base.length - b.base.length)
}

/**
 * Parts for the command palette, each once: what the text names as it stands, then numbers that begin like it. Only where there is
 * neither, numbers that may have been meant, each with what was changed.
 */
export async function searchParts(input: unknown, limit = 8): Promise<FoundPart[]> {
  const text = parse(DesignationText, input)
  const { context, identifier } = await getCatalogue()
  const own = identifier.shelf && findOnShelf(identifier.shelf, text)
  const read = readExact(text, context)
  const listed = findPart(context.catalogue, text)
  const named = [
    ...(own ? [asFound(own)] : []),
    ...(listed ? [asFound(listed)] : []),
    ...(read.ok ? read.readings.map((r) => asFound(r.part, r.canonical)) : []),
    ...beginningWith(text, context).map((part) => asFound(part)),
  ]
  const seen = new Set<string>()
  const known = named.filter(({ base }) => !seen.has(base) && seen.add(base))
  if (known.length > 0) return known.slice(0, limit)
  return suggestionsFor(text, context)
    .slice(0, limit)
    .flatMap(({ designation, changed }) => {
      const part = variantOf(designation, context)?.part
      return part ? [asFound(part, designation, changed)] : []
    })
}
