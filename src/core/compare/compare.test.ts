import { describe, expect, it } from 'vitest'
import { shipped } from '../../../tests/support/shipped'
import { variantOf } from '../interchange'
import { compareParts, type PartSide } from './compareParts'
import { UNIT_FEATURES } from './unitFeatures'

const side = (designation: string, more: Partial<PartSide> = {}): PartSide => ({
  variant: designation === '' ? null : variantOf(designation, shipped),
  measured: {},
  features: {},
  ...more,
})

describe('old against new', () => {
  it('one seal against two goes, and says what the second is for', () => {
    const { verdict, rows, attempts } = compareParts(side('6902RS'), side('6902-2RS'), { wet: true })
    expect(verdict).toBe('goes')
    const closure = rows.find((r) => r.feature === 'closure')
    expect(closure?.old).toBe('contact seal on one side')
    expect(closure?.meaning).toContain('from the hub side')
    expect(attempts.join(' ')).toContain('Note which side')
  })
  // Never interchangeable though close (common practice): 12.7 × 28.575 against 12 × 28; 25 against 25.4.
  it.each([
    ['R8', '6001'],
    ['6205', '1641'],
  ])('%s against %s does not go', (a, b) => expect(compareParts(side(a), side(b)).verdict).toBe('doesNotGo'))
  it('a worn old bearing as measured goes with its own number', () => {
    const old = side('', { measured: { bore: 25.02, outside: 51.96, width: 15 } })
    expect(compareParts(old, side('6205')).verdict).toBe('goes')
    expect(compareParts({ ...old, measured: { ...old.measured, bore: 25.4 } }, side('6205')).verdict).toBe(
      'doesNotGo',
    )
  })
  it('a wider closed miniature is looked at again: 688 is 4 open, 5 shielded', () => {
    const row = compareParts(side('688'), side('688ZZ')).rows.find((r) => r.feature === 'width')
    expect(row?.difference).toBe('1 mm larger')
    expect(row?.result).toBe('look')
  })
  it('hub units: what is written differently but means the same agrees; another stud does not go', () => {
    const features = { lugCount: '5', studThread: 'M12 x 1,5', pilot: '57.1' }
    const other = { lugCount: '5', studThread: 'M12×1.5', pilot: '57.0' }
    expect(compareParts(side('', { features }), side('', { features: other })).verdict).toBe('goes')
    const wrong = { ...other, studThread: 'M14x1.5' }
    const { verdict, words } = compareParts(side('', { features }), side('', { features: wrong }))
    expect(verdict).toBe('doesNotGo')
    expect(words).toContain('stud thread')
  })
  it('a feature looked at on one only is asked for, with what to do', () => {
    for (const feature of UNIT_FEATURES) {
      const { rows, attempts } = compareParts(side('', { features: { [feature]: '5' } }), side(''))
      expect(rows[0]?.result, feature).toBe('unknown')
      expect(attempts[0], feature).toBe(rows[0]?.meaning)
    }
  })
})
