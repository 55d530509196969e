import { describe, expect, it } from 'vitest'
import { findPart, type Part } from '../catalogue'
import { shipped } from '../../../tests/support/shipped'
import { speedLimit } from './checks/speed'
import { lookAlikeNumbers } from './lookAlikeNumbers'
import { wheelRpm } from '../grease'
import { compareVariants, equivalentsOf, matesOf, plainVariant, trapsOf, variantOf } from '.'

const variant = (text: string) => {
  const found = variantOf(text, shipped)
  if (!found) throw new Error(`${text} is not known`)
  return found
}
const verdict = (from: string, to: string, ...application: Parameters<typeof compareVariants>[2][]) =>
  compareVariants(variant(from), variant(to), ...application)

describe('pairs (common practice)', () => {
  it.each([
    ['6205-2RS', '6205DDU', 'identical'],
    ['6205-2RS', '6205LLU', 'identical'],
    ['6902RS', '6902-2RS', 'upgrade'],
    ['6205ZZ', '6205LLB', 'upgrade'],
    ['6205', '6205-2RS', 'conditional'],
    ['6205-2RS', '6205', 'conditional'],
    ['6205', '6205/C3', 'conditional'],
    ['688', '688ZZ', 'conditional'],
    ['MR126', 'SMR126', 'conditional'],
    ['6205', '1641', 'not-interchangeable'],
    ['R8', '6001', 'not-interchangeable'],
    ['NU205', 'NJ205', 'not-interchangeable'],
    ['NU205', 'NUP205', 'not-interchangeable'],
    ['N205', 'NU205', 'conditional'],
    ['NF205', 'NJ205', 'not-interchangeable'],
    ['HK1612', 'BK1612', 'not-interchangeable'],
    ['BK1612', 'HK1612', 'not-interchangeable'],
    ['UC205', 'SA205', 'conditional'],
    ['ER205', 'UC205', 'not-interchangeable'],
    ['UC208', 'UK208', 'not-interchangeable'],
    ['NATR20', 'NUTR20', 'conditional'],
    ['KR32', 'KRE32', 'not-interchangeable'],
    ['NUKRE40', 'NUKR40', 'not-interchangeable'],
    ['PWKRE40', 'PWKR40', 'not-interchangeable'],
    ['KRE40', 'NUKRE40', 'conditional'],
    ['KR32', 'KR32X', 'conditional'],
    ['NKX20', 'NKXR20', 'conditional'],
    ['LM8UU', 'KH0824PP', 'conditional'],
    ['LM12UU', 'LM12UU-AJ', 'conditional'],
    ['LM12UU-OP', 'LM12UU', 'not-interchangeable'],
    ['LM12UU', 'LME12UU', 'not-interchangeable'],
    ['CF-1', 'CF-1-B', 'upgrade'],
    ['CF-1-B', 'CF-1', 'conditional'],
    ['15101', '15102', 'conditional'],
    ['15101/15245', '15102/15245', 'conditional'],
    ['7205B', '7205C', 'not-interchangeable'],
    ['7205', '7205B', 'conditional'],
    ['7205BDB', '7205B', 'not-interchangeable'],
    ['7205B', '7205BDB', 'not-interchangeable'],
    ['7205BDB', '7205BDT', 'not-interchangeable'],
    ['7205B', '7205BG', 'upgrade'],
    ['7205BEP', '7205BECBP', 'upgrade'],
    ['7205BECBP', '7205BEP', 'conditional'],
    ['6205-2RSMT33', '6205-2RSMT47', 'conditional'],
    ['6205-2RS', '6205-2RSMT47', 'conditional'],
    ['6205-2RSMT47', '6205-2RS', 'conditional'],
    ['6203', '6203-5/8', 'not-interchangeable'],
    ['6203-5/8', '6203', 'not-interchangeable'],
    ['LM11749', 'LM11949', 'not-interchangeable'],
    ['L44643', 'L44649', 'not-interchangeable'],
    ['L44643/L44610', 'L44649/L44610', 'not-interchangeable'],
    ['L44610', 'L45410', 'not-interchangeable'],
    ['6205', 'L44610', 'not-interchangeable'],
  ])('%s → %s: %s', (from, to, expected) => {
    const found = verdict(from, to)
    expect(found.verdict).toBe(expected)
    expect(found.checks.length).toBeGreaterThan(0)
    if (expected === 'not-interchangeable') expect(found.checks.some((c) => c.result === 'fail')).toBe(true)
  })

  it('open to two contact seals is an upgrade when slow and wet, conditional when fast', () => {
    expect(verdict('6205', '6205-2RS', { speed: 'slow', wet: true }).verdict).toBe('upgrade')
    const fast = verdict('6205', '6205-2RS', { speed: 'fast' })
    expect(fast.verdict).toBe('conditional')
    expect(fast.checks.find((c) => c.check === 'speed')?.detail).toMatch(/0\.6/)
  })

  it.each([
    ['6205', '6205-2RS', { rpm: 300 }, 'upgrade'],
    ['6205', '6205-2RS', { rpm: 7_500 }, 'conditional'],
    ['6205', '6205-2RS', { rpm: 12_000 }, 'not-interchangeable'],
    ['6205', '6205ZZ', { rpm: 9_000 }, 'upgrade'],
    ['6205', '6205/C3', { temperatureC: 95 }, 'upgrade'],
    ['6205', '6205/C3', { rotatingRing: 'inner', load: 'heavy' }, 'upgrade'],
    ['6205/C3', '6205', { temperatureC: 95 }, 'conditional'],
    ['6205ZZ', '6205-2RS', { rpm: 500, temperatureC: 130 }, 'conditional'],
    ['MR126', 'SMR126', { wet: true, load: 'light' }, 'upgrade'],
    ['NU205M', 'NU205', {}, 'conditional'],
    ['6205P5', '6205', {}, 'conditional'],
    ['6205', '6205P5', {}, 'upgrade'],
  ] as const)('%s → %s where %j: %s', (from, to, application, expected) =>
    expect(verdict(from, to, application).verdict).toBe(expected),
  )

  it('speed limits follow the mean diameter: larger bearings turn slower (common practice)', () => {
    const limits = ['6201', '6205', '6210', '6220'].map((text) => speedLimit(variant(text)) ?? 0)
    limits.forEach((limit, i) => i > 0 && expect(limit).toBeLessThan(limits[i - 1] ?? 0))
    // Handbook rows from memory: 6205 about 14 000 open with grease, 8 500 with contact seals.
    expect(speedLimit(variant('6205'))).toBeGreaterThan(12_000)
    expect(speedLimit(variant('6205'))).toBeLessThan(16_000)
    expect(speedLimit(variant('6205-2RS'))).toBeGreaterThan(7_500)
    expect(speedLimit(variant('6205-2RS'))).toBeLessThan(10_000)
  })

  it('says how much wider the closed miniature is', () => {
    expect(verdict('688', '688ZZ').checks.find((c) => c.check === 'dimensions')).toMatchObject({
      result: 'warn',
      detail: expect.stringMatching(/1 mm larger/),
    })
  })
})

it.each([
  ['NU205', 'NJ205', 'NU lets the shaft move both ways, NJ holds the shaft one way.'],
  ['NUP205', 'N205', 'NUP holds the shaft both ways, N lets the shaft move both ways.'],
  ['NF205', 'NUP205', 'NF holds the shaft one way, NUP holds the shaft both ways.'],
  ['NN3010', 'NCF3010', 'NN lets the shaft move both ways, NCF holds the shaft one way.'],
  ['UC205', 'SA205', 'UC is locked by set screws, SA by an eccentric collar: check the shaft and the room.'],
  ['HC205', 'SB205', 'HC is locked by an eccentric collar, SB by set screws: check the shaft and the room.'],
])('%s by %s: what the letters tell of the design (ISO 5593, common practice)', (from, to, detail) => {
  expect(verdict(from, to).checks.find((c) => c.check === 'design')?.detail).toBe(detail)
})

it('inch tapered parts are told to have the same sizes exactly where they have', () => {
  const inch = shipped.catalogue.parts.filter(({ family }) => family === 'tapered-inch')
  const counts = { alike: 0, other: 0 }
  for (const from of inch)
    for (const to of inch) {
      if (from === to || from.piece !== to.piece || from.series !== to.series) continue
      const { checks } = compareVariants(plainVariant(from), plainVariant(to))
      const isAlike = checks.some((c) => c.check === 'dimensions' && c.result === 'pass')
      expect(
        checks.some((c) => c.check === 'design'),
        `${from.base} → ${to.base}`,
      ).toBe(isAlike)
      counts[isAlike ? 'alike' : 'other']++
    }
  expect(counts.alike).toBeGreaterThan(50)
  expect(counts.other).toBeGreaterThan(500)
})

describe('cages (common practice)', () => {
  const NO_CAGE = new Set(['no cage', 'cage with rollers only', 'the usual cage'])
  it('every token that speaks of a cage tells which, whatever else it tells', () => {
    const untold = shipped.tokens
      .filter(({ meaning }) => meaning.includes('cage') && ![...NO_CAGE].some((no) => meaning.includes(no)))
      .filter(({ cage }) => cage === null)
    expect(untold.map(({ text }) => text)).toEqual([])
  })
  it.each(['NU205ECP', '7205BECBP', '7205BEP', '6205TN9', 'NU205ET', '6205T'])(
    '%s is told of 120 °C, however its cage is written',
    (text) => {
      const plain = text.replace(/[A-Z]+\d?$/, text.startsWith('72') ? 'B' : '')
      for (const [temperatureC, result] of [
        [120, 'pass'],
        [121, 'warn'],
      ] as const) {
        const { checks } = verdict(plain, text, { temperatureC })
        const found = checks.find(({ check }) => check === 'temperature')
        expect([temperatureC, found?.result]).toEqual([temperatureC, result])
        if (result === 'warn') expect(found?.detail).toMatch(/cage/)
      }
    },
  )
  it.each([
    ['NU205ECM', 'NU205ECP', 'warn'],
    ['NU205M', 'NU205ECJ', 'warn'],
    ['7205BECBM', '7205BECBP', 'warn'],
    // Pressed brass is no machined cage.
    ['7205BECBY', '7205BECBJ', 'pass'],
    ['NU205ECP', 'NU205ECM', 'pass'],
    ['NU205M', 'NU205Q', 'pass'],
    ['NU205Q', 'NU205P', 'warn'],
  ])('%s → %s: %s, for shocks a machined cage was chosen', (from, to, result) =>
    expect(verdict(from, to).checks.find(({ check }) => check === 'cage')?.result).toBe(result),
  )
})

// What a number tells is compared, whatever it is; pressed cages and these letters alone tell what is usual anyway (common practice).
describe('no letter of a number is passed over', () => {
  const USUAL = new Set(['CN', 'P0', 'ABEC1', '#1', 'K'])
  const isUsual = ({ text, kind, cage, meaning }: (typeof shipped.tokens)[number]) =>
    USUAL.has(text) ||
    (kind === 'cage' && cage?.startsWith('pressed')) ||
    meaning.startsWith('steel on steel')
  const commonest = new Map<string, Part>()
  for (const part of shipped.catalogue.parts) {
    const known = commonest.get(part.family)
    if (part.piece === 'complete' && (!known || part.commonness > known.commonness))
      commonest.set(part.family, part)
  }
  it.each([...commonest.values()].map((part) => [part.family, part.base] as const))(
    '%s, %s: letters that it may carry make another one of it, and so do letters nobody knows',
    (family, base) => {
      const plain = variant(base)
      const same: string[] = []
      for (const token of shipped.tokens) {
        const { text, where, families } = token
        if (!families.some((f) => f === family)) continue
        const other = variantOf(where === 'prefix' ? text + base : `${base}-${text}`, shipped)
        if (other?.part !== plain.part || other.designation === plain.designation) continue
        for (const [from, to] of [
          [plain, other],
          [other, plain],
        ] as const)
          if (compareVariants(from, to).verdict === 'identical' && !isUsual(token)) same.push(text)
      }
      expect(same).toEqual([])
      const strange = variantOf(`${base} XQ`, shipped)
      if (strange) expect(compareVariants(plain, strange).verdict).toBe('conditional')
      if (strange) expect(compareVariants(strange, strange).verdict).toBe('identical')
    },
  )
  it.each([
    ['6205-2RS JAPAN', '6205-2RS'],
    ['6205-2RS', '6205-2RS MADE IN GERMANY 42'],
    ['6205-2RS/C3 CHINA', '6205-2RS/C3 42'],
    ['NU205ECP', 'NU205E-TVP2'],
    ['22210EK', '22210-E1-K'],
    ['7205BEP', '7205B-TVP'],
    ['NU205ECM', 'NU205EM'],
  ])('%s and %s are one: country, batch and the letters of another convention', (from, to) => {
    expect(verdict(from, to).verdict).toBe('identical')
    expect(verdict(to, from).verdict).toBe('identical')
  })
  it.each([
    ['6205-2RS XQ', '6205-2RS', /not understood: XQ → nothing/],
    ['22205W33', '22205', /No groove for grease .* No holes for grease/],
    ['22205', '22205W33', /do no harm/],
    ['22208EK', '22208K', /carries less/],
    ['6308MAX', '6308', /more along the shaft/],
    ['GE20ES', 'GE20C', /runs dry/],
    ['SI20C', 'SI20ES', /has to be greased/],
    ['30306D', '30306', /Another angle/],
    ['6312VL0241', '6312', /burns the tracks/],
    ['6205S1', '6205S0', /150 °C, the old ones to 200 °C/],
    ['6205S0', '6205S2', /keep their size to 250 °C/],
    ['6205', '6205HT', /not told up to which/],
    ['7205B-2RS', '7205B', /Less protection/],
    ['B7205C', '7205C', /Not told to be made for spindles/],
  ])('%s by %s: %s', (from, to, message) => {
    const said = verdict(from, to)
    expect(said.verdict).not.toBe('identical')
    expect(said.checks.map(({ detail }) => detail).join(' ')).toMatch(message)
  })
})

it('the one-sided original is offered the two-sided one as an upgrade, with the reason', () => {
  const offered = equivalentsOf(variant('6902-RS'), shipped).find((e) => e.designation === '6902-2RS')
  expect(offered?.verdict).toBe('upgrade')
  expect(offered?.checks.find((c) => c.check === 'closure')?.detail).toMatch(/hub side/)
})

it('every spelling of a closure reads back as itself', () => {
  for (const { designation, closure } of equivalentsOf(variant('6205-2RS'), shipped))
    expect(variant(designation).closure, designation).toEqual(closure)
})

// Options are never lost: whatever stands beside the closure stands beside it in every spelling (common practice).
it.each(['SMR137C-2OS #7 NB2', '6205-2RS/C3', '6205NR', 'S608ZZ', '6205-2RS1/C3MT33', 'MR126ZZ #5'])(
  '%s: every equivalent is read back, and the identical ones keep every option',
  (text) => {
    const from = variant(text)
    const list = equivalentsOf(from, shipped)
    expect(list.length).toBeGreaterThan(4)
    for (const { designation, verdict: said } of list) {
      const to = variantOf(designation, shipped)
      expect(to?.part, designation).toBe(from.part)
      if (said !== 'identical') continue
      expect(
        to && [to.materials, to.clearance, to.groove, to.precision, to.undecoded, to.closure],
        designation,
      ).toEqual([from.materials, from.clearance, from.groove, from.precision, from.undecoded, from.closure])
    }
  },
)

it('letters that mean two closures are never identical to one of them, nor offered as a spelling', () => {
  expect(verdict('6205DD', '6205-2RS')).toMatchObject({ verdict: 'conditional' })
  expect(verdict('6205DD', '6205DD').verdict).toBe('identical')
  const offered = equivalentsOf(variant('6205-2RS'), shipped).map((e) => e.designation)
  expect(offered).not.toContain('6205DD')
  expect(offered).not.toContain('6205PP')
})

// Steel, stainless and hybrid, asked both ways: gain and loss are both said (common practice).
it.each([
  ['MR137', 'SMR137', /Gained: stainless.*lost: it carries/],
  ['SMR137', 'MR137', /Lost: stainless.*Gained: it carries/],
  ['MR137C', 'MR137', /Lost: ceramic balls/],
  ['MR137', 'MR137C', /Gained: ceramic balls/],
  ['SMR137C', 'MR137', /Lost: .*Lost: /],
])('%s → %s tells gain and loss', (from, to, said) =>
  expect(verdict(from, to).checks.find((c) => c.check === 'material')?.detail).toMatch(said),
)

it('two weaker closures are no gain at the face that was sealed', () => {
  for (const wet of [true, false]) expect(verdict('6204RS', '6204VV', { wet }).verdict).toBe('conditional')
  expect(verdict('6204RS', '6204-2RS', { wet: true }).verdict).toBe('upgrade')
})

it('a road wheel is a slow bearing: turns follow from speed and tyre', () => {
  expect(wheelRpm(100, 600)).toBeCloseTo(884.2, 1)
  expect(verdict('6205', '6205-2RS', { kmh: 100, tyreMm: 600 }).verdict).toBe('upgrade')
  expect(verdict('6205', '6205-2RS', { speed: 'fast', rotatingRing: 'outer' }).verdict).toBe('upgrade')
})

it('traps of each kind: insert and its shell, encoder, closed end, inner ring', () => {
  const named = (base: string) => {
    const part = findPart(shipped.catalogue, base)
    return part ? trapsOf(part, shipped.catalogue).map((t) => t.designation) : []
  }
  expect(named('SB206')).toContain('6206')
  expect(named('6206')).toContain('UC206')
  expect(named('39x72x37')).toContain('39x72x37')
  expect(named('HK1612')).toContain('BK1612')
  expect(named('NA4905')).toContain('RNA4905')
  expect(named('51208')).toContain('52208')
  expect(named('52208')).toContain('51208')
  expect(named('6203')).toContain('6203-5/8')
  expect(named('6902')).not.toContain('6920')
  expect(verdict('SB206', 'UC206').verdict).toBe('conditional')
})

it('traps are near and never interchange', () => {
  const of = (base: string) => {
    const part = findPart(shipped.catalogue, base)
    return part ? trapsOf(part, shipped.catalogue) : []
  }
  expect(of('L44643/L44610').map((t) => t.designation)).toContain('L44649/L44610')
  expect(of('6205').map((t) => t.designation)).toContain('1641')
  expect(of('R8').map((t) => t.designation)).toContain('6001')
  for (const base of ['6205', 'L44643/L44610', '688'])
    for (const trap of of(base))
      expect(verdict(base, trap.designation).verdict, `${base} ${trap.designation}`).toBe(
        'not-interchangeable',
      )
})

it('a cone runs with the cups of its series and no other', () => {
  const cone = findPart(shipped.catalogue, 'L68149')
  const cup = findPart(shipped.catalogue, 'L44610')
  expect(cone && matesOf(cone, shipped.catalogue).map((m) => m.part.base)).toEqual(['L68110', 'L68111'])
  expect(cup && new Set(matesOf(cup, shipped.catalogue).map((m) => m.part.base))).toEqual(
    new Set(['L44643', 'L44649', 'L44640']),
  )
})

/** Pairs of the inch lists that are one size under two numbers (common practice). */
const ONE_SIZE = [
  '1623 99502H',
  '1640 RLS7',
  '1652 RLS9',
  '62200 63200',
  '30BD219 30BD40',
  '6205-3/4 6304-3/4',
]

it.each([
  ['UCP206', 'UCF206', 'kind'],
  ['UCP206', 'UCP207', 'centreHeightMm'],
  ['UCFL206', 'UCFL207', 'boltSpacingMm'],
  ['UCP206', 'UC206', 'housing'],
  ['UC206', 'UCP206', 'housing'],
])('a unit %s is not replaced by %s: %s', (from, to, check) => {
  const { verdict: said, checks } = verdict(from, to)
  expect(said).toBe('not-interchangeable')
  expect(checks.find((c) => c.check === check)?.result).toBe('fail')
})

it('of a unit the shafts within 4 mm, its insert alone and the other housings are taken for it', () => {
  const named = trapsOf(variant('UCP207').part, shipped.catalogue).map(({ designation }) => designation)
  const shafts = ['20', '21', '22', '23'].map((sixteenths) => `UCP207-${sixteenths}`)
  expect(named).toEqual(['UC207', ...shafts, 'UCF207', 'UCFL207', 'UCFC207', 'UCT207'])
})

it('units in one housing differ by how their inserts are locked: UCP206 and SAP206', () => {
  const { verdict: said, checks } = verdict('UCP206', 'SAP206')
  expect(said).toBe('conditional')
  expect(checks.find((c) => c.check === 'design')?.detail).toMatch(/set screws.*eccentric collar/)
  expect(checks.filter(({ result, check }) => result === 'fail' && check !== 'design')).toEqual([])
})

it('two numbers of the catalogue are never identical, but for those that are one size by two names', () => {
  const bySize = new Map<string, Part[]>()
  for (const part of shipped.catalogue.parts) {
    if (part.piece === 'hardware' || part.piece === 'seal') continue
    const { bore = 0, outside = 0, width, totalWidth } = part.dimensions
    const key = [part.piece, ...[bore, outside, width ?? totalWidth ?? 0].map((mm) => mm.toFixed(1))].join(
      ' ',
    )
    bySize.set(key, [...(bySize.get(key) ?? []), part])
  }
  const identical = [...bySize.values()].flatMap((group) =>
    group.flatMap((a) =>
      group.flatMap((b) =>
        a.base < b.base && compareVariants(plainVariant(a), plainVariant(b)).verdict === 'identical'
          ? [`${a.base} ${b.base}`]
          : [],
      ),
    ),
  )
  expect(identical.sort()).toEqual([...ONE_SIZE].sort())
})

it('the numbers that look most like one are among its traps, four at most', () => {
  let full = 0
  for (const part of shipped.catalogue.parts.filter((_, i) => i % 9 === 0)) {
    const traps = trapsOf(part, shipped.catalogue)
    const byNumber = traps.filter(({ kind }) => kind === 'number').map(({ designation }) => designation)
    const others = new Set(traps.filter(({ kind }) => kind !== 'number').map((t) => t.designation))
    const like = lookAlikeNumbers(part, shipped.catalogue).map(({ base }) => base)
    const wanted = like.filter((base) => !others.has(base))
    expect(byNumber, part.base).toEqual(wanted.slice(0, 4))
    if (wanted.length > 4) full++
  }
  expect(full).toBeGreaterThan(0)
})
