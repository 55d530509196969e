import { describe, expect, it } from 'vitest'
import { line, propose } from '../../../tests/support/kitOf'
import type { Part } from '../catalogue'
import { shipped } from '../../../tests/support/shipped'
import {
  arrangementOf,
  ARRANGEMENTS,
  arrangementProblemText,
  ArrangementFile,
  resolveArrangement,
  ROLES,
  SHIPPED_FILES,
  SLOT_ROLES,
} from '.'

describe('every arrangement that ships (common practice)', () => {
  it('there are the twenty of the trade', () => {
    expect([...ARRANGEMENTS.keys()].join(' ')).toBe(
      'A1 A2 A3 A4 B1 B2 B3 B4 C1 C2 D1 E1 F1 G1 H1 J1 K1 K2 L1 M1',
    )
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
    expect(k.checks.find((c) => /floats/.test(c.title))?.detail).toMatch(/within itself/)
    // ISO 246: NJ and NF have one flange less than they need to hold both ways, NUP has all.
    for (const [bearing, result] of [
      ['N208', 'fail'],
      ['NJ208', 'warn'],
      ['NF208', 'warn'],
      ['NUP208', 'pass'],
      // Needles slide along their ring; balls beside them hold it (ISO 1206, common practice).
      ['NA4908', 'fail'],
      ['NKIA5908', 'warn'],
      // One row at an angle wants a second one against it; a pair that stands against itself has it (common practice).
      ['7208B', 'warn'],
      ['30208', 'warn'],
      ['7208BDT', 'warn'],
      ['7208BDB', 'pass'],
      ['7208BDF', 'pass'],
      ['QJ208', 'pass'],
      ['3208', 'pass'],
      ['22208', 'pass'],
      // What bears along the axis alone carries no shaft (ISO 5593: thrust bearing).
      ['51108', 'fail'],
      ['81108', 'fail'],
      ['29412', 'fail'],
    ] as const) {
      const checks = propose('G1', {
        positions: 1,
        parts: { bearingLocating: bearing, bearingFloating: 'NU208' },
        sizes,
      }).checks.filter((c) =>
        ['carriesNoShaft', 'cannotLocate', 'locatesOneWay', 'locatesAndFloats'].includes(c.code),
      )
      expect([bearing, checks[0]?.result]).toEqual([bearing, result])
    }
    const two = { positions: 1, parts: { bearingLocating: '7208B', bearingFloating: 'NU208' }, sizes }
    expect(
      propose('G1', { ...two, quantities: { bearingLocating: 2 } }).checks.some(
        (c) => c.code === 'locatesOneWay',
      ),
    ).toBe(false)
    expect(
      propose('G1', { positions: 1, parts: { bearingFloating: '51108' }, sizes }).checks.map((c) => c.code),
    ).toContain('carriesNoShaft')
    const swapped = propose('G1', {
      positions: 1,
      parts: { bearingLocating: 'NU208', bearingFloating: '6208' },
      sizes,
    })
    expect(line(swapped, 'bearingLocating')?.state).toBe('conflict')
  })
})

describe('own arrangements', () => {
  const file = (code: string, more: object = {}) =>
    ArrangementFile.parse({ code, title: `Arrangement ${code}`, slots: [], ...more })
  const find =
    (...files: ArrangementFile[]) =>
    (code: string) =>
      [...files, ...SHIPPED_FILES].find((f) => f.code === code)
  const refusal = (given: ArrangementFile, ...others: ArrangementFile[]) => {
    const r = resolveArrangement(given, find(given, ...others))
    return r.ok ? '' : arrangementProblemText(r.problem)
  }
  it('changes another: drops, adds in place, keeps the rest', () => {
    const own = file('pier', {
      basedOn: 'B1',
      drop: ['snapRing'],
      slots: [{ id: 'shim', label: 'Shim', role: 'plain', after: 'spacerTube' }],
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
  it('a place that is there already, the first one too, is written anew where it stands', () => {
    const r = resolveArrangement(
      file('pier', { basedOn: 'B1', slots: [{ id: 'wheelSpacerLeft', label: 'Shim', role: 'plain' }] }),
      find(),
    )
    expect(r.ok && r.value.slots.slice(0, 2).map(({ id, label }) => `${id} ${label}`)).toEqual([
      'wheelSpacerLeft Shim',
      expect.stringMatching(/^sealLeft /),
    ])
  })
  it('is refused in words when it goes in a circle, names nothing, or has a place twice', () => {
    expect(refusal(file('a', { basedOn: 'b' }), file('b', { basedOn: 'a' }))).toMatch(/circle: a → b → a/)
    expect(refusal(file('a', { basedOn: 'a' }))).toMatch(/circle/)
    expect(refusal(file('a', { basedOn: 'Z9' }))).toMatch(/does not exist/)
    expect(refusal(file('a'))).toMatch(/at least one place/)
    expect(refusal(file('a', { slots: [{ id: 'x', label: 'X', role: 'cup', mate: 'y' }] }))).toMatch(
      /names “y”/,
    )
    expect(
      refusal(
        file('a', {
          slots: [
            { id: 'x', label: 'X', role: 'plain' },
            { id: 'x', label: 'X', role: 'plain', after: 'x' },
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
      title: 'Some',
      slots: [{ id: 'x', label: 'X', role: 'plain', ...bad }],
    })
    expect(read.success ? '' : read.error.issues[0]?.message).toMatch(message)
  })
})

it('a place takes its own kind of part and refuses every other (common practice)', () => {
  const kindOf = (part: Part) => part.hardware?.what ?? (part.piece === 'complete' ? part.family : part.piece)
  const kinds = new Map(shipped.catalogue.parts.map((part) => [kindOf(part), part]))
  const taken = Object.fromEntries(
    SLOT_ROLES.map((role) => [
      role,
      [...kinds]
        .filter(([, part]) => ROLES[role].takes?.(part))
        .map(([kind]) => kind)
        .sort()
        .join(' '),
    ]),
  )
  const balls =
    'angular-contact-double-row deep-groove deep-groove-double-row inch-ball miniature self-aligning'
  const thrust = 'thrust-ball thrust-ball-double thrust-roller thrust-spherical'
  const radial = 'angular-contact cylindrical needle spherical tapered-inch tapered-metric'
  const words = (text: string) => text.split(' ').sort().join(' ')
  expect(taken).toEqual({
    ...Object.fromEntries(SLOT_ROLES.map((role) => [role, ''])),
    cone: 'cone',
    cup: 'cup',
    ballBearing: balls,
    bearing: words(`${balls} ${radial} ${thrust}`),
    insert: 'insert',
    hubUnit: 'hub-unit',
    thrustBearing: thrust,
    rodEnd: 'rod-end',
    sphericalPlain: 'spherical-plain',
    trackRoller: 'ball-track-roller cam-follower',
    clutch: 'one-way-clutch',
    seal: 'seal',
    washer: 'washer',
    plainWasher: 'washer',
    castleNut: 'castleNut',
    lockNut: 'lockNut',
    ringNut: 'lockNut',
    lockingRingNut: 'lockNut',
    axleNut: 'castleNut lockNut',
    tabWasher: 'lockWasher',
    lockWasher: 'lockWasher',
    adapterSleeve: 'adapterSleeve',
    cotterPin: 'cotterPin',
    pin: 'cotterPin',
    cap: 'cap',
    cover: 'cap',
    dustCover: 'cap',
    shield: 'cap',
    snapRing: 'eRing snapRing',
    retainer: 'eRing snapRing',
    housing: 'housing',
    plain: [...kinds.keys()].sort().join(' '),
  })
})
