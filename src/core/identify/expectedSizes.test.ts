import { describe, expect, it } from 'vitest'
import { findPart } from '../catalogue'
import { shipped } from '../../../tests/support/shipped'
import { expectedSizes } from './expectedSizes'

/** Share of those that measure as wide as they are closed. */
const closedShare = (base: string, closed: boolean | null): number => {
  const part = findPart(shipped.catalogue, base)
  if (!part) throw new Error(base)
  const wide = part.dimensions.closedWidth
  return expectedSizes(part, 'width', closed).find(({ mm }) => mm === wide)?.weight ?? 0
}

describe('width of a part that is wider with seals (common practice)', () => {
  it('a miniature is closed more often than not, a spherical roller bearing hardly ever', () => {
    expect(closedShare('688', null)).toBeGreaterThan(0.5)
    expect(closedShare('22210', null)).toBeLessThan(0.1)
    expect(closedShare('22210', null)).toBeGreaterThan(0)
  })
  it('what is seen decides, whatever the kind', () => {
    for (const base of ['688', '22210']) {
      expect(closedShare(base, true)).toBeGreaterThan(0.9)
      expect(closedShare(base, false)).toBeLessThan(0.1)
    }
  })
})
