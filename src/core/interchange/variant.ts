import { findPart, type Part } from '../catalogue'
import { decode, OPEN, type Closure, type Language, type Reading } from '../designation'

/** A part with its options: what is compared when one bearing is to stand in for another. */
export interface Variant {
  designation: string
  part: Part
  closure: Closure
  clearance: string
  /** stainless, hybrid, … as token values; empty = ordinary steel */
  materials: readonly string[]
  groove: string | null
  taperBore: string | null
  flange: boolean
  /** what its tokens tell of the cage; null = the maker's standard */
  cage: string | null
  /** tolerance class; null = Normal */
  precision: string | null
  /** heat stabilisation, such as S1; null = ordinary */
  heat: string | null
}

/** How sure a stamp must be read before it is compared: a guess is no basis for an exchange. */
const SURE = 0.5

/** A metric size with an inch bore, such as 6203-5/8: not listed itself, but known by its metric twin. */
function inchBored({ base, dimensions: { bore, outside } }: Reading, { catalogue }: Language): Part | null {
  const metric = findPart(catalogue, base.replace(/-.*$/, ''))
  if (!metric || metric.base === base || bore === undefined || outside !== metric.dimensions.outside)
    return null
  return { ...metric, base, dimensions: { ...metric.dimensions, bore } }
}

/** A part without options. */
export const plainVariant = (part: Part): Variant => ({
  designation: part.base,
  part,
  closure: OPEN,
  clearance: 'CN',
  materials: [],
  groove: null,
  taperBore: null,
  flange: false,
  cage: null,
  precision: null,
  heat: null,
})

/** The part and options a designation names; null when it names none, or is too damaged to be sure. */
export function variantOf(designation: string, language: Language): Variant | null {
  const readings = decode(designation, language)
  const [reading] = readings
  const part = reading?.part ?? (reading && inchBored(reading, language))
  const sure = readings.reduce((sum, r) => (r.part === reading?.part ? sum + r.confidence : sum), 0)
  if (!reading || !part || sure < SURE) {
    const named = findPart(language.catalogue, designation)
    return named ? plainVariant(named) : null
  }
  const values = new Map(
    language.tokens
      .filter((token) =>
        reading.tokens.some((t) => t.known && t.meaning === token.meaning && t.kind === token.kind),
      )
      .map((token) => [token.value, token.kind]),
  )
  const told = (kind: string) => reading.tokens.find((t) => t.known && t.kind === kind)
  const pick = (kind: string) => [...values].find(([, k]) => k === kind)?.[0] ?? null
  return {
    designation: reading.canonical,
    part,
    closure: reading.closure,
    clearance: reading.clearance,
    materials: [...values.keys()].filter((value) => value === 'stainless' || value === 'hybrid'),
    groove: pick('groove'),
    taperBore: pick('taperBore'),
    flange: values.has('flange'),
    cage: told('cage')?.meaning ?? null,
    precision: pick('precision') ?? null,
    heat: told('heat')?.text ?? null,
  }
}

/** Width in mm with the closures of the variant: shielded and sealed types may be wider. */
export function widthOf({ part, closure }: Variant): number | undefined {
  const { width, closedWidth, totalWidth } = part.dimensions
  return (closure.sides > 0 ? closedWidth : undefined) ?? width ?? totalWidth
}
