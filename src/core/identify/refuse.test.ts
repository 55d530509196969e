import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { shipped } from '../../../tests/support/shipped'
import { buildCatalogue, type Part } from '../catalogue'
import { openShelf, packShelf } from '../shelf'
import {
  buildIdentifier,
  identify,
  nextText,
  readMeasurements,
  unlistedText,
  type Feature,
  type Identification,
  type Observations,
} from '.'

type Sizes = Partial<Record<Feature, string>>

const identifier = buildIdentifier(shipped)

function ask(sizes: Sizes, observed: Observations = {}, stamp = '', from = identifier): Identification {
  const typed = Object.entries(sizes).map(([feature, text]) => ({
    feature: feature as Feature,
    readings: text.split(';'),
  }))
  const read = readMeasurements(typed)
  if (!read.ok) throw new Error('an impossible question')
  const stamps = stamp === '' ? [] : [{ text: stamp }]
  return identify(from, { measurements: read.value, stamps, observed }, 20)
}
const leader = (found: Identification) => found.candidates[0]
const share = (found: Identification, base: string): number =>
  found.candidates.find((c) => c.part.base === base)?.probability ?? 0

/** The catalogue without the parts of some numbers. */
const lacking = (...bases: string[]) =>
  buildIdentifier({
    ...shipped,
    catalogue: buildCatalogue(shipped.catalogue.parts.filter((p) => !bases.includes(p.base))),
  })

describe('sizes that several parts share', () => {
  const rods = shipped.catalogue.parts.filter((p) => p.family === 'rod-end')
  const sizesOf = ({ dimensions: d }: (typeof rods)[number], off: number): Sizes => ({
    bore: String((d.bore ?? 0) + off),
    outside: String((d.outside ?? 0) - off),
    width: String((d.width ?? 0) - off),
  })
  it('are not refused while together they are likelier than “not listed”, and are when they are not', () => {
    let [refused, shared] = [0, 0]
    for (const rod of rods)
      for (const off of [0, 0.1, 0.14, 0.15, 0.16, 0.18, 0.4]) {
        const found = ask(sizesOf(rod, off), { element: 'none' })
        const [first] = found.candidates
        const alike = found.candidates.filter(
          ({ dimensions: d }) =>
            d.bore === first?.dimensions.bore &&
            d.outside === first?.dimensions.outside &&
            d.width === first?.dimensions.width,
        )
        const together = alike.reduce((sum, { probability }) => sum + probability, 0)
        expect(found.unlistedLeads, `${rod.base} ${off}`).toBe(found.unlisted >= together)
        if (found.unlistedLeads) refused++
        else if (found.unlisted >= (first?.probability ?? 0)) shared++
        else expect(alike.length, `${rod.base} ${off}`).toBeGreaterThanOrEqual(1)
        if (off === 0) expect(alike.map(({ part }) => part.base)).toContain(rod.base)
      }
    expect(nextText(ask(sizesOf(rods[0] as Part, 0), { element: 'none' }))).toEqual({
      heading: 'Same size, more than one part',
      line: 'PHS5, POS5, PHS5L and POS5L: read the number, or look at the thread: on a shank or in a hole, right-hand or left-hand.',
    })
    expect(refused).toBeGreaterThan(0)
    expect(refused).toBeLessThan(rods.length * 6)
    // Each alone would have been refused.
    expect(shared).toBeGreaterThan(0)
  })
  it('of one size the look parts what rolls from what does not', () => {
    const plain = { bore: '20', outside: '35', width: '16' }
    expect(leader(ask(plain, { element: 'none' }))?.part.base).toBe('GE20')
    for (const element of ['ball', 'needle', 'cylindricalRoller'] as const)
      expect(share(ask(plain, { element }), 'GE20'), element).toBeLessThan(0.02)
    expect(share(ask({ bore: '20', outside: '42', width: '12' }, { element: 'none' }), '6004')).toBeLessThan(
      0.1,
    )
    expect(
      leader(ask({ bore: '20', outside: '35', width: '7' }, { piece: 'seal', element: 'none' }))?.part.piece,
    ).toBe('seal')
  })
})

describe('sizes that nobody lists', () => {
  const without = lacking('15267', '15x26x7', '17287', '17x28x7')
  it.each([
    [{ bore: '15.00;15.01;14.99', outside: '26.00;25.98;25.99', width: '7.00' }, 0.95],
    [{ bore: '15.00', outside: '26.00', width: '7.00' }, 0.5],
    [{ bore: '17.00', outside: '28.00', width: '7.00' }, 0.5],
    [{ bore: '25.00;25.01', outside: '51.00;51.01', width: '15.00' }, 0.5],
  ] as const)('%j: not listed leads', (sizes, least) => {
    const found = ask(sizes, { element: 'ball' }, '', without)
    expect(found.unlisted).toBeGreaterThan(least)
    expect(found.unlisted).toBeGreaterThan(leader(found)?.probability ?? 1)
    expect(nextText(found)?.heading).toBe('Not in the catalogue')
    expect(nextText(found)?.line).toMatch(/^Check the (bore|outside|width) again.*part of your own/)
  })

  it('repeating a reading never strengthens a part it contradicts', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...shipped.catalogue.parts.filter((p) => p.family === 'deep-groove')),
        fc.integer({ min: 8, max: 30 }),
        fc.boolean(),
        (part, tenths, smaller) => {
          const { bore = 0, outside = 0, width = 0 } = part.dimensions
          const off = outside + (smaller ? -1 : 1) * (tenths / 10)
          if (off <= bore + 1) return
          const sizes = { bore: `${bore} mm`, width: `${width} mm` }
          const once = ask({ ...sizes, outside: `${off.toFixed(2)} mm` })
          const twice = ask({ ...sizes, outside: `${off.toFixed(2)} mm; ${off.toFixed(2)} mm` })
          expect(share(twice, part.base)).toBeLessThanOrEqual(share(once, part.base) + 1e-9)
        },
      ),
      { numRuns: 60 },
    )
  })

  it('two readings that do not agree count as two: the one that fits a part leads, the other is marked', () => {
    const found = ask({ bore: '25.00; 21.3', outside: '52.00', width: '15.00' }, { element: 'ball' })
    expect(leader(found)?.part.base).toBe('6205')
    expect(
      leader(found)
        ?.evidence.filter((e) => e.item === 'bore')
        .map((e) => e.verdict),
    ).toEqual(['agrees', 'contradicts'])
  })

  it('the nearest are those of least relative difference; a size they do not have is as far off as twice its size', () => {
    const off = (mm: number | undefined, read: number) =>
      mm === undefined ? Math.log(2) : Math.min(Math.log(2), Math.abs(Math.log(read / mm)))
    let [compared, without] = [0, 0]
    for (const bore of [9.4, 17.3, 33.7, 61.3, 93.3, 118.7, 141.3])
      for (const outside of [1.12, 1.4, 2.3, 3.6, 4.7, 5.6].map((ratio) => ratio * bore)) {
        const found = ask({ bore: `${bore} mm`, outside: `${outside.toFixed(2)} mm` })
        if (found.nearest.length === 0) continue
        const away = ({ dimensions: d }: Pick<Part, 'dimensions'>) =>
          off(d.bore, bore) + off(d.outside, Number(outside.toFixed(2)))
        const all = identifier.candidates.map(({ part }) => away(part)).sort((a, b) => a - b)
        const nearest = found.nearest.map(({ part }) => part)
        expect(nearest.map(away), `${bore} ${outside}`).toEqual(
          all.slice(0, 3).map((d) => expect.closeTo(d, 9)),
        )
        compared++
        if (nearest.some(({ dimensions: d }) => d.outside === undefined || d.bore === undefined)) without++
      }
    expect(compared).toBeGreaterThan(8)
    expect(without).toBeGreaterThan(1)
  })
  it('the nearest are near in size, with their differences, largest first', () => {
    const found = ask({ bore: '31.3', outside: '66.6', width: '19.7' }, {}, 'XJ88-42K')
    expect(found.nearest).toHaveLength(3)
    for (const { dimensions: d } of found.nearest) {
      expect(Math.abs((d.bore ?? 0) / 31.3 - 1)).toBeLessThan(0.12)
      expect(Math.abs((d.outside ?? 0) / 66.6 - 1)).toBeLessThan(0.12)
    }
    expect(unlistedText(found)).toMatch(/\(measured \w+ \d+\.\d\d mm (smaller|larger)/)
    expect(ask({ bore: '25', outside: '52', width: '15' }).nearest).toEqual([])
  })

  it.each([
    ['W208PPB6', '80', '6208'],
    ['204KRR', '47', '6204'],
    ['53208', '80', '63208'],
    ['HJ206E', '39', 'NJ206'],
    ['T2ED045', '95', '6306'],
  ])(
    '%s is of a kind no list here holds: near letters and a size that fits do not make it another',
    (stamp, outside, near) => {
      const found = ask({ outside }, {}, stamp)
      expect(found.unlistedLeads).toBe(true)
      expect(found.unlisted).toBeGreaterThan(0.5)
      expect(share(found, near)).toBeLessThan(0.2)
      // One mark gone, and nothing tells its kind any more.
      expect(ask({ outside }, {}, stamp.replace(/\d/, '?')).unlisted).toBeLessThan(found.unlisted)
    },
  )

  it('a mark may be worn in a number of such a kind too: what fits beside it stays possible', () => {
    expect(share(ask({ outside: '80' }, {}, '53208'), '63208')).toBeGreaterThan(0.05)
  })

  it('says nothing of evidence that nobody gave', () => {
    const stamped = ask({}, {}, 'XQ7744B')
    expect(unlistedText(stamped)).toMatch(/^Nothing listed has this number/)
    const leading = (found: Identification) => ({ ...found, unlistedLeads: true, nearest: found.candidates })
    const measured = ask({ bore: '19.3', outside: '44.4' })
    expect(unlistedText(leading(measured))).toMatch(/^Nothing listed has these sizes\./)
    const seen = ask({}, { flange: true })
    expect(unlistedText(leading(seen))).toMatch(/^Nothing listed has this shape\./)
  })

  it.each(['XQ7744B', 'HM3044', 'FY25TF', 'V-40A', 'W208PPB6', '204KRR', '53208', '88503', 'QWERTY'])(
    '%s alone: no part is named as near that nothing speaks for',
    (stamp) => {
      const found = ask({}, {}, stamp)
      expect(found.unlistedLeads).toBe(true)
      expect(found.nearest).toEqual([])
      expect(unlistedText(found)).toBe('Nothing listed has this number, nor one like it.')
      expect(nextText(found)?.line).toBe(
        'Read the stamp again, or measure it: with a size it can be kept as a part of your own.',
      )
    },
  )
  it.each(['XQ7744B', 'FY25TF', 'QWERTY'])('%s with balls and two seals seen: as little', (stamp) =>
    expect(ask({}, { element: 'ball', closures: ['seal', 'seal'] }, stamp).nearest).toEqual([]),
  )
  it('what the shop keeps as its own is no longer of a kind that nobody lists', () => {
    const none = Float64Array.of(NaN)
    const shelf = openShelf(
      packShelf({
        designations: ['FY30TF'],
        sizes: { bore: Float64Array.of(30), outside: none, width: none },
        listOf: Uint16Array.of(0),
        lists: [{ kind: 'own', text: 'castings', verified: true }],
      }),
    )
    const evidence = { measurements: [], stamps: [{ text: 'FY30TF' }], observed: {} }
    const [leading] = identify(buildIdentifier(shipped, { shelf }), evidence, 5).candidates
    expect(leading?.part.base).toBe('FY30TF')
    expect(leading?.probability).toBeGreaterThan(0.95)
  })
  it('a number one mark off a listed one names that; sizes beside a foreign number name what is near in size', () => {
    const near = ask({}, {}, '6293')
    expect(near.nearest.map(({ part }) => part.base)).toContain('6213')
    // Without a size it cannot be kept, so that is not offered.
    expect(nextText(near)?.line).toMatch(/^Read the stamp again, or measure it: with a size/)
    expect(ask({ bore: '25', outside: '55' }, {}, 'FY25TF').nearest).not.toEqual([])
    // All bearings of that bore are as near: the most usual of them is named.
    expect(ask({ bore: '30' }, {}, 'FY30TF').nearest[0]?.part.base).toBe('6206')
  })
})

describe('what is seen', () => {
  it('a shape that is seen all but excludes the parts without it', () => {
    expect(share(ask({ bore: '50', outside: '80' }, { sphericalOutside: true }), '6010')).toBeLessThan(0.05)
    expect(share(ask({ bore: '25', outside: '52', width: '37' }, { rows: 2 }), '6205')).toBeLessThan(0.001)
    const flanged = ask({ bore: '8', outside: '22', width: '7' }, { flange: true, element: 'ball' })
    expect(leader(flanged)?.part.base).toBe('F608')
    expect(share(flanged, '608')).toBeLessThan(0.001)
    expect(leader(ask({ bore: '8', outside: '22', width: '7' }, { element: 'ball' }))?.part.base).toBe('608')
  })
  it('a seal is no candidate beside parts that roll, and the only one where it is asked for', () => {
    const sizes = { bore: '35', outside: '52', width: '7' }
    expect(leader(ask(sizes))?.part.piece).toBe('seal')
    for (const observed of [{ element: 'ball' }, { closures: ['seal', 'seal'] }, { rows: 1 }] as const)
      expect(
        ask(sizes, observed).candidates.find((c) => c.part.piece === 'seal')?.probability ?? 0,
      ).toBeLessThan(0.001)
  })
  it('advice is only of what the piece in hand has', () => {
    expect(ask({ outside: '52' }, { piece: 'outerRing' }).next?.feature).not.toBe('bore')
    expect(ask({ bore: '25' }, { piece: 'innerRing' }).next?.feature).not.toBe('outside')
    expect(ask({ shaft: '25' }).next?.feature).toBe('housing')
    const cup = ask({ outside: '50.29', cupWidth: '10.67' }, { piece: 'cup' })
    expect(nextText(cup)).toEqual({
      heading: 'Same size, different series',
      line: 'L44610 and L45410 cannot be told apart by size. Read the number, or that of the cone.',
    })
  })
})

describe('a coarse decimal is an interval, rounded or cut off (common practice)', () => {
  it.each([
    [{ bore: '1.0 in', outside: '1.9 in' }, 'L44643/L44610'],
    [{ bore: '0.7 in', outside: '1.7 in' }, 'LM11949/LM11910'],
    [{ bore: '~0.7 in', outside: '1.7? in' }, 'LM11949/LM11910'],
  ])('%j keeps %s in sight', (sizes, base) =>
    expect(share(ask(sizes, { element: 'taperedRoller' }), base)).toBeGreaterThan(0.2),
  )
})

describe('numbers by the rule of a series', () => {
  it('lead over the listed neighbour, with sizes and without', () => {
    const one = lacking('63005')
    const found = ask({ bore: '25', outside: '47', width: '16' }, {}, '63005-2RS1', one)
    expect(leader(found)).toMatchObject({ designation: '63005-2RS1', part: { computed: true } })
    expect(leader(found)?.probability).toBeGreaterThan(0.95)
    expect(leader(ask({}, {}, '62317'))?.part).toMatchObject({ base: '62317', computed: true })
  })
  it('everything still sums to one', () => {
    const found = identify(
      identifier,
      { measurements: [], stamps: [{ text: '62317' }], observed: {} },
      10_000,
    )
    expect(found.candidates.reduce((sum, c) => sum + c.probability, found.unlisted)).toBeCloseTo(1, 9)
  })
})

describe('the designation that is proposed', () => {
  it.each([
    [
      { bore: '28', outside: '58', width: '16' },
      { element: 'ball', closures: ['seal', 'seal'] },
      '',
      '62/28-2RS',
    ],
    [
      { bore: '8', outside: '16', width: '5' },
      { element: 'ball', closures: ['shield', 'shield'] },
      '',
      '688ZZ',
    ],
    [
      { bore: '25', outside: '52', width: '15' },
      { element: 'ball', closures: ['open', 'seal'] },
      '6205',
      '6205RS',
    ],
    [{}, { closures: ['seal', 'seal'] }, '6205LLU/C3', '6205LLU/C3'],
    [{}, { snapGroove: true }, '6205', '6205N'],
    [{}, { taperBore: true }, '22210', '22210K'],
    [{}, {}, 'SMR137C-2OS #7 NB2', 'SMR137C-2OS #7 NB2'],
  ] as [Sizes, Observations, string, string][])(
    '%j, seen %j, stamped “%s”: %s',
    (sizes, observed, stamp, designation) =>
      expect(leader(ask(sizes, observed, stamp))?.designation).toBe(designation),
  )
  it('every option can be left open: front and options make up the designation', () => {
    const decided = leader(ask({}, { snapGroove: true }, '6205-2RS/C3'))?.decided
    expect(decided?.front).toBe('6205')
    expect(decided?.options.map(({ written, from }) => [written, from])).toEqual([
      ['N', 'seen'],
      ['-2RS', 'stamp'],
      ['/C3', 'stamp'],
    ])
  })
})
