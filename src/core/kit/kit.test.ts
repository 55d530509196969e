import { describe, expect, it } from 'vitest'
import { shipped, shippedKnowledge } from '../../../tests/support/shipped'
import {
  arrangementOf,
  ARRANGEMENTS,
  arrangementProblemWords,
  ArrangementFile,
  explodedView,
  proposeKit,
  resolveArrangement,
  SHIPPED_FILES,
  suitsArrangement,
  type KitRequest,
  type SupplyOf,
} from '.'
import { findBySeat } from './findBySeat'
import { knownPart, resolvePart } from '../part'
import { findSeals } from '../seals'
import { ballCount } from './ballCount'

const propose = (code: string, request: KitRequest, supplyOf?: SupplyOf) =>
  proposeKit(arrangementOf(code), request, shippedKnowledge, { supplyOf })

const PARTS = { innerCone: 'L68149', innerCup: 'L68110', outerCone: 'LM12749', outerCup: 'LM12710' }
const SIZES = { sealShaft: 42, sealHousing: 62, sealWidth: 8, cavityLength: 48, hubMouth: 45.24 }
const kit = (change: Partial<KitRequest> = {}) =>
  propose('A1', { positions: 4, parts: PARTS, sizes: SIZES, thread: '3/4-16', ...change })
const line = (k: ReturnType<typeof kit>, slot: string) => k.lines.find((l) => l.slot === slot)

describe('A1, four wheels, two different sets', () => {
  it('is complete, with everything times four', () => {
    const k = kit()
    expect(k.complete).toBe(true)
    expect(k.lines.map((l) => [l.slot, l.designation, l.quantity, l.state])).toEqual([
      ['seal', '42x62x8', 4, 'filled'],
      ['innerCone', 'L68149', 4, 'filled'],
      ['innerCup', 'L68110', 4, 'filled'],
      ['outerCup', 'LM12710', 4, 'filled'],
      ['outerCone', 'LM12749', 4, 'filled'],
      ['washer', 'tab washer 3/4 spindle', 4, 'filled'],
      ['castleNut', 'castle nut 3/4-16', 4, 'filled'],
      ['cotterPin', 'cotter pin 4x40', 4, 'filled'],
      ['cap', 'dust cap 1.781 in', 4, 'filled'],
      ['grease', 'wheel bearing grease', expect.any(Number), 'filled'],
    ])
    expect(k.lines.filter((l) => l.singleUse).map((l) => l.slot)).toEqual(['seal', 'cotterPin'])
  })

  it('computes grease: free volume of both sets and a third of the cavity', () => {
    // Free share 0.30 of π/4·T·(D² − d²) of each set; cavity between spindle 35.001 and 45.237 − 6 mm, 48 mm long; 0.9 g/ml.
    const set = (t: number, D: number, d: number) => 0.3 * (Math.PI / 4) * t * (D ** 2 - d ** 2) * 1e-3
    const cavity = (Math.PI / 4) * 48 * (39.237 ** 2 - 35.001 ** 2) * 1e-3
    const grams = 0.9 * (set(15.875, 59.131, 35.001) + set(15.494, 45.237, 21.986) + cavity / 3)
    expect(line(kit(), 'grease')?.quantity).toBe(Math.ceil(grams) * 4)
  })

  it('leaving the seal out shows a gap', () => {
    for (const change of [{ parts: { ...PARTS, seal: 'out' } }, { sizes: {} }]) {
      const k = kit(change)
      expect(line(k, 'seal')).toMatchObject({ state: 'gap', quantity: 4 })
      expect(k.complete).toBe(false)
      expect(k.next?.heading).toMatch(/seal/)
    }
  })

  it('refuses a cup of another series with words', () => {
    const k = kit({ parts: { ...PARTS, innerCup: 'LM11710' } })
    expect(line(k, 'innerCup')).toMatchObject({
      state: 'conflict',
      reason: expect.stringMatching(/series LM11700.*series L68100/),
    })
    expect(k.checks.find((c) => c.result === 'fail')?.slots).toEqual(['innerCone', 'innerCup'])
    expect(k.complete).toBe(false)
  })

  it('refuses sets that are mixed up, parts of the wrong kind, reuse of once-only parts, threads the cone does not pass', () => {
    const swapped = kit({
      parts: { innerCone: 'LM12749', innerCup: 'LM12710', outerCone: 'L68149', outerCup: 'L68110' },
    })
    expect(line(swapped, 'outerCone')?.state).toBe('conflict')
    expect(line(kit({ parts: { ...PARTS, innerCup: 'L68149' } }), 'innerCup')).toMatchObject({
      state: 'conflict',
      reason: expect.stringMatching(/is a cone/),
    })
    expect(line(kit({ parts: { ...PARTS, cotterPin: 'keep' } }), 'cotterPin')).toMatchObject({
      state: 'conflict',
      reason: expect.stringMatching(/single use/i),
    })
    expect(line(kit({ thread: '1-14' }), 'castleNut')?.state).toBe('conflict')
    expect(line(kit({ parts: { ...PARTS, innerCone: 'L99999' } }), 'innerCone')?.state).toBe('gap')
  })

  it('proposes what is usual without a measurement, and says that it must be confirmed', () => {
    const k = propose('A1', { positions: 1, parts: PARTS, sizes: {} })
    for (const slot of ['castleNut', 'cap'])
      expect(line(k, slot)).toMatchObject({ state: 'filled', assumed: true })
  })

  it('asks which cup when several run with the cone', () => {
    const k = kit({ parts: { ...PARTS, innerCup: 'auto' } })
    expect(line(k, 'innerCup')).toMatchObject({ state: 'gap', alternatives: ['L68110', 'L68111'] })
  })

  it('takes a set for both of its places', () => {
    const k = kit({ parts: { innerBearing: 'L68149/L68110', outerBearing: 'LM12749/LM12710' } })
    expect(k.complete).toBe(true)
  })
})

describe('B1', () => {
  const request: KitRequest = {
    positions: 2,
    parts: {
      bearing: '6203-2RS',
      wheelSpacerLeft: 'keep',
      wheelSpacerRight: 'keep',
      sealLeft: 'none',
      sealRight: 'none',
    },
    reasons: { sealLeft: 'bearings are sealed', sealRight: 'bearings are sealed' },
    sizes: { spacerLength: 46 },
  }
  it('is complete with both bearings, tube and film', () => {
    const k = propose('B1', request)
    expect(k.complete).toBe(true)
    expect(k.lines.map((l) => [l.slot, l.quantity])).toEqual([
      ['wheelSpacerLeft', 0],
      ['bearingLeft', 2],
      ['spacerTube', 2],
      ['bearingRight', 2],
      ['wheelSpacerRight', 0],
      ['grease', 10],
    ])
  })
  it('says that the spacer is missing, and that open bearings do not belong here', () => {
    const k = propose('B1', { ...request, sizes: {}, parts: { ...request.parts, bearing: '6203' } })
    expect(k.lines.find((l) => l.slot === 'spacerTube')?.state).toBe('gap')
    expect(k.checks.filter((c) => c.result === 'warn').map((c) => c.words)).toEqual(
      expect.arrayContaining(['Spacer tube missing', 'A bearing is not closed on both sides']),
    )
  })
  it('takes the snap ring of DIN 472 for the outside of the bearing', () => {
    const k = propose('B1', { ...request, parts: { ...request.parts, snapRing: 'auto' } })
    expect(k.lines.find((l) => l.slot === 'snapRing')?.designation).toBe('bore snap ring 40x1.75')
  })
})

describe('seals', () => {
  it('fit by journal, counterbore and room; near ones fail with the reason', () => {
    const found = findSeals(shipped.catalogue, { shaft: 35, housing: 52, width: 7 })
    expect(found.fits[0]?.part.base).toBe('35x52x7')
    expect(found.near.find((n) => n.part.base === '35x52x8')?.words).toMatch(
      /8 mm wide where there is room for 7/,
    )
    expect(found.near.find((n) => n.part.base === '35x47x7')?.words).toMatch(/falls through/)
  })
  it('a 7 mm seal where 10 mm is needed is refused', () => {
    expect(
      findSeals(shipped.catalogue, { shaft: 35, housing: 52, width: 10 }).fits.map((f) => f.part.base),
    ).not.toContain('35x52x7')
  })
})

it('the exploded view stands in fitting order without overlaps, with a balloon for every part that has a shape', () => {
  const cases = [
    ['A1', kit()],
    ['A1', kit({ parts: { ...PARTS, seal: 'out', cap: 'out' } })],
    ...[...ARRANGEMENTS.keys()].map(
      (code) => [code, propose(code, { positions: 1, parts: {}, sizes: {} })] as const,
    ),
  ] as const
  for (const [code, k] of cases) {
    const arrangement = arrangementOf(code)
    const shapeless = arrangement.slots.filter((s) =>
      ['grease', 'check', 'consumable', 'nipple'].includes(s.role),
    )
    const view = explodedView(arrangement, k)
    expect(view.hub.words).toBe(arrangement.hub)
    expect(view.parts.map((p) => p.slot)).toEqual(
      k.lines.map((l) => l.slot).filter((id) => !shapeless.some((s) => s.id === id)),
    )
    view.parts.forEach((part, i) => {
      const next = view.parts[i + 1]
      if (next) expect(part.from + part.length).toBeLessThan(next.from)
      expect(part.balloon).toBe(k.lines.findIndex((l) => l.slot === part.slot) + 1)
    })
  }
})

describe('every arrangement that ships (common practice)', () => {
  it('there are the fifteen of the trade', () => {
    expect([...ARRANGEMENTS.keys()].join(' ')).toBe('A1 A2 A3 A4 B1 B2 B3 B4 C1 C2 D1 E1 F1 G1 H1')
  })
  it.each([...ARRANGEMENTS.keys()])(
    '%s asks for what it needs, never breaks, never calls an empty kit complete',
    (code) => {
      const k = propose(code, { positions: 2, parts: {}, sizes: {} })
      expect(k.lines.length).toBeGreaterThan(3)
      expect(k.complete).toBe(false)
      expect(k.next?.heading).toBeTruthy()
      for (const l of k.lines) if (l.state === 'gap') expect(l.reason.length, l.slot).toBeGreaterThan(8)
      expect(arrangementOf(code).cautions.length).toBeGreaterThan(2)
    },
  )
  it('once-only parts are never kept: seals, cotter pins, tab washers, axle nuts, bolts, balls (common practice)', () => {
    const once = [...ARRANGEMENTS.values()].flatMap((a) =>
      a.slots.filter((s) => s.singleUse).map((s) => s.role),
    )
    expect(new Set(once)).toEqual(
      new Set([
        'seal',
        'cotterPin',
        'clampScrew',
        'axleNut',
        'tabWasher',
        'snapRing',
        'bolts',
        'lockWasher',
        'balls',
      ]),
    )
    for (const a of ARRANGEMENTS.values())
      for (const s of a.slots) if (s.singleUse) expect(s.mayStay, `${a.code} ${s.id}`).toBe(false)
  })
})

describe('driven hub B3', () => {
  const k = propose('B3', {
    positions: 1,
    parts: {
      shellLeft: '6903-2RS',
      carrierInner: '6803-2RS',
      endCapLeft: 'keep',
      endCapRight: 'keep',
      axle: 'keep',
    },
    sizes: { sleeveLength: 9 },
  })
  it('holds five bearings, two of one size and three of another, and the sleeve once', () => {
    const bearings = k.lines.filter((l) => /^6[89]03/.test(l.designation)).map((l) => l.designation)
    expect(bearings).toEqual(['6903-2RS', '6903-2RS', '6803-2RS', '6803-2RS', '6803-2RS'])
    expect(k.lines.filter((l) => l.slot === 'sleeve')).toMatchObject([{ quantity: 1, state: 'filled' }])
    expect(k.complete).toBe(true)
  })
  it('has the pawls looked at and nothing bought for them', () =>
    expect(line(k, 'pawlSprings')).toMatchObject({ quantity: 0, state: 'filled' }))
})

it('rear wheel B2: three bearings and a retainer; front B1: two and none', () => {
  const parts = {
    bearing: '6902-2RS',
    sealLeft: 'none',
    sealRight: 'none',
    wheelSpacerLeft: 'keep',
    wheelSpacerRight: 'keep',
  }
  const rear = propose('B2', { positions: 1, parts, sizes: { spacerLength: 40 } })
  const front = propose('B1', { positions: 1, parts, sizes: { spacerLength: 40 } })
  const count = (k: typeof rear) => k.lines.filter((l) => l.designation.startsWith('6902')).length
  expect([count(rear), count(front)]).toEqual([3, 2])
  expect(line(rear, 'retainer')?.state).toBe('gap')
  expect(line(front, 'retainer')).toBeUndefined()
  expect(rear.lines.map((l) => l.slot).indexOf('bearingRightSecond')).toBe(
    rear.lines.map((l) => l.slot).indexOf('bearingRight') + 1,
  )
})

describe('partial measurements are enough to start', () => {
  it('a shaft and a bore find the bearing, closed as the arrangement wants it', () => {
    const k = propose('B1', { positions: 1, parts: {}, sizes: { shaft: 17.02, housing: 39.98 } })
    expect(line(k, 'bearingLeft')).toMatchObject({ designation: '6203-2RS', state: 'filled', assumed: true })
  })
  it('the hub bore chooses the cup among those that run with the cone', () => {
    const k = kit({
      parts: { ...PARTS, innerCup: 'auto' },
      sizes: { ...SIZES, housing: 59.13, housing2: 45.24 },
    })
    expect(line(k, 'innerCup')).toMatchObject({ designation: 'L68110', state: 'filled' })
  })
  it('a bearing for another seat is a conflict with both figures', () => {
    const k = propose('B1', {
      positions: 1,
      parts: { bearing: '6205-2RS' },
      sizes: { shaft: 25.4, housing: 50.8 },
    })
    expect(line(k, 'bearingLeft')).toMatchObject({
      state: 'conflict',
      reason: expect.stringMatching(/25 mm against 25.4 mm/),
    })
  })
  it('what lies on the shelf is taken among what fits', () => {
    const sizes = { ...SIZES, sealShaft: 35, sealHousing: 52, sealWidth: undefined }
    const plain = line(kit({ sizes }), 'seal')?.designation
    const other = line(kit({ sizes }), 'seal')?.alternatives[0] ?? ''
    expect(other).not.toBe('')
    const stocked = propose('A1', { positions: 4, parts: PARTS, sizes, thread: '3/4-16' }, (d) =>
      d === other ? { free: 9, bin: 'S1', price: 3.5 } : null,
    )
    expect(line(stocked, 'seal')).toMatchObject({
      designation: other,
      alternatives: expect.arrayContaining([plain]),
    })
  })
  it('of several on the shelf the cheapest is taken', () => {
    const sizes = { ...SIZES, sealShaft: 35, sealHousing: 52, sealWidth: undefined }
    const all = [
      line(kit({ sizes }), 'seal')?.designation ?? '',
      ...(line(kit({ sizes }), 'seal')?.alternatives ?? []),
    ]
    const prices = new Map(all.map((d, i) => [d, 10 - i]))
    const stocked = propose('A1', { positions: 4, parts: PARTS, sizes, thread: '3/4-16' }, (d) => {
      const price = prices.get(d)
      return price === undefined ? null : { free: 9, bin: 'S1', price }
    })
    expect(line(stocked, 'seal')?.designation).toBe(all.at(-1))
  })
  it('prices add up only when every piece has one', () => {
    const priced = propose('A1', { positions: 4, parts: PARTS, sizes: SIZES, thread: '3/4-16' }, () => ({
      free: 0,
      bin: '',
      price: 1.25,
    }))
    expect(priced.price).toBe(9 * 4 * 1.25)
    expect(kit().price).toBeNull()
  })
})

describe('findings add to the kit (common practice)', () => {
  it('a grooved collar adds the collar', () => {
    const parts = { bearing: '6203-2RS', sealLeft: 'none', sealRight: 'none', wheelSpacerLeft: 'keep' }
    const k = propose('B1', {
      positions: 1,
      parts,
      sizes: { spacerLength: 40, wheelSpacerLength: 11 },
      findings: ['collarGrooved'],
    })
    expect(line(k, 'wheelSpacerLeft')).toMatchObject({
      state: 'conflict',
      reason: expect.stringMatching(/grooved/),
    })
    expect(line(k, 'wheelSpacerRight')).toMatchObject({ state: 'filled', quantity: 1 })
  })
  it('a grooved journal adds the wear sleeve, a worn hub the housing', () => {
    expect(line(kit({ findings: ['journalGrooved'] }), 'wearSleeve')).toMatchObject({
      designation: 'thin wear sleeve for 42 mm',
      assumed: true,
    })
    expect(line(kit({ sizes: {}, findings: ['journalGrooved'] }), 'wearSleeve')?.state).toBe('gap')
    expect(line(kit(), 'wearSleeve')).toBeUndefined()
    expect(
      line(propose('D1', { positions: 1, parts: {}, sizes: {}, findings: ['hubWorn'] }), 'knuckle'),
    ).toBeDefined()
  })
})

describe('turning shaft G1', () => {
  it('finds nut and tab washer by the shaft, checks both seals, and lets no NU locate', () => {
    const parts = { bearingLocating: '6208', bearingFloating: 'NU208' }
    const sizes = {
      sealShaft: 40,
      sealHousing: 62,
      sealWidth: 8,
      sealShaft2: 35,
      sealHousing2: 52,
      sealWidth2: 7,
    }
    const k = propose('G1', { positions: 1, parts, sizes })
    expect(k.lines.map((l) => l.designation)).toEqual(
      expect.arrayContaining(['40x62x8', 'KM8', 'MB8', '6208', 'NU208', '35x52x7']),
    )
    expect(k.checks.find((c) => /floats/.test(c.words))?.detail).toMatch(/within itself/)
    // ISO 246: NJ and NF have one flange less than they need to hold both ways, NUP has all.
    for (const [bearing, result] of [
      ['N208', 'fail'],
      ['NJ208', 'warn'],
      ['NF208', 'warn'],
      ['NUP208', 'pass'],
    ] as const) {
      const told = propose('G1', {
        positions: 1,
        parts: { bearingLocating: bearing, bearingFloating: 'NU208' },
        sizes,
      }).checks.filter((c) => ['cannotLocate', 'locatesOneWay', 'locatesAndFloats'].includes(c.code))
      expect([bearing, told[0]?.result]).toEqual([bearing, result])
    }
    const swapped = propose('G1', {
      positions: 1,
      parts: { bearingLocating: 'NU208', bearingFloating: '6208' },
      sizes,
    })
    expect(line(swapped, 'bearingLocating')?.state).toBe('conflict')
  })
})

it('loose balls fill their circle less one (common practice: 1/4 in balls on a 25 mm circle are eleven)', () => {
  expect(ballCount(25, 6.35)).toBe(11)
  const k = propose('H1', { positions: 2, parts: {}, sizes: { ballDiameter: 6.35, ballCircle: 25 } })
  expect(line(k, 'ballsLeft')).toMatchObject({ quantityPerPosition: 11, quantity: 22, assumed: true })
})

it('tools are sized to the parts', () => {
  expect(kit().tools).toEqual(
    expect.arrayContaining([
      expect.stringMatching(/^Driver 58\.6 mm for L68110/),
      expect.stringMatching(/^Torque wrench/),
    ]),
  )
})

describe('own arrangements', () => {
  const file = (code: string, more: object = {}) =>
    ArrangementFile.parse({ code, words: `Arrangement ${code}`, slots: [], ...more })
  const find =
    (...files: ArrangementFile[]) =>
    (code: string) =>
      [...files, ...SHIPPED_FILES].find((f) => f.code === code)
  const words = (given: ArrangementFile, ...others: ArrangementFile[]) => {
    const r = resolveArrangement(given, find(given, ...others))
    return r.ok ? '' : arrangementProblemWords(r.problem)
  }
  it('changes another: drops, adds in place, keeps the rest', () => {
    const own = file('pier', {
      basedOn: 'B1',
      drop: ['snapRing'],
      slots: [{ id: 'shim', words: 'Shim', role: 'plain', after: 'spacerTube' }],
    })
    const r = resolveArrangement(own, find())
    expect(r.ok && r.value.slots.map((s) => s.id)).toEqual([
      'wheelSpacerLeft',
      'sealLeft',
      'bearingLeft',
      'spacerTube',
      'shim',
      'bearingRight',
      'sealRight',
      'wheelSpacerRight',
      'grease',
    ])
  })
  it('is refused in words when it goes in a circle, names nothing, or has a place twice', () => {
    expect(words(file('a', { basedOn: 'b' }), file('b', { basedOn: 'a' }))).toMatch(/circle: a → b → a/)
    expect(words(file('a', { basedOn: 'a' }))).toMatch(/circle/)
    expect(words(file('a', { basedOn: 'Z9' }))).toMatch(/does not exist/)
    expect(words(file('a'))).toMatch(/at least one place/)
    expect(words(file('a', { slots: [{ id: 'x', words: 'X', role: 'cup', mate: 'y' }] }))).toMatch(
      /names “y”/,
    )
    expect(
      words(
        file('a', {
          slots: [
            { id: 'x', words: 'X', role: 'plain' },
            { id: 'x', words: 'X', role: 'plain', after: 'x' },
          ],
        }),
      ),
    ).toMatch(/twice/)
  })
  it.each([
    [{ perPosition: -1 }, /At least one/],
    [{ perPosition: 1.5 }, /Whole pieces/],
    [{ role: 'engine' }, /option/],
    [{ id: '1 2' }, /letters and figures/],
  ])('%j is refused', (bad, message) => {
    const read = ArrangementFile.safeParse({
      code: 'x',
      words: 'Some',
      slots: [{ id: 'x', words: 'X', role: 'plain', ...bad }],
    })
    expect(read.success ? '' : read.error.issues[0]?.message).toMatch(message)
  })
})

it.each([
  ['L44649/L44610', 'A1 A2 A3 A4'],
  ['62/28', 'B1 B2 B3 B4 C1 C2 G1'],
  ['NU207', 'G1'],
  ['UCF206-20', 'F1'],
  ['39x72x37', 'D1'],
])('%s suits %s', (number, codes) => {
  const known = knownPart(resolvePart(number, shippedKnowledge, { piece: 'complete' }))
  const suiting = [...ARRANGEMENTS].flatMap(([code, a]) =>
    known && suitsArrangement(a, known) ? [code] : [],
  )
  expect(suiting.join(' ')).toBe(codes)
})

it.each([
  [{ bearingLocating: '22207K' }, { adapterSleeve: 'H307', adapterSleeveFloating: 'H307' }],
  [{ bearingLocating: '6207', bearingFloating: '22207K' }, { adapterSleeveFloating: 'H307' }],
  [{ bearingLocating: '2207K', bearingFloating: 'NU207' }, { adapterSleeve: 'H307' }],
  [{ bearingLocating: '6207', bearingFloating: 'NU207' }, {}],
])('a bearing with a tapered bore brings its own sleeve, at either end: %j', (parts, sleeves) => {
  const k = propose('G1', { positions: 1, parts, sizes: {} })
  const found = k.lines.filter(({ role }) => role === 'adapterSleeve')
  expect(Object.fromEntries(found.map(({ slot, designation }) => [slot, designation]))).toEqual(sleeves)
  expect(k.checks.filter(({ code }) => code === 'taperedBore').map(({ words }) => words)).toHaveLength(
    new Set(Object.values(parts).filter((p) => p.endsWith('K'))).size,
  )
})

it('a unit of insert and housing brings its housing, screws and nipple; an insert alone does not', () => {
  const named = (insert: string) => propose('F1', { positions: 1, parts: { insert }, sizes: {} })
  const unit = named('UCF206-20')
  expect(unit.complete).toBe(true)
  for (const slot of ['housing', 'lockScrews', 'greaseNipple'])
    expect(unit.lines.find((l) => l.slot === slot)).toMatchObject({
      designation: 'with UCF206-20',
      stays: true,
      quantity: 0,
    })
  expect(
    named('UC206-20')
      .lines.filter(({ state }) => state === 'gap')
      .map(({ slot }) => slot),
  ).toEqual(['housing', 'lockScrews', 'greaseNipple'])
})

it('grease of an insert: at its nipple where the wide ring has a groove, else a film', () => {
  const grease = (insert: string) =>
    propose('F1', { positions: 1, parts: { insert }, sizes: {} }).lines.find(({ slot }) => slot === 'grease')
  expect(grease('UC206')).toMatchObject({ quantity: 12, unit: 'g' })
  expect(grease('UC206')?.reason).toContain('comes filled')
  expect(grease('SB206')?.reason).toContain('A film only')
})

it('a measured seat alone never proposes a flanged bearing, a track roller or a clutch', () => {
  for (const [role, shaft, housing] of [
    ['ballBearing', 8, 22],
    ['bearing', 20, 47],
    ['bearing', 16, 22],
  ] as const) {
    const found = findBySeat(shipped.catalogue, role, { shaft, housing })
    expect(found.length).toBeGreaterThan(0)
    for (const part of found) {
      expect(part.dimensions.flangeOutside, part.base).toBeUndefined()
      expect(['cam-follower', 'one-way-clutch', 'spherical-plain']).not.toContain(part.family)
    }
  }
})
