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
cone           19.84 15 31      16.74 10 23.5
cup            14.4 24.6 31     12.15 18.1 23.5
ballBearing    12 15 31         12 10 23.5
bearing        12 15 31         12 10 23.5
insert         12 15 31         12 10 23.5
hubUnit        12 15 31         12 10 23.5
thrustBearing  12 15 31         12 10 23.5
rodEnd         12 15 31         12 10 23.5
sphericalPlain 12 15 31         12 10 23.5
trackRoller    12 15 31         12 10 23.5
clutch         12 15 31         12 10 23.5
balls          7 15 22          7 10 17
wearSleeve     12 15 16         12 10 11
washer         3 13.5 25.5      3 9 17
plainWasher    3 13.5 25.5      3 9 17
castleNut      21 13.2 21       14 8.8 14
clampNut       12 13.2 21       12 8.8 14
ringNut        8 15 22.5        8 10 15
lockingRingNut 8 15 22.5        8 10 15
jamNut         6 13.5 21.6      6 9 14.4
axleNut        14 13.2 22.5     14 8.8 15
tabWasher      2 15 23.4        2 10 15.6
nutLock        3 13.5 24        3 9 16
lockNut        7.5 15 21.6      5 10 14.4
adapterSleeve  27 13.2 15       18 8.8 10
lockWasher     1.5 15 21        1.5 10 14
cotterPin      4 0.2 24         4 0.2 16
cap            24.8 22.32 31    18.8 16.92 23.5
snapRing       2 28 32          2 20.5 24.5
spacerTube     40 15 19.48      40 10 13.78
collar         40 15 19.48      40 10 13.78
shims          1 15 21          1 10 14
wheelSpacer    12 15 20.76      12 10 14.86
plain          8 13.5 23        8 9 16.75`
  .trim()
  .split('\n')
  .map((line) => {
    const [role = '', ...sizes] = line.split(/\s+/)
    return { role: role as SlotRole, sizes: sizes.map(Number) }
  })

/** Length, inner and outer radius of the upper outline. */
function measured(role: SlotRole, bore: number, outside: number): number[] {
  const section = ROLES[role].outline?.({ bore, outside })
  const first = section?.shapes.find((shape) => shape.kind === 'outline')
  const radii = (first?.points ?? []).map(([, y]) => y)
  return [section?.length ?? 0, Math.min(...radii), section?.radius ?? 0]
}

it.each(TABLE)('$role', ({ role, sizes }) => {
  const drawn = [...measured(role, 30, 62), ...measured(role, 20, 47)]
  expect(drawn).toEqual(sizes.map((size) => expect.closeTo(size, 6)))
})

it('every role that is drawn is in the table or drawn as a part of the machine is', () => {
  const named = new Set(TABLE.map(({ role }) => role))
  for (const role of SLOT_ROLES)
    if (ROLES[role].outline && !named.has(role) && role !== 'seal')
      expect(measured(role, 30, 62), role).toEqual(measured('plain', 30, 62))
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
    expect(left).toMatchObject({ length: 12, radius: 26, guessed: true })
    const radii = (left?.shapes ?? []).flatMap((shape) =>
      shape.kind === 'outline' ? shape.points.map(([, y]) => y) : [],
    )
    expect(Math.min(...radii)).toBe(12.5)
    expect(drawn.hub.length).toBeCloseTo(43.68, 9)
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
