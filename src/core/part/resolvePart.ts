import { findPart, isListed, roundMicrometre, type Family, type Part, type Piece } from '../catalogue'
import { partKeyOf, OPEN, sizesIn, type DesignationContext } from '../designation'
import { plainVariant, variantOf, widthOf, type Variant } from '../interchange'
import { writeMm } from '../quantity'
import { findOnShelf, type Shelf } from '../shelf'
import { PAIRINGS, type KnownPart, type PartValue } from './partValue'

/** What the shop knows: the catalogue with the tokens of its numbers, and the parts of its own lists. */
export interface Knowledge {
  context: DesignationContext
  shelf: Shelf | null
}

/** What a place wants, where a text may mean several things. */
export interface Wanted {
  /** a number that two pieces carry means this one */
  piece?: Piece | undefined
  /** the family a part known by its sizes alone is taken for; sizes alone are not enough when left out */
  bySizes?: Family | undefined
}

/** Text of what is made in the shop, as `writePart` writes it. */
const MADE = /^([\d.]+) bore(?: × ([\d.]+) outside)? × ([\d.]+) long$/
const SLEEVE = /^thin wear sleeve for ([\d.]+) mm$/
const BALL = /^ball ([\d.]+) mm(?: \([\d./ ]+ in\))?$/

const TAPER = /^1:(\d+)$/

function options(
  variant: Variant,
): Pick<KnownPart, 'closure' | 'clearance' | 'precision' | 'taper' | 'groove' | 'pairing'> {
  const pairing = PAIRINGS.find((letters) => variant.pairing.startsWith(letters))
  const taper = TAPER.exec(variant.taperBore ?? '')?.[1]
  return {
    closure: variant.closure,
    clearance: variant.clearance,
    precision: variant.precision,
    taper: taper === undefined ? null : Number(taper),
    groove: variant.groove === 'NR' ? 'grooveAndRing' : variant.groove === 'N' ? 'groove' : null,
    ...(pairing && { pairing }),
  }
}

/** The part with the sizes of its form: a closed bearing is as wide as it is closed. */
function inItsForm(variant: Variant): Part {
  const { part } = variant
  const width = widthOf(variant)
  return part.dimensions.width === undefined || width === undefined || width === part.dimensions.width
    ? part
    : { ...part, dimensions: { ...part.dimensions, width } }
}

function known(variant: Variant, context: DesignationContext): PartValue {
  const { designation, part } = variant
  return {
    kind: isListed(part) ? 'listed' : part.piece === 'seal' ? 'bySizes' : 'byRule',
    designation,
    key: partKeyOf(designation, context),
    part: inItsForm(variant),
    ...options(variant),
  }
}

/** A catalogue part without options, resolved. */
export const listedPart = (part: Part, context: DesignationContext): KnownPart => ({
  kind: 'listed',
  designation: part.base,
  key: partKeyOf(part.base, context),
  part,
  ...options(plainVariant(part)),
})

function ownPart(part: Part, context: DesignationContext): PartValue {
  return {
    kind: 'own',
    list: part.provenance.text,
    designation: part.base,
    key: partKeyOf(part.base, context),
    part,
    ...options(plainVariant(part)),
  }
}

const SIZED = { kind: 'own', text: 'by its sizes as they were given', verified: false } as const

/** A part of which nothing but bore, outside and width is known, mm; null when they cannot belong to one part. */
export function partBySizes(sizes: readonly [number, number, number], family: Family): KnownPart | null {
  const [bore, outside, width] = sizes.map(roundMicrometre) as [number, number, number]
  if (!(bore > 0) || !(bore < outside) || !(width > 0)) return null
  const designation = `${writeMm(bore)} × ${writeMm(outside)} × ${writeMm(width)} mm`
  const part: Part = {
    base: designation,
    family,
    piece: family === 'seal' ? 'seal' : 'complete',
    series: '',
    dimensions: { bore, outside, ...(family.startsWith('tapered') ? { totalWidth: width } : { width }) },
    commonness: 0,
    provenance: SIZED,
  }
  return {
    kind: 'bySizes',
    designation,
    key: `sizes:${family}:${designation}`,
    part,
    closure: OPEN,
    clearance: 'CN',
    precision: null,
    taper: null,
    groove: null,
  }
}

/** Made to length, a sleeve, or balls, as `writePart` writes them. */
function readMade(text: string): PartValue | null {
  const made = MADE.exec(text)
  if (made)
    return {
      kind: 'made',
      boreMm: Number(made[1]),
      lengthMm: Number(made[3]),
      ...(made[2] !== undefined && { outsideMm: Number(made[2]) }),
    }
  const sleeve = SLEEVE.exec(text)
  if (sleeve) return { kind: 'sleeve', journalMm: Number(sleeve[1]) }
  const ball = BALL.exec(text)
  return ball ? { kind: 'balls', diameterMm: Number(ball[1]) } : null
}

/**
 * What a text names, read once: a number with all its options, an own part, sizes. Nothing is guessed.
 * @returns null when some mark of it is not explained
 */
export function resolvePart(text: string, knowledge: Knowledge, wanted: Wanted = {}): PartValue | null {
  const key = `${wanted.piece ?? ''}|${wanted.bySizes ?? ''}|${text}`
  const cache = cacheFor(knowledge)
  const known = cache.get(key)
  if (known !== undefined) return known
  const value = read(text, knowledge, wanted)
  if (cache.size >= MAX_CACHED) cache.clear()
  cache.set(key, value)
  return value
}

/** Texts read lately: a kit asks for the same few again and again. */
const MAX_CACHED = 2000
const lately = new WeakMap<
  DesignationContext,
  { shelf: Shelf | null; values: Map<string, PartValue | null> }
>()

/** What was read with this knowledge; read anew when the shop's lists have changed. */
function cacheFor({ context, shelf }: Knowledge): Map<string, PartValue | null> {
  const there = lately.get(context)
  if (there?.shelf === shelf) return there.values
  const values = new Map<string, PartValue | null>()
  lately.set(context, { shelf, values })
  return values
}

function read(text: string, { context, shelf }: Knowledge, wanted: Wanted): PartValue | null {
  const trimmed = text.trim()
  const made = readMade(trimmed)
  if (made) return made
  const named = wanted.piece && findPart(context.catalogue, trimmed, wanted.piece)
  if (named) return known(plainVariant(named), context)
  const own = shelf && findOnShelf(shelf, trimmed)
  const variant = variantOf(trimmed, context)
  if (own && (!variant || variant.part.computed)) return ownPart(own, context)
  if (variant) return known(variant, context)
  const sizes = wanted.bySizes && sizesIn(trimmed)
  return sizes && wanted.bySizes && sizes.to === trimmed.length ? partBySizes(sizes.mm, wanted.bySizes) : null
}
