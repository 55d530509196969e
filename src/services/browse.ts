import 'server-only'
import { FAMILIES, familyFacts, hardwareFacts, isFamily, type Family } from '@/core/catalogue'
import type { FamilyCount, ListedPart } from '@/contract/catalogue'
import { getCatalogue } from './catalogueRuntime'

/** Families that have parts, with how many, in the order of the part model. */
export async function familyCounts(): Promise<FamilyCount[]> {
  const { context } = await getCatalogue()
  const counts = new Map<Family, number>()
  for (const part of context.catalogue.parts) counts.set(part.family, (counts.get(part.family) ?? 0) + 1)
  return Object.keys(FAMILIES)
    .filter(isFamily)
    .flatMap((family) => {
      const parts = counts.get(family)
      return parts ? [{ family, label: familyFacts(family).label, parts }] : []
    })
}

/** The parts of one family; of the inch tapered ones the assembled sets. */
export async function partsOfFamily(family: Family): Promise<ListedPart[]> {
  const { context } = await getCatalogue()
  return context.catalogue.parts
    .filter((part) => part.family === family && part.piece !== 'cone' && part.piece !== 'cup')
    .map(({ base, series, dimensions: d, provenance, hardware }) => ({
      base,
      series,
      bore: d.bore ?? null,
      outside: d.outside ?? null,
      width: d.totalWidth ?? d.width ?? null,
      verified: provenance.verified,
      source: provenance.text,
      facts: hardware ? hardwareFacts(hardware) : [],
    }))
    .sort((a, b) =>
      a.facts.length === 0 ? 0 : a.series.localeCompare(b.series) || firstSize(a) - firstSize(b),
    )
}

const firstSize = ({ facts }: ListedPart): number => facts.find(({ mm }) => mm !== undefined)?.mm ?? 0
