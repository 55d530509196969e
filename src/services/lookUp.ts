import 'server-only'
import { z } from 'zod'
import { familyFacts, findPart, namesOf, numberKey, type Part } from '@/core/catalogue'
import { decode, readClean, readExact, suggestionsFor, type Reading } from '@/core/designation'
import { capsFor } from '@/core/kit'
import { findOnShelf } from '@/core/shelf'
import {
  compareVariants,
  equivalentsOf,
  LOADS,
  matesOf,
  trapsOf,
  TURNING,
  variantOf,
  plainVariant,
  type Variant,
} from '@/core/interchange'
import { checkSealWork, findSeals, lipSpeed, materialsFor, MEDIA, wearSleeves } from '@/core/seals'
import { readLength, writeInch } from '@/core/quantity'
import { ServiceError } from './errors'
import { notListed } from './notListed'
import { inchTwins } from './identify'
import { ready, type Ready } from './language'
import { StampText } from '@/contract/evidence'
import type { SealsResponse } from '@/contract/lookUp'
import { readFields } from '@/contract/length'
import { parse } from './parse'

const Designation = z.string().trim().min(1, 'Give a number, such as 6205-2RS.').pipe(StampText)

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
    familyText: familyFacts(r.family).words,
    base: r.base,
    listed: !r.part.computed,
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
  const text = parse(Designation, input)
  const { language } = await ready()
  return { text, readings: decode(text, language).map(readingOut) }
}

function partOut({ part, closure, designation }: Variant) {
  const { width, openWidth } = formWidth(part, closure.sides) as { width?: number; openWidth?: number }
  const dimensions = {
    ...part.dimensions,
    ...(part.dimensions.width !== undefined && width !== undefined && { width }),
    ...(openWidth !== undefined && { openWidth }),
  }
  return {
    designation,
    listed: part.computed !== true,
    base: part.base,
    family: part.family,
    familyText: familyFacts(part.family).words,
    piece: part.piece,
    series: part.series,
    dimensions,
    dimensionsIn: inchTwins(dimensions),
    source: part.provenance.text,
    sourceKind: part.provenance.kind,
    verified: part.provenance.verified,
    synonyms: namesOf(part)
      .slice(1)
      .map(({ text }) => text),
    ...(part.set && { set: part.set }),
    ...(part.hardware && { hardware: part.hardware }),
    ...(part.seal && { seal: part.seal }),
    ...(part.shank && { shank: part.shank }),
  }
}

/** The standard part a number names, else the part of the shop's own lists with exactly this number. */
function variant(text: string, { language, identifier }: Ready): Variant {
  const listed = findPart(language.catalogue, text)
  const own = listed ? undefined : identifier.shelf && findOnShelf(identifier.shelf, text)
  const found = own ? plainVariant(own) : variantOf(text, language)
  if (!found) throw notListed(text, language)
  return found
}

/** The part of a number under any of its names, options allowed, in the form named. @throws ServiceError `notFound` */
export async function partOf(input: unknown) {
  const text = parse(Designation, input)
  return partOut(variant(text, await ready()))
}

const yes = z
  .enum(['true', 'false'])
  .transform((text) => text === 'true')
  .optional()
const figure = (most: number) => z.coerce.number<string>().min(0).max(most).optional()

/** Where the part works: everything optional, as query text. */
const Place = z.object({
  speed: z.enum(['slow', 'fast']).optional(),
  rpm: figure(200_000),
  kmh: figure(500),
  tyreMm: figure(5000),
  wet: yes,
  temperatureC: z.coerce.number<string>().min(-100).max(400).optional(),
  load: z.enum(LOADS).optional(),
  turning: z.enum(TURNING).optional(),
})

/** Everything that may stand in for a part, and what must not. @throws ServiceError `notFound`, `unreadable` */
export async function interchangeOf(input: unknown, place: unknown = {}) {
  const text = parse(Designation, input)
  const application = parse(Place, place)
  const shop = await ready()
  const { language } = shop
  const from = variant(text, shop)
  return {
    base: from.part.base,
    designation: from.designation,
    equivalents: equivalentsOf(from, language, application).map(
      ({ designation, verdict, checks, convention }) => ({
        designation,
        verdict,
        convention,
        checks,
      }),
    ),
    traps: trapsOf(from.part, language.catalogue),
  }
}

const Pair = z.object({ from: Designation, to: Designation })

/** The same checks for one pair. @throws ServiceError `notFound` */
export async function comparePair(input: unknown, place: unknown = {}) {
  const { from, to } = parse(Pair, input)
  const application = parse(Place, place)
  const shop = await ready()
  const [a, b] = [variant(from, shop), variant(to, shop)]
  return { from: a.designation, to: b.designation, ...compareVariants(a, b, application) }
}

/** The cups of a cone, or the cones of a cup. @throws ServiceError `notFound` */
export async function taperedMates(input: unknown) {
  const text = parse(Designation, input)
  const { language } = await ready()
  const part =
    findPart(language.catalogue, text, 'cone') ??
    findPart(language.catalogue, text, 'cup') ??
    readClean(text, language)?.part
  if (!part || (part.piece !== 'cone' && part.piece !== 'cup'))
    throw new ServiceError(
      'notFound',
      `“${text}” is no cone or cup of the catalogue. Give one number, without its mate.`,
    )
  return {
    designation: part.base,
    piece: part.piece,
    series: part.series,
    mates: matesOf(part, language.catalogue).map(({ part: mate, set }) => ({
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

const SEAL_ROLES = { shaft: 'bore', housing: 'outside', width: 'width' } as const

const SealQuery = z
  .object({
    shaft: z.string().trim().min(1, 'Give the shaft size.').max(40),
    housing: z.string().trim().min(1, 'Give the housing size.').max(40),
    width: z
      .string()
      .trim()
      .max(40)
      .transform((text) => (text === '' ? undefined : text))
      .optional(),
    unit: z.enum(['mm', 'in', 'auto']).default('auto'),
    rpm: z.coerce
      .number('Turns a minute are a figure.')
      .positive('Turns a minute are more than zero.')
      .max(100_000)
      .optional(),
    temperatureC: z.coerce.number('The temperature is a figure.').min(-100).max(400).optional(),
    medium: z.enum(MEDIA, `A medium is one of: ${MEDIA.join(', ')}.`).optional(),
    lip: z.enum(['single', 'double']).optional(),
  })
  .transform((query, context) => {
    const inUnit = (text: string): string => {
      const read = readLength(text)
      return query.unit === 'auto' || !read.ok || read.value.stated ? text : `${text} ${query.unit}`
    }
    const { shaft, housing, width } = query
    const sizes = { shaft: inUnit(shaft), housing: inUnit(housing), width: width && inUnit(width) }
    return readFields({ ...query, ...sizes }, SEAL_ROLES, context)
  })

/** Seals for a journal and a counterbore. @throws ServiceError `impossible` when the shaft is not smaller than the housing */
export async function sealsFor(input: unknown): Promise<SealsResponse> {
  const query = parse(SealQuery, input)
  const { shaft, housing, width } = query
  if (shaft >= housing)
    throw new ServiceError('impossible', 'The shaft is not smaller than the housing. Check both sizes.')
  const { language } = await ready()
  const { catalogue } = language
  const { rpm, temperatureC, medium, lip } = query
  const work = { rpm, temperatureC, medium, lip }
  const { fits, near } = findSeals(catalogue, { shaft, housing, width })
  const out = ({ part, words }: (typeof fits)[number]) => ({
    designation: part.base,
    dimensions: { ...part.dimensions },
    in: { shaft: writeInch(part.dimensions.bore ?? 0), housing: writeInch(part.dimensions.outside ?? 0) },
    lip: part.seal?.lip,
    material: part.seal?.material,
    detail: words,
    checks: part.seal ? checkSealWork(part.seal, shaft, work) : [],
  })
  return {
    shaft,
    housing,
    width: width ?? null,
    lipSpeed: rpm === undefined ? null : lipSpeed(shaft, rpm),
    materials: materialsFor(shaft, work),
    seals: fits.map(out),
    near: near.slice(0, 8).map(out),
    sleeves: wearSleeves(catalogue, { shaft, housing, width }).map(({ seals, ...sleeve }) => ({
      ...sleeve,
      seals: seals.map(({ part }) => part.base),
    })),
    caps: capsFor(catalogue, housing).map(({ part }) => part.base),
  }
}

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
  familyText: familyFacts(part.family).words,
  changed,
})

/** Listed parts whose number begins like the text, the commonest first. */
function beginningWith(text: string, { catalogue }: Ready['language']): Part[] {
  const key = numberKey(text)
  return catalogue.parts
    .filter((part) => key !== '' && numberKey(part.base).startsWith(key))
    .sort((a, b) => b.commonness - a.commonness || a.base.length - b.base.length)
}

/**
 * Parts for the command palette: what the text names as it stands, then numbers that begin like it. Only where there is
 * neither, numbers that may have been meant, each with what was changed.
 */
export async function searchParts(input: unknown, limit = 8): Promise<FoundPart[]> {
  const text = parse(Designation, input)
  const { language, identifier } = await ready()
  const own = identifier.shelf && findOnShelf(identifier.shelf, text)
  const read = readExact(text, language)
  const listed = findPart(language.catalogue, text)
  const named = [
    ...(own ? [asFound(own)] : []),
    ...(listed ? [asFound(listed)] : []),
    ...(read.ok ? read.readings.map((r) => asFound(r.part, r.canonical)) : []),
    ...beginningWith(text, language).map((part) => asFound(part)),
  ]
  const seen = new Set<string>()
  const known = named.filter(({ designation }) => !seen.has(designation) && seen.add(designation))
  if (known.length > 0) return known.slice(0, limit)
  return suggestionsFor(text, language)
    .slice(0, limit)
    .flatMap(({ designation, changed }) => {
      const part = variantOf(designation, language)?.part
      return part ? [asFound(part, designation, changed)] : []
    })
}
