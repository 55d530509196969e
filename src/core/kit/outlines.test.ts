import { expect, it } from 'vitest'
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
  const told = [...measured(role, 30, 62), ...measured(role, 20, 47)]
  expect(told).toEqual(sizes.map((size) => expect.closeTo(size, 6)))
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
})
