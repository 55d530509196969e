import { z } from 'zod'
import { numberKey, type Family, isFamily } from '../catalogue'

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
  'match',
  'design',
  'other',
] as const
export type TokenKind = (typeof TOKEN_KINDS)[number]

export type ClosureType = 'open' | 'shield' | 'lowFrictionSeal' | 'contactSeal'
export interface Closure {
  sides: 0 | 1 | 2
  type: ClosureType
}
export const OPEN: Closure = { sides: 0, type: 'open' }

/** A prefix or suffix with its meaning. Conventions are letters: no maker is named. */
export interface SuffixToken {
  text: string
  /** marks without gaps, as searched */
  key: string
  kind: TokenKind
  meaning: string
  value: string
  closure: Closure | null
  where: 'prefix' | 'suffix'
  convention: string
  /** how usual this meaning of the token is among all that carry it */
  sure: 'usual' | 'some' | 'seldom'
  /** empty = any family */
  families: readonly Family[]
}

const Row = z.object({
  token: z.string().min(1),
  kind: z.enum(TOKEN_KINDS),
  meaning: z.string().min(1),
  value: z.string(),
  sides: z.enum(['', '1', '2']),
  closure: z.enum(['', 'shield', 'lowFrictionSeal', 'contactSeal']),
  where: z.enum(['prefix', 'suffix']),
  convention: z.string().min(1),
  sure: z.enum(['usual', 'some', 'seldom']),
  families: z.string(),
})

/** @throws when a row is not what its column says */
export function readTokenRow(row: Record<string, string>): SuffixToken {
  const r = Row.parse(row)
  const families = r.families.split(' ').filter(Boolean)
  const unknown = families.find((family) => !isFamily(family))
  if (unknown) throw new Error(`suffix token ${r.token}: no family ${unknown}`)
  const closure: Closure | null =
    r.closure && r.sides ? { sides: r.sides === '1' ? 1 : 2, type: r.closure } : null
  return {
    text: r.token,
    key: numberKey(r.token),
    kind: r.kind,
    meaning: r.meaning,
    value: r.value,
    closure,
    where: r.where,
    convention: r.convention,
    sure: r.sure,
    families: families.filter(isFamily),
  }
}
