import 'server-only'
import { z } from 'zod'
import { ringCornerOf, snapGrooveOf } from '@/core/fit'
import { familyFacts, findPart, isListed, namesOf, type Part } from '@/core/catalogue'
import { decode, readClean, type Reading } from '@/core/designation'
import { findOnShelf } from '@/core/shelf'
import {
  isSnapGroove,
  isVerified,
  compareVariants,
  equivalentsOf,
  LOADS,
  matesOf,
  trapsOf,
  ROTATING_RINGS,
  variantOf,
  plainVariant,
  type Variant,
} from '@/core/interchange'
import { DesignationText } from './designationText'
import { ServiceError } from './errors'
import { notListed } from './notListed'
import { inchTwins } from './identify'
import { getCatalogue, type CatalogueRuntime } from './catalogueRuntime'
import { parse } from './parse'

/** Widths of a part in the form that is named: shielded and sealed types may be wider than the open one. */
function formWidth({ dimensions: d }: Part, closedSides: number) {
  const open = d.width ?? d.totalWidth
  return closedSides > 0 && d.closedWidth !== undefined
    ? { width: d.closedWidth, ...(open !== undefined && { openWidth: open }) }
    : { width: open }
}

function readingOut(r: Reading) {
  const { width = null, ...more } = formWidth(r.part, r.closure.sides)
  return {
    canonical: r.canonical,
    family: r.family,
    familyText: familyFacts(r.family).label,
    base: r.base,
    listed: isListed(r.part),
    bore: r.dimensions.bore ?? null,
    outside: r.dimensions.outside ?? null,
    width,
    ...more,
    basePlace: r.basePlace,
    tokens: r.tokens.map(({ text, at, kind, meaning, value, known }) => ({
      text,
      at,
      kind,
      meaning,
      value,
      known,
    })),
    unknown: r.unknown,
    repaired: r.repaired,
    exact: r.exact,
    closure: r.closure,
    clearance: r.clearance,
    confidence: r.confidence,
  }
}

/** Every way to read a stamped number, best first. */
export async function decodeText(input: unknown) {
  const text = parse(DesignationText, input)
  const { context } = await getCatalogue()
  return { text, readings: decode(text, context).map(readingOut) }
}

function partOut(variant: Variant) {
  const { part, closure, designation } = variant
  const { width, openWidth } = formWidth(part, closure.sides) as { width?: number; openWidth?: number }
  const corner = ringCornerOf(part)
  const snapGroove = isSnapGroove(variant.groove) ? snapGrooveOf(part) : null
  const dimensions = {
    ...part.dimensions,
    ...(part.dimensions.width !== undefined && width !== undefined && { width }),
    ...(openWidth !== undefined && { openWidth }),
  }
  return {
    designation,
    listed: isListed(part),
    base: part.base,
    family: part.family,
    familyText: familyFacts(part.family).label,
    piece: part.piece,
    series: part.series,
    dimensions,
    dimensionsIn: inchTwins(dimensions),
    source: part.provenance.text,
    sourceKind: part.provenance.kind,
    verified: isVerified(variant),
    synonyms: namesOf(part)
      .slice(1)
      .map(({ text }) => text),
    ...(part.set && { set: part.set }),
    ...(part.hardware && { hardware: part.hardware }),
    ...(corner && { corner }),
    ...(snapGroove && { snapGroove }),
    ...(part.housing && { housing: part.housing }),
    ...(part.seal && { seal: part.seal }),
    ...(part.shank && { shank: part.shank }),
  }
}

/** The standard part a number names, else the part of the shop's own lists with exactly this number. */
function variant(text: string, { context, identifier }: CatalogueRuntime): Variant {
  const listed = findPart(context.catalogue, text)
  const own = listed ? undefined : identifier.shelf && findOnShelf(identifier.shelf, text)
  const found = own ? plainVariant(own) : variantOf(text, context)
  if (!found) throw notListed(text, context)
  return found
}

/** The part of a number under any of its names, options allowed, in the form named. @throws ServiceError `notFound` */
export async function partOf(input: unknown) {
  const text = parse(DesignationText, input)
  return partOut(variant(text, await getCatalogue()))
}

const yes = z
  .enum(['true', 'false'])
  .transform((text) => text === 'true')
  .optional()
const figure = (max: number) => z.coerce.number<string>().min(0).max(max).optional()

/** Where the part works: everything optional, as query text. */
const ApplicationQuery = z.object({
  speed: z.enum(['slow', 'fast']).optional(),
  rpm: figure(200_000),
  kmh: figure(500),
  tyreMm: figure(5000),
  wet: yes,
  temperatureC: z.coerce.number<string>().min(-100).max(400).optional(),
  load: z.enum(LOADS).optional(),
  rotatingRing: z.enum(ROTATING_RINGS).optional(),
})

/** Everything that may stand in for a part, and what must not. @throws ServiceError `notFound`, `unreadable` */
export async function interchangeOf(input: unknown, applicationInput: unknown = {}) {
  const text = parse(DesignationText, input)
  const application = parse(ApplicationQuery, applicationInput)
  const shop = await getCatalogue()
  const { context } = shop
  const from = variant(text, shop)
  return {
    base: from.part.base,
    designation: from.designation,
    equivalents: equivalentsOf(from, context, application).map(
      ({ designation, verdict, checks, convention }) => ({
        designation,
        verdict,
        convention,
        checks,
      }),
    ),
    traps: trapsOf(from.part, context.catalogue, from.closure.sides > 0),
  }
}

const Pair = z.object({ from: DesignationText, to: DesignationText })

/** The same checks for one pair. @throws ServiceError `notFound` */
export async function comparePair(input: unknown, applicationInput: unknown = {}) {
  const { from, to } = parse(Pair, input)
  const application = parse(ApplicationQuery, applicationInput)
  const shop = await getCatalogue()
  const [a, b] = [variant(from, shop), variant(to, shop)]
  return { from: a.designation, to: b.designation, ...compareVariants(a, b, application) }
}

/** The cups of a cone, or the cones of a cup. @throws ServiceError `notFound` */
export async function taperedMates(input: unknown) {
  const text = parse(DesignationText, input)
  const { context } = await getCatalogue()
  const part =
    findPart(context.catalogue, text, 'cone') ??
    findPart(context.catalogue, text, 'cup') ??
    readClean(text, context)?.part
  if (!part || (part.piece !== 'cone' && part.piece !== 'cup'))
    throw new ServiceError(
      'notFound',
      `“${text}” is no cone or cup of the catalogue. Give one number, without its mate.`,
    )
  return {
    designation: part.base,
    piece: part.piece,
    series: part.series,
    mates: matesOf(part, context.catalogue).map(({ part: mate, set }) => ({
      designation: mate.base,
      set: set.base,
      outside: mate.piece === 'cup' ? mate.dimensions.outside : undefined,
      bore: mate.piece === 'cone' ? mate.dimensions.bore : undefined,
      widths: { coneWidth: set.dimensions.coneWidth, cupWidth: set.dimensions.cupWidth },
      totalWidth: set.dimensions.totalWidth ?? null,
      in: inchTwins(set.dimensions),
    })),
  }
}
