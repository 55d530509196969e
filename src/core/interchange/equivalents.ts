import { familyFacts } from '../catalogue'
import type { Closure, Language, SuffixToken } from '../designation'
import { OPEN } from '../designation'
import type { Application } from './check'
import { compareVariants, VERDICTS, type Comparison } from './compareVariants'
import type { Variant } from './variant'

export interface Equivalent extends Comparison {
  designation: string
  /** letters of the conventions that write it this way; `common` = most */
  convention: string
  closure: Closure
}

const sameClosure = (a: Closure, b: Closure): boolean => a.sides === b.sides && a.type === b.type

const joined = (base: string, token: string): string =>
  /^\d/.test(token) ? `${base}-${token}` : base + token

/** The part number with its prefix, such as SMR126, without suffixes. */
const front = ({ part, materials, flange }: Variant): string =>
  `${materials.includes('stainless') ? 'S' : ''}${flange ? 'F' : ''}${part.base}`

function rest(variant: Variant): string {
  const hybrid = variant.materials.includes('hybrid') ? 'C' : ''
  const groove = variant.groove ?? ''
  return `${groove}${hybrid}${variant.clearance === 'CN' ? '' : `/${variant.clearance}`}`
}

const withClosure = (variant: Variant, token: SuffixToken | null): Variant => ({
  ...variant,
  closure: token?.closure ?? OPEN,
  designation: joined(front(variant), token?.text ?? '') + rest(variant),
})

/** One spelling for each closure that is not the present one; every spelling of the present one. */
function spellings(variant: Variant, tokens: readonly SuffixToken[]): (SuffixToken | null)[] {
  const closures = tokens.filter((t) => t.closure && t.sure !== 'seldom')
  const same = closures.filter((t) => t.closure && sameClosure(t.closure, variant.closure))
  const others = new Map<string, SuffixToken>()
  for (const token of closures) {
    if (!token.closure || sameClosure(token.closure, variant.closure)) continue
    const key = `${token.closure.sides} ${token.closure.type}`
    const held = others.get(key)
    if (!held || (held.convention !== 'common' && token.convention === 'common')) others.set(key, token)
  }
  return [
    ...(variant.closure.sides === 0 ? [null] : same),
    ...others.values(),
    ...(variant.closure.sides === 0 ? [] : [null]),
  ]
}

/**
 * Everything of the same number that may stand in: the other spellings of the same closure, the closures above and
 * below, and the next clearance.
 *
 * @returns best verdict first; parts that cannot have closures (tapered) give only themselves
 */
export function equivalentsOf(
  variant: Variant,
  { tokens }: Language,
  application: Application = {},
): Equivalent[] {
  const ball = familyFacts(variant.part.family).traits?.includes('closable') ?? false
  const list: { variant: Variant; convention: string }[] = ball
    ? spellings(variant, tokens).map((token) => ({
        variant: withClosure(variant, token),
        convention: token?.convention ?? 'common',
      }))
    : [{ variant, convention: 'common' }]
  if (ball && variant.clearance === 'CN')
    list.push({
      variant: { ...variant, clearance: 'C3', designation: `${variant.designation}/C3` },
      convention: 'common',
    })
  return list
    .map(({ variant: to, convention }) => ({
      designation: to.designation,
      convention,
      closure: to.closure,
      ...compareVariants(variant, to, application),
    }))
    .sort((a, b) => VERDICTS.indexOf(a.verdict) - VERDICTS.indexOf(b.verdict))
}
