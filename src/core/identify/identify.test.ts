import { describe, expect, it } from 'vitest'
import { shipped } from '../../../tests/support/shipped'
import {
  buildIdentifier,
  CONDITIONS,
  evidenceText,
  identify,
  identifyByPlainScan,
  nextText,
  readMeasurements,
  unlistedText,
} from '.'
import type { Evidence, Observations, TypedMeasurement } from '.'

type Stamp = Evidence['stamps'][number]

const identifier = buildIdentifier(shipped)

type Sizes = Partial<Record<TypedMeasurement['feature'], string>>

function evidence(
  sizes: Sizes,
  stamps: Stamp[] = [],
  observed: Observations = {},
  common: Partial<TypedMeasurement> = {},
): Evidence {
  const typed = Object.entries(sizes).map(([feature, text]) => ({
    ...common,
    feature: feature as TypedMeasurement['feature'],
    readings: text.split(';'),
  }))
  const read = readMeasurements(typed)
  if (!read.ok) throw new Error(JSON.stringify(read.problem))
  return { measurements: read.value, stamps, observed }
}
const ask = (...args: Parameters<typeof evidence>) => identify(identifier, evidence(...args), 10)
const first = (found: ReturnType<typeof ask>) => found.candidates[0]
const item = (found: ReturnType<typeof ask>, name: string, rank = 0) =>
  found.candidates[rank]?.evidence.find((e) => e.item === name)

describe('worn wheel bearing in inches', () => {
  const sizes: Sizes = { bore: '0.74 in', outside: '1.78 in' }
  it('is LM11949/LM11910, and the reason says the bore reads small', () => {
    const found = ask(sizes, [], { element: 'taperedRoller' }, { instrument: 'digitalCaliper' })
    expect(first(found)?.part.base).toBe('LM11949/LM11910')
    const bore = item(found, 'bore')
    expect(bore?.verdict).toBe('strained')
    expect(bore?.deviationMm).toBeCloseTo(-0.254, 3)
    expect(bore && evidenceText(bore)).toMatch(/0\.25 mm small/)
    expect(bore && evidenceText(bore, 'in')).toMatch(/0\.0100 in small/)
  })
  it('is above 0.95 with a damaged stamp on the cup', () => {
    const found = ask(sizes, [{ text: 'LM119?0', on: 'cup' }], { element: 'taperedRoller' })
    expect(first(found)?.part.base).toBe('LM11949/LM11910')
    expect(first(found)?.probability).toBeGreaterThan(0.95)
    expect(item(found, 'stamp')?.verdict).toBe('agrees')
  })
})

describe('ball bearings by three sizes', () => {
  it.each([
    [{ bore: '15', outside: '28', width: '7' }, '6902'],
    [{ bore: '12', outside: '18', width: '4' }, '6701'],
    [{ bore: '6', outside: '12', width: '4' }, 'MR126'],
    [{ bore: '25', outside: '52', width: '15' }, '6205'],
    [{ bore: '1', outside: '2', width: '9/16' }, '1641'],
    [{ bore: '.9843', outside: '52', width: '15' }, '6205'],
    [{ bore: '0.9843 in', outside: '52 mm', width: '15' }, '6205'],
    [{ shaft: '24.98', housing: '52.01' }, '6205'],
  ] as [Sizes, string][])('%j is %s', (sizes, base) =>
    expect(first(ask(sizes, [], { element: 'ball' }))?.part.base).toBe(base),
  )

  it('a cone by its stamp leads with its usual cup, not with one that is seldom bought', () => {
    const { candidates } = identify(
      identifier,
      { measurements: [], stamps: [{ text: '14125A' }], observed: {} },
      5,
    )
    const of = (base: string) => candidates.find(({ part }) => part.base === base)?.probability ?? 0
    expect(candidates[0]?.part.base).toBe('14125A/14276')
    expect(of('14125A/14276')).toBeGreaterThan(3 * of('14125A/14274'))
  })

  it('reads options from the stamp', () => {
    const found = ask({ bore: '15', outside: '28', width: '7' }, [{ text: '6902-2RS' }], { element: 'ball' })
    expect(first(found)?.designation).toBe('6902-2RS')
    expect(item(found, 'stamp')?.verdict).toBe('agrees')
    expect(first(ask({ bore: '8', outside: '14', width: '3.5' }, [{ text: 'SMR148C' }]))?.designation).toBe(
      'SMR148C',
    )
  })
})

describe('one bad reading', () => {
  it.each([
    [{ bore: '25', outside: '25', width: '15' }, '6205', 'outside'],
    [{ bore: '52', outside: '52', width: '15' }, '6205', 'bore'],
    [{ bore: '25', outside: '52', width: '51' }, '6205', 'width'],
    [{ bore: '20', outside: '74', width: '14' }, '6204', 'outside'],
  ] as [Sizes, string, string][])('%j is still %s, and %s contradicts', (sizes, base, bad) => {
    const found = ask(sizes, [], { element: 'ball' })
    const rank = found.candidates.findIndex((c) => c.part.base === base)
    expect(rank).toBeGreaterThanOrEqual(0)
    expect(rank).toBeLessThan(2)
    expect(item(found, bad, rank)?.verdict).toBe('contradicts')
  })
  it('of three does not move the middle', () => {
    const found = ask({ bore: '25.00; 25.01; 23.1', outside: '52', width: '15' })
    expect(first(found)?.part.base).toBe('6205')
  })
})

describe('a size that no list holds', () => {
  it.each(CONDITIONS)(
    '19.3 × 44.4 × 13.2, %s: not listed leads, the nearest are told with their differences',
    (condition) => {
      const found = ask({ bore: '19.3', outside: '44.4', width: '13.2' }, [], {}, { condition })
      expect(found.unlisted).toBeGreaterThan(first(found)?.probability ?? 1)
      expect(unlistedText(found)).toMatch(/nearest is \S+ \(measured \w+ \d\.\d+ mm/)
    },
  )
})

it('an unlisted number that follows the rules leads as a part of its series, and says that no row holds it', () => {
  const found = ask({}, [{ text: '6352' }])
  expect(first(found)?.part).toMatchObject({ base: '6352', computed: true, dimensions: { bore: 260 } })
  expect(found.unlisted).toBeLessThan(first(found)?.probability ?? 0)
})

it('only the piece asked for is answered', () => {
  const cups = ask({ outside: '1.78 in' }, [], { piece: 'cup' })
  expect(new Set(cups.candidates.map((c) => c.part.piece))).toEqual(new Set(['cup']))
  expect(first(ask({ bore: '35', outside: '52', width: '7' }, [], { piece: 'seal' }))?.part.base).toBe(
    '35x52x7',
  )
})

it('probabilities and “not listed” sum to one', () => {
  const found = identify(identifier, evidence({ bore: '20', outside: '47' }), 10_000)
  expect(found.candidates.reduce((sum, c) => sum + c.probability, found.unlisted)).toBeCloseTo(1, 9)
})

it('asks for what tells the leading candidates apart, and stops when nothing does', () => {
  const open = ask({ bore: '25' }, [], { element: 'ball' })
  expect(['outside', 'width']).toContain(open.next?.feature)
  expect(open.next?.separates.length).toBeGreaterThan(1)
  expect(nextText(open)?.heading).toMatch(/^Measure the (outside|width)$/)
  const settled = ask({ bore: '15', outside: '28', width: '7' }, [], { element: 'ball' })
  expect(settled.next).toBeNull()
  expect(nextText(settled)?.heading).toBe('Enough measured')
})

it.each([
  [{ bore: '25.4', outside: '31.75', width: '25.4' }, 'needle', /SCE1616.*in a cage or side by side/],
  [{ bore: '40', outside: '68', width: '15' }, 'cylindricalRoller', /NU1008.*the flanges of both rings/],
] as const)(
  'parts of one size and family are told apart by what is seen of their kind: %j',
  (sizes, element, line) => {
    const found = ask({ ...sizes }, [], { element })
    expect(nextText(found)).toEqual({
      heading: 'Same size, more than one part',
      line: expect.stringMatching(line),
    })
  },
)

it('says which look parts kinds of one size: 6205, 7205, 1205 and NU205', () => {
  const found = ask({ bore: '25', outside: '52', width: '15' })
  expect(found.candidates.slice(0, 8).map((c) => c.part.base)).toEqual(
    expect.arrayContaining(['6205', '7205', '1205', 'NU205']),
  )
  const next = nextText(found)
  expect(next?.heading).toBe('Look which kind it is')
  expect(next?.line).toMatch(/7205: one row of balls, one shoulder ground away/)
})

it.each([
  // 22207K: 35 mm at its small end, 35 + 23 / 12 = 36.92 at its large one (ISO 5753, bores 1:12).
  ['35.01', 'agrees'],
  ['35.3', 'strained'],
  ['36.9', 'strained'],
  ['37.1', 'contradicts'],
  ['33.9', 'contradicts'],
])('a bore of %s on 22207K: %s, told as a taper between its ends', (bore, verdict) => {
  const found = ask({ bore, outside: '71.97', width: '22.95' }, [{ text: '22207K' }])
  expect(first(found)?.part.base).toBe('22207')
  const row = item(found, 'bore')
  expect(row?.verdict).toBe(verdict)
  expect(row && evidenceText(row).includes('1:12')).toBe(verdict === 'strained')
})

it('ranks like the plain scan of every part', () => {
  const questions = [
    evidence({ bore: '25', outside: '52', width: '15' }),
    evidence({ bore: '0.74 in', outside: '1.78 in' }, [{ text: 'LM119?0' }], {
      element: 'taperedRoller',
      piece: 'complete',
    }),
    evidence({ width: '5', outside: '16' }, [], { element: 'ball', closures: ['shield', 'shield'] }),
    evidence({ totalWidth: '14.2' }, [], {}),
  ]
  for (const question of questions) {
    const plain = identifyByPlainScan(identifier, question).slice(0, 10)
    const ours = identify(identifier, question, 10).candidates
    const top = plain[0]?.log ?? 0
    ours.forEach((c, i) =>
      expect(Math.log(c.probability / (ours[0]?.probability ?? 1))).toBeCloseTo(
        (plain[i]?.log ?? 0) - top,
        6,
      ),
    )
  }
})

it('refuses a bore larger than the outside, and text that is no length, saying where', () => {
  const large = readMeasurements([
    { feature: 'bore', readings: ['60'], unit: 'mm' },
    { feature: 'outside', readings: ['50'], unit: 'mm' },
  ])
  expect(large).toMatchObject({
    ok: false,
    problem: { code: 'impossible', issues: [{ path: ['measurements', 0] }] },
  })
  const unread = readMeasurements([{ feature: 'bore', readings: ['25', '6o'] }])
  expect(unread).toMatchObject({
    ok: false,
    problem: { code: 'unreadable', issues: [{ path: ['measurements', 0, 'readings', 1] }] },
  })
})

// Numbers with one mark lost and one worn into another, common practice of reading worn stamps: what stands there is read before what it might also be.
it.each([
  ['62?SZZ', '6205'],
  ['62?GDDU', '6206'],
  ['68?S-2Z', '6805'],
  ['L68149/L6B1?1', 'L68149/L68111'],
  ['25580/Z5?23', '25580/25523'],
  ['6203-8/4-?RS/C3', '6203-3/4'],
  ['62?3-8/4-2RS', '6203-3/4'],
  ['RI-4-2RS/C?', 'R1-4'],
  ['R2-ZR?', 'R2'],
])('the worn stamp %s is %s', (text, base) => {
  const [leading, next] = identify(identifier, evidence({}, [{ text }], { piece: 'complete' }), 10).candidates
  expect(leading?.part.base).toBe(base)
  expect(leading?.probability).toBeGreaterThan((next?.probability ?? 0) * 1.2)
})
