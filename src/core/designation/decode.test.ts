import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { shipped } from '../../../tests/support/shipped'
import { findPart, namesOf } from '../catalogue'
import { decode, MAX_STAMP, readAllDesignations } from '.'
import { boreCode } from './boreCode'

const best = (text: string) => decode(text, shipped)[0]

describe('decode', () => {
  it.each([
    ['6902-2RS', '6902', '6902-2RS', 2, 'contactSeal', 'CN'],
    ['6902 2rs/c3', '6902', '6902-2RS/C3', 2, 'contactSeal', 'C3'],
    ['6205DDU', '6205', '6205DDU', 2, 'contactSeal', 'CN'],
    ['6205LLU/C3', '6205', '6205LLU/C3', 2, 'contactSeal', 'C3'],
    ['6203 ZZ', '6203', '6203ZZ', 2, 'shield', 'CN'],
    ['608-2Z', '608', '608-2Z', 2, 'shield', 'CN'],
    ['6004 Z', '6004', '6004Z', 1, 'shield', 'CN'],
    ['6004-RS1', '6004', '6004RS1', 1, 'contactSeal', 'CN'],
    ['6006 LLB C4', '6006', '6006LLB/C4', 2, 'lowFrictionSeal', 'C4'],
    ['61804-2RS1', '6804', '6804-2RS1', 2, 'contactSeal', 'CN'],
    ['619/8', '698', '698', 0, 'open', 'CN'],
    ['MF126ZZ', 'MF126', 'MF126ZZ', 2, 'shield', 'CN'],
    ['SMR1913C', 'MR1913', 'SMR1913C', 0, 'open', 'CN'],
    ['R8-2RS', 'R8', 'R8-2RS', 2, 'contactSeal', 'CN'],
    ['62/22', '62/22', '62/22', 0, 'open', 'CN'],
    ['16004', '16004', '16004', 0, 'open', 'CN'],
    ['l44643', 'L44643', 'L44643', 0, 'open', 'CN'],
    ['L44643 / L44610', 'L44643/L44610', 'L44643/L44610', 0, 'open', 'CN'],
    ['LM12749-LM12710', 'LM12749/LM12710', 'LM12749/LM12710', 0, 'open', 'CN'],
    ['12x18x4', '6701', '6701', 0, 'open', 'CN'],
    ['6 × 12 × 4 ZZ', 'MR126', 'MR126ZZ', 2, 'shield', 'CN'],
    ['1 x 2 x 9/16', '1641', '1641', 0, 'open', 'CN'],
  ])('%s', (text, base, canonical, sides, type, clearance) => {
    const reading = best(text)
    expect(reading).toMatchObject({ base, canonical, closure: { sides, type }, clearance })
    expect(reading?.confidence).toBeGreaterThan(0.5)
  })

  // A gap between digits is part of a number, and a variant nobody makes is no better than a flanged row that exists.
  it.each([
    ['?2-5-2RS/C3', 'R2-5'],
    ['?1-4-2Z', 'R1-4'],
    ['23?2-2RS/C3', '2302'],
    ['63002-?RS/C3', '63002'],
    ['F6800-?RS', 'F6800'],
    ['F683ZZ/C?', 'F683'],
    ['F623-2?', 'F623'],
    ['UC206?20', 'UC206-20'],
    ['6205?16', '6205-16'],
  ])('%s is %s', (text, base) => {
    expect(best(text)?.base).toBe(base)
  })

  it('takes a gap not read more easily than a gap too many, and a lost dash less easily than a lost digit', () => {
    const costOf = (text: string, base: string): number =>
      readAllDesignations(text, shipped).find((reading) => reading.base === base)?.cost ?? Infinity
    const leftOut = costOf('62051?', '6205-16') - costOf('6205-1?', '6205-16')
    const joined = costOf('230/2?', '23022') - costOf('2302?', '23022')
    expect(leftOut).toBeGreaterThan(0.5)
    expect(leftOut).toBeLessThan(joined / 2)
    const dash = costOf('SB202?10', 'SB202-10')
    expect(dash).toBeGreaterThan(costOf('SB20?-10', 'SB202-10'))
    expect(dash).toBeLessThan(joined / 2)
  })

  it('a lost mark of the cup is no dash behind which something unknown stands', () => {
    expect(best('2796/Z7?9')?.base).toBe('2796/2729')
    const cone = readAllDesignations('2796/Z7?9', shipped).find(({ base }) => base === '2796')
    expect(cone?.cost ?? Infinity).toBeGreaterThan(5)
  })

  // Common practice: one number in five carries a letter of its maker's, so a lost mark behind it is mostly a figure.
  it('a lost mark that nothing explains costs more than one that a figure explains', () => {
    const costOf = (text: string, base: string): number =>
      readAllDesignations(text, shipped).find((reading) => reading.base === base)?.cost ?? 0
    const left = costOf('6221?/C3', '6221') - costOf('6221?/C3', '62210')
    expect(left).toBeGreaterThan(1)
    expect(left).toBeLessThan(2)
  })

  it('a part that goes by several numbers is stamped with each of them the more seldom', () => {
    const costOf = (base: string): number =>
      readAllDesignations('N?TR40', shipped).find((reading) => reading.base === base)?.cost ?? 0
    const namesOfPart = (base: string): number => {
      const part = findPart(shipped.catalogue, base)
      return part ? namesOf(part).length : 0
    }
    expect(namesOfPart('NATR40')).toBeGreaterThan(namesOfPart('NUTR40'))
    expect(costOf('NATR40') - costOf('NUTR40')).toBeCloseTo(
      Math.log(namesOfPart('NATR40') / namesOfPart('NUTR40')),
      6,
    )
  })

  it('never takes a special inch bore for the plain number', () => {
    expect(best('6203-5/8')).toMatchObject({
      base: '6203-5/8',
      part: { series: 'inch-bored' },
      dimensions: { bore: 15.875, outside: 40, width: 12 },
    })
    expect(best('6202-10')).toMatchObject({ base: '6202-5/8', dimensions: { bore: 15.875 } })
  })

  it('sets aside what it does not know, and says so', () => {
    const reading = best('6205 2RS JAXON 84')
    expect(reading?.base).toBe('6205')
    expect(reading?.unknown.join(' ')).toBe('JAXON 84')
    expect(reading?.tokens.filter((t) => !t.known).every((t) => t.meaning === 'not decoded')).toBe(true)
  })

  it('gives the bore of a number that follows the rule but is not listed', () => {
    expect(best('6352')).toMatchObject({ base: '6352', part: { computed: true }, dimensions: { bore: 260 } })
  })

  it.each([
    ['69O2', '6902'],
    ['6Z05', '6205'],
    ['L446I0', 'L44610'],
    ['LM1Z749', 'LM12749'],
    ['6O04-2R5', '6004'],
  ])('reads look-alikes: %s is %s', (text, base) => expect(best(text)?.base).toBe(base))

  it.each([
    ['L446?0', ['L44610', 'L44640']],
    ['L44?1*', ['L44610']],
    ['6?05', ['6205', '6005', '6805', '6905']],
    ['*749', ['LM12749', 'LM29749', 'LM11749']],
    ['LM6704*', ['LM67048']],
  ])('%s may be %j', (text, bases) => {
    const readings = decode(text, shipped)
    const near = readings.filter((r) => r.cost - (readings[0]?.cost ?? 0) < 1.5).map((r) => r.base)
    for (const base of bases) expect(near).toContain(base)
  })

  it('finds every number of the catalogue under its own name', () => {
    const stamped = shipped.catalogue.parts.filter((p) => p.piece !== 'hardware' && p.piece !== 'seal')
    expect(stamped.length).toBeGreaterThan(250)
    for (const part of stamped) expect(best(part.base)?.base, part.base).toBe(part.base)
  })

  it('never throws, and confidences are shares', () => {
    fc.assert(
      fc.property(
        fc.string({ maxLength: MAX_STAMP, unit: fc.constantFrom(...'0123456789LMRZS?*-/ xX.') }),
        (text) => {
          const readings = decode(text, shipped)
          expect(readings.reduce((sum, r) => sum + r.confidence, 0)).toBeLessThanOrEqual(1 + 1e-9)
        },
      ),
      { numRuns: 60 },
    )
  })
})

it('bore codes of ISO 15', () => {
  for (const [code, mm] of [
    ['00', 10],
    ['01', 12],
    ['02', 15],
    ['03', 17],
    ['04', 20],
    ['05', 25],
    ['96', 480],
    ['/22', 22],
    ['/500', 500],
    ['8', 8],
  ] as const)
    expect(boreCode(code)).toBe(mm)
  for (const code of ['97', '99', '0', '', 'X5', '123']) expect(boreCode(code)).toBeNull()
})

// Common practice: who counts lost marks counts figures, and a seal on a spherical roller bearing is rare.
it.each([
  ['618?3-2Z', '6803', '683'],
  ['?2209-2RS', '62209', '22209'],
])('%s is sooner %s than %s', (text, sooner, later) => {
  const costOf = (base: string) =>
    decode(text, shipped).find((reading) => reading.base === base)?.cost ?? Infinity
  expect(costOf(sooner) + 1).toBeLessThan(costOf(later))
})
