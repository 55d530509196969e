import { describe, expect, it } from 'vitest'
import { shippedKnowledge } from '../../../tests/support/shipped'
import { arrangementOf, explodedView, proposeKit, type ExplodedView, type KitRequest } from '.'
import { ROLES, SLOT_ROLES, type SlotRole } from './roles'

/**
 * Outline of a part nobody has named yet, beside a bearing of 30 by 62 mm: length along the axis, inner and outer radius, mm.
 * What grows with the bearing and what does not is told by a second one of 20 by 47 mm. Usual proportions (common practice):
 * nuts and washers reach below the bore, as the thread does, and stay within the cup.
 */
const TABLE = `
cone           19.84 15 31           16.74 10 23.5
cup            14.4 24.6 31          12.15 18.1 23.5
ballBearing    16 15 31              13.5 10 23.5
bearing        16 15 31              13.5 10 23.5
insert         28.8 15 31            24.3 10 23.5
hubUnit        32 15 31              27 10 23.5
thrustBearing  16 15 31              13.5 10 23.5
rodEnd         19.2 15 31            16.2 10 23.5
sphericalPlain 19.2 15 31            16.2 10 23.5
trackRoller    19.2 15 31            16.2 10 23.5
clutch         19.2 15 31            16.2 10 23.5
boltOnUnit     35.2 15 41.85         29.7 10 31.725
balls          7 15 22               7 10 17
ballCup        8 19.8 28.6           8 14.05 21.475
ballCone       10 15 24.6            10 10 18.1
adjustingCone  16 15 27.8            16 10 20.8
wearSleeve     12 15 19              12 10 14
washer         3 13.5 25.5           3 9 17
plainWasher    3 13.5 25.5           3 9 17
castleNut      21 13.2 21            14 8.8 14
clampNut       12 13.2 21            12 8.8 14
clampScrew     33.728 24.924 40.796  25.568 18.894 30.926
ringNut        8 15 22.5             8 10 15
lockingRingNut 8 15 22.5             8 10 15
jamNut         6 13.5 21.6           6 9 14.4
axleNut        14 13.2 22.5          14 8.8 15
tabWasher      6 15 23.4             6 10 15.6
nutLock        6 13.5 24             6 9 16
wheelNuts      15.872 24.428 41.292  12.032 18.518 31.302
studs          33.728 24.924 40.796  25.568 18.894 30.926
bolts          33.728 24.924 40.796  25.568 18.894 30.926
lockNut        7.5 15 21.6           5 10 14.4
adapterSleeve  27 13.2 15            18 8.8 10
lockWasher     4.5 15 21             4.5 10 14
setScrews      6.4 15 26.2           5.4 10 19.45
cotterPin      11.7 -24 31.02        7.8 -16 20.68
cap            34.04 0 33.1          27.74 0 25.6
cover          10 0 38.75            10 0 29.375
dustCover      7 15.75 31            7 10.5 23.5
shield         10 16.5 37.15         10 11 28.525
retainer       2 28 32               2 20.5 24.5
snapRing       2 28 32               2 20.5 24.5
spacerTube     40 15 19.48           40 10 13.78
collar         40 15 19.48           40 10 13.78
shims          1 15 21               1 10 14
wheelSpacer    12 15 20.76           12 10 14.86
axle           60 0 14.7             40 0 9.8
pin            60 0 14.7             40 0 9.8
hubBody        30 7.5 46.5           30 5 35.25
housing        31 28.83 41.85        23.5 21.855 31.725
plain          8 13.5 23             8 9 16.75`
  .trim()
  .split('\n')
  .map((line) => {
    const [role = '', ...sizes] = line.split(/\s+/)
    return { role: role as SlotRole, sizes: sizes.map(Number) }
  })

/** Length, and the smallest and largest radius of the upper half. */
function measured(role: SlotRole, bore: number, outside: number): number[] {
  const section = ROLES[role].outline?.({ bore, outside })
  const radii = (section?.shapes ?? []).flatMap((shape) =>
    shape.kind === 'circle'
      ? [shape.at[1] - shape.radius, shape.at[1] + shape.radius]
      : shape.points.map(([, y]) => y),
  )
  return [section?.length ?? 0, Math.min(...radii), section?.radius ?? 0]
}

it.each(TABLE)('$role', ({ role, sizes }) => {
  const drawn = [...measured(role, 30, 62), ...measured(role, 20, 47)]
  expect(drawn).toEqual(sizes.map((size) => expect.closeTo(size, 6)))
})

/** Things that look alike beside an axis. */
const ALIKE: SlotRole[][] = [
  ['ballBearing', 'bearing'],
  ['rodEnd', 'sphericalPlain'],
  ['washer', 'plainWasher'],
  ['ringNut', 'lockingRingNut'],
  ['bolts', 'clampScrew'],
  ['snapRing', 'retainer'],
  ['spacerTube', 'collar'],
  ['axle', 'pin'],
]

it('every role that is drawn is in the table, and drawn as what it is: no two of other things alike', () => {
  const named = new Set(TABLE.map(({ role }) => role))
  const drawn = SLOT_ROLES.filter((role) => ROLES[role].outline)
  expect(drawn.filter((role) => !named.has(role))).toEqual(['seal'])
  const shapes = (role: SlotRole) => JSON.stringify(ROLES[role].outline?.({ bore: 30, outside: 62 }).shapes)
  for (const a of drawn)
    for (const b of drawn)
      if (a !== b)
        expect(shapes(a) === shapes(b), `${a} and ${b}`).toBe(
          ALIKE.some((group) => group.includes(a) && group.includes(b)),
        )
})

it('the slotted crown of a castle nut is the smaller part of its height, outward', () => {
  const [nut] = ROLES.castleNut.outline?.({ bore: 30, outside: 62 }).shapes ?? []
  const points = nut?.kind === 'outline' ? nut.points : []
  const flats = points.filter(([, r]) => r === 21).map(([x]) => x)
  expect([Math.min(...flats), Math.max(...flats)]).toEqual([expect.closeTo(0.3 * 21, 9), 21])
})

it('a seal is a little larger than its bearing', () => {
  const section = ROLES.seal.outline?.({ bore: 30, outside: 62 })
  expect([section?.length, section?.radius]).toEqual([8, expect.closeTo(32.55, 6)])
  expect(ROLES.seal.outline?.({ bore: 30, outside: 80 }).radius).toBeCloseTo(42, 6)
  // Its lip runs on a journal a little thicker than the bore.
  const radii = (section?.shapes ?? []).flatMap((shape) =>
    shape.kind === 'outline' ? shape.points.map(([, y]) => y) : [],
  )
  expect(Math.min(...radii)).toBeGreaterThan(15)
  expect(Math.min(...radii)).toBeLessThanOrEqual(16.8)
})

describe('parts along the axis', () => {
  const view = (code: string, parts: KitRequest['parts'], sizes: KitRequest['sizes'] = {}) => {
    const arrangement = arrangementOf(code)
    return explodedView(
      arrangement,
      proposeKit(arrangement, { positions: 1, parts, sizes }, shippedKnowledge),
    )
  }
  const of = ({ parts }: ExplodedView, slot: string) => parts.find((part) => part.slot === slot)

  it('9 mm of air between two, 12 more on both sides of the hub; the drawing ends with the last part', () => {
    const drawn = view('B1', { bearing: '6205-2RS' })
    const { parts, hub, length } = drawn
    parts.forEach((part, i) => {
      const before = parts[i - 1]
      if (!before) return expect(part.from).toBe(0)
      const isHubBetween = hub.from > before.from && hub.from < part.from
      const room = part.from - before.from - before.length
      expect(room, part.slot).toBeCloseTo(isHubBetween ? hub.length + 9 + 2 * 12 + 9 : 9, 9)
      if (isHubBetween) expect(hub.from - before.from - before.length).toBeCloseTo(9 + 12, 9)
    })
    const last = parts.at(-1)
    expect(length).toBeCloseTo((last?.from ?? 0) + (last?.length ?? 0), 9)
  })
  it('a hub of usual proportions: seats as large as the bearings, a web in the middle', () => {
    const { hub, radius } = view('B1', { bearing: '6205-2RS' })
    // 52 mm on both sides: 0.42 of both together is 43.68 long, seats of 0.24 of that, a bore of 0.86 between them.
    const length = 43.68
    expect(hub.length).toBeCloseTo(length, 9)
    expect(radius).toBeCloseTo(33.8, 9)
    const [first] = hub.shapes
    const points = first?.kind === 'outline' ? first.points : []
    const wanted = [
      [0, 26],
      [0.24, 26],
      [0.24, 22.36],
      [0.76, 22.36],
      [0.76, 26],
      [1, 26],
      [1, 30.68],
      [0.62, 30.68],
      [0.5, 33.8],
      [0.34, 33.8],
      [0.28, 30.68],
      [0, 30.68],
    ] as const
    expect(points.map(([x, y]) => [x - hub.from, y])).toEqual(
      wanted.map(([share, y]) => [expect.closeTo(share * length, 6), expect.closeTo(y, 6)]),
    )
  })
  it('no hub is shorter than 40 mm, and one with two sizes of seat has both', () => {
    expect(view('B1', { bearing: '608-2RS' }).hub.length).toBe(40)
    const [first] = view('B1', { bearingLeft: '6205-2RS', bearingRight: '6204-2RS' }).hub.shapes
    const points = first?.kind === 'outline' ? first.points : []
    expect([points[0]?.[1], points[5]?.[1], points[2]?.[1]]).toEqual([
      26,
      23.5,
      expect.closeTo(23.5 * 0.86, 9),
    ])
    expect([points[6]?.[1], points[8]?.[1]]).toEqual([expect.closeTo(27.73, 9), expect.closeTo(33.8, 9)])
  })
  it('nothing known: beside a bearing of 25 by 52 mm', () => {
    const drawn = view('B1', {})
    const left = of(drawn, 'bearingLeft')
    expect(left).toMatchObject({ length: 13.5, radius: 26, guessed: true })
    const radii = (left?.shapes ?? []).flatMap((shape) =>
      shape.kind === 'outline' ? shape.points.map(([, y]) => y) : [],
    )
    expect(Math.min(...radii)).toBe(12.5)
    expect(drawn.hub.length).toBeCloseTo(43.68, 9)
  })
  it.each([
    ['A1', 'cap', 'auto', 'right'],
    ['A1', 'cap', 'cap 45', 'right'],
    ['C1', 'cap', 'cap 35 mm, pressed', 'right'],
    ['A1', 'castleNut', 'castle nut 3/4-16', 'right'],
    ['F1', 'endCover', 'cover', 'left'],
    ['H1', 'dustCoverLeft', 'cover', 'left'],
    ['H1', 'dustCoverRight', 'cover', 'right'],
    ['E1', 'bolts', 'four bolts M12', 'right'],
    ['E1', 'unit', 'unit by its number', 'right'],
  ])('%s: the outer face of %s (%s) looks outward, to the %s', (code, slot, text, side) => {
    const part = of(view(code, { ...(text !== 'auto' && { [slot]: text }) }), slot)
    const points = (part?.shapes ?? []).flatMap((shape) => (shape.kind === 'outline' ? shape.points : []))
    // A closed face, a plate or a head reaches farther in or out than the other end; the slots of a nut less far.
    const span = (end: number) => {
      const at = points.filter(([x]) => Math.abs(x - end) < 1e-6).map(([, y]) => y)
      return Math.max(...at) - Math.min(...at)
    }
    const [from, to] = [part?.from ?? 0, (part?.from ?? 0) + (part?.length ?? 0)]
    const larger = span(from) > span(to) ? 'left' : 'right'
    expect(larger).toBe(slot === 'castleNut' ? 'left' : side)
  })
  it('a tube that is made is as long as it was measured, its wall 0.14 of the room there is', () => {
    const tube = of(view('B1', { bearing: '6205-2RS' }, { spacerLength: 61.4 }), 'spacerTube')
    expect(tube).toMatchObject({ length: 61.4, guessed: false })
    expect(tube?.radius).toBeCloseTo(12.5 + 0.14 * 27, 9)
    const [first] = tube?.shapes ?? []
    expect(Math.min(...(first?.kind === 'outline' ? first.points : []).map(([, y]) => y))).toBe(12.5)
    // A wall is two millimetres at least.
    expect(of(view('B1', { bearing: '608-2RS' }, { spacerLength: 30 }), 'spacerTube')?.radius).toBe(6)
  })
  it('a row of balls is drawn as one of them, on the circle it runs on', () => {
    const row = of(view('H1', {}, { ballDiameter: 6.35, ballCircle: 25, ballCount: 11 }), 'ballsLeft')
    const diameter = 6.35
    expect(row).toMatchObject({ length: diameter, radius: 12.5 + diameter, guessed: false })
    expect(row?.shapes).toEqual([
      {
        kind: 'circle',
        at: [expect.closeTo((row?.from ?? 0) + diameter / 2, 9), 12.5 + diameter / 2],
        radius: diameter / 2,
      },
    ])
  })
})
