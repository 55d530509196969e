import { describe, expect, it } from 'vitest'
import { shipped } from '../../../tests/support/shipped'
import { familyFacts, FAMILIES, glyphs, isFamily, type Family } from '../catalogue'
import { leastTailCosts, readSuffixes } from './readSuffixes'
import type { SuffixToken } from './token'

const suffixes = shipped.tokens.filter((token) => token.where === 'suffix')
const read = (text: string, family: Family, count = 1) =>
  readSuffixes(shipped, family, glyphs(text), text, count)

/** A family that may carry the token. */
function carrier({ families, closure }: SuffixToken): Family {
  const [named] = families
  if (named) return named
  const all = Object.keys(FAMILIES).filter(isFamily)
  return all.find((f) => !closure || familyFacts(f).traits?.includes('closable')) ?? 'deep-groove'
}

describe('every suffix token of the table', () => {
  it('reads as itself behind a number, among the meanings it has there', () => {
    expect(suffixes.length).toBeGreaterThan(120)
    for (const token of suffixes) {
      const meanings = read(token.text, carrier(token), 6).map(({ parts }) =>
        parts.map((p) => p.token?.meaning),
      )
      expect(meanings, token.text).toContainEqual([token.meaning])
    }
  })
  it('is read after another token, in either order', () => {
    const clearances = suffixes.filter((t) => t.kind === 'clearance' && /^C\d$/.test(t.text))
    for (const closure of suffixes.filter((t) => t.closure && t.sure === 'usual'))
      for (const clearance of clearances)
        for (const text of [`${closure.text}/${clearance.text}`, `${clearance.text} ${closure.text}`]) {
          const family = closure.families.find((f) => clearance.families.includes(f))
          if (!family) continue
          const [best] = read(text, family)
          const kinds = best?.parts.map((p) => p.token?.kind) ?? []
          expect(kinds.sort(), text).toEqual(['clearance', 'closure'])
        }
  })
})

describe('what is not known', () => {
  it('costs more than what is, but not without end', () => {
    const cost = (text: string) => read(text, 'deep-groove')[0]?.cost ?? 0
    expect(cost('2RS')).toBeLessThan(cost('QJX'))
    expect(cost('QJXWVYQJXWVY')).toBeLessThanOrEqual(0.1 * 12 + 5)
    expect(cost('')).toBe(0)
  })
  it('closures are not read where no such bearing is made', () => {
    const closures = (family: Family) => read('2RS', family)[0]?.parts.some((p) => p.token?.closure) ?? false
    expect(closures('deep-groove')).toBe(true)
    expect(closures('tapered-inch')).toBe(false)
    expect(closures('thrust-ball')).toBe(false)
  })
  it('a lost mark is taken for the token it leaves, a single one is left alone', () => {
    expect(read('2R?', 'deep-groove')[0]?.parts[0]?.token?.closure).toEqual({ sides: 2, type: 'contactSeal' })
    expect(read('?', 'deep-groove')[0]?.parts[0]?.token).toBeNull()
  })
})

it('the least cost of a tail is never more than what any family makes of it', () => {
  for (const text of ['2RS/C3', 'ZZ P6', 'ECP', 'JAXON 84', '2R?', '*', 'K W33'])
    for (const family of ['deep-groove', 'cylindrical', 'spherical', 'tapered-metric'] as const) {
      const marks = glyphs(text)
      const least = leastTailCosts(shipped, marks)
      for (let from = 0; from <= marks.length; from++) {
        const [best] = readSuffixes(shipped, family, marks.slice(from), text)
        expect(least[from], `${text} from ${from}`).toBeLessThanOrEqual((best?.cost ?? 0) + 1e-9)
      }
    }
})
