import { expect, it } from 'vitest'
import { kit, line, PARTS, propose, SIZES } from '../../../tests/support/kitOf'
import { shipped } from '../../../tests/support/shipped'
import type { HardwareDetails } from '../catalogue'
import { countedText, type KitRequest } from '.'

const ONE = { positions: 1, sizes: {} }
const TRAILER = { ...ONE, parts: PARTS, sizes: SIZES, thread: '3/4-16' }
const shaft = (bearingLocating: string, more: Record<string, string> = {}) => ({
  ...ONE,
  parts: { bearingLocating, bearingFloating: bearingLocating, ...more },
})
const wheel = (bearing: string) => ({ ...ONE, parts: { bearingInner: bearing, bearingOuter: bearing } })
const RINGS = ['snapRing', 'eRing'] as const

/**
 * Of all listed hardware of a kind, which stand in this place untold, and which with a warning; every other one is refused.
 * Lock nuts by their thread (ISO 2982-2: KM n = 5 n mm; the N series a little under it), sleeves by the bore and width series of
 * their bearing (ISO 2982-1), snap rings by shaft and bore (DIN 471, DIN 472, ASME B18.27), E-rings by the shafts they are for
 * (DIN 6799); washers and pins go with their nut (common practice, ISO 1234).
 */
it.each<[string, KitRequest, string, readonly HardwareDetails['what'][], string, string]>([
  ['A1', TRAILER, 'castleNut', ['castleNut'], 'castle nut 3/4-16', ''],
  ['A1', { ...TRAILER, thread: '3/4-16 LH' }, 'castleNut', ['castleNut'], '', ''],
  ['A1', TRAILER, 'washer', ['washer'], 'tab washer 3/4 spindle, D washer 3/4 spindle', ''],
  ['A1', TRAILER, 'cap', ['cap'], 'dust cap 1.781 in', 'grease-fill cap 1.781 in'],
  ['G1', shaft('6208'), 'lockNut', ['lockNut'], 'KM8, N08', 'KM6, KM7, N06, N07'],
  ['G1', shaft('6205'), 'lockNut', ['lockNut'], 'KM5, N05', 'KM3, KM4, N02, N03, N04'],
  ['G1', shaft('22208K'), 'lockNut', ['lockNut'], 'KM8', ''],
  ['G1', shaft('6208', { lockNut: 'KM8' }), 'tabWasher', ['lockWasher'], 'MB8', ''],
  ['G1', shaft('22208K'), 'adapterSleeve', ['adapterSleeve'], 'H308, HE308', 'H208, H2308, HE208, HE2308'],
  ['G1', shaft('22308K'), 'adapterSleeve', ['adapterSleeve'], 'H2308, HE2308', 'H208, H308, HE208, HE308'],
  ['G1', shaft('6208'), 'adapterSleeve', ['adapterSleeve'], '', ''],
  ['G1', shaft('6208'), 'snapRing', RINGS, 'shaft snap ring 40x1.75, E-ring 30', ''],
  ['C1', wheel('R8'), 'snapRing', RINGS, 'shaft snap ring 1/2 in, E-ring 9, E-ring 10', ''],
  ['C1', wheel('6200'), 'snapRing', RINGS, 'shaft snap ring 10x1, E-ring 7, E-ring 8, E-ring 9', ''],
  ['D1', { ...ONE, parts: { hubUnit: '34x64x37' } }, 'snapRing', RINGS, '', ''],
  ['B1', { ...ONE, parts: { bearingLeft: '6202-2RS' } }, 'snapRing', RINGS, 'bore snap ring 35x1.5', ''],
])('%s %o: %s', (code, request, slot, kinds, fits, warned) => {
  const results = shipped.catalogue.parts.flatMap(({ base, hardware }) => {
    if (!hardware || !kinds.includes(hardware.what)) return []
    const chosen = propose(code, { ...request, parts: { ...request.parts, [slot]: base } })
    const told = chosen.checks
      .filter((c) => c.slots.includes(slot) && c.code !== 'slotStep')
      .map((c) => c.result)
    return [[base, told.includes('fail') ? 'fail' : told.includes('warn') ? 'warn' : 'fits'] as const]
  })
  const those = (result: string) => results.flatMap(([base, is]) => (is === result ? [base] : [])).join(', ')
  expect([those('fits'), those('warn')]).toEqual([fits, warned])
})

it('a left-hand spindle gets a left-hand nut, which no list has; washer and pin follow its thread', () => {
  const k = kit({ thread: '3/4-16 LH' })
  expect(line(k, 'castleNut')).toMatchObject({ designation: 'castle nut 3/4-16 LH', state: 'filled' })
  expect(line(k, 'castleNut')?.reason).toContain('Left-hand')
  expect(line(k, 'washer')?.designation).toBe('tab washer 3/4 spindle')
  expect(line(k, 'cotterPin')?.designation).toBe('cotter pin 4x40')
})

it('a shaft as measured is held against the sleeve that was chosen, not the usual one', () => {
  const offShaft = (adapterSleeve: string, mm: number) =>
    propose('G1', { ...shaft('22208K', { adapterSleeve }), sizes: { shaft: mm } }).checks.some(
      (c) => c.code === 'partOffSeat' && c.slots.includes('bearingLocating'),
    )
  // H308 is for a shaft of 35 mm, HE308 for one of 1 1/4 in, 31.75 mm (ISO 2982-1, common practice).
  expect([offShaft('H308', 35), offShaft('HE308', 35), offShaft('HE308', 31.75)]).toEqual([
    false,
    true,
    false,
  ])
})

it('on a tapered shaft without a sleeve nut and washer are bought, by the bore, and the shaft is not held against a sleeve', () => {
  const k = propose('G1', {
    ...shaft('22208K', { adapterSleeve: 'none' }),
    sizes: { shaft: 40 },
  })
  expect(line(k, 'lockNut')).toMatchObject({ designation: 'KM8', quantity: 1 })
  expect(line(k, 'tabWasher')).toMatchObject({ designation: 'MB8', quantity: 1 })
  expect(k.checks.filter((c) => c.result === 'fail' && c.slots.includes('bearingLocating'))).toEqual([])
  const bores = k.checks.filter((c) => c.code === 'taperedBore')
  expect(bores.some((c) => c.detail.includes('left out'))).toBe(true)
  const usual = propose('G1', shaft('22208K'))
  expect(line(usual, 'lockNut')).toMatchObject({ designation: 'KM8', quantity: 0 })
})

it('nut and washer of a new sleeve come with it though their numbers are typed; beside the old sleeve they are bought', () => {
  const typed = { lockNut: 'KM8', tabWasher: 'MB8' }
  const bought = (parts: Record<string, string>) => {
    const k = propose('G1', shaft('22208K', { ...typed, ...parts }))
    return ['lockNut', 'tabWasher'].map((slot) => line(k, slot)?.quantity)
  }
  expect(bought({})).toEqual([0, 0])
  expect(bought({ adapterSleeve: 'HE308' })).toEqual([0, 0])
  expect(bought({ adapterSleeve: 'keep' })).toEqual([1, 1])
  expect(bought({ adapterSleeve: 'none' })).toEqual([1, 1])
  expect(bought({ lockNut: 'KM7' })).toEqual([1, 0])
})

it.each([
  ['bolts', '4 x M12x1.25x45', { text: 'M12x1.25x45', pieces: 4 }],
  ['lockNut', '2 pcs KM8', { text: 'KM8', pieces: 2 }],
  ['snapRing', 'shaft snap ring 40x1.75', { text: 'shaft snap ring 40x1.75' }],
  // A place takes one bearing, one seal; loose balls and tubes are told by sizes.
  ['ballBearing', '2 x 6205-2RS', { text: '2 x 6205-2RS' }],
  ['seal', '2 x 35x52x7', { text: '2 x 35x52x7' }],
  ['balls', '11 x 6.35', { text: '11 x 6.35' }],
  ['spacerTube', '20 x 61.5', { text: '20 x 61.5' }],
] as const)('%s: how many are asked for is no part of the number: %s', (role, text, counted) =>
  expect(countedText(role, text)).toEqual(counted),
)
