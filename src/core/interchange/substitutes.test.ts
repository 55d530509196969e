import { describe, expect, it } from 'vitest'
import type { Part } from '../catalogue'
import { shipped } from '../../../tests/support/shipped'
import { compareVariants, equivalentsOf, variantOf } from '.'

const variant = (text: string) => {
  const found = variantOf(text, shipped)
  if (!found) throw new Error(`${text} is not known`)
  return found
}

// What a counter is offered, best first; the usual spelling first, one spelling of every other closure (common practice).
describe('what may stand in, in order', () => {
  const listed = (text: string) =>
    equivalentsOf(variant(text), shipped).map(({ designation, verdict }) => `${designation} ${verdict}`)
  const of = (verdict: string, ...designations: string[]) => designations.map((d) => `${d} ${verdict}`)
  it.each([
    [
      '6205-2RS',
      [
        ...of('identical', '6205-2RS', '6205-2RS1', '6205-2RSR', '6205-2RSH', '6205DDU', '6205LLU'),
        ...of('conditional', '6205RS', '6205VV', '6205ZZ', '6205Z', '6205', '6205-2RS/C3', 'S6205-2RS'),
      ],
    ],
    [
      '6205',
      [
        ...of('identical', '6205'),
        ...of('upgrade', '6205VV', '6205ZZ', '6205Z'),
        ...of('conditional', '6205-2RS', '6205RS', '6205/C3', 'S6205'),
      ],
    ],
    [
      '6205/C3',
      [
        ...of('identical', '6205/C3'),
        ...of('upgrade', '6205VV/C3', '6205ZZ/C3', '6205Z/C3'),
        ...of('conditional', '6205-2RS/C3', '6205RS/C3', '6205', 'S6205/C3'),
      ],
    ],
    [
      'SMR137C',
      [
        ...of('identical', 'SMR137C'),
        ...of('conditional', 'SMR137C-2RS', 'SMR137CRS', 'SMR137CVV', 'SMR137CZZ', 'SMR137CZ'),
        ...of('conditional', 'SMR137C/C3', 'MR137C', 'SMR137', 'MR137'),
      ],
    ],
    ['UC206', [...of('identical', 'UC206'), ...of('conditional', 'HC206', 'SB206', 'SA206')]],
    [
      'NU205',
      [...of('identical', 'NU205'), ...of('upgrade', 'NU205E'), ...of('conditional', 'NU205/C3', 'N205')],
    ],
    ['NJ205', [...of('identical', 'NJ205'), ...of('upgrade', 'NJ205E'), ...of('conditional', 'NJ205/C3')]],
    [
      'NU205/C4',
      [
        ...of('identical', 'NU205/C4'),
        ...of('upgrade', 'NU205E/C4'),
        ...of('conditional', 'NU205', 'N205/C4'),
      ],
    ],
    ['NU205ECP', [...of('identical', 'NU205ECP'), ...of('conditional', 'NU205', 'NU205ECP/C3', 'N205')]],
    ['29412', [...of('identical', '29412'), ...of('upgrade', '29412E')]],
    ['29412E', [...of('identical', '29412E'), ...of('conditional', '29412')]],
    // Full of rollers, and in two rows: made in one design.
    ['NCF3010', [...of('identical', 'NCF3010'), ...of('conditional', 'NCF3010/C3')]],
    // Its number tells no clearance.
    ['HK1612', of('identical', 'HK1612')],
    // Seldom closed, and wider then.
    ['22208-2RS', [...of('identical', '22208-2RS'), ...of('conditional', '22208', '22208-2RS/C3')]],
    ['22208-2CS', [...of('identical', '22208-2CS'), ...of('conditional', '22208', '22208-2CS/C3')]],
    ['NA4905-2RSR/C3', [...of('identical', 'NA4905-2RSR/C3'), ...of('conditional', 'NA4905-2RSR')]],
    [
      '22208K',
      [
        ...of('identical', '22208K'),
        ...of('upgrade', '22208EK'),
        ...of('conditional', '22208-2RSK', '22208K/C3'),
      ],
    ],
    ['7205B-2RS', [...of('identical', '7205B-2RS'), ...of('conditional', '7205B')]],
    ['7205B', of('identical', '7205B')],
    ['LM12UU', [...of('identical', 'LM12UU'), ...of('conditional', 'LM12U', 'LM12')]],
  ])('%s', (text, expected) => expect(listed(text)).toEqual(expected))

  it('of another number: every part of the same kind and sizes that the comparison lets pass, and no other', () => {
    const shown = (part: Part) =>
      new Set(equivalentsOf(variant(part.base), shipped).map(({ designation }) => designation))
    const alike = (a?: number, b?: number) => (a ?? 0) === (b ?? 0)
    let compared = 0
    for (const part of shipped.catalogue.parts.filter(
      ({ housing, hardware, seal }, i) => i % 5 === 0 && !housing && !hardware && !seal,
    )) {
      const passing = shipped.catalogue.parts.filter(
        (other) =>
          other !== part &&
          other.piece === part.piece &&
          other.family === part.family &&
          !other.housing &&
          alike(other.dimensions.bore, part.dimensions.bore) &&
          alike(other.dimensions.outside, part.dimensions.outside) &&
          compareVariants(variant(part.base), variant(other.base)).verdict === 'conditional',
      )
      const offered = shown(part)
      const missing = passing.filter(({ base }) => !offered.has(base))
      compared += passing.length
      expect(
        missing.map(({ base }) => base),
        part.base,
      ).toEqual([])
    }
    expect(compared).toBeGreaterThan(200)
  })

  it('an inch number and a metric one of the same sizes stand for each other, closed alike; unconfirmed ones never', () => {
    expect(listed('1640-2RS')).toContain('RLS7-2RS identical')
    expect(listed('62200').filter((text) => text.startsWith('63200'))).toEqual([])
  })

  it('what is not made with a closure is not offered with it (common practice)', () => {
    const offered = (text: string) => equivalentsOf(variant(text), shipped).map((e) => e.designation)
    expect(offered('1205')).toEqual(['1205', '1205/C3'])
    expect(offered('2205')).toEqual(['2205', '2205-2RS', '2205/C3'])
    expect(offered('4204')).toEqual(['4204', '4204/C3'])
    expect(offered('3205')).toEqual(['3205', '3205ZZ', '3205-2RS', '3205/C3'])
    expect(offered('GE20ES')).toEqual(['GE20ES', 'GE20C', 'GE20ES-2RS'])
    // Numbers that carry no such letters: rod ends of series K, and inch ones.
    for (const base of ['POS8', 'PHS12L', 'CMR8', 'CFL10', 'COM10']) expect(offered(base)).toEqual([base])
    // Track rollers on a stud or with side plates are made open and closed; those on loose rollers are not.
    expect(offered('KR35PP')).toEqual(['KR35PP', 'KR35'])
    expect(offered('NATR20')).toEqual(['NATR20', 'NATR20PP', 'NUTR20'])
    expect(offered('NUTR20')).toContain('NATR20')
    expect(offered('GE10')).toEqual(['GE10', 'GE10E', 'GE10C'])
    expect(offered('GE12')).toEqual(['GE12', 'GE12E', 'GE12C'])
    expect(offered('GE15')).toContain('GE15ES')
    expect(offered('6204')).toContain('6204VV')
  })
  it('what slides is told by the letters of its design, and nothing of turns a minute', () => {
    const found = equivalentsOf(variant('GE20ES'), shipped).map(({ verdict, checks }) => [verdict, checks])
    expect(JSON.stringify(found)).toMatch(/ES → C\. It runs dry/)
    expect(JSON.stringify(found)).not.toMatch(/speed/)
    expect(found.map(([verdict]) => verdict)).toEqual(['identical', 'conditional', 'upgrade'])
  })
  it('each spelling says which convention writes it so', () => {
    const byConvention = equivalentsOf(variant('6205-2RS'), shipped).map((e) => e.convention)
    expect(byConvention.slice(0, 6)).toEqual(['common', 'A', 'D', 'A', 'B', 'C'])
  })
})
