import { z } from 'zod'
import { FAMILY_CLASSES, isFamily, numberKey, type Family } from '../catalogue'
import type { Closure } from './closure'

export const TOKEN_KINDS = [
  'prefix',
  'type',
  'series',
  'bore',
  'closure',
  'clearance',
  'cage',
  'precision',
  'material',
  'groove',
  'taperBore',
  'contactAngle',
  'grease',
  'heat',
  'lip',
  'match',
  'design',
  'other',
] as const
export type TokenKind = (typeof TOKEN_KINDS)[number]

/** What a cage is made of and how; machined alone is of brass. */
const CAGES = [
  'pressedSteel',
  'pressedBrass',
  'machined',
  'machinedSteel',
  'machinedBronze',
  'machinedAlloy',
  'polyamide',
  'resin',
  'heatPlastic',
] as const
export type Cage = (typeof CAGES)[number]

/** A prefix or suffix with its meaning. Conventions are letters: no maker is named. */
export interface SuffixToken {
  text: string
  /** marks without gaps, as searched */
  key: string
  kind: TokenKind
  meaning: string
  value: string
  /** what the same letters tell besides, `P63` a tolerance class beside its clearance */
  also: { kind: TokenKind; value: string } | null
  /** of a token that tells it, alone or beside a design or a contact angle */
  cage: Cage | null
  /** the ring that guides the cage, where the token tells it */
  guide: 'inner' | 'outer' | null
  /** made to stand in pairs or sets; its end play or preload is that of the set */
  inPairs: boolean
  closure: Closure | null
  where: 'prefix' | 'suffix'
  convention: string
  /** how usual this meaning of the token is among all that carry it */
  sure: 'usual' | 'some' | 'seldom'
  /** where it may stand; never empty, for a letter that may stand anywhere means nothing */
  families: readonly Family[]
}

const Row = z.object({
  token: z.string().min(1),
  kind: z.enum(TOKEN_KINDS),
  meaning: z.string().min(1),
  value: z.string(),
  /** a kind and its value, with a gap between them */
  also: z.string(),
  cage: z.enum(['', ...CAGES]),
  guide: z.enum(['', 'inner', 'outer']),
  pairs: z.enum(['', 'yes']),
  sides: z.enum(['', '1', '2']),
  closure: z.enum(['', 'shield', 'lowFrictionSeal', 'contactSeal']),
  where: z.enum(['prefix', 'suffix']),
  convention: z.string().min(1),
  sure: z.enum(['usual', 'some', 'seldom']),
  /** family names and names of `FAMILY_CLASSES`, separated by spaces */
  families: z.string().min(1),
})

function alsoOf({ token, also }: z.output<typeof Row>): SuffixToken['also'] {
  if (also === '') return null
  const [kind = '', value = ''] = also.split(' ')
  return {
    kind: z.enum(TOKEN_KINDS, { error: () => `suffix token ${token}: no kind ${kind}` }).parse(kind),
    value,
  }
}

/** @throws when a row is not what its column says */
export function readTokenRow(row: Record<string, string>): SuffixToken {
  const r = Row.parse(row)
  const names = r.families.split(' ').filter(Boolean)
  const unknown = names.find((name) => !isFamily(name) && !Object.hasOwn(FAMILY_CLASSES, name))
  if (unknown) throw new Error(`suffix token ${r.token}: no family ${unknown}`)
  const families = new Set(names.flatMap((name) => (isFamily(name) ? [name] : (FAMILY_CLASSES[name] ?? []))))
  const closure: Closure | null =
    r.closure && r.sides ? { sides: r.sides === '1' ? 1 : 2, type: r.closure } : null
  return {
    text: r.token,
    key: numberKey(r.token),
    kind: r.kind,
    meaning: r.meaning,
    value: r.value,
    also: alsoOf(r),
    cage: r.cage || null,
    guide: r.guide || null,
    inPairs: r.pairs === 'yes',
    closure,
    where: r.where,
    convention: r.convention,
    sure: r.sure,
    families: [...families],
  }
}

/** What a token says of one kind, itself or besides; undefined where it says nothing of it. */
const saysOf = ({ kind, value, also }: SuffixToken, asked: TokenKind): string | undefined =>
  kind === asked ? value : also?.kind === asked ? also.value : undefined

/** The clearance group that the tokens of a number tell; CN where none does. */
export const clearanceOf = (tokens: readonly SuffixToken[]): string =>
  tokens.map((token) => saysOf(token, 'clearance')).find((value) => value !== undefined) ?? 'CN'

/** What a token costs more, ln, when this meaning of it is the rarer one. */
export const RARER: Record<SuffixToken['sure'], number> = { usual: 0, some: 0.4, seldom: 1.2 }
