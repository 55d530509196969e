import { describe, expect, it } from 'vitest'
import { findPart, namesOf } from '@/core/catalogue'
import { readClean, suggestionsFor } from '@/core/designation'
import { compareVariants, equivalentsOf, plainVariant, trapsOf, variantOf } from '@/core/interchange'
import { goesWith } from '@/core/kit'
import { lengthMm } from '../support/lengthMm'
import { shipped } from '../support/shipped'
import { without } from '../support/without'

const { parts } = shipped.catalogue
const loose = parts.filter(({ piece }) => piece === 'hardware' || piece === 'seal')
/** One in four; AMBER_WHOLE=1 takes them all. */
const EVERY = process.env['AMBER_WHOLE'] ? 1 : 4
const sample = loose.filter((_, i) => i % EVERY === 0)

describe('hardware', () => {
  const hardware = parts.flatMap((p) => (p.hardware ? [p.hardware] : []))
  it('snap rings: the groove is smaller than the shaft (DIN 471) and larger than the bore (DIN 472)', () => {
    const rings = hardware.flatMap((h) => (h.what === 'snapRing' ? [h] : []))
    expect(rings.length).toBeGreaterThan(25)
    for (const h of rings)
      expect(
        h.kind === 'shaft snap ring' ? h.grooveMm < h.nominalMm : h.grooveMm > h.nominalMm,
        `${h.kind} ${h.nominalMm}`,
      ).toBe(true)
  })
  it.each([
    ['shaft snap ring 25x1.2', 23.9], // DIN 471
    ['shaft snap ring 30x1.5', 28.6],
    ['bore snap ring 52x2', 55], // DIN 472
    ['bore snap ring 40x1.75', 42.5],
  ])('%s has its groove at %s mm', (base, groove) => {
    expect(findPart(shipped.catalogue, base)?.hardware).toMatchObject({ grooveMm: groove })
  })
  it('every castle nut has a cotter pin by ISO 1234 that is long enough, and a washer', () => {
    const nuts = hardware.flatMap((h) => (h.what === 'castleNut' ? [h] : []))
    expect(nuts.length).toBeGreaterThan(5)
    for (const nut of nuts) {
      const pin = hardware.some(
        (h) =>
          h.what === 'cotterPin' &&
          nut.threadMm > h.threadOverMm &&
          nut.threadMm <= h.threadToMm &&
          h.lengthMm >= nut.acrossFlatsMm,
      )
      expect(pin, nut.thread).toBe(true)
      expect(
        hardware.some((h) => h.what === 'washer' && Math.abs(h.threadMm - nut.threadMm) < 0.3),
        nut.thread,
      ).toBe(true)
    }
  })
})

it('at least twenty seals, each by shaft, housing and width', () => {
  const seals = parts.filter((p) => p.piece === 'seal')
  expect(seals.length).toBeGreaterThanOrEqual(20)
  for (const { base, dimensions: d } of seals.filter(({ base }) => !base.endsWith(' in')))
    expect(base).toBe(`${d.bore}x${d.outside}x${d.width}`)
  const inch = seals.filter(({ base }) => base.endsWith(' in'))
  expect(inch.length).toBeGreaterThan(30)
  for (const { base, dimensions: d } of inch) {
    const sizes = base.slice(0, -3).split(' x ')
    expect(sizes.map((text) => lengthMm(`${text} in`))).toEqual(
      [d.bore, d.outside, d.width].map((mm) => expect.closeTo(mm ?? 0, 2) as number),
    )
  }
})

// Groove depths of ASME B18.27 by shaft and by bore, inches, recalled apart from the grooves of the rows.
describe('hardware by hardware, size by size (common practice)', () => {
  it.each([
    ['cotter pin 4x40', 'cotter pin 4x50', 'lengthMm', 'warn'],
    ['cotter pin 4x50', 'cotter pin 4x40', 'lengthMm', 'fail'],
    ['cotter pin 4x40', 'cotter pin 4x40', 'lengthMm', 'pass'],
    ['E-ring 8', 'E-ring 12', 'thicknessMm', 'fail'],
    ['shaft snap ring 25x1.2', 'shaft snap ring 30x1.5', 'thicknessMm', 'fail'],
    ['shaft snap ring 25x1.2', 'bore snap ring 25x1.2', 'kind', 'fail'],
    ['KM5', 'N05', 'thread', 'fail'],
    ['KM5', 'N05', 'outsideMm', 'warn'],
    ['KM5', 'N05', 'heightMm', 'warn'],
    ['castle nut M20x1.5', 'castle nut 3/4-16', 'acrossFlatsMm', 'warn'],
    ['H205', 'H305', 'hardware', 'fail'],
  ] as const)('%s by %s: %s %s', (from, to, size, result) => {
    const [a, b] = [variantOf(from, shipped), variantOf(to, shipped)]
    const checks = a && b ? compareVariants(a, b).checks : []
    expect(checks.find(({ check }) => check === size)?.result).toBe(result)
  })
})

describe('inch snap rings', () => {
  it.each([
    ['5100-25', 0.25, -0.01],
    ['5100-50', 0.5, -0.016],
    ['5100-62', 0.625, -0.0185],
    ['5100-75', 0.75, -0.023],
    ['5100-87', 0.875, -0.027],
    ['5100-100', 1, -0.03],
    ['5100-112', 1.125, -0.033],
    ['5100-125', 1.25, -0.037],
    ['5100-137', 1.375, -0.042],
    ['5100-150', 1.5, -0.047],
    ['5100-175', 1.75, -0.05],
    ['5100-200', 2, -0.057],
    ['5100-250', 2.5, -0.07],
    ['5100-300', 3, -0.081],
    ['N5000-50', 0.5, 0.015],
    ['N5000-75', 0.75, 0.023],
    ['N5000-87', 0.875, 0.028],
    ['N5000-112', 1.125, 0.036],
    ['N5000-137', 1.375, 0.043],
    ['N5000-162', 1.625, 0.05],
    ['N5000-200', 2, 0.061],
    ['N5000-250', 2.5, 0.074],
    ['N5000-300', 3, 0.091],
    ['N5000-400', 4, 0.12],
  ])('%s: a seat of %s in, groove %s in deep', (number, seat, depth) => {
    const ring = findPart(shipped.catalogue, number)?.hardware
    if (ring?.what !== 'snapRing') throw new Error(number)
    expect(ring.nominalMm / 25.4).toBeCloseTo(seat, 3)
    expect(ring.grooveMm / 25.4).toBeCloseTo(seat + 2 * depth, 3)
  })
  it('thickness and groove grow with the seat', () => {
    for (const kind of ['shaft snap ring', 'bore snap ring']) {
      const rings = parts.flatMap(({ hardware: h, base }) =>
        h?.what === 'snapRing' && h.kind === kind && base.endsWith(' in') ? [h] : [],
      )
      expect(rings.length).toBeGreaterThan(30)
      const sorted = [...rings].sort((a, b) => a.nominalMm - b.nominalMm)
      expect(sorted.map((r) => r.thicknessMm)).toEqual(sorted.map((r) => r.thicknessMm).sort((a, b) => a - b))
      expect(sorted.map((r) => r.grooveMm)).toEqual(sorted.map((r) => r.grooveMm).sort((a, b) => a - b))
    }
  })
})

it('E-rings: thicker as the groove grows, for shafts larger than the groove (DIN 6799)', () => {
  const rings = parts.flatMap(({ hardware: h }) => (h?.what === 'eRing' ? [h] : []))
  expect(rings.length).toBe(17)
  rings.forEach((ring, i) => {
    expect(ring.shaftFromMm).toBeGreaterThan(ring.grooveMm)
    expect(ring.shaftToMm).toBeGreaterThan(ring.shaftFromMm)
    expect(ring.thicknessMm).toBeGreaterThanOrEqual(rings[i - 1]?.thicknessMm ?? 0)
  })
})

describe('names of seals and hardware (common practice)', () => {
  it.each([
    ['DIN 471 25', 'shaft snap ring 25x1.2'],
    ['DIN 472-52x2', 'bore snap ring 52x2'],
    ['internal circlip 52', 'bore snap ring 52x2'],
    ['external circlip 1 1/4 in', 'shaft snap ring 1 1/4 in'],
    ['N5000-206', 'bore snap ring 2 1/16 in'],
    ['DIN 6799 7', 'E-ring 7'],
    ['split pin 4x40', 'cotter pin 4x40'],
    ['ISO 1234 4x40', 'cotter pin 4x40'],
    ['castellated nut M20x1.5', 'castle nut M20x1.5'],
    ['AN05', 'KM5'],
    ['AW07', 'MB7'],
    ['oil seal 28x47x7', '28x47x7'],
    ['28 47 7', '28x47x7'],
    ['TC 35x62x10', '35x62x10'],
    ['AS35x62x10 FPM', '35x62x10'],
    ['1.125 x 1.752 x .250', '1 1/8 x 1.752 x 1/4 in'],
  ])('%s is %s', (text, base) => {
    expect(variantOf(text, shipped)?.part).toMatchObject({ base })
    expect(variantOf(text, shipped)?.part.computed).toBeUndefined()
  })

  it('every name finds its own part, and none is read as another when its row is not there', () => {
    const wrong = sample.flatMap((part) => {
      const rest = without(shipped, part)
      return namesOf(part).flatMap(({ text }) => {
        const [own, other] = [variantOf(text, shipped)?.part, variantOf(text, rest)?.part]
        // Sizes alone name whatever has them.
        const { bore, outside, width, closedWidth, totalWidth } = other?.dimensions ?? {}
        const near = (a: number | undefined, b: number | undefined): boolean =>
          a !== undefined && b !== undefined && Math.abs(a - b) < 0.03
        const d = part.dimensions
        const sameSizes =
          near(d.bore, bore) &&
          near(d.outside, outside) &&
          [width, closedWidth, totalWidth].some((mm) => near(d.width, mm))
        const isRight = own === part && (!other || other.computed === true || sameSizes)
        return isRight ? [] : [`${text}: ${own?.base}, ${other?.base}`]
      })
    })
    expect(wrong).toEqual([])
  })

  it('letters tell lip and material; what is not listed is named by its sizes, in the unit they were given in', () => {
    expect(variantOf('TC 29x47x7 FKM', shipped)?.part).toMatchObject({
      base: '29x47x7',
      computed: true,
      dimensions: { bore: 29, outside: 47, width: 7 },
      seal: { lip: 'double', material: 'FKM' },
    })
    expect(variantOf('seal 1.125x1.987x.25', shipped)?.designation).toBe('seal 1 1/8 x 1.987 x 1/4 in')
    for (const text of ['TC 29x47x7 FKM', '29x47x7 SC', 'seal 1 1/8 x 1.987 x 1/4 in', 'AS 35x62x10 FPM']) {
      const written = variantOf(text, shipped)?.designation ?? ''
      expect(variantOf(written, shipped)).toEqual(variantOf(text, shipped))
    }
  })

  it.each([
    ['DIN 625 6205', '6205'],
    ['DIN 625-1 6205-2RS', '6205-2RS'],
    ['DIN720 30205', '30205'],
    ['ISO 355 - 30205', '30205'],
    ['DIN 472 608', null],
    ['DIN 472 102.5', null],
    ['ISO 472', null],
  ])(
    '%s: the standard of bearings before a number says nothing of it, any other is no part: %s',
    (text, number) => {
      expect(variantOf(text, shipped)?.designation ?? null).toBe(number)
    },
  )

  it.each([
    ['TC 20x25x7', true],
    ['TC 20x24.8x7', false],
    ['TC 20x70x7', true],
    ['TC 20x70.2x7', false],
    ['TC 20x35x2.5', true],
    ['TC 20x35x2.4', false],
    ['TC 20x35x25', true],
    ['TC 20x35x25.5', false],
    ['TC 500x530x15', true],
    ['TC 501x530x15', false],
    ['29x47x7 FKM', true],
  ])('%s is a seal by its sizes: %s', (text, isOne) => {
    expect(variantOf(text, shipped)?.part.family === 'seal').toBe(isOne)
  })

  it('single lip and nitrile unless the letters say otherwise; of parts of one size the commonest is named', () => {
    expect(variantOf('seal 29x47x7', shipped)?.part.seal).toEqual({ lip: 'single', material: 'NBR' })
    expect(variantOf('TC 29x47x7', shipped)?.part.seal).toEqual({ lip: 'double', material: 'NBR' })
    expect(variantOf('25x52x15', shipped)?.part.base).toBe('6205')
    expect(variantOf('40x80x18 C3', shipped)?.part.base).toBe('6208')
  })

  it('a number of a bearing behind such letters, and sizes that can be no seal, are none', () => {
    for (const text of ['TC 6203', 'TC 20x90x7', 'TC 47x29', 'seal 20x22x7', 'TC 20x35x40', '29x47x7'])
      expect(variantOf(text, shipped), text).toBeNull()
  })

  it('sizes of a seal may have dashes or gaps between them, letters before or behind', () => {
    for (const { base } of parts.filter((part) => part.piece === 'seal' && !part.base.endsWith(' in')))
      for (const between of ['-', ' ', '/'])
        for (const text of [`TC ${base}`, `${base} TC`])
          expect(variantOf(text.replaceAll('x', between), shipped)?.part.base, text).toBe(base)
  })

  it('letters of two types, and a standard with a part of another kind, are not read', () => {
    expect(variantOf('DIN 3760 AS 35x52x7', shipped)?.part).toMatchObject({
      base: '35x52x7',
      seal: { lip: 'double' },
    })
    expect(variantOf('WAS 35x52x7', shipped)?.part.seal?.lip).toBe('double')
    for (const text of ['AB 35x52x7', 'DIN 3760 6205', 'DIN 625 35x52x7'])
      expect(variantOf(text, shipped), text).toBeNull()
  })

  it.each([
    ['29x47x7', ['seal 29x47x7']],
    ['HMS5 29x47x7 RG', ['seal 29x47x7']],
    ['1.719 x 2.565', ['seal 1.719 x 2.565 x 1/2 in']],
    ['snap ring 52', ['shaft snap ring 52x2', 'bore snap ring 52x2']],
    ['circlip 1 1/8', ['shaft snap ring 1 1/8 in', 'bore snap ring 1 1/8 in']],
  ])('%s: %j are offered', (text, offered) => {
    expect(
      suggestionsFor(text, shipped)
        .map((s) => s.designation)
        .sort()
        .reverse(),
    ).toEqual(offered)
  })
})

describe('what may stand in for seals and hardware', () => {
  it('no two pieces of the catalogue are the same', () => {
    const same = sample.flatMap((from) =>
      loose.flatMap((to) =>
        from !== to &&
        from.family === to.family &&
        compareVariants(plainVariant(from), plainVariant(to)).verdict === 'identical'
          ? [`${from.base} = ${to.base}`]
          : [],
      ),
    )
    expect(same).toEqual([])
  })
  it.each([
    ['28x47x7', 'TC 28x47x7', 'upgrade'],
    ['TC 28x47x7', '28x47x7', 'conditional'],
    ['28x47x7 FKM', '28x47x7', 'conditional'],
    ['28x47x7 FKM', 'TC 28x47x7 FPM', 'upgrade'],
    ['28x47x7', 'seal 28x47x8', 'conditional'],
    ['28x47x7', 'seal 28x48x7', 'not-interchangeable'],
    ['cotter pin 4x32', 'cotter pin 4x40', 'conditional'],
    ['cotter pin 4x40', 'cotter pin 4x32', 'not-interchangeable'],
    ['DIN 471 25', 'DIN 472 25', 'not-interchangeable'],
    ['KM5', 'N05', 'not-interchangeable'],
    ['KM5', 'AN05', 'identical'],
    ['E-ring 10', 'DIN 471 12', 'not-interchangeable'],
  ])('%s by %s: %s (common practice)', (from, to, verdict) => {
    const [a, b] = [variantOf(from, shipped), variantOf(to, shipped)]
    if (!a || !b) throw new Error(`${from} or ${to} is not read`)
    expect(compareVariants(a, b).verdict).toBe(verdict)
  })
  it('heat decides for a seal', () => {
    const [a, b] = [variantOf('28x47x7', shipped), variantOf('28x47x7 FKM', shipped)]
    if (!a || !b) throw new Error('not read')
    const [hot, cold] = [150, 20].map((temperatureC) => compareVariants(b, a, { temperatureC }).verdict)
    expect([hot, cold]).toEqual(['not-interchangeable', 'conditional'])
    expect(equivalentsOf(a, shipped)[0]?.checks.map((c) => c.check)).not.toContain('clearance')
  })
})

describe('what goes with a piece, and what is taken for it (common practice)', () => {
  const companions = (name: string): string[] => {
    const part = findPart(shipped.catalogue, name)
    if (!part) throw new Error(name)
    return goesWith(part, shipped.catalogue).map(({ designation }) => designation)
  }
  it.each([
    ['castle nut M20x1.5', ['cotter pin 4x40', 'plain washer M20']],
    ['cotter pin 5x50', ['castle nut M24x2']],
    ['KM8', ['MB8', 'H208', 'H308']],
    ['MB8', ['KM8', 'H208']],
    ['H308', ['KM8', 'MB8', 'SN508']],
    ['bore snap ring 52x2', ['6205']],
    ['N5000-112', ['R8']],
    ['5100-75', ['R12']],
  ])('%s goes with %j', (name, others) => {
    expect(companions(name)).toEqual(expect.arrayContaining(others))
  })
  it('what goes with a piece of hardware is listed, and goes the other way as well', () => {
    const wrong = loose.flatMap((part) =>
      goesWith(part, shipped.catalogue).flatMap(({ designation }) => {
        // A bearing is told with its taper, `1210K`: a number, not a row.
        const other = readClean(designation, shipped)?.part ?? findPart(shipped.catalogue, designation)
        if (!other || other.computed) return [`${part.base}: ${designation} is not listed`]
        const back = goesWith(other, shipped.catalogue)
        const isCut = back.length === 8 || other.piece !== 'hardware'
        const wayBack = isCut || back.some((c) => c.designation === part.base)
        // A nut shows four of its pins.
        return wayBack || other.hardware?.what === 'castleNut'
          ? []
          : [`${part.base} with ${designation}, not back`]
      }),
    )
    expect(wrong).toEqual([])
  })
  it.each([
    ['castle nut M20x1.5', 'castle nut 3/4-16'],
    ['KM5', 'N05'],
    ['shaft snap ring 25x1.2', 'bore snap ring 25x1.2'],
    ['N5000-112', 'bore snap ring 28x1.2'],
    ['E-ring 6', 'E-ring 7'],
    ['cotter pin 4x40', 'cotter pin 5/32x1 1/4 in'],
  ])('%s is told %s', (name, other) => {
    const part = findPart(shipped.catalogue, name)
    expect(part && trapsOf(part, shipped.catalogue).map((t) => t.designation)).toContain(other)
  })
  it('near is within a sixteenth of an inch or two in a hundred', () => {
    const offersFor = (name: string): string[] => {
      const ring = findPart(shipped.catalogue, name)
      return ring ? trapsOf(ring, shipped.catalogue).map((t) => t.designation) : [name]
    }
    expect(offersFor('bore snap ring 100x3')).toContain('bore snap ring 102x4')
    expect(offersFor('E-ring 30')).toEqual([])
  })
  it('what is taken for a piece never stands in for it', () => {
    for (const part of sample)
      for (const { designation } of trapsOf(part, shipped.catalogue)) {
        const other = findPart(shipped.catalogue, designation, part.piece)
        expect(
          other && compareVariants(plainVariant(part), plainVariant(other)).verdict,
          `${part.base} by ${designation}`,
        ).not.toBe('identical')
      }
  })
})

describe('hardware as it is called over a counter (common practice)', () => {
  it.each([
    ['M20x1.5 castle nut', 'castle nut M20x1.5'],
    ['castellated nut M20 x 1.5', 'castle nut M20x1.5'],
    ['1"-14 castle nut', 'castle nut 1-14'],
    ['cotter 4x40', 'cotter pin 4x40'],
    ['1/8" x 1-1/2" split pin', 'cotter pin 1/8x1 1/2 in'],
    ['D washer for 3/4 spindle', 'D washer 3/4 spindle'],
    ['47mm internal circlip', 'bore snap ring 47x1.75'],
    ['retaining ring 1 in external', 'shaft snap ring 1 in'],
    ['8 mm E-clip', 'E-ring 8'],
    ['1.57" grease cap', 'dust cap 1.570 in'],
    ['hub cap 1.570 in', 'dust cap 1.570 in'],
    ['castle M20x1.5', 'castle nut M20x1.5'],
    ['KM8 lock nut', 'KM8'],
    ['washer MB8', 'MB8'],
    ['sleeve H208', 'H208'],
    ['KM 8 nut', 'KM8'],
    ['DIN 935 M20x1.5', 'castle nut M20x1.5'],
    ['dust cap 45.2 mm', 'dust cap 1.781 in'],
    ['tongued washer 1 1/4in spindle', 'tab washer 1 1/4 spindle'],
  ])('%s is %s', (text, base) => expect(findPart(shipped.catalogue, text)?.base).toBe(base))

  it('every piece with its words behind its size is itself', () => {
    const turned = loose.flatMap((part) => {
      const [, words, size] = /^([a-z][a-z -]*?) (?=[\dM])(.*)$/i.exec(part.base) ?? []
      return part.hardware && words && size ? [{ part, text: `${size} ${words}` }] : []
    })
    expect(turned.length).toBeGreaterThan(150)
    for (const { part, text } of turned) expect(findPart(shipped.catalogue, text), text).toBe(part)
  })

  it.each([
    ['circlip 25', ['shaft snap ring 25x1.2', 'bore snap ring 25x1.2']],
    ['spindle washer 1', ['tab washer 1 spindle', 'D washer 1 spindle']],
    ['castle nut M20', ['castle nut M20x1.5']],
    ['circlip 6205', ['6205']],
    ['M40x1.5 lock nut', ['KM8']],
    ['M24 nut', ['castle nut M24x2', 'castle nut M24x1.5']],
  ])('%s leaves open which', (text, offered) => {
    expect(variantOf(text, shipped)).toBeNull()
    expect(suggestionsFor(text, shipped).map(({ designation }) => designation)).toEqual(offered)
  })

  it.each(['nut 6205', 'bearing ring 6205', 'pin', 'nut', '4x40', 'M20x1.5'])('%s is no hardware', (text) =>
    expect(findPart(shipped.catalogue, text, 'hardware')).toBeUndefined(),
  )
})
