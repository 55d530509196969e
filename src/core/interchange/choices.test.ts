import { describe, expect, it } from 'vitest'
import { familyFacts, findPart, type Part } from '../catalogue'
import { confusionCost } from '../designation'
import { shipped } from '../../../tests/support/shipped'
import { turnsOf, type Application } from './check'
import { lookAlikeNumbers } from './lookAlikeNumbers'
import { isSameSize } from './sameSize'
import { compareVariants, plainVariant, speedLimit, trapsOf, variantOf } from '.'

const variant = (text: string) => {
  const found = variantOf(text, shipped)
  if (!found) throw new Error(`${text} is not known`)
  return found
}
const part = (base: string): Part => {
  const found = findPart(shipped.catalogue, base)
  if (!found) throw new Error(`${base} is not listed`)
  return found
}
const check = (name: string, from: string, to: string, application: Application = {}) =>
  compareVariants(variant(from), variant(to), application).checks.find((c) => c.check === name)

// The words beside each change of closure (common practice).
it.each([
  ['6205RS', '6205-2RS', {}, /from the hub side; the second one/],
  ['6205Z', '6205-2RS', {}, /Keeps water and dirt out better\.$/],
  ['6205', '6205RS', {}, /closed side faces outward; the open side is backed with grease/],
  ['6205', '6205-2RS', {}, /Closed on both sides: keeps its own grease/],
  ['6205ZZ', '6205-2RS', {}, /Keeps water and dirt out better\.$/],
  ['6205-2RS', '6205ZZ', { wet: true }, /Each face keeps out less .* at the wet face water gets in/],
  ['6205-2RS', '6205ZZ', {}, /Each face keeps out less .* right where it stays dry/],
  ['6205RS', '6205ZZ', {}, /The second side keeps more out, but each face less/],
  ['6205-2RS', '6205RS', { wet: true }, /Less protection .* On a wet wheel water gets in/],
  ['6205Z', '6205', {}, /Less protection .* relubricated from the side/],
  // Greased through its rings or its stud, seals or not: nobody relubricates it from the side, and none keeps a fill for life.
  ['GE25ES-2RS', 'GE25ES', {}, /Right only where it is clean\.$/],
  ['LM20UU', 'LM20', {}, /Right only where it is clean\.$/],
  ['KR35', 'KR35PP', {}, /keeps water and dirt out, and is greased as before/],
  ['6205', '6205-2RS', {}, /keeps its own grease/],
  ['6205-2RS', '6205DDU', {}, /^Same closure: contact seal on both sides/],
] as const)('%s → %s, %j: %s', (from, to, application, message) =>
  expect(check('closure', from, to, application)?.detail).toMatch(message),
)

describe('limits that decide', () => {
  it('a larger clearance is right from 80 °C on (common practice)', () => {
    expect(check('clearance', '6205', '6205/C3', { temperatureC: 79 })?.result).toBe('warn')
    expect(check('clearance', '6205', '6205/C3', { temperatureC: 80 })?.result).toBe('pass')
    expect(check('clearance', '6205/C4', '6205/C3', { temperatureC: 90 })?.detail).toMatch(/easy fits/)
    expect(check('clearance', '6205/C3', '6205/C3')?.detail).toBe('Same internal clearance, C3.')
  })
  it('a speed is too fast above its limit, near it above three quarters', () => {
    const limit = speedLimit(variant('6205')) ?? 0
    const at = (rpm: number) => check('speed', '6205', '6205', { rpm })?.result
    expect(at(Math.floor(limit))).toBe('warn')
    expect(at(Math.ceil(limit))).toBe('fail')
    expect(at(Math.floor(limit * 0.75))).toBeUndefined()
    expect(at(Math.ceil(limit * 0.75))).toBe('warn')
    expect(check('speed', '6205', '6205', { rpm: 12_345 })?.detail).toMatch(
      /about .*00 a minute|00 a minute is about/,
    )
  })
  it('without figures the word slow or fast speaks', () => {
    expect(check('speed', '6205', '6205-2RS', { speed: 'fast' })?.detail).toMatch(/check the speed limit/)
    expect(check('speed', '6205', '6205-2RS')?.detail).toMatch(/right where it turns slowly/)
    expect(check('speed', '6205', '6205-2RS', { speed: 'fast', rotatingRing: 'outer' })?.detail).toMatch(
      /road wheel/,
    )
  })
  it('turns follow from the road only with a tyre', () => {
    expect(turnsOf({ kmh: 100, tyreMm: 600 })).toBeCloseTo(884.2, 1)
    expect(turnsOf({ kmh: 100, tyreMm: 0 })).toBeUndefined()
    expect(turnsOf({ kmh: 100 })).toBeUndefined()
    expect(turnsOf({ rpm: 300, kmh: 100, tyreMm: 600 })).toBe(300)
  })
  // Rings keep their size to 120 °C, stabilised S0 to 150, S1 to 200 (handbook values from memory).
  it.each([
    ['6205', 120, 'pass'],
    ['6205', 121, 'warn'],
    ['6205S0', 150, 'pass'],
    ['6205S0', 151, 'warn'],
    ['6205S1', 200, 'pass'],
    ['6205-2RS', 100, 'pass'],
    ['6205-2RS', 101, 'warn'],
    ['6205ZZ', 110, 'pass'],
    ['6205VV', 101, 'warn'],
  ] as const)('%s at %i °C: %s', (text, temperatureC, result) =>
    expect(check('temperature', '6205', text, { temperatureC })?.result).toBe(result),
  )
  it('a plastic cage under heavy load is warned of only where the temperature is not known', () => {
    expect(check('cage', '6205', '6205TN9', { load: 'heavy' })?.result).toBe('warn')
    expect(check('cage', '6205', '6205TN9', { load: 'normal' })?.result).toBe('pass')
    expect(check('cage', '6205', '6205TN9')?.detail).toMatch(/120 °C/)
    expect(check('cage', '6205', '6205TN9', { load: 'heavy', temperatureC: 40 })?.result).toBe('pass')
  })
  it('a pressed cage where nothing was said is the standard one, of brass too', () => {
    expect(check('cage', 'NU205', 'NU205J')).toBeUndefined()
    expect(check('cage', '7205BECB', '7205BECBY')).toBeUndefined()
    expect(check('cage', 'NU205', 'NU205M')?.detail).toMatch(/as standard →/)
  })
  it('a wider tolerance class is a doubt, a closer one none', () => {
    expect(check('precision', '6205P5', '6205P6')?.result).toBe('warn')
    expect(check('precision', '6205P6', '6205P5')?.detail).toMatch(/P6 → P5\. Closer/)
    expect(check('precision', '6205P5', '6205P5')).toBeUndefined()
  })
  it('cones and cups of one series say what they run with', () => {
    expect(check('mating', 'L44643', 'L44649')?.detail).toMatch(/with the same cups/)
    expect(check('mating', 'L68110', 'L68111')?.detail).toMatch(/with the same cones/)
    expect(check('dimensions', 'L68111', 'L68110')?.detail).toMatch(/0\.843 mm smaller/)
  })
  it('sizes agree to the rounding of handbooks', () => {
    for (const [a, b, same] of [
      [25.4, 25.4, true],
      [51.994, 52, true],
      [51.993, 52, false],
    ] as const)
      expect(isSameSize(a, b)).toBe(same)
  })
  it('a closed miniature may be wider; of two open ones that differ nothing fits', () => {
    expect(check('dimensions', '688', '688ZZ')?.result).toBe('warn')
    expect(check('dimensions', '688ZZ', '688-2RS')?.result).toBe('pass')
    expect(check('dimensions', '688', '628')?.result).toBe('fail')
  })
})

// What each letter of the design means where it is lost, and where it is gained (common practice).
it.each([
  ['22208E', '22208', 'warn', 'pass'],
  ['22208W33', '22208', 'warn', 'pass'],
  ['22208W26', '22208', 'warn', 'pass'],
  ['UC205G2', 'UC205', 'warn', 'pass'],
  ['6308MAX', '6308', 'warn', 'warn'],
  ['NU208V', 'NU208', 'warn', 'warn'],
  ['30205A', '30205', 'warn', 'warn'],
  ['30205J', '30205', 'warn', 'pass'],
  ['30306D', '30306', 'fail', 'fail'],
  ['R12W', 'R12', 'fail', 'fail'],
  ['CSK25P', 'CSK25', 'fail', 'fail'],
  ['CSK25PP', 'CSK25', 'fail', 'fail'],
  ['KR30R', 'KR30', 'warn', 'warn'],
  ['6205VA201', '6205', 'warn', 'warn'],
  ['GE20C', 'GE20ES', 'warn', 'warn'],
  ['4T-30205', '30205', 'pass', 'pass'],
  ['HR30205', '30205', 'warn', 'pass'],
  ['B7205C', '7205C', 'warn', 'pass'],
] as const)('%s by %s: %s, the other way round %s', (a, b, lost, gained) => {
  expect([check('construction', a, b)?.result, check('construction', b, a)?.result]).toEqual([lost, gained])
})

it.each([
  ['6205P6', '6205', 'warn'],
  ['6205', '6205P6', 'pass'],
  ['6205S3', '6205S2', 'warn'],
  ['6205S2', '6205S3', 'pass'],
] as const)('%s by %s: %s', (a, b, result) =>
  expect((check('precision', a, b) ?? check('heat', a, b))?.result).toBe(result),
)

it('cages of one kind differ where they are guided on another ring', () => {
  expect(check('cage', 'NU205MA', 'NU205MB')?.detail).toMatch(/outer ring → .*inner ring\. No matter/)
  expect(check('cage', 'NU205M', 'NU205ECM')).toBeUndefined()
})
it.each([
  ['7205B-UL', '7205B-GA', /^UL → GA\. In a pair/],
  ['7205BECBP', '7205BEGAP', /^BECBP → BEGAP\. In a pair/],
  ['7205BEP', '7205BECBP', /^single bearing → BECBP\. Made for pairs/],
  ['7205BDB', '7205BDF', /^DB → DF\. A matched pair/],
] as const)('%s by %s: each is told its own letters of pairing', (from, to, pattern) =>
  expect(check('match', from, to)?.detail).toMatch(pattern),
)
it('letters are told without the dash that stands before them', () => {
  expect(check('grease', '6205-2RS-5K', '6205-2RS')?.detail).toMatch(/^5K → not named/)
})

describe("a part of the shop's own lists", () => {
  const ownPart = (base: string, width: number): Part => ({
    ...part('6205'),
    base,
    family: 'own',
    series: '',
    dimensions: { bore: 25, outside: 52, width },
  })
  const said = (from: Part, to: Part) => compareVariants(plainVariant(from), plainVariant(to))
  it('is known by its sizes alone: others of these sizes are a doubt, of other sizes they do not go', () => {
    const own = ownPart('Q 77', 15)
    for (const [from, to] of [
      [own, part('6205')],
      [part('NU205'), own],
    ] as const) {
      const { verdict, checks } = said(from, to)
      expect(verdict).toBe('conditional')
      expect(checks.map(({ check }) => check)).toEqual(['kind', 'dimensions'])
      expect(checks[0]?.detail).toMatch(/^Of Q 77 nothing but sizes is known/)
    }
    expect(said(own, own).verdict).toBe('identical')
    expect(said(own, ownPart('Q 78', 16)).verdict).toBe('not-interchangeable')
  })
})

describe('traps', () => {
  const named = (base: string) => trapsOf(part(base), shipped.catalogue)
  const trapsByBase = (base: string) => new Map(named(base).map((trap) => [trap.designation, trap]))
  it('the same with an inch bore comes first, of its own number only', () => {
    expect(
      named('6203')
        .slice(0, 3)
        .map((t) => t.designation),
    ).toEqual(['6203-1/2', '6203-5/8', '6203-3/4'])
    for (const other of ['7203', 'NU205', '6203-1/2'])
      expect(named(other).filter(({ why }) => why.startsWith('Same outside and width with'))).toEqual([])
  })
  it('a cone with the same cup is told as such, both ways', () => {
    expect(trapsByBase('L44643/L44610').get('L44649/L44610')?.why).toMatch(
      /^Same cup L44610, another cone: .* 1\.588 mm \(1\/16 in\) larger/,
    )
    expect(trapsByBase('L44649/L44610').get('L44643/L44610')?.why).toMatch(/smaller\. Similar size/)
    expect(trapsByBase('L44643/L44610').get('07100/07196')?.why).not.toMatch(/cup/)
  })
  it('one of another kind says so, and two of each such kind are enough', () => {
    for (const part of shipped.catalogue.parts.filter((_, i) => i % 7 === 0)) {
      const kinds = new Map<string, number>()
      for (const { designation, why, kind } of named(part.base)) {
        if (kind !== 'size') continue
        expect(why, part.base).not.toMatch(/[:,;] *\.|undefined/)
        expect(why, part.base).not.toMatch(
          /(?<![\d.])(\d[\d.]*) mm(?: over its washers)?,? (?:against|not) \1(?![\d.])/,
        )
        const other = findPart(shipped.catalogue, designation, part.piece)
        if (!other || other.family === part.family || !why.includes('Similar size')) continue
        const [a, b] = [familyFacts(part.family), familyFacts(other.family)]
        if (a.element !== b.element) expect(why, `${part.base} ${designation}`).toContain(b.label)
        kinds.set(other.family, (kinds.get(other.family) ?? 0) + 1)
      }
      expect(Math.max(0, ...kinds.values()), part.base).toBeLessThanOrEqual(2)
    }
  })
  it('every other cone of the same cup is told, up to the most near ones', () => {
    const cups = new Map<string, Part[]>()
    for (const set of shipped.catalogue.parts.filter((p) => p.set))
      cups.set(set.set?.cup ?? '', [...(cups.get(set.set?.cup ?? '') ?? []), set])
    const many = [...cups.values()].filter((sets) => new Set(sets.map((s) => s.dimensions.bore)).size > 4)
    expect(many.length).toBeGreaterThan(0)
    for (const [set] of many)
      expect(named(set?.base ?? '').filter(({ why }) => why.startsWith('Same cup')).length).toBeGreaterThan(3)
  })
  it('a one-way clutch is told the bearing of its size, and the bearing the clutch (common practice)', () => {
    expect(trapsByBase('CSK30').get('6206')?.why).toMatch(/turns both ways/)
    expect(trapsByBase('6206').get('CSK30')?.why).toMatch(/locks the other/)
    expect(trapsByBase('HF1616').get('HK1616')?.why).toMatch(/holds nothing back/)
    expect(trapsByBase('NU206').has('CSK30')).toBe(false)
  })
  it('a linear ball bearing is told every other one of its shaft, with what differs (common practice)', () => {
    expect(trapsByBase('LM12').get('LME12')?.why).toBe(
      'For the same shaft, but the outside is 22 mm, not 21 mm, the length is 32 mm, not 30 mm.',
    )
    expect(trapsByBase('LM12').get('LMF12')?.why).toBe('For the same shaft, but with a flange.')
    expect(trapsByBase('LM12').get('LM12L')?.why).toMatch(/the length is 57 mm, not 30 mm\.$/)
    // Of one size: what stands in, not what does not fit.
    expect(trapsByBase('LM8').has('KH0824')).toBe(false)
    const { checks } = compareVariants(variant('LM12UU'), variant('LM12UU'))
    expect(checks.some((c) => c.check === 'clearance')).toBe(false)
    expect(compareVariants(variant('LM12UU'), variant('LMF12UU')).verdict).toBe('not-interchangeable')
  })
  it('of a bearing that is wider closed, the width it has closed is compared', () => {
    const widths = (closed: boolean) =>
      trapsOf(part('22208'), shipped.catalogue, closed).flatMap(
        ({ why }) => /width [\d.]+ mm against ([\d.]+)/.exec(why)?.[1] ?? [],
      )
    expect(new Set(widths(false))).toEqual(new Set(['23']))
    expect(widths(true)).not.toContain('23')
    expect(
      trapsOf(part('22208'), shipped.catalogue, true).filter(({ why }) => /40 × 80 × 23/.test(why)),
    ).toEqual([])
    expect(trapsOf(part('22208'), shipped.catalogue, true).map((t) => t.designation)).not.toContain('2208')
  })
  it('a sixteenth of an inch is near, two millimetres are not', () => {
    expect(trapsByBase('R8').has('6001')).toBe(true)
    expect(trapsByBase('6203').has('RLS5')).toBe(true)
    expect(trapsByBase('6203').has('6202')).toBe(false)
  })
  it('the same size of another kind is told last, four at most, and a near one that rolls alike before', () => {
    const { length } = named('6205').filter(({ why }) => why.startsWith('Same size, but'))
    expect(length).toBe(4)
    const order = named('6205').map((t) => t.designation)
    expect(order.indexOf('1641')).toBeLessThan(order.indexOf('07097/07204'))
    expect(order.indexOf('30205')).toBeLessThan(order.indexOf('7205'))
  })
  it('cam followers and their like are told apart at a glance: near among themselves only', () => {
    for (const base of ['6205', 'NU205'])
      for (const { designation } of named(base)) {
        const family = findPart(shipped.catalogue, designation)?.family
        expect(['cam-follower', 'spherical-plain', 'thrust-roller']).not.toContain(family)
      }
  })
  it('needles are told their twins by end and ring, where those are listed', () => {
    expect(named('BK1612')[0]).toMatchObject({ designation: 'HK1612' })
    expect(named('RNA4905')[0]).toMatchObject({ designation: 'NA4905' })
    for (const { base, family } of shipped.catalogue.parts.filter((p) => p.family === 'needle'))
      for (const { designation, why } of named(base))
        if (/closed end|open at both|inner ring/.test(why))
          expect(findPart(shipped.catalogue, designation)?.family, base).toBe(family)
  })
  it('a track roller is told those that differ by washers, inner ring, or a quarter of a millimetre', () => {
    const why = (base: string, other: string): string =>
      named(base).find(({ designation }) => designation === other)?.why ?? ''
    expect(why('CF-1 1/4', 'KR32')).toContain('32 mm, not 31.75 mm')
    expect(why('KR32', 'CF-1 1/4')).toContain('its stud and thread are others')
    expect(why('STO25', 'NATR25')).toContain('25 mm over its washers, not 16 mm')
    expect(why('NATR25', 'STO25')).toContain('without washers')
    expect(why('STO25', 'RSTO25')).toContain('a hardened pin of 30 mm')
    expect(why('RSTO25', 'STO25')).toContain('with an inner ring, for a pin of 25 mm')
    const rollers = shipped.catalogue.parts.filter((p) => p.family === 'cam-follower')
    for (const { base, dimensions } of rollers)
      for (const { designation, kind } of named(base).filter((t) => t.kind === 'size')) {
        const twin = findPart(shipped.catalogue, designation)
        expect(twin?.family, `${base} ${designation} ${kind}`).toBe('cam-follower')
        expect(Math.abs((twin?.dimensions.outside ?? 0) - (dimensions.outside ?? 9)), base).toBeLessThan(2)
      }
  })
  it('an inch rod end is told from the metric one beside it', () =>
    expect(named('CMR5').find(({ designation }) => designation === 'POS8')?.why).toContain(
      'the bore is 8 mm, not 7.938 mm, the thread is M8x1.25, not 5/16-24',
    ))
  it('a rod end is told the other thread, the other hand and the other series on its bore', () => {
    const rods = shipped.catalogue.parts.filter((p) => p.family === 'rod-end')
    for (const { base, series, dimensions, shank } of rods) {
      const twins = rods.filter((p) => p.dimensions.bore === dimensions.bore && p.base !== base)
      const traps = named(base).filter(({ kind }) => kind === 'size')
      const hand = traps.filter(({ why }) =>
        why.includes(shank?.thread.endsWith('LH') ? 'right-hand' : 'left-hand'),
      )
      const end = traps.filter(({ why }) =>
        why.includes(shank?.kind === 'male' ? 'threaded hole' : 'threaded shank'),
      )
      expect([hand.length, end.length], base).toEqual([1, 1])
      for (const twin of twins) {
        const goes = compareVariants(variant(base), variant(twin.base))
        expect(goes.verdict, `${base} ${twin.base}`).toBe('not-interchangeable')
      }
      const others = traps.filter(({ why }) => why.startsWith('Same bore, another series'))
      expect(others.length, base).toBe(twins.some((p) => p.series !== series) ? 1 : 0)
      // 5/16 in and 8 mm, 1/2 in and 12 mm: near pins of the other system, of the same end and hand.
      const bore = dimensions.bore ?? 0
      const near = rods.filter(
        (p) =>
          Math.abs((p.dimensions.bore ?? 0) - bore) < 0.8 &&
          p.dimensions.bore !== bore &&
          p.shank?.kind === shank?.kind &&
          p.shank?.thread.endsWith('LH') === shank?.thread.endsWith('LH'),
      )
      const pins = traps.filter(({ why }) => why.startsWith('Near in size, but another pin'))
      expect(pins.map(({ designation }) => designation).sort(), base).toEqual(near.map((p) => p.base).sort())
    }
  })
})

// Told by another way: every pair of the catalogue, mark by mark.
it('numbers that read alike: one look-alike mark or two swapped neighbours, same length, sizes within two to one', () => {
  const isSwap = (a: string, b: string): boolean =>
    [...a].some(
      (_, i) => a[i] !== a[i + 1] && a.slice(0, i) + (a[i + 1] ?? '') + (a[i] ?? '') + a.slice(i + 2) === b,
    )
  const isMisread = (a: string, b: string): boolean => {
    const off = [...a].flatMap((mark, i) => (mark === b[i] ? [] : [confusionCost(mark, b[i] ?? '')]))
    return off.length === 1 && (off[0] ?? 9) < 4
  }
  const plain = shipped.catalogue.parts.filter(
    ({ piece, set, base }) => piece === 'complete' && !set && /^[A-Z\d]+$/.test(base) && base.length >= 4,
  )
  const size = ({ dimensions: d }: Part) => d.outside ?? d.bore ?? NaN
  let swaps = 0
  for (const one of plain.filter((_, i) => i % 9 === 0)) {
    const expected = plain.filter(
      (other) =>
        other !== one &&
        other.base.length === one.base.length &&
        Math.max(size(one), size(other)) <= 2 * Math.min(size(one), size(other)) &&
        (isMisread(one.base, other.base) || isSwap(one.base, other.base)),
    )
    swaps += expected.filter((other) => isSwap(one.base, other.base)).length
    const found = new Set(lookAlikeNumbers(one, shipped.catalogue))
    for (const other of expected) expect(found.has(other), `${one.base} ${other.base}`).toBe(true)
    for (const other of found) if (plain.includes(other)) expect(expected).toContain(other)
  }
  expect(swaps).toBeGreaterThan(0)
})

describe('which of the two is told (common practice)', () => {
  const detail = (from: string, to: string, name: string, application = {}) =>
    check(name, from, to, application)?.detail ?? ''
  it('the one with four points, whichever way it is asked', () => {
    expect(detail('7210B', 'QJ210', 'design')).toContain('QJ210 touches its balls in four points')
    expect(detail('QJ210', '7210B', 'design')).toContain('QJ210 holds the shaft both ways, 7210 one way only')
  })
  it('a grease that is not told, and two that are', () => {
    for (const [from, to] of [
      ['6205-2RS MT33', '6205-2RS'],
      ['6205-2RS', '6205-2RS MT33'],
    ] as const)
      expect(detail(from, to, 'grease')).toContain('The grease of one is not told')
    expect(detail('6205-2RS MT33', '6205-2RS HT51', 'grease')).toContain('Another grease')
  })
  it('a material that does not stand the heat, in the same material too', () => {
    expect(detail('35x52x7 NBR', '35x52x7 NBR', 'material', { temperatureC: 140 })).toContain(
      'NBR is for -40 to 100 °C',
    )
    expect(detail('35x52x7 NBR', '35x52x7 FKM', 'material', { temperatureC: -30 })).toContain(
      'FKM is for -20 to 200 °C',
    )
    expect(detail('35x52x7 NBR', '35x52x7 NBR', 'material', { temperatureC: 100 })).toBe(
      'Same material: NBR.',
    )
    expect(detail('35x52x7 NBR', '35x52x7 NBR', 'material')).toBe('Same material: NBR.')
  })
  it('a thread that does not screw on, a ring that does not sit', () => {
    expect(detail('castle nut M20x1.5', 'castle nut M24x2', 'thread')).toContain('It does not screw on.')
    expect(detail('shaft snap ring 25x1.2', 'shaft snap ring 30x1.5', 'nominalMm')).toContain(
      'It does not sit where the old one sat.',
    )
  })
})
