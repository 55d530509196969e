import { describe, expect, it } from 'vitest'
import { shipped, shippedKnowledge } from '../../../tests/support/shipped'
import { arrangementOf, bearingsOfKit, proposeKit, type KitRequest } from '.'
import { readThread } from '../quantity'
import { emptyKit } from './emptyKit'
import { findBySeat } from './findBySeat'
import type { SupplyOf } from './kit'

/** What a place offers beside what it holds, and why it holds it (common practice; sizes from the catalogue's own rows). */

const propose = (
  code: string,
  request: Partial<KitRequest>,
  more: { current?: Record<string, string>; supplyOf?: SupplyOf } = {},
) =>
  proposeKit(arrangementOf(code), { positions: 1, parts: {}, sizes: {}, ...request }, shippedKnowledge, more)
const SETS = { innerBearing: 'L68149/L68110', outerBearing: 'LM12749/LM12710' }
const lineOf = (code: string, slot: string, request: Partial<KitRequest>, more = {}) => {
  const line = propose(code, request, more).lines.find((l) => l.slot === slot)
  if (!line) throw new Error(`No place ${slot}`)
  return line
}
type What = 'castleNut' | 'washer' | 'cotterPin' | 'cap' | 'lockNut'
const listed = (what: What) => shipped.catalogue.parts.filter(({ hardware }) => hardware?.what === what)
const isListed = (what: What, name: string) => listed(what).some(({ base }) => base === name)

describe('what else a place takes is named, listed, and not what it holds', () => {
  it.each([
    ['castleNut', 'castleNut', {}],
    ['washer', 'washer', { thread: '3/4-16' }],
    ['cotterPin', 'cotterPin', { thread: '3/4-16' }],
    ['cap', 'cap', { sizes: { hubMouth: 45.24 } }],
  ] as const)('%s', (slot, what, request) => {
    const line = lineOf('A1', slot, { parts: SETS, ...request })
    expect(line.state).toBe('filled')
    expect(isListed(what, line.designation)).toBe(true)
    const names = line.alternatives ?? []
    expect(new Set(names).size).toBe(names.length)
    for (const name of names) {
      expect(isListed(what, name)).toBe(true)
      expect(name).not.toBe(line.designation)
    }
  })
  it('a nut: the largest inch thread that the cone passes over; smaller ones beside it', () => {
    // LM12749 has a bore of 21.986 mm: 7/8 in (22.225 mm) does not pass, 3/4 in does.
    const line = lineOf('A1', 'castleNut', { parts: SETS })
    expect(line.designation).toBe('castle nut 3/4-16')
    expect(line.alternatives?.length).toBeGreaterThan(0)
    const nuts = listed('castleNut')
    const bore = (name: string) => {
      const hardware = nuts.find(({ base }) => base === name)?.hardware
      return hardware?.what === 'castleNut' ? hardware.threadMm : Infinity
    }
    for (const name of line.alternatives ?? []) expect(bore(name)).toBeLessThanOrEqual(21.986 + 0.1)
  })
  it('a thread nobody lists a nut for: every nut is offered', () => {
    const line = lineOf('A1', 'castleNut', { parts: SETS, thread: 'M23x1' })
    expect([line.state, line.alternatives?.length]).toEqual(['gap', listed('castleNut').length])
    expect(line.alternatives?.every((name) => isListed('castleNut', name))).toBe(true)
  })
  it('a thread by its diameter and its pitch', () => {
    const of = (thread: string) => lineOf('A1', 'castleNut', { parts: SETS, thread }).state
    expect([of('M20x1.5'), of('M20x1'), of('M20x2'), of('3/4-16'), of('3/4-14')]).toEqual([
      'filled',
      'gap',
      'gap',
      'filled',
      'gap',
    ])
  })
  it.each(['3/4-16', '1-14', 'M20x1.5', 'M24x2', 'M10x1.25'])(
    'a cotter pin for %s: its size by ISO 1234, the shortest that can be bent over',
    (thread) => {
      const line = lineOf('A1', 'cotterPin', { parts: SETS, thread })
      const read = readThread(thread)
      if (!read || line.state !== 'filled') throw new Error(`${thread}: ${line.reason}`)
      const pinOf = (name: string) => {
        const hardware = listed('cotterPin').find(({ base }) => base === name)?.hardware
        if (hardware?.what !== 'cotterPin') throw new Error(name)
        return hardware
      }
      const pin = pinOf(line.designation)
      expect(read.diameterMm).toBeGreaterThan(pin.threadOverMm)
      expect(read.diameterMm).toBeLessThanOrEqual(pin.threadToMm)
      // Of those that are longer than the nut is wide it is the shortest; every other of its size is offered.
      for (const name of line.alternatives ?? []) {
        const other = pinOf(name)
        expect([other.threadOverMm, other.threadToMm]).toEqual([pin.threadOverMm, pin.threadToMm])
        if (other.lengthMm < pin.lengthMm) expect(other.lengthMm).toBeLessThan(read.diameterMm * 1.9 + 6)
      }
    },
  )
  it('inch cotter pins stand beside the ISO size of the same bolts, one is taken when it is named', () => {
    const pins = listed('cotterPin').flatMap(({ base, hardware }) =>
      hardware?.what === 'cotterPin' ? [{ base, ...hardware }] : [],
    )
    const inch = pins.filter((pin) => pin.inch)
    expect(inch.length).toBeGreaterThanOrEqual(12)
    for (const { base, pinMm, lengthMm, threadOverMm } of inch) {
      expect((pinMm * 32) / 25.4, base).toBeCloseTo(Math.round((pinMm * 32) / 25.4), 2)
      expect((lengthMm * 4) / 25.4, base).toBeCloseTo(Math.round((lengthMm * 4) / 25.4), 2)
      const iso = pins.find((pin) => !pin.inch && pin.threadOverMm === threadOverMm)
      expect(Math.abs(pinMm / (iso?.pinMm ?? NaN) - 1), base).toBeLessThan(0.05)
    }
    for (const nut of listed('castleNut')) {
      if (nut.hardware?.what !== 'castleNut') continue
      const { thread, threadMm } = nut.hardware
      const ask = (cotterPin?: string) =>
        propose('A1', { parts: { ...SETS, ...(cotterPin && { cotterPin }) }, thread })
      const line = ask().lines.find(({ slot }) => slot === 'cotterPin')
      expect(
        inch.map(({ base }) => base),
        thread,
      ).not.toContain(line?.designation)
      const fits = inch.find((pin) => threadMm > pin.threadOverMm && threadMm <= pin.threadToMm)
      if (!fits) continue
      expect(line?.alternatives, thread).toContain(fits.base)
      const named = ask(fits.base)
      expect(named.lines.find(({ slot }) => slot === 'cotterPin')).toMatchObject({
        state: 'filled',
        designation: fits.base,
      })
      expect(
        named.checks.map(({ code }) => code),
        thread,
      ).not.toContain('pinOffNut')
    }
  })
  it('a cap: what was measured, else what is usual', () => {
    expect(lineOf('A1', 'cap', { parts: SETS, sizes: { hubMouth: 45.24 } })).toMatchObject({
      assumed: false,
      reason: 'The hub mouth as measured.',
    })
    expect(lineOf('A1', 'cap', { parts: SETS })).toMatchObject({
      assumed: true,
      reason: expect.stringContaining('Measure the hub mouth'),
    })
  })
  it('a snap ring and its pliers by what it sits in', () => {
    const kit = propose('D1', { parts: { hubUnit: '39x72x37' } })
    const ring = kit.lines.find((l) => /snap/i.test(l.label))
    expect(ring?.reason).toContain('For a bore of 72 mm')
    expect(kit.tools.join()).toContain('Snap ring pliers for a bore of 72 mm')
  })
  it('nut and washer of an adapter sleeve are the listed ones', () => {
    const kit = propose('G1', { parts: { bearingLocating: '22208EK', bearingFloating: '22208EK' } })
    const nut = kit.lines.find((l) => l.slot === 'lockNut')
    expect(nut?.value?.kind).toBe('listed')
    expect(isListed('lockNut', nut?.designation ?? '')).toBe(true)
  })
})

describe('the ring that runs with the one that is there', () => {
  // L68149 runs with L68110 (59.131 mm) and L68111 (59.974 mm): ABMA 19.2, from memory.
  const cup = (sizes: KitRequest['sizes'], current = {}) =>
    lineOf('A1', 'innerCup', { parts: { innerCone: 'L68149' }, sizes }, { current })
  it('several: the hub bore decides, and none is taken unmeasured', () => {
    expect(cup({})).toMatchObject({
      state: 'gap',
      reason: expect.stringMatching(/L68110 \(59\.131 mm\), L68111 \(59\.974 mm\)\. Measure the hub bore/),
      alternatives: ['L68110', 'L68111'],
    })
    expect(cup({ housing: 59.97 })).toMatchObject({
      designation: 'L68111',
      alternatives: ['L68110'],
      reason: expect.stringContaining('Of 2 that run with L68149'),
    })
    expect(cup({ housing: 59.131 + 0.24 }).designation).toBe('L68110')
    expect(cup({ housing: 55 }).reason).toMatch(/None that runs with L68149 is for a hub bore of 55 mm/)
  })
  it('what was held before stays while it fits', () => {
    expect(cup({}, { innerCup: 'L68111' }).designation).toBe('L68111')
    expect(cup({ housing: 59.131 }, { innerCup: 'L68111' }).designation).toBe('L68110')
  })
  it('a cup asks for its cone by the spindle', () =>
    expect(lineOf('A1', 'innerCone', { parts: { innerCup: 'L68110' } })).toMatchObject({
      state: 'filled',
      designation: 'L68149',
      reason: 'The one cone listed that runs with L68110.',
      alternatives: [],
    }))
})

describe('bearings by their seat', () => {
  const of = (role: 'insert' | 'hubUnit' | 'bearing' | 'ballBearing', shaft: number, housing: number) =>
    findBySeat(shipped.catalogue, role, { shaft, housing })
  it('each role finds its own kind, the commonest first', () => {
    expect(of('insert', 25, 52).every(({ family }) => family === 'insert')).toBe(true)
    expect(of('hubUnit', 39, 72).every(({ family }) => family === 'hub-unit')).toBe(true)
    expect(of('bearing', 39, 72).some(({ family }) => family === 'hub-unit')).toBe(false)
    expect([of('insert', 25, 52).length, of('hubUnit', 39, 72).length].every((n) => n > 0)).toBe(true)
    const found = of('bearing', 25, 52).map(({ commonness }) => commonness)
    expect(found).toEqual([...found].sort((a, b) => b - a))
    expect(of('ballBearing', 25, 52)[0]?.base).toBe('6205')
  })
  it('says what the seat was, and that another width is possible, with its number written closed', () => {
    const line = lineOf('C1', 'bearingOuter', { sizes: { shaft: 25, housing: 52 } })
    expect(line.reason).toContain('For a shaft of 25 and a bore of 52 mm; others have another width')
    expect(line.alternatives?.length).toBeGreaterThan(0)
    for (const name of line.alternatives ?? []) expect(name).toMatch(/^\d.*-2RS$/)
    const alone = shipped.catalogue.parts.find(({ family, dimensions: { bore = 0, outside = 0 } }) => {
      return family === 'deep-groove' && of('ballBearing', bore, outside).length === 1
    })
    const { bore: shaft, outside: housing } = alone?.dimensions ?? {}
    const only = lineOf('C1', 'bearingOuter', { sizes: { shaft, housing } })
    expect(only.designation).toBe(`${alone?.base}-2RS`)
    expect([only.reason.includes('others'), only.alternatives]).toEqual([false, []])
  })
  it('of what fits, what lies there for all positions comes first', () => {
    const of = (free: number) => {
      const supplyOf: SupplyOf = (name) =>
        name === '62205-2RS'
          ? { free, bin: 'A1', price: 5 }
          : name === '6205-2RS'
            ? { free: 2, bin: 'A2', price: 9 }
            : null
      return lineOf('C1', 'bearingOuter', { positions: 2, sizes: { shaft: 25, housing: 52 } }, { supplyOf })
        .designation
    }
    expect([of(2), of(1)]).toEqual(['62205-2RS', '6205-2RS'])
  })
})

describe('made to length', () => {
  it.each([
    ['B1', 'spacerTube', 'shoulder to shoulder'],
    ['B1', 'wheelSpacerLeft', 'keep it where it is not grooved'],
    ['A3', 'collar', 'it decides the play'],
  ])('%s %s says what to measure', (code, slot, said) => {
    const kit = propose(code, { parts: code === 'A3' ? SETS : { bearing: '6004-2RS' } })
    const line = kit.lines.find((l) => l.slot === slot)
    expect(line?.reason).toContain(said)
  })
  it('a wheel spacer is the journal of its seal, where that is thicker than the bore', () => {
    const of = (sealShaft: number | undefined) =>
      lineOf('B1', 'wheelSpacerLeft', {
        parts: { bearing: '6004-2RS' },
        sizes: { wheelSpacerLength: 11, sealShaft },
      })
    expect(of(28).value).toMatchObject({ kind: 'made', boreMm: 20, lengthMm: 11, outsideMm: 28 })
    expect(of(20).value).not.toHaveProperty('outsideMm')
    expect(of(28).reason).toContain('journal of the seal')
    expect(of(undefined).reason).not.toContain('journal')
  })
})

it('bearings of a kit: a cone with its cup is one, by one number where both have one', () => {
  const of = (parts: Record<string, string>) => {
    const kit = propose('A1', { parts })
    return bearingsOfKit(arrangementOf('A1'), kit).map(({ slot, designation }) => [slot, designation])
  }
  expect(of(SETS)).toEqual([
    ['innerCone', 'L68149/L68110'],
    ['outerCone', 'LM12749/LM12710'],
  ])
  expect(of({ innerBearing: '32206', outerBearing: '30205' })).toEqual([
    ['innerCone', '32206'],
    ['outerCone', '30205'],
  ])
})

describe('a thread is one within sense', () => {
  it.each([
    ['1-4', true],
    ['1-3', false],
    ['1-80', true],
    ['1-81', false],
    ['11-8', true],
    ['12-8', false],
    ['0-8', false],
    ['M8x1.25', true],
    ['M8x1.5', false],
    ['M9x8', true],
    ['M9x9', false],
  ])('%s', (text, is) => expect(readThread(text) !== null).toBe(is))
})

it('drivers by what they drive: flat for a seal, on the outer ring for a cup', () => {
  const { tools } = propose('A1', { parts: SETS, sizes: { sealShaft: 42, sealHousing: 62 } })
  expect(tools.find((t) => t.includes('L68110'))).toBe('Driver 58.6 mm for L68110, on the outer ring only')
  expect(tools.find((t) => /Driver 61\.5 mm/.test(t))).toMatch(/, flat$/)
  expect(tools.filter((t) => /^Driver/.test(t))).toHaveLength(3)
})

describe('what comes next', () => {
  it('what does not fit, before what is missing, before what is to be confirmed', () => {
    const swapped = propose('A1', {
      parts: { innerBearing: 'LM12749/LM12710', outerBearing: 'L68149/L68110' },
      sizes: {},
    })
    expect(swapped.lines.some(({ state }) => state === 'conflict')).toBe(true)
    expect(swapped.next?.heading).toMatch(/^Change the /)
    expect(propose('A1', { parts: SETS }).next?.heading).toBe('Next: select the seal')
    const sizes = { sealShaft: 42, sealHousing: 62, hubMouth: 45.24 }
    expect(propose('A1', { parts: SETS, sizes, thread: '3/4-16' }).next?.heading).toBe(
      'Confirm the spindle washer',
    )
  })
  it('a number nobody lists: what is meant is named, and what else can be typed', () => {
    const line = lineOf('C1', 'bearingOuter', { parts: { bearingOuter: '6292-2RS' } })
    expect(line.reason).toMatch(/is not in the catalogue\. Check the number or give its sizes/)
    expect(line.reason).toMatch(/Did you mean \d/)
    expect(lineOf('C1', 'bearingOuter', { parts: { bearingOuter: 'Q#Q' } }).reason).not.toContain(
      'Did you mean',
    )
  })
  it('a number whose kind is known though it is not listed is told as that, and nothing near in letters is meant', () => {
    const { reason, state } = lineOf('C1', 'bearingOuter', { parts: { bearingOuter: 'W208PPB6' } })
    expect(state).toBe('gap')
    expect(reason).toMatch(/farm machines: outside 80 mm/)
    expect(reason).not.toContain('Did you mean')
  })
  it('what is listed is certain, what is known by its sizes or as free text is to be confirmed', () => {
    const of = (bearingOuter: string) => lineOf('C1', 'bearingOuter', { parts: { bearingOuter } }).assumed
    expect([of('6202-2RS'), of('15.5 x 34 x 10')]).toEqual([false, true])
    expect(lineOf('A2', 'clampNut', { parts: { ...SETS, clampNut: 'clamp nut with screw' } }).assumed).toBe(
      true,
    )
  })
})

describe('a seal by its end', () => {
  const label = (code: string, request: Partial<KitRequest>) =>
    propose(code, request).checks.flatMap((c) => (/^(The )?.*seal.*fits/i.test(c.title) ? [c.title] : []))
  it('is named where there are two, and not where there is one', () => {
    const sizes = { sealShaft: 42, sealHousing: 62 }
    expect(label('A1', { parts: SETS, sizes })).toEqual(['Seal fits journal and counterbore'])
    const two = label('B1', {
      parts: { bearing: '6004-2RS' },
      sizes: { ...sizes, sealShaft: 25, sealHousing: 42 },
    })
    expect(two).toHaveLength(2)
    expect(two.join()).toMatch(/left.*right/i)
  })
  it('is measured against the cone and cup of its own end', () => {
    // A journal thinner than the bore of the inner cone (34.989 mm) cannot stand behind it; the outer cone is smaller.
    const check = (sealShaft: number, sealHousing: number) =>
      propose('A1', { parts: SETS, sizes: { sealShaft, sealHousing } }).checks.find(
        ({ slots = [] }) => slots.includes('seal') && slots.length === 2,
      )
    expect(check(30, 62)).toMatchObject({ result: 'fail', slots: ['seal', 'innerCone'] })
    expect(check(42, 55)).toMatchObject({ result: 'warn', slots: ['seal', 'innerCup'] })
    expect(check(42, 62)).toBeUndefined()
  })
})

it('the play a collar leaves: just inside and just outside the usual', () => {
  // 30206: B 16, T 17.25; 30205: B 15, T 16.25: with a collar of 40 mm the play is 37.5 − the distance of the seats.
  const check = (play: number) =>
    propose('A3', {
      parts: { innerBearing: '30206', outerBearing: '30205' },
      sizes: { spacerLength: 40, seatDistance: 37.5 - play },
    }).checks.find((c) => c.title.includes('collar'))
  const results = [-0.001, 0.001, 0.026, 0.249, 0.251].map((play) => check(play)?.result)
  expect(results).toEqual(['fail', 'warn', 'pass', 'pass', 'warn'])
  expect(check(0.1)?.title).toBe('The collar leaves 0.10 mm of play')
  expect(check(-0.1)?.title).toBe('The collar is short: 0.10 mm of preload')
  // The middle of 0.025 to 0.25 mm is 0.1375.
  expect(check(0.6)?.detail).toMatch(/ A shim of about 0\.46 mm out brings it /)
  expect(check(-0.1)?.detail).toMatch(/ A shim of about 0\.24 mm in brings it /)
})

it('grease: what the bearings hold, and what the hub does where its room is known', () => {
  const of = (sizes: KitRequest['sizes']) => lineOf('A1', 'grease', { parts: SETS, sizes }).reason
  expect(of({})).toMatch(/ml in the bearings\. The cavity is not in it/)
  expect(of({ cavityLength: 48 })).toMatch(/ml in the bearings, \d+ ml in the hub\.$/)
  // A hub of open ball bearings is greased by their size, one of sealed ones gets a film.
  expect(lineOf('G1', 'grease', { parts: { bearing: '6208' } }).reason).toMatch(/0\.005/)
  expect(lineOf('C1', 'grease', { parts: { bearing: '6202-2RS' } }).reason).not.toMatch(/0\.005/)
})

describe('two ends of a hub, each by its own sizes', () => {
  const sizes = { sealShaft: 25, sealHousing: 42, sealShaft2: 28, sealHousing2: 42, wheelSpacerLength: 11 }
  const of = (slot: string, more: KitRequest['sizes'] = {}) =>
    lineOf('B1', slot, { parts: { bearing: '6004-2RS' }, sizes: { ...sizes, ...more } })
  it('seals', () => {
    expect(of('sealLeft').designation).toMatch(/^25x42x/)
    expect(of('sealRight').designation).toMatch(/^28x42x/)
    // What was not measured at the far end is as at the near one.
    expect(of('sealRight', { sealShaft2: undefined }).designation).toMatch(/^25x42x/)
  })
  it('wheel spacers', () => {
    expect(of('wheelSpacerLeft').value).toMatchObject({ outsideMm: 25 })
    expect(of('wheelSpacerRight').value).toMatchObject({ outsideMm: 28 })
  })
})

describe('a bearing like its neighbour', () => {
  it('along the row, however far', () => {
    const kit = propose('B3', { parts: { carrierOuter: '6804-2RS' } })
    const of = (slot: string) => kit.lines.find((l) => l.slot === slot)?.designation
    expect([of('carrierInner'), of('carrierStacked'), of('carrierOuter')]).toEqual(Array(3).fill('6804-2RS'))
    expect(of('shellLeft')).toBe('')
  })
  it('what was held before stays first', () => {
    const request = { sizes: { shaft: 25, housing: 52 } }
    const current = { bearingOuter: '62205-2RS' }
    expect(lineOf('C1', 'bearingOuter', request).designation).toBe('6205-2RS')
    expect(lineOf('C1', 'bearingOuter', request, { current }).designation).toBe('62205-2RS')
  })
})

it('an adapter sleeve brings its own nut and washer (ISO 2982-1: H308 with KM8 and MB8)', () => {
  const kit = propose('G1', { parts: { bearingLocating: '22208EK', bearingFloating: '22208EK' } })
  const of = (slot: string) => kit.lines.find((l) => l.slot === slot)?.designation
  expect([of('adapterSleeve'), of('lockNut'), of('tabWasher')]).toEqual(['H308', 'KM8', 'MB8'])
  // Without a sleeve they follow the bore, and are bought.
  const plain = propose('G1', { parts: { bearingLocating: '22208', bearingFloating: '22208' } })
  expect(plain.lines.filter((l) => /^(KM|MB)8$/.test(l.designation)).map(({ quantity }) => quantity)).toEqual(
    [1, 1],
  )
})

it('loose balls as counted, else one less than go round', () => {
  // 25 mm circle, 6.35 mm balls: π · 25 / 6.35 = 12.4, so 12 go round; one less is 11.
  const of = (ballCount?: number) =>
    lineOf('H1', 'ballsLeft', { sizes: { ballDiameter: 6.35, ballCircle: 25, ballCount } })
  expect(of()).toMatchObject({
    quantityPerPosition: 11,
    assumed: true,
    reason: expect.stringContaining('11 fill'),
  })
  expect(of(9)).toMatchObject({ quantityPerPosition: 9, assumed: false, reason: 'As counted.' })
})

it('what follows from the nut is told with its nut', () => {
  const thin = listed('cotterPin').find(
    ({ hardware }) => hardware?.what === 'cotterPin' && hardware.threadToMm < 15,
  )
  const { checks } = propose('A1', {
    parts: {
      ...SETS,
      castleNut: 'castle nut 3/4-16',
      washer: 'tab washer 1 spindle',
      cotterPin: thin?.base ?? '',
    },
  })
  const slots = checks.filter(({ result }) => result !== 'pass').map((c) => c.slots)
  expect(slots).toContainEqual(['washer', 'castleNut'])
  expect(slots).toContainEqual(['cotterPin', 'castleNut'])
})

it('an arrangement with nothing in it yet: every place open, grease by weight', () => {
  const { lines } = emptyKit(arrangementOf('A1'))
  expect(lines.every(({ state }) => state === 'gap')).toBe(true)
  expect(lines.map(({ role, unit }) => [role === 'grease', unit === 'g'])).toEqual(
    lines.map(({ role }) => [role === 'grease', role === 'grease']),
  )
})
