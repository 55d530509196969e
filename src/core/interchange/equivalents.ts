import { familyFacts, hasClearance, type Family, type Part } from '../catalogue'
import type { Closure, DesignationContext, SuffixToken, WrittenOption } from '../designation'
import { designationOf, OPEN } from '../designation'
import type { Application } from './check'
import { compareVariants, VERDICTS, type Comparison } from './compareVariants'
import { isSameSize } from './sameSize'
import { otherLocks } from './units'
import { bareLetters, isAmbiguousToken, isVerified, variantOf, type Variant } from './variant'

export interface Equivalent extends Comparison {
  designation: string
  /** letters of the conventions that write it this way; `common` = most */
  convention: string
  closure: Closure
}

const sameClosure = (a: Closure, b: Closure): boolean => a.sides === b.sides && a.type === b.type

/**
 * Options with another closure where the old one stood; without an old one it comes behind the ceramic balls, whose letter
 * would else be read as part of it, and before everything else.
 */
function withClosureIn(
  options: readonly WrittenOption[],
  closure: readonly WrittenOption[],
): WrittenOption[] {
  const old = options.findIndex(({ kind }) => kind === 'closure')
  const balls = options.filter(({ kind }) => kind === 'material').length
  const at = old === -1 ? balls : old
  const others = options.filter(({ kind }) => kind !== 'closure')
  return [...others.slice(0, at), ...closure, ...others.slice(at)]
}

/** A number with another closure, clearance or material; every other option stays as it was. */
function respelled(
  variant: Variant,
  token: SuffixToken | null,
  change: { clearance?: string; materials?: readonly string[] } = {},
): Variant {
  const { materials = variant.materials, clearance = variant.clearance } = change
  const hybrid = materials.includes('hybrid')
  const options = variant.written.options.filter(
    ({ kind, value }) => kind !== 'clearance' && (kind !== 'material' || (hybrid && value === 'hybrid')),
  )
  const front =
    change.materials === undefined
      ? variant.written.front
      : `${materials.includes('stainless') ? 'S' : ''}${variant.part.base}`
  const closure = token
    ? [
        {
          written: (/^\d/.test(token.text) ? '-' : '') + token.text,
          meaning: token.meaning,
          kind: token.kind,
          value: token.value,
        },
      ]
    : []
  const grown =
    clearance === 'CN'
      ? []
      : [{ written: `/${clearance}`, meaning: '', kind: 'clearance' as const, value: clearance }]
  const written = { front, options: [...withClosureIn(options, closure), ...grown] }
  return {
    ...variant,
    ...change,
    closure: token?.closure ?? OPEN,
    written,
    ambiguous: false,
    designation: designationOf(written),
  }
}

/** Closures a kind is made with, where not with all of them: sides and type (common practice). */
const MADE: Partial<Record<Family, (part: Part) => readonly string[]>> = {
  // Only the wide series have room for seals.
  'self-aligning': ({ series }) => (/^2[23]/.test(series) ? ['2 contactSeal'] : []),
  'deep-groove-double-row': () => [],
  'angular-contact-double-row': () => ['2 shield', '2 contactSeal'],
  'ball-track-roller': () => ['2 shield', '2 contactSeal'],
}

const closureKey = ({ sides, type }: Closure): string => `${sides} ${type}`

/** Spellings of one closure that are worth showing: those a counter can buy, in the usual conventions first. */
const MAX_SPELLINGS = 6

/** One spelling for each closure that is not the present one; the usual spellings of the present one. */
function spellings({ part, closure }: Variant, tokens: readonly SuffixToken[]): (SuffixToken | null)[] {
  const { family } = part
  const made = MADE[family]?.(part)
  const closures = tokens.filter(
    (t) => t.closure && t.sure === 'usual' && t.families.includes(family) && !isAmbiguousToken(t, tokens),
  )
  const same = closures
    .filter((t) => t.closure && sameClosure(t.closure, closure))
    .sort((a, b) => Number(b.convention === 'common') - Number(a.convention === 'common'))
  const others = new Map<string, SuffixToken>()
  for (const token of closures) {
    if (!token.closure || sameClosure(token.closure, closure)) continue
    const key = closureKey(token.closure)
    if (made && !made.includes(key)) continue
    const known = others.get(key)
    if (!known || (known.convention !== 'common' && token.convention === 'common')) others.set(key, token)
  }
  return [
    ...(closure.sides === 0 ? [null] : same.slice(0, MAX_SPELLINGS)),
    ...others.values(),
    ...(closure.sides === 0 ? [] : [null]),
  ]
}

/** Families made of stainless steel and with ceramic balls under the same number (common practice). */
const OTHER_MATERIALS: ReadonlySet<Family> = new Set(['miniature', 'deep-groove', 'inch-ball'])

/** The same in other materials: from steel to stainless, and back from stainless and ceramic balls to what is usual. */
function otherMaterials(variant: Variant, token: SuffixToken | null): Variant[] {
  if (!OTHER_MATERIALS.has(variant.part.family)) return []
  const { materials } = variant
  const changes: (readonly string[])[] = [
    ...(materials.includes('stainless')
      ? [materials.filter((m) => m !== 'stainless')]
      : [[...materials, 'stainless']]),
    ...(materials.includes('hybrid') ? [materials.filter((m) => m !== 'hybrid')] : []),
    ...(materials.length === 2 ? [[]] : []),
  ]
  return changes.map((changed) => respelled(variant, token, { materials: changed }))
}

/** The next clearance from what is usual, and what is usual from any other, of kinds whose numbers tell one. */
function otherClearance(
  variant: Variant,
  token: SuffixToken | null,
  tokens: readonly SuffixToken[],
): Variant[] {
  const { part, clearance } = variant
  const to = clearance === 'CN' ? 'C3' : 'CN'
  const isTold = tokens.some(
    ({ kind, value, families }) => kind === 'clearance' && value === 'C3' && families.includes(part.family),
  )
  const isWritten = token !== null || variant.closure.sides === 0
  return isTold && isWritten && hasClearance(part) ? [respelled(variant, token, { clearance: to })] : []
}

/** The closure of a variant as its number tells it, else in the usual letters. */
function closureToken(
  { part, closure, written }: Pick<Variant, 'part' | 'closure' | 'written'>,
  tokens: readonly SuffixToken[],
): SuffixToken | null {
  const alike = tokens.filter(
    (t) => t.closure && t.families.includes(part.family) && sameClosure(t.closure, closure),
  )
  const own = written.options.find(({ kind }) => kind === 'closure')
  return (
    alike.find(({ text }) => own !== undefined && text === bareLetters(own.written).toUpperCase()) ??
    alike.find(({ sure }) => sure === 'usual') ??
    null
  )
}

const SEALED: Closure = { type: 'contactSeal', sides: 2 }

/** Track rollers of one size open and closed. */
const CLOSED_ROLLERS: ReadonlySet<string> = new Set(['KR', 'NATR'])

/** Of kinds that are seldom closed: the open bearing, and the sealed one where its width is listed; track rollers either way. */
function seldomClosed(variant: Variant, tokens: readonly SuffixToken[]): Variant[] {
  const { part, closure } = variant
  const isRoller = part.family === 'cam-follower' && CLOSED_ROLLERS.has(part.series)
  if (!isRoller && !familyFacts(part.family).traits?.includes('seldomClosed')) return []
  if (closure.sides > 0) return [respelled(variant, null)]
  const token = isRoller
    ? (tokens.find(({ text, families }) => text === 'PP' && families.includes(part.family)) ?? null)
    : closureToken({ ...variant, closure: SEALED }, tokens)
  return token && (isRoller || part.dimensions.closedWidth !== undefined) ? [respelled(variant, token)] : []
}

/** Designs of spherical plain bearings and rod ends: steel on steel, with holes for grease and with seals from here on, mm; on a dry lining. */
const GREASED_FROM_MM = 15
/** Series whose numbers carry the letters of a design: not rod ends of series K, and none of the inch ones but GEZ. */
const LETTERED_SERIES: ReadonlySet<string> = new Set(['GE', 'GEG', 'GEZ', 'E'])

/** The same sizes in the other designs of what slides, closed and open (common practice). */
function otherDesigns({ part }: Variant, context: DesignationContext): Variant[] {
  const { bore } = part.dimensions
  if (
    !familyFacts(part.family).traits?.includes('sliding') ||
    !LETTERED_SERIES.has(part.series) ||
    bore === undefined
  )
    return []
  return (bore < GREASED_FROM_MM ? ['E', 'C'] : ['ES', 'C', 'ES-2RS']).flatMap(
    (letters) => variantOf(`${part.base}${letters}`, context) ?? [],
  )
}

/** Series made with standard and with larger rollers under one number; today the larger ones are what is sold (common practice). */
const TWO_CAPACITIES = /^(?:(?:NU|NJ|NUP|N)2?[23]|2[12]3|222|29[34])$/

/** The same sizes with larger rollers, and back from them: of open bearings, whatever else their letters tell stays. */
function otherCapacity({ part, closure, written, traits }: Variant, context: DesignationContext): Variant[] {
  if (!TWO_CAPACITIES.test(part.series) || closure.sides > 0) return []
  const larger: WrittenOption = { written: 'E', meaning: '', kind: 'design', value: 'reinforced' }
  const options = traits.includes('reinforced')
    ? written.options.filter(({ value }) => value !== 'reinforced')
    : [larger, ...written.options]
  const other = variantOf(designationOf({ ...written, options }), context)
  return other && other.undecoded.length === 0 ? [other] : []
}

/** The same sizes with a dust lip, and of the elastomers that stand more heat (common practice). */
function otherSeals({ part }: Variant, context: DesignationContext): Variant[] {
  if (!part.seal) return []
  const { lip, material } = part.seal
  const ways = [
    { lip: 'double', material },
    { lip, material: 'FKM' },
    { lip: 'double', material: 'FKM' },
  ].filter((way) => way.lip !== lip || way.material !== material)
  return ways.flatMap((way) => {
    const text = `${way.lip === 'double' ? 'TC' : 'SC'} ${part.base}${way.material === 'NBR' ? '' : ` ${way.material}`}`
    return variantOf(text, context) ?? []
  })
}

/** Of two parts neither has the size, or both have it alike. */
const isAlike = (a: number | undefined, b: number | undefined): boolean =>
  a === undefined || b === undefined ? a === b : isSameSize(a, b)

/**
 * Parts of the same kind, bore and outside under another number: the same sizes with another cage or corner, an insert that is
 * locked otherwise, rollers whose flanges are on the other ring. Whether they go is still to be compared.
 */
function otherNumbers({ part }: Variant, context: DesignationContext): Variant[] {
  const { bore, outside } = part.dimensions
  if (part.housing || part.seal || part.hardware) return []
  return context.catalogue.parts
    .filter(
      (other) =>
        other.base !== part.base &&
        other.family === part.family &&
        other.piece === part.piece &&
        !other.housing &&
        isAlike(other.dimensions.bore, bore) &&
        isAlike(other.dimensions.outside, outside),
    )
    .sort((a, b) => b.commonness - a.commonness)
    .flatMap((other) => variantOf(other.base, context) ?? [])
}

/**
 * What may stand in: the other spellings of the same closure, the closures above and below, the next clearance, and parts of
 * the same sizes under another number.
 *
 * @returns best verdict first
 */
export function equivalentsOf(
  variant: Variant,
  context: DesignationContext,
  application: Application = {},
): Equivalent[] {
  const { tokens } = context
  const closable = familyFacts(variant.part.family).traits?.includes('closable') ?? false
  const compared = (to: Variant, convention = 'common'): Equivalent => ({
    designation: to.designation,
    convention,
    closure: to.closure,
    ...compareVariants(variant, to, application),
  })
  // What nobody has confirmed is never said to be the same.
  const numbered = (made: (to: Variant) => Variant): Equivalent[] =>
    otherNumbers(variant, context).flatMap((to) => {
      const form = made(to)
      const found = compared(form)
      const verified = isVerified(form)
      return found.verdict === 'conditional' || (verified && found.verdict !== 'not-interchangeable')
        ? [found]
        : []
    })
  if (!closable) {
    const withClearance = (to: Variant): Variant =>
      variant.clearance === 'CN' ? to : respelled(to, null, { clearance: variant.clearance })
    const own = [
      variant,
      ...otherSeals(variant, context),
      ...otherDesigns(variant, context),
      ...otherCapacity(variant, context),
      ...otherLocks(variant, context),
      ...seldomClosed(variant, tokens),
      ...otherClearance(variant, closureToken(variant, tokens), tokens),
    ].filter((to, i, all) => all.findIndex((other) => other.designation === to.designation) === i)
    return [...own.map((to) => compared(to)), ...numbered(withClearance)]
  }
  const shown = spellings(variant, tokens)
  const list: { variant: Variant; convention: string }[] = shown.map((token) => ({
    variant: respelled(variant, token),
    convention: token?.convention ?? 'common',
  }))
  const present = shown.find((token) => sameClosure(token?.closure ?? OPEN, variant.closure)) ?? null
  const others = [
    ...otherCapacity(variant, context),
    ...otherClearance(variant, present, tokens),
    ...otherMaterials(variant, present),
  ]
  list.push(...others.map((other) => ({ variant: other, convention: 'common' })))
  return [
    ...list.map(({ variant: to, convention }) => compared(to, convention)),
    ...numbered((to) => respelled(to, present, { clearance: variant.clearance })),
  ].sort((a, b) => VERDICTS.indexOf(a.verdict) - VERDICTS.indexOf(b.verdict))
}
