import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { citation, familyFacts, findPart, hasClearance, namesOf, type Part } from '@/core/catalogue'
import { readThread } from '@/core/quantity'
import { readClean } from '@/core/designation'
import { seatKindOf } from '@/core/fit'
import { isVerified, variantOf, widthOf } from '@/core/interchange'
import { lengthMm } from '../support/lengthMm'
import { shipped } from '../support/shipped'

const parts = shipped.catalogue.parts
const of = (...series: string[]): Part[] =>
  parts.filter((p) => p.family === 'deep-groove' && series.includes(p.series))

describe('every row', () => {
  it('has a source, and a number that is not given twice', () => {
    expect(parts.length).toBeGreaterThan(400)
    const keys = parts.map((p) => `${p.family} ${p.piece} ${p.base}`)
    expect(new Set(keys).size).toBe(keys.length)
    for (const part of parts) expect(part.provenance.text.length, part.base).toBeGreaterThan(5)
  })
  it('cites what its sizes go back to, and nothing of how they were written down', () => {
    expect(citation('ISO 104 dimension series 22, from memory')).toBe('ISO 104 dimension series 22')
    for (const { base, provenance } of parts) {
      expect(citation(provenance.text).length, base).toBeGreaterThan(5)
      expect(citation(provenance.text), base).not.toMatch(/memory|recall|[,;]$/)
    }
  })
  it('has a bore smaller than its outside, and a width smaller than its outside where it is no sleeve', () => {
    for (const { base, family, dimensions: d } of parts) {
      if (d.bore !== undefined && d.outside !== undefined) expect(d.bore, base).toBeLessThan(d.outside)
      for (const width of ['needle', 'one-way-clutch', 'linear-ball'].includes(family)
        ? []
        : [d.width, d.closedWidth, d.totalWidth])
        if (width !== undefined && d.outside !== undefined) expect(width, base).toBeLessThanOrEqual(d.outside)
      if (d.closedWidth !== undefined && d.width !== undefined)
        expect(d.closedWidth, base).toBeGreaterThanOrEqual(d.width)
    }
  })
})

describe('ISO 15 boundary plan', () => {
  // Miniatures: X is half a millimetre more (common practice). ISO 15: bore codes 00, 01, 02, 03 = 10, 12, 15, 17 mm, then code × 5; /22, /28, /32 in mm; one digit = mm.
  const boreOf = (base: string, series: string): number => {
    const rest = base.slice(series.length)
    if (rest.startsWith('/')) return Number(rest.slice(1))
    if (/^\dX$/.test(rest)) return Number(rest[0]) + 0.5
    if (rest.length === 1) return Number(rest)
    return { '00': 10, '01': 12, '02': 15, '03': 17 }[rest] ?? Number(rest) * 5
  }
  const bore = (part: Part): number =>
    part.series.length > 2 ? boreOf(part.base, part.series) : boreOf(part.base, part.series.slice(0, 2))

  it('bores follow the bore code', () => {
    const listed = of('60', '62', '63', '67', '68', '69', '160')
    expect(listed.length).toBeGreaterThan(120)
    for (const part of listed) expect(part.dimensions.bore, part.base).toBe(bore(part))
  })
  it('at one bore the outside grows with the diameter series: 67 < 68 < 69 < 60 < 62 < 63', () => {
    const order = ['67', '68', '69', '60', '62', '63']
    const bores = new Set(of(...order).map((p) => p.dimensions.bore))
    for (const d of bores) {
      const outsides = order.flatMap((s) =>
        of(s)
          .filter((p) => p.dimensions.bore === d)
          .map((p) => p.dimensions.outside ?? 0),
      )
      outsides.forEach((D, i) => i > 0 && expect(D, `bore ${d}`).toBeGreaterThan(outsides[i - 1] ?? 0))
    }
  })
  it('within a series outside and width never shrink as the bore grows', () => {
    for (const s of ['67', '68', '69', '60', '62', '63', '160']) {
      const listed = of(s).sort((a, b) => (a.dimensions.bore ?? 0) - (b.dimensions.bore ?? 0))
      listed.forEach((p, i) => {
        const before = listed[i - 1]
        if (!before) return
        expect(p.dimensions.outside, p.base).toBeGreaterThan(before.dimensions.outside ?? 0)
        expect(p.dimensions.width, p.base).toBeGreaterThanOrEqual(before.dimensions.width ?? 0)
      })
    }
  })
  it('160 is the narrow twin of 60: same bore and outside', () => {
    for (const narrow of of('160')) {
      const wide = of('60').find((p) => p.dimensions.bore === narrow.dimensions.bore)
      expect(wide?.dimensions.outside, narrow.base).toBe(narrow.dimensions.outside)
      expect(narrow.dimensions.width, narrow.base).toBeLessThan(wide?.dimensions.width ?? 0)
    }
  })
  it('covers the series of ordinary trade for bores 3 to 60 mm', () => {
    for (const s of ['60', '62', '63', '68', '69'])
      for (const d of [10, 12, 15, 17, 20, 25, 30, 35, 40, 45, 50, 55, 60])
        expect(
          of(s).some((p) => p.dimensions.bore === d),
          `${s} bore ${d}`,
        ).toBe(true)
  })
})

describe('outside table: MCAD/bearing.scad of Debian openscad-mcad', () => {
  // d, D and B of small metric ball bearings. Its B of 603, 673–678, 683–689 and 693 is that of the closed type.
  const text = readFileSync('/usr/share/openscad/libraries/MCAD/bearing.scad', 'utf8')
  const rows = [
    ...text.matchAll(
      /model == (\d+)[^\[]*\[\s*([\d.]+)\s*\*\s*mm\s*,\s*([\d.]+)\s*\*\s*mm\s*,\s*([\d.]+)\s*\*\s*mm/g,
    ),
  ].map((m) => m.slice(1).map(Number))
  it('agrees in every row that both hold', () => {
    let compared = 0
    for (const [model = 0, d = 0, D = 0, B = 0] of rows) {
      const part = parts.find((p) => p.family === 'deep-groove' && p.base === String(model))
      if (!part) continue
      compared++
      expect([part.dimensions.bore, part.dimensions.outside], String(model)).toEqual([d, D])
      const closed = [603, 693].includes(model) || (model >= 683 && model <= 689)
      expect(
        closed ? (part.dimensions.closedWidth ?? part.dimensions.width) : part.dimensions.width,
        String(model),
      ).toBe(B)
    }
    expect(compared).toBeGreaterThan(25)
  })
})

describe('families of one dimension series share bore and outside (ISO 15)', () => {
  const plan = (series: string) => new Map(of(series).map((p) => [p.dimensions.bore, p.dimensions.outside]))
  const family = (name: Part['family'], ...series: string[]) =>
    parts.filter((p) => p.family === name && series.includes(p.series))
  const same = (listed: readonly Part[], diameterSeries: string, least: number) => {
    const outsides = plan(diameterSeries)
    const shared = listed.filter((p) => outsides.has(p.dimensions.bore))
    expect(shared.length).toBeGreaterThanOrEqual(least)
    for (const p of shared) expect(p.dimensions.outside, p.base).toBe(outsides.get(p.dimensions.bore))
  }
  it('angular contact 70, 72, 73 and self-aligning 12, 13, 22, 23', () => {
    same(family('angular-contact', '70'), '60', 20)
    same([...family('angular-contact', '72'), ...family('self-aligning', '12', '22')], '62', 50)
    same([...family('angular-contact', '73'), ...family('self-aligning', '13', '23')], '63', 45)
  })
  it('self-aligning 112 and 113 are 12 and 13 with a wider inner ring, pushed onto drawn shafting', () => {
    const wide = family('self-aligning', '112', '113')
    expect(wide.length).toBe(15)
    for (const p of wide) {
      const twin = parts.find(({ base }) => base === p.base.slice(1))?.dimensions
      expect(p.dimensions, p.base).toMatchObject({
        bore: twin?.bore,
        outside: twin?.outside,
        outerRingWidth: twin?.width,
      })
      expect(p.dimensions.width, p.base).toBeGreaterThan(2 * (twin?.width ?? Infinity))
      expect(p.provenance.verified, p.base).toBe(false)
      expect(seatKindOf(p)).toBe('wideRing')
    }
  })
  it('a spherical roller bearing is wider with seals (common practice)', () => {
    const sealed = family('spherical', '222', '223').filter((p) => p.dimensions.closedWidth !== undefined)
    expect(sealed.length).toBe(31)
    for (const { base, dimensions: d } of sealed) {
      const wider = (d.closedWidth ?? 0) / (d.width ?? 1)
      expect(wider, base).toBeGreaterThan(1.12)
      expect(wider, base).toBeLessThan(1.3)
      const style = `BS2-2${base.slice(2)}-2CS`
      expect(readClean(style, shipped)?.canonical, style).toBe(`${base}-2CS`)
      expect(readClean(style, shipped)?.tokens.map((t) => t.meaning)).toContain(
        'contact seal on both sides (sealed, in a style of its own)',
      )
      const sealedOne = variantOf(`WS${base}-E1-2RSR`, shipped)
      expect(sealedOne && widthOf(sealedOne), base).toBe(d.closedWidth)
      // The row is verified for the open bearing.
      const open = variantOf(base, shipped)
      expect([open && isVerified(open), sealedOne && isVerified(sealedOne)], base).toEqual([true, false])
    }
  })
  it('four-point contact QJ2, QJ3 and cylindrical NCF22 as the other bearings of their dimension series, width included', () => {
    let compared = 0
    for (const [name, series, twin] of [
      ['angular-contact', 'QJ2', '72'],
      ['angular-contact', 'QJ3', '73'],
      ['cylindrical', 'NCF22', 'NU22'],
    ] as const)
      for (const p of family(name, series)) {
        const other = family(name, twin).find((q) => q.dimensions.bore === p.dimensions.bore)
        if (!other) continue
        compared++
        expect(p.dimensions, p.base).toEqual(other.dimensions)
      }
    expect(compared).toBeGreaterThan(55)
  })
  it('width series 30 is one for NCF30, NN30, double row 30, wide 630 and spherical 230', () => {
    const wide = parts.filter((p) => ['NCF30', 'NN30', '30', '630', '230'].includes(p.series))
    const sizes = new Map<number | undefined, Part[]>()
    for (const p of wide) sizes.set(p.dimensions.bore, [...(sizes.get(p.dimensions.bore) ?? []), p])
    const shared = [...sizes.values()].filter(({ length }) => length > 1)
    expect(shared.length).toBeGreaterThan(12)
    for (const [first, ...others] of shared)
      for (const { base, dimensions: d } of others)
        expect([d.outside, d.width], base).toEqual([first?.dimensions.outside, first?.dimensions.width])
  })
  it('double row ball 42, 43, 32, 33 and wide 622, 623', () => {
    same(
      [
        ...family('deep-groove-double-row', '42'),
        ...family('angular-contact-double-row', '32'),
        ...of('622'),
      ],
      '62',
      40,
    )
    same(
      [
        ...family('deep-groove-double-row', '43'),
        ...family('angular-contact-double-row', '33'),
        ...of('623'),
      ],
      '63',
      30,
    )
  })
  it('cylindrical and spherical roller, by the last figure of their series', () => {
    const rollers = [
      ...parts.filter((p) => p.family === 'cylindrical'),
      ...family('spherical', '213', '222', '223'),
    ]
    const last = (p: Part) => (p.series.endsWith('10') ? '60' : `6${p.series.at(-1)}`)
    for (const series of ['60', '62', '63', '64', '69'])
      same(
        rollers.filter((p) => last(p) === series),
        series,
        16,
      )
  })
  it('two rows full of rollers are less than twice as wide as one, NNCF50 over NCF30', () => {
    const wide = family('cylindrical', 'NNCF50')
    expect(wide.length).toBeGreaterThan(20)
    for (const { base, dimensions: d } of wide) {
      const one = family('cylindrical', 'NN30', 'NCF30').find((p) => p.dimensions.bore === d.bore)?.dimensions
      expect((d.width ?? 0) / (one?.width ?? 1), base).toBeGreaterThan(1.7)
      expect((d.width ?? 0) / (one?.width ?? 1), base).toBeLessThan(1.9)
    }
  })
  it('metric tapered: 320 and 330 as 60, 302, 322 and 332 as 62, 303, 313 and 323 as 63, 329 as 69 (ISO 355)', () => {
    same(family('tapered-metric', '320', '330'), '60', 30)
    same(family('tapered-metric', '302', '322', '332'), '62', 45)
    same(family('tapered-metric', '303', '313', '323'), '63', 40)
    same(family('tapered-metric', '329'), '69', 12)
  })
  it('needle NA49 and NA69 as 69, and without inner ring the same outside', () => {
    same(family('needle', 'NA49', 'NA69', 'NKIA59'), '69', 20)
    // Width series 4, 5 and 6.
    for (const { base, dimensions: d } of family('needle', 'NKIA59')) {
      const [narrow, wide] = ['NA49', 'NA69'].map(
        (series) => family('needle', series).find((p) => p.dimensions.bore === d.bore)?.dimensions.width,
      )
      expect(d.width, base).toBeGreaterThan(narrow ?? Infinity)
      if (wide !== undefined) expect(d.width, base).toBeLessThan(wide)
    }
    for (const p of family('needle', 'RNA49')) {
      const whole = findPart(shipped.catalogue, p.base.slice(1))
      expect(whole?.dimensions.outside, p.base).toBe(p.dimensions.outside)
      expect(whole?.dimensions.bore, p.base).toBeLessThan(p.dimensions.bore ?? 0)
    }
  })
  it('inserts UC2 have the outside of 62, UC3 of 63 (common practice), and inch bores in sixteenths', () => {
    const metric = (series: string) =>
      parts.filter((p) => p.series === series && /^UC\d{3}$/.test(p.base) && (p.dimensions.bore ?? 0) >= 20)
    same(metric('UC2'), '62', 10)
    same(metric('UC3'), '63', 8)
    for (const p of parts.filter((q) => q.family === 'insert' && q.base.includes('-')))
      expect(p.dimensions.bore, p.base).toBeCloseTo((Number(p.base.split('-')[1]) / 16) * 25.4, 2)
  })
  // Common practice: bore, shell and width over the collar in inches, as the trade lists them.
  it.each([
    ['RA100RRB', 1, 52, 1.2188],
    ['GRA103RRB', 1.1875, 62, 1.4062],
    ['RA107RRB', 1.4375, 72, 1.5312],
    ['RA112RRB', 1.75, 85, 1.7188],
    ['G1100KRRB', 1, 52, 1.75],
    ['G1103KRRB', 1.1875, 62, 1.9062],
    ['G1115KRRB', 1.9375, 90, 2.4688],
    ['ER16', 1, 52, 1.3438],
    ['ER23', 1.4375, 72, 1.6875],
    ['ER31', 1.9375, 90, 2.0312],
    ['GRAE40NPPB', 40 / 25.4, 80, 1.7188],
    ['GYE35KRRB', 35 / 25.4, 72, 1.6875],
    ['GY1107KRRB', 1.4375, 72, 1.6875],
    ['GAY30NPPB', 30 / 25.4, 62, 1.1811],
    ['YA100RRB', 1, 52, 1.0625],
    ['1115KRRB', 1.9375, 90, 2.4688],
  ])('%s is an insert named by its bore', (name, bore, outside, width) => {
    const d = findPart(shipped.catalogue, name)?.dimensions
    expect(d?.bore).toBeCloseTo(bore * 25.4, 2)
    expect(d?.outside).toBe(outside)
    expect(Math.abs((d?.width ?? 0) - width * 25.4)).toBeLessThan(0.1)
  })
  it('UCX is the shell and the inner ring of the next size of UC2 with the bore of its own', () => {
    const wide = parts.filter((p) => p.series === 'UCX')
    expect(wide.length).toBeGreaterThan(12)
    for (const { base, dimensions: d } of wide) {
      const size = Number(base.slice(3))
      const next = findPart(shipped.catalogue, `UC2${String(size + 1).padStart(2, '0')}`)?.dimensions
      expect(d, base).toEqual({ ...next, bore: size * 5 })
    }
  })
  // ISO 3228 names the sizes; inches from handbooks, typed apart from the table: centre height, bolt spacing.
  it.each([
    ['P204', '1 5/16', '3 3/4'],
    ['P205', '1 7/16', '4 1/8'],
    ['P206', '1 11/16', '4 3/4'],
    ['P207', '1 7/8', '5'],
    ['P208', '1 15/16', '5 13/32'],
    ['P210', '2 1/4', '6 1/4'],
    ['P212', '2 3/4', '7 1/4'],
    ['P213', '3', '8'],
    ['F204', '', '2 33/64'],
    ['F205', '', '2 3/4'],
    ['F207', '', '3 5/8'],
    ['F210', '', '4 3/8'],
    ['F212', '', '5 5/8'],
    ['FL204', '', '3 35/64'],
    ['FL206', '', '4 19/32'],
    ['FL208', '', '5 43/64'],
    ['FL211', '', '7 1/4'],
  ])('housing %s: centre height %s in, bolts %s in apart', (name, height, spacing) => {
    const sizes = findPart(shipped.catalogue, name)?.hardware
    expect(sizes?.what).toBe('housing')
    if (sizes?.what !== 'housing') return
    expect(Math.abs((sizes.boltSpacingMm ?? 0) - lengthMm(`${spacing} in`))).toBeLessThan(0.6)
    if (height !== '')
      expect(Math.abs((sizes.centreHeightMm ?? 0) - lengthMm(`${height} in`))).toBeLessThan(0.15)
  })
  it('housings hold the shell of their number; bolts and sizes grow with it and stand inside the housing', () => {
    const listed = parts.flatMap(({ base, hardware: h }) => (h?.what === 'housing' ? [{ base, ...h }] : []))
    expect(listed.length).toBeGreaterThan(160)
    for (const h of listed) {
      const [, letters = '', size = ''] = /^([A-WYZ]+)(.+)$/.exec(h.base) ?? []
      // The shell of an insert; a split one holds the bearing of its size on a sleeve (ISO 113).
      const inside = h.kind === 'plummer block' ? `222${size.slice(1)}` : `UC${size}`
      expect(findPart(shipped.catalogue, inside)?.dimensions.outside, h.base).toBe(h.seatMm)
      const between = h.boltSpacingMm ?? h.railSpacingMm ?? 0
      expect(between, h.base).toBeLessThan(h.kind === 'take-up' ? h.lengthMm * 1.2 : h.lengthMm)
      expect((h.centreHeightMm ?? h.seatMm) * 2, h.base).toBeGreaterThan(h.seatMm)
      const next = listed.find(
        ({ base, seatMm }) => base.startsWith(letters + size.charAt(0)) && seatMm > h.seatMm,
      )
      if (next)
        // Neighbours of take-ups and split housings share a casting.
        expect(
          [(next.boltSpacingMm ?? next.railSpacingMm ?? 0) >= between, next.lengthMm >= h.lengthMm],
          h.base,
        ).toEqual([true, true])
    }
  })
  it('a bore for which two shells are sold names none of them', () => {
    expect(findPart(shipped.catalogue, 'ER32')).toBeUndefined()
  })
})

describe('metric tapered widths (ISO 355)', () => {
  it('total width is at least the cone, the cup is the narrowest; a later width series is wider', () => {
    const tapered = parts.filter((p) => p.family === 'tapered-metric')
    expect(tapered.length).toBeGreaterThan(150)
    for (const { base, dimensions: d } of tapered) {
      expect(d.totalWidth, base).toBeGreaterThanOrEqual(d.coneWidth ?? 0)
      if (d.cupWidth !== undefined) expect(d.cupWidth, base).toBeLessThan(d.totalWidth ?? 0)
    }
    for (const [narrow, wide] of [
      ['302', '322'],
      ['322', '332'],
      ['303', '323'],
      ['320', '330'],
    ] as const)
      for (const p of tapered.filter((q) => q.series === narrow)) {
        const other = tapered.find((q) => q.series === wide && q.dimensions.bore === p.dimensions.bore)
        if (other)
          expect(other.dimensions.totalWidth, other.base).toBeGreaterThan(p.dimensions.totalWidth ?? 0)
      }
  })
  // d × D × T, handbook values from memory, typed apart from the table.
  it.each([
    ['30205', 25, 52, 16.25],
    ['30306', 30, 72, 20.75],
    ['32006X', 30, 55, 17],
    ['32008X', 40, 68, 19],
    ['32207', 35, 72, 24.25],
    ['33008', 40, 68, 22],
    ['32310', 50, 110, 42.25],
  ])('%s', (base, bore, outside, totalWidth) =>
    expect(findPart(shipped.catalogue, base)?.dimensions).toMatchObject({ bore, outside, totalWidth }),
  )
})

it('thrust bearings: at one bore outside and height grow from 511 to 514 (ISO 104)', () => {
  const thrust = parts.filter((p) => p.family === 'thrust-ball')
  expect(thrust.length).toBeGreaterThan(55)
  for (const p of thrust) {
    const next = thrust.find(
      (q) => Number(q.series) === Number(p.series) + 1 && q.dimensions.bore === p.dimensions.bore,
    )
    if (!next) continue
    expect(next.dimensions.outside, next.base).toBeGreaterThan(p.dimensions.outside ?? 0)
    expect(next.dimensions.width, next.base).toBeGreaterThan(p.dimensions.width ?? 0)
  }
})

it('double direction thrust bearings 522, 523: outside of 512, 513 by number, a smaller shaft, less than two heights (ISO 104)', () => {
  const double = parts.filter((p) => p.family === 'thrust-ball-double')
  expect(double).toHaveLength(34)
  for (const { base, dimensions: d } of double) {
    const single = findPart(shipped.catalogue, `51${base.slice(2)}`)?.dimensions
    expect(d.outside, base).toBe(single?.outside)
    const step = (single?.bore ?? 0) - (d.bore ?? 0)
    expect(step, base).toBeGreaterThanOrEqual(5)
    expect(step, base).toBeLessThanOrEqual(20)
    expect(d.width, base).toBeGreaterThan(1.7 * (single?.width ?? 0))
    expect(d.width, base).toBeLessThan(1.9 * (single?.width ?? 0))
  }
})

it('spherical roller thrust bearings 293, 294: bore and outside of 513, 514, lower than they are, heights grow with the bore (ISO 104)', () => {
  const steep = parts.filter((p) => p.family === 'thrust-spherical')
  expect(steep).toHaveLength(31)
  for (const { base, series, dimensions: d } of steep) {
    const balls = findPart(shipped.catalogue, `51${series.slice(2)}${base.slice(3)}`)?.dimensions
    expect(d.bore, base).toBe(Number(base.slice(3)) * 5)
    if (balls) expect([d.bore, d.outside], base).toEqual([balls.bore, balls.outside])
    if (balls) expect(d.width, base).toBeLessThan(balls.width ?? 0)
    const next = steep.find((p) => p.series === series && (p.dimensions.bore ?? 0) > (d.bore ?? 0))
    if (next) expect(next.dimensions.width, base).toBeGreaterThanOrEqual(d.width ?? 0)
  }
})

it('cylindrical roller thrust bearings 811, 812 have the sizes of 511, 512 (ISO 104)', () => {
  const rollers = parts.filter((p) => p.series === '811' || p.series === '812')
  expect(rollers.length).toBeGreaterThan(35)
  for (const { base, dimensions } of rollers)
    expect(dimensions, base).toEqual(findPart(shipped.catalogue, `5${base.slice(1)}`)?.dimensions)
})

it('cages and inner rings are named by their sizes, and every NA49 to 50 mm has its inner ring', () => {
  const named = parts.filter((p) => p.family === 'needle' && (p.series === 'K' || p.series === 'IR'))
  expect(named.length).toBeGreaterThan(300)
  for (const { base, series, dimensions: d } of named)
    expect(base).toBe(`${series}${d.bore}x${d.outside}x${d.width}`)
  for (const { base, dimensions: d } of parts.filter((p) => p.series === 'NA49')) {
    if ((d.bore ?? 0) < 10 || (d.bore ?? 0) > 50) continue
    const race = findPart(shipped.catalogue, `R${base}`)?.dimensions.bore
    expect(findPart(shipped.catalogue, `IR${d.bore}x${race}x${d.width}`)?.series, base).toBe('IR')
  }
})

it('inch drawn cups are named by bore and width in sixteenths, open and closed, caged and full alike (ABMA 18.2)', () => {
  const cups = parts.filter((p) => ['B', 'SCE', 'BCE', 'J'].includes(p.series))
  expect(cups.length).toBeGreaterThan(55)
  const sixteenths = (mm: number | undefined) => Math.round(((mm ?? 0) / 25.4) * 16)
  for (const { base, series, dimensions: d } of cups)
    expect(base).toBe(`${series}${sixteenths(d.bore)}${sixteenths(d.width)}`)
})

it('drawn cup needle numbers are shaft and width in two figures each (common practice)', () => {
  const drawn = parts.filter((p) => p.series === 'HK' || p.series === 'BK')
  expect(drawn.length).toBeGreaterThan(60)
  const two = (n: number | undefined) => String(n).padStart(2, '0')
  for (const { base, series, dimensions: d } of drawn)
    expect(base).toBe(`${series}${two(d.bore)}${two(d.width)}`)
})

describe('inch tapered, ABMA 19.2 handbook values', () => {
  const sets = parts.filter((p) => p.set)
  // Bore × outside × total width in inches, from handbooks, from memory; kept apart from the tables in data/.
  it.each([
    ['L44643/L44610', 1.0, 1.98, 0.56],
    ['L44649/L44610', 1.0625, 1.98, 0.56],
    ['L68149/L68110', 1.378, 2.328, 0.625],
    ['L68149/L68111', 1.378, 2.361, 0.625],
    ['LM11949/LM11910', 0.75, 1.781, 0.61],
    ['LM11749/LM11710', 0.6875, 1.57, 0.545],
    ['LM67048/LM67010', 1.25, 2.328, 0.625],
    ['LM48548/LM48510', 1.375, 2.5625, 0.71],
    ['LM29749/LM29710', 1.5, 2.5625, 0.71],
    ['LM501349/LM501310', 1.625, 2.891, 0.77],
    ['15123/15245', 1.25, 2.4409, 0.715],
    ['25580/25520', 1.75, 3.265, 0.9375],
    ['14125A/14276', 1.25, 2.717, 0.7813],
    ['02475/02420', 1.25, 2.6875, 0.875],
    ['387A/382A', 2.25, 3.8125, 0.8268],
    ['3984/3920', 2.625, 4.4375, 1.1875],
    ['A4059/A4138', 0.5906, 1.3775, 0.433],
  ])('%s', (base, bore, outside, total) => {
    const d = findPart(shipped.catalogue, base)?.dimensions
    expect((d?.bore ?? 0) / 25.4).toBeCloseTo(bore, 3)
    expect((d?.outside ?? 0) / 25.4).toBeCloseTo(outside, 3)
    expect((d?.totalWidth ?? 0) / 25.4).toBeCloseTo(total, 3)
  })
  it('a set takes its bore from the cone, its outside from the cup, and is about as wide as its wider ring', () => {
    expect(sets.length).toBeGreaterThan(220)
    for (const { base, set, dimensions: d } of sets) {
      const [cone, cup] = [
        findPart(shipped.catalogue, set?.cone ?? '', 'cone'),
        findPart(shipped.catalogue, set?.cup ?? '', 'cup'),
      ]
      expect(cone?.series, base).toBe(cup?.series)
      expect([d.bore, d.outside], base).toEqual([cone?.dimensions.bore, cup?.dimensions.outside])
      const widest = Math.max(d.coneWidth ?? 0, d.cupWidth ?? 0)
      if (d.totalWidth !== undefined) {
        expect(d.totalWidth / widest, base).toBeGreaterThan(0.9)
        expect(d.totalWidth / widest, base).toBeLessThan(1.17)
      }
      expect(d.cupWidth, base).toBeLessThan(d.coneWidth ?? 0)
    }
  })
  it('newer numbers end in 10–29 on a cup and 30–49 on a cone (common practice)', () => {
    const newer = parts.filter(
      (p) => p.family === 'tapered-inch' && !p.set && /^(EL|LL|L|LM|M|HM|H|HH|EH)\d/.test(p.base),
    )
    expect(newer.length).toBeGreaterThan(30)
    for (const { base, piece } of newer) {
      const last = Number(base.replace(/[A-Z]+$/, '').slice(-2))
      expect(piece === 'cup' ? last >= 10 && last <= 29 : last >= 30, base).toBe(true)
    }
  })
})

describe('inch ball', () => {
  it('R numbers are the bore in sixteenths (common practice)', () => {
    const r = parts.filter((p) => p.series === 'R' && /^R\d{1,2}$/.test(p.base))
    expect(r.length).toBeGreaterThan(10)
    for (const { base, dimensions } of r)
      expect(dimensions.bore, base).toBeCloseTo((Number(base.slice(1)) / 16) * 25.4, 2)
  })
})

describe('miniature', () => {
  it('MR is outside and bore in whole millimetres (common practice)', () => {
    const mr = parts.filter((p) => p.series === 'MR' && p.base.startsWith('MR'))
    expect(mr.length).toBeGreaterThan(15)
    for (const { base, dimensions: d } of mr) expect(base).toBe(`MR${d.outside}${d.bore}`)
  })
})

// Flanged (common practice): the sizes of the plain bearing of the same number, and a flange a little larger than the outside.
describe('flanged and inch-bored', () => {
  it('a flanged number has the sizes of the plain one, and a flange larger than its outside', () => {
    const flanged = parts.filter(
      (p) =>
        p.dimensions.flangeOutside !== undefined && p.family !== 'linear-ball' && / /.test(p.base) === false,
    )
    expect(flanged.length).toBeGreaterThan(60)
    for (const { base, dimensions: d } of flanged) {
      const number = base.startsWith('MF') ? `MR${base.slice(2)}` : base.slice(1)
      const plain = findPart(shipped.catalogue, number, 'complete')
      if (plain) expect([plain.dimensions.bore, plain.dimensions.outside], base).toEqual([d.bore, d.outside])
      expect((d.flangeOutside ?? 0) / (d.outside ?? 1), base).toBeGreaterThan(1.05)
      expect((d.flangeOutside ?? 0) / (d.outside ?? 1), base).toBeLessThan(1.27)
    }
  })
  it('an inch bore keeps outside and width of its metric twin (ISO 15)', () => {
    const bored = parts.filter((p) => p.series === 'inch-bored')
    expect(bored.length).toBeGreaterThan(15)
    for (const { base, dimensions: d } of bored) {
      const [metric = '', mark = ''] = base.split(/-(.*)/)
      const twin = findPart(shipped.catalogue, metric)
      expect([d.outside, d.width], base).toEqual([twin?.dimensions.outside, twin?.dimensions.width])
      const inch = mark.includes('/') ? lengthMm(`${mark} in`) : (Number(mark) / 16) * 25.4
      expect(d.bore, base).toBeCloseTo(inch, 2)
    }
  })
})

it('adapter sleeves: the bore code of the bearing is in the number, the shaft is smaller (ISO 2982-1)', () => {
  const sleeves = parts.filter((p) => p.hardware?.what === 'adapterSleeve')
  expect(sleeves.length).toBeGreaterThan(50)
  for (const { base, hardware } of sleeves) {
    if (hardware?.what !== 'adapterSleeve') continue
    expect(hardware.bearingBoreMm, base).toBe(Number(base.slice(-2)) * 5)
    expect(hardware.shaftMm, base).toBeLessThan(hardware.bearingBoreMm)
    expect(hardware.nut, base).toBe(`KM${Number(base.slice(-2))}`)
  }
})

it('linear ball bearings are named by their shaft, KH by its length too; the long ones are nearly two in a row (common practice)', () => {
  const sleeves = parts.filter((p) => p.family === 'linear-ball')
  expect(sleeves.length).toBeGreaterThan(45)
  for (const { base, series, dimensions: d } of sleeves) {
    const number = base.replace(/\D/g, '')
    expect([String(d.bore), `${d.bore}${d.width}`, `0${d.bore}${d.width}`], base).toContain(number)
    // Flanged, it is the same sleeve with room for screws around it.
    if (series === 'LMF') {
      const plain = findPart(shipped.catalogue, `LM${d.bore}`)?.dimensions
      expect(plain, base).toEqual({ bore: d.bore, outside: d.outside, width: d.width })
      expect((d.flangeOutside ?? 0) - (d.outside ?? 0), base).toBeGreaterThan(15)
    }
    expect((d.bore ?? 0) + 4, base).toBeLessThanOrEqual(d.outside ?? 0)
    if (series !== 'LML') continue
    const one = findPart(shipped.catalogue, `LM${d.bore}`)?.dimensions
    expect(d.outside, base).toBe(one?.outside)
    expect((d.width ?? 0) / (one?.width ?? 1), base).toBeGreaterThan(1.8)
    expect((d.width ?? 0) / (one?.width ?? 1), base).toBeLessThan(1.95)
  }
})

it('roller clutches ASNU have bore and outside of 63 from 15 mm on; NKX and NKXR are named by their shaft (common practice)', () => {
  for (const { base, dimensions: d } of parts.filter(
    ({ series }) => series === 'ASNU' || /^NKXR?$/.test(series),
  )) {
    expect(String(d.bore), base).toBe(base.replace(/\D/g, ''))
    if (!base.startsWith('ASNU') || (d.bore ?? 0) < 15) continue
    const twin = of('63').find((p) => p.dimensions.bore === d.bore)?.dimensions
    expect(d.outside, base).toBe(twin?.outside)
    expect(d.width, base).toBeGreaterThan(twin?.width ?? Infinity)
  }
})

it('track rollers on balls have bore and width of the ball bearing in their number (ISO 15) and a larger outside', () => {
  const rollers = parts.filter((p) => p.family === 'ball-track-roller')
  expect(rollers.length).toBeGreaterThan(25)
  for (const { base, dimensions: d } of rollers) {
    const number = base
      .slice(2)
      .replace(/^2(?=\d\d$)/, '62')
      .replace(/^5(?=\d{3}$)/, '3')
    const twin = findPart(shipped.catalogue, number)?.dimensions
    expect([d.bore, d.width], base).toEqual([twin?.bore, twin?.width])
    expect(d.outside, base).toBeGreaterThan(twin?.outside ?? Infinity)
  }
})

/** Bore of inch rod ends and their bearings by the number: sixteenths of an inch; 3 is a number 10 screw (common practice). */
const inchPinMm = (number: number): number => (number === 3 ? 0.19 : number / 16) * 25.4

it('spherical plain bearings are named by their bore, in millimetres (GE), inches and sixteenths (GEZ) or sixteenths (COM), and the outer ring is the narrower (ISO 12240-1)', () => {
  const plain = parts.filter((p) => p.family === 'spherical-plain')
  expect(plain.length).toBeGreaterThan(30)
  for (const { base, series, dimensions: d } of plain) {
    const number = base.slice(series.length)
    const sixteenths = 16 * Number(number.slice(0, 1)) + Number(number.slice(1))
    // Series G has the outer ring of the next size of E and its width, for a smaller bore.
    if (series === 'GEG')
      expect(
        plain.some(
          ({ series: other, dimensions: e }) =>
            other === 'GE' && e.outside === d.outside && e.bore !== d.bore,
        ),
        base,
      ).toBe(true)
    if (series === 'COM') {
      expect(d.bore, base).toBeCloseTo(inchPinMm(Number(number)), 2)
      expect((d.outerRingWidth ?? 0) / (d.width ?? 1), base).toBeCloseTo(0.77, 1)
      continue
    }
    if (series === 'GEZ') {
      // Ball and outer ring are seven and six eighths of the bore wide; 1 3/8 in is the narrower one.
      if (number !== '106') expect((d.width ?? 0) / (d.bore ?? 1), base).toBeCloseTo(7 / 8, 2)
      expect((d.outerRingWidth ?? 0) / (d.bore ?? 1), base).toBeCloseTo(3 / 4, 2)
    }
    expect(d.bore, base).toBeCloseTo(series === 'GEZ' ? (sixteenths / 16) * 25.4 : Number(number), 2)
    expect(d.outerRingWidth, base).toBeLessThan(d.width ?? 0)
  }
})

const UNF_BY_SIZE: Readonly<Record<number, string>> = {
  3: '10-32',
  4: '1/4-28',
  5: '5/16-24',
  6: '3/8-24',
  7: '7/16-20',
  8: '1/2-20',
  10: '5/8-18',
  12: '3/4-16',
  16: '1 1/4-12',
}

it('rod ends: sizes of their spherical plain bearing, a head around it, four threads a size (ISO 12240-4)', () => {
  const rods = parts.filter((p) => p.family === 'rod-end')
  expect(rods.length).toBe(4 * (13 + 17 + 9))
  for (const { base, series, dimensions: d, shank } of rods) {
    const number = Number(/\d+/.exec(base)?.[0])
    expect(d.bore, base).toBeCloseTo(series === 'inch' ? inchPinMm(number) : number, 2)
    const size = rods.filter((p) => p.series === series && p.dimensions.bore === d.bore)
    expect(new Set(size.map((p) => JSON.stringify(p.dimensions))).size, base).toBe(1)
    expect(new Set(size.map((p) => `${p.shank?.kind} ${p.shank?.thread}`)).size, base).toBe(4)
    const thread = readThread(shank?.thread ?? '')
    expect(thread?.leftHand, base).toBe(/L/.test(base))
    // The shank is the strongest that the head leaves room for: within a quarter of the bore (common practice).
    expect(Math.abs((thread?.diameterMm ?? 0) / (d.bore ?? 1) - 1), base).toBeLessThanOrEqual(0.25)
    if (series === 'inch') {
      // Fine threads (ASME B1.1 UNF); the ball is half as wide again as the body at most and as wide as its pin at least.
      expect(shank?.thread.replace(' LH', ''), base).toBe(UNF_BY_SIZE[number])
      expect((d.outerRingWidth ?? 0) / (d.width ?? 1), base).toBeCloseTo(0.77, 1)
      expect(d.width, base).toBeGreaterThan(d.bore ?? Infinity)
      continue
    }
    if (series === 'K') {
      expect((d.outerRingWidth ?? 0) / (d.width ?? 1), base).toBeGreaterThan(0.66)
      expect((d.outerRingWidth ?? 0) / (d.width ?? 1), base).toBeLessThanOrEqual(0.75)
      continue
    }
    // Series E holds the bearing GE of its bore (ISO 12240-1 series E): same ball, and its outside within the head.
    const plain = findPart(shipped.catalogue, `GE${d.bore}`)?.dimensions
    expect(d.width, base).toBe(plain?.width)
    expect(d.outside, base).toBeGreaterThan(1.25 * (plain?.outside ?? Infinity))
    expect(d.outerRingWidth, base).toBeGreaterThanOrEqual(plain?.outerRingWidth ?? Infinity)
  }
})

it('track rollers with a stud are named by their outside, those with a bore by it (ISO 7063)', () => {
  const rollers = parts.filter((p) => p.family === 'cam-follower')
  const of = (name: string) => rollers.find((p) => p.base === name)?.dimensions
  for (const { base, series, dimensions: d } of rollers) {
    const number = base.replace(/^\D+/, '')
    if (series === 'CF') {
      // In inches; the roller is between four tenths and three quarters as wide as its diameter (ABMA 18.2).
      expect(d.outside, base).toBeCloseTo(lengthMm(`${number} in`), 2)
      const share = (d.width ?? 0) / (d.outside ?? 1)
      expect(share > 0.49 && share <= 0.76, base).toBe(true)
    } else if (series === 'CYR') {
      // The roller of the one with a stud, end plates of a thirty-second on either side, the pin thinner than half of it.
      const stud = of(`CF-${number}`)
      expect([d.outside, d.outerRingWidth], base).toEqual([stud?.outside, stud?.width])
      expect((d.width ?? 0) - (d.outerRingWidth ?? 0), base).toBeCloseTo(lengthMm('1/16 in'), 2)
      expect((d.bore ?? 0) / (d.outside ?? 1), base).toBeGreaterThan(0.26)
      expect((d.bore ?? 0) / (d.outside ?? 1), base).toBeLessThan(0.34)
      // Two outsides share a width, and the pin with it.
      const alike = rollers.filter((o) => o.series === series && o.dimensions.width === d.width)
      expect(new Set(alike.map((o) => o.dimensions.bore)).size, base).toBe(1)
    } else if (series === 'RSTO') {
      // The roller of STO without its inner ring.
      const whole = number === '5' ? { bore: 5, outside: 16, width: 8 } : of(`STO${number}`)
      expect(d.outside, base).toBe(whole?.outside)
      expect(d.bore, base).toBeGreaterThan(whole?.bore ?? Infinity)
      expect(d.width, base).toBeCloseTo((whole?.width ?? 0) - 0.2, 3)
    } else if (/^NUTR\d{4,}$/.test(base)) {
      // The heavy row: bore and outside in one number, the width of the light row of that bore.
      expect(`${d.bore}${d.outside}`, base).toBe(number)
      expect(d.width, base).toBe(of(`NUTR${d.bore}`)?.width)
    } else expect(series === 'KR' ? d.outside : d.bore, base).toBe(Number(number))
    if (series === 'STO') expect(d.outside, base).toBe((of(`NATR${number}`) ?? of(`NUTR${number}`))?.outside)
  }
})

it('every suffix token has a meaning and belongs to families that exist', () => {
  expect(shipped.tokens.length).toBeGreaterThan(60)
  for (const token of shipped.tokens) {
    expect(token.meaning.length, token.text).toBeGreaterThan(4)
    for (const family of token.families) expect(familyFacts(family).label).toBeTruthy()
    expect(token.kind === 'closure', token.text).toBe(token.closure !== null)
  }
})

// ISO 5753-1 and -2 know radial clearance of bearings whose rings stay together; the rest is set when it is fitted.
it('what comes apart, is set against a second bearing, comes set or runs on the shaft has no internal clearance of its own', () => {
  const having = [...new Set(parts.filter(hasClearance).map(({ family }) => family))].sort()
  expect(having).toEqual([
    'angular-contact-double-row',
    'ball-track-roller',
    'cam-follower',
    'cylindrical',
    'deep-groove',
    'deep-groove-double-row',
    'inch-ball',
    'insert',
    'miniature',
    'needle',
    'self-aligning',
    'spherical',
  ])
  const has = (base: string): boolean => {
    const part = findPart(shipped.catalogue, base)
    return part !== undefined && hasClearance(part)
  }
  expect(['NA4905', 'NKI20/16', 'NATR20', 'NU205', '22210', '3205'].filter((base) => !has(base))).toEqual([])
  expect(
    [
      'HK1612',
      'BK1612',
      'RNA4905',
      'K20x26x12',
      'IR20x25x17',
      'SCE88',
      'RSTO10',
      '7205B',
      '30205',
      '51208',
    ].filter(has),
  ).toEqual([])
})

it('a track roller with a stud has the thread that its other number tells (ISO 7063; common practice)', () => {
  const studs = parts.filter(({ family, series }) => family === 'cam-follower' && series === 'KR')
  expect(studs.length).toBe(16)
  for (const part of studs) {
    const { base, shank, dimensions } = part
    const thread = readThread(shank?.thread ?? '')
    const byNumber = namesOf(part)
      .map(({ text }) => /^CF(\d+)/.exec(text)?.[1])
      .find((digits) => digits !== undefined)
    if (byNumber !== undefined) expect(thread?.diameterMm, base).toBe(Number(byNumber))
    // A stud is a little less than half of its roller.
    expect((thread?.diameterMm ?? 0) / (dimensions.outside ?? 1), base).toBeGreaterThan(0.3)
    expect((thread?.diameterMm ?? 0) / (dimensions.outside ?? 1), base).toBeLessThan(0.5)
  }
})
