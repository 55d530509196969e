import { describe, expect, it } from 'vitest'
import { shipped, shippedKnowledge } from '../../../tests/support/shipped'
import { arrangementOf, ARRANGEMENTS, emptyKit, explodedView, priceOf, proposeKit, type KitRequest } from '.'

/** Why a line says what it says where one, several or none go (sizes from the catalogue's own rows; common practice). */

const propose = (code: string, request: Partial<KitRequest>, more: Parameters<typeof proposeKit>[3] = {}) =>
  proposeKit(arrangementOf(code), { positions: 1, parts: {}, sizes: {}, ...request }, shippedKnowledge, more)
const lineOf = (
  code: string,
  slot: string,
  ...rest: [Partial<KitRequest>, Parameters<typeof propose>[2]?]
) => {
  const line = propose(code, ...rest).lines.find((l) => l.slot === slot)
  if (!line) throw new Error(`No line ${slot}`)
  return line
}
const { parts } = shipped.catalogue

it('a bearing by its seats: another width is told as soon as one other has it', () => {
  const reasons = [1, 2].map((count) => {
    const seats = parts
      .filter(({ family }) => family === 'deep-groove')
      .map(({ dimensions: { bore = 0, outside = 0 } }) => ({ shaft: bore, housing: outside }))
    const sizes = seats.find(
      (s) => lineOf('B1', 'bearingLeft', { sizes: s }).alternatives.length === count - 1,
    )
    return lineOf('B1', 'bearingLeft', { sizes: sizes ?? {} }).reason.includes('others have another width')
  })
  expect(reasons).toEqual([false, true])
})

it('the only cone of a cup, of another spindle: told what it would take', () => {
  const only = parts.find(
    ({ piece, base }) => piece === 'cup' && shipped.catalogue.setsOf.get(base)?.length === 1,
  )
  const line = lineOf('A1', 'innerCone', {
    parts: { innerCup: only?.base ?? '' },
    sizes: { shaft: 5, shaft2: 5 },
  })
  expect([line.state, line.reason]).toEqual([
    'gap',
    expect.stringMatching(/^None that runs with .* Measure again\.$/),
  ])
  expect(line.alternatives).toHaveLength(1)
})

describe('grease', () => {
  it('of one small open bearing, less than a gram, is worked out all the same', () =>
    expect(lineOf('G1', 'grease', { parts: { bearingLocating: '625' } }).reason).toMatch(/^About 0\.005/))
  it('follows from one end of a tapered pair alone, in whole millilitres', () => {
    const one = lineOf('A1', 'grease', { parts: { innerBearing: 'L68149/L68110' } })
    expect([one.state, one.reason]).toEqual([
      'filled',
      expect.stringMatching(/: \d+ ml in the bearings\. The cavity/),
    ])
    const sizes = { cavityLength: 48 }
    const sets = { innerBearing: 'L68149/L68110', outerBearing: 'LM12749/LM12710' }
    expect(lineOf('A1', 'grease', { parts: sets, sizes }).reason).toMatch(
      /: \d+ ml in the bearings, \d+ ml in the hub\.$/,
    )
  })
})

it('where no seal fits, the nearest is told first and offered', () => {
  const line = lineOf('A1', 'seal', { sizes: { sealShaft: 35.6, sealHousing: 52.6 } })
  expect(line.state).toBe('gap')
  expect(line.reason).toContain(` Nearest ${line.alternatives[0]}: `)
})

it('the snap ring of a unit some hundredths over is the one of the whole millimetres it is pressed into', () => {
  const ring = (unit: string) => lineOf('D1', 'snapRing', { parts: { hubUnit: unit } }).designation
  expect(ring('DAC36720534')).toBe(ring('DAC37720037'))
  expect(ring('DAC36720534')).toMatch(/72/)
})

it('a spacer is made over the one bearing that is known', () =>
  expect(
    lineOf('B1', 'spacerTube', { parts: { bearingLeft: '6205-2RS' }, sizes: { spacerLength: 61.4 } }).value,
  ).toMatchObject({ boreMm: 25, lengthMm: 61.4 }))

describe('what lies on the shelf comes first', () => {
  const sizes = { sealShaft: 35, sealHousing: 52 }
  const [first = '', second = ''] = [
    lineOf('A1', 'seal', { sizes }).designation,
    ...lineOf('A1', 'seal', { sizes }).alternatives,
  ]
  const supply = (of: Record<string, { free: number; price: number | null }>) => ({
    supplyOf: (name: string) => {
      const found = of[name]
      return found ? { bins: ['A1'], reserved: 0, supplier: null, leadDays: null, ...found } : null
    },
  })
  const chosen = (of: Parameters<typeof supply>[0]) =>
    lineOf('A1', 'seal', { sizes }, supply(of) as never).designation
  it('one that nobody has counted does not lie there', () =>
    expect(chosen({ [second]: { free: 1, price: null } })).toBe(second))
  it('of two at one price the first stays', () =>
    expect(chosen({ [first]: { free: 1, price: 3 }, [second]: { free: 1, price: 3 } })).toBe(first))
  it('of two there the cheaper', () =>
    expect(chosen({ [first]: { free: 1, price: 3 }, [second]: { free: 1, price: 2.9 } })).toBe(second))
})

it('what comes with a sleeve is not bought, whatever number is typed', () => {
  const request = { parts: { bearingLocating: '22208K', bearingFloating: '22208K' } }
  const sleeved = propose('G1', request).lines.filter(({ reason }) =>
    reason.includes('Comes with the adapter'),
  )
  expect(sleeved.length).toBeGreaterThan(0)
  for (const { slot } of sleeved)
    expect(lineOf('G1', slot, { ...request, quantities: { [slot]: 3 } }).quantity, slot).toBe(0)
})

it('a kit of one bought line has a price', () => {
  const line = { ...lineOf('B1', 'bearingLeft', { parts: { bearing: '6205-2RS' } }), price: 4.25 }
  expect(priceOf([{ ...line, quantity: 3, unit: 'pcs', state: 'filled' }])).toBe(12.75)
  expect(priceOf([{ ...line, quantity: 1, unit: 'pcs', state: 'filled' }])).toBe(4.25)
  expect(priceOf([])).toBeNull()
})

it('a finding that one place answers names it', () => {
  const found = propose('A1', { findings: ['journalGrooved'] }).checks.find(({ title }) =>
    /^Found/.test(title),
  )
  expect(found?.detail).toMatch(/^Adds: \S/)
})

describe('drawn along the axis', () => {
  it('nothing is nothing long; an empty kit is of one position', () => {
    const arrangement = arrangementOf('E1')
    const kit = emptyKit(arrangement)
    expect(kit.positions).toBe(1)
    const nothing = explodedView(
      { ...arrangement, hubAfter: '' },
      {
        ...kit,
        lines: [],
      },
    )
    expect([nothing.length, nothing.radius, nothing.hub.from, nothing.hub.length]).toEqual([0, 0, 0, 0])
  })
  it('the hub takes the seat before it, also where that is the very first place', () => {
    const code =
      [...ARRANGEMENTS.values()].find(({ slots, hubAfter }) => slots[0]?.id === hubAfter)?.code ?? ''
    const [left = '', right = ''] = arrangementOf(code).slots.flatMap(({ id, role }) =>
      role === 'ballBearing' ? [id] : [],
    )
    const kit = propose(code, { parts: { [left]: '6205-2RS', [right]: '6204-2RS' } })
    const [first] = explodedView(arrangementOf(code), kit).hub.shapes
    expect(first?.kind === 'outline' ? [first.points[0]?.[1], first.points[5]?.[1]] : []).toEqual([26, 23.5])
  })
  it('a spacer that a seal runs on is drawn as thick as its journal', () => {
    const kit = propose('B1', {
      parts: { bearing: '6004-2RS' },
      sizes: { sealShaft: 28, sealHousing: 42, wheelSpacerLength: 11 },
    })
    const drawn = explodedView(arrangementOf('B1'), kit).parts.find(({ slot }) => slot === 'wheelSpacerLeft')
    expect(drawn).toMatchObject({ length: 11, radius: 14 })
  })
})

it('one number that may have been meant is told as well as several', () => {
  expect(lineOf('B1', 'bearingLeft', { parts: { bearing: '6001W6' } }).reason).toMatch(/Did you mean 6001\?$/)
})

it('nut and washer of every sleeve come with it, listed or not: none is bought', () => {
  for (const { base, hardware } of parts) {
    if (hardware?.what !== 'adapterSleeve') continue
    const bearing = parts.find(
      ({ family, dimensions: d }) => family === 'spherical' && d.bore === hardware.bearingBoreMm,
    )
    if (!bearing) continue
    for (const slot of ['lockNut', 'tabWasher'])
      expect(
        lineOf('G1', slot, { parts: { bearingLocating: `${bearing.base}K`, adapterSleeve: base } }),
        `${base} ${slot}`,
      ).toMatchObject({ quantity: 0, reason: expect.stringContaining('Comes with the adapter sleeve') })
  }
})

it('the only housing an insert sits in is offered by its name', () => {
  const line = lineOf('F1', 'housing', { parts: { insert: 'UCX14' } })
  expect([line.state, line.alternatives, line.reason]).toEqual([
    'gap',
    ['PX14'],
    expect.stringContaining('New: PX14 holds UCX14'),
  ])
})

it('the nearest seal is told as soon as there is one', () => {
  const counts = new Set<number>()
  for (let shaft = 8; shaft <= 200; shaft += 7)
    for (const wall of [3, 9, 30]) {
      const sizes = { sealShaft: shaft + 0.3, sealHousing: shaft + wall + 0.6 }
      const { state, reason, alternatives } = lineOf('A1', 'seal', { sizes })
      if (state !== 'gap') continue
      counts.add(alternatives.length)
      expect(reason.includes(`Nearest ${alternatives[0]}:`), `${shaft} ${wall}`).toBe(alternatives.length > 0)
    }
  expect([...counts].sort()).toEqual([0, 1, 2, 3])
})
