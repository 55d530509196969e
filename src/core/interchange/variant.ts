import { familyFacts, findPart, type Part } from '../catalogue'
import {
  OPEN,
  type Cage,
  readClean,
  type Closure,
  type DesignationContext,
  type Reading,
  type SuffixToken,
  type Written,
} from '../designation'

/** A part with its options: what is compared when one bearing is to stand in for another. */
export interface Variant {
  designation: string
  part: Part
  closure: Closure
  clearance: string
  /** stainless, hybrid, insulated, as token values; empty = ordinary steel */
  materials: readonly string[]
  groove: string | null
  taperBore: string | null
  /** contact angle its number tells, degrees; null = not told, or two by convention */
  contactAngle: number | null
  flange: boolean
  /** what its tokens tell of the cage, and in which words; null = the maker's standard */
  cage: { kind: Cage | null; guide: SuffixToken['guide']; label: string } | null
  /** letters of a bearing matched to others or made to be, such as DB or BECBP; empty = it stands alone */
  pairing: string
  /** tolerance class; null = Normal */
  precision: string | null
  /** heat stabilisation, such as S1; null = ordinary */
  heat: string | null
  /** what its letters tell, as values of their tokens */
  traits: readonly string[]
  /** prefix and number, and its options as they are written; none when it was not read from a number */
  written: Written
  /** its closure letters mean shields in one convention and seals in another */
  ambiguous: boolean
  /** what of the number is not decoded: it stays with the part */
  undecoded: readonly string[]
}

/** Letters of an option without what parts them from the number. */
export const bareLetters = (written: string): string => written.replace(/^[-/ ]+/, '')

/** A part without options. */
export const plainVariant = (part: Part): Variant => ({
  designation: part.base,
  part,
  closure: OPEN,
  clearance: 'CN',
  materials: [],
  groove: null,
  taperBore: null,
  contactAngle: null,
  flange: part.dimensions.flangeOutside !== undefined,
  cage: null,
  pairing: '',
  precision: null,
  heat: null,
  traits: [],
  written: { front: part.base, options: [] },
  ambiguous: false,
  undecoded: [],
})

/** Letters that mean one closure here and another there: `DD`, `PP`, `ZZ` of a short old number. */
export const isAmbiguousToken = (token: SuffixToken, tokens: readonly SuffixToken[]): boolean =>
  tokens.some(
    (other) =>
      other.closure &&
      token.closure &&
      other.key === token.key &&
      (other.closure.type !== token.closure.type || other.closure.sides !== token.closure.sides) &&
      other.families.some((family) => token.families.includes(family)),
  )

function isAmbiguous({ tokens: read, family }: Reading, tokens: readonly SuffixToken[]): boolean {
  const closure = read.find((t) => t.known && t.kind === 'closure')
  const token = tokens.find(
    (t) =>
      t.closure &&
      t.meaning === closure?.meaning &&
      t.text === closure.text.toUpperCase() &&
      t.families.includes(family),
  )
  return token !== undefined && isAmbiguousToken(token, tokens)
}

/** Whether the groove of a variant goes all round for a snap ring, there or not; all others are slots. */
export const isSnapGroove = (groove: Variant['groove']): boolean => groove === 'N' || groove === 'NR'

/** Values of tokens that tell another material than bearing steel. */
const MATERIALS: ReadonlySet<string> = new Set(['stainless', 'hybrid', 'insulated'])

/** Degrees of a token's value such as `40°`; null for a range such as `25–30°`. */
const angleOf = (value: string | null): number | null =>
  value !== null && /^\d+°$/.test(value) ? Number.parseInt(value, 10) : null

/** Of a token that is a cage; else of one that tells it beside a design or a contact angle. */
function cageOf(carried: readonly SuffixToken[]): Variant['cage'] {
  const token = carried.find(({ kind }) => kind === 'cage') ?? carried.find(({ cage }) => cage !== null)
  return token ? { kind: token.cage, guide: token.guide, label: token.meaning } : null
}

/** Whether what was read is this token; behind the meaning of an old number stands its style. */
const isToken = (read: Reading['tokens'][number], { kind, text, meaning }: SuffixToken): boolean =>
  read.kind === kind &&
  (read.meaning === meaning || (read.text === text && read.meaning.startsWith(`${meaning} (`)))

/** Letters of pairing as they stand in the number, alone or within those of the angle. */
const pairingOf = (read: Reading['tokens'], carried: readonly SuffixToken[]): string =>
  read
    .filter(({ meaning, kind }) =>
      carried.some((token) => token.meaning === meaning && (kind === 'match' || token.inPairs)),
    )
    .map(({ text }) => text)
    .join(' ')

/**
 * The part and options a designation names as it stands; null when some mark of it is not explained. Nothing is guessed:
 * somebody orders what is named here.
 */
export function variantOf(designation: string, context: DesignationContext): Variant | null {
  const named = findPart(context.catalogue, designation)
  if (named) return plainVariant(named)
  const reading = readClean(designation, context)
  if (!reading) return null
  const { part } = reading
  const carried = context.tokens.filter((token) => reading.tokens.some((t) => t.known && isToken(t, token)))
  const values = new Map(
    carried.flatMap(({ value, kind, also }) => [
      [value, kind] as const,
      ...(also ? [[also.value, also.kind] as const] : []),
    ]),
  )
  const tokenOf = (kind: string) => reading.tokens.find((t) => t.known && t.kind === kind)
  const pick = (kind: string) => [...values].find(([, k]) => k === kind)?.[0] ?? null
  return {
    designation: reading.canonical,
    part,
    closure: reading.closure,
    clearance: reading.clearance,
    materials: [...values.keys()].filter((value) => MATERIALS.has(value)),
    groove: pick('groove'),
    taperBore: pick('taperBore'),
    contactAngle: angleOf(pick('contactAngle')),
    flange: values.has('flange') || part.dimensions.flangeOutside !== undefined,
    cage: cageOf(carried),
    pairing: pairingOf(reading.tokens, carried),
    precision: pick('precision') ?? null,
    heat: tokenOf('heat')?.text ?? null,
    traits: [...values.keys()],
    written: reading.written,
    ambiguous: isAmbiguous(reading, context.tokens),
    undecoded: reading.unknown,
  }
}

/** Width in mm with the closures of the variant: shielded and sealed types may be wider. */
export function widthOf({ part, closure }: Variant): number | undefined {
  const { width, closedWidth, totalWidth } = part.dimensions
  return (closure.sides > 0 ? closedWidth : undefined) ?? width ?? totalWidth
}

/**
 * Whether the sizes of the form named are verified. Of a kind that is seldom closed the row is that of the open bearing: its
 * width with seals was recalled once.
 */
export function isVerified({ part, closure }: Variant): boolean {
  const seldomClosed = familyFacts(part.family).traits?.includes('seldomClosed') ?? false
  const byClosedWidth = closure.sides > 0 && part.dimensions.closedWidth !== undefined
  return part.provenance.verified && !(seldomClosed && byClosedWidth)
}
