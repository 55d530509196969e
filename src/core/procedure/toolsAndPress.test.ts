import { describe, expect, it } from 'vitest'
import { A1, B2, C2, plan, stepsOf, TIGHT } from '../../../tests/support/jobCard'
import { shippedKnowledge } from '../../../tests/support/shipped'
import { arrangementOf, proposeKit, type KitRequest } from '../kit'
import type { PlanFacts } from './plan'
import { driftThrough } from './reach'
import { pickTools, type WantedTool } from './tools'
import { DEFAULT_PRACTICES } from './practices'

describe('what goes in by thumb (common practice)', () => {
  const TYPED_TIGHT = ['bearingRear', 'bearingFront'].map((slot) => ({ ...TIGHT, slot }))
  it('wants nothing that presses, heats or pulls, whatever class was typed', () => {
    for (const driving of ['press', 'hammer'] as const) {
      const { tools } = plan('C2', C2, { fits: TYPED_TIGHT, practices: { ...DEFAULT_PRACTICES, driving } })
      const kinds = tools.map(({ kind }) => kind)
      for (const kind of ['sleeve', 'press', 'heater', 'puller', 'blindPuller', 'brassDrift', 'receiver'])
        expect(kinds).not.toContain(kind)
      expect(tools.find(({ kind }) => kind === 'boreGauge')?.improvise).toContain('must slide in by hand')
    }
    const wheel = plan('B2', B2, { fits: [{ ...TIGHT, slot: 'bearingLeft' }] }).tools
    expect(wheel.find(({ kind }) => kind === 'boreGauge')?.improvise).toContain('must not drop in by hand')
  })
  it('is no driver in the kit either; the same bearings in a wheel want one', () => {
    const tools = (code: string, request: Partial<KitRequest>) =>
      proposeKit(arrangementOf(code), { positions: 1, parts: {}, sizes: {}, ...request }, shippedKnowledge)
        .tools
    expect(tools('C2', C2).filter((tool) => tool.startsWith('Driver'))).toEqual([])
    expect(tools('F1', { parts: { insert: 'UC205' } }).filter((t) => t.startsWith('Driver'))).toEqual([])
    expect(tools('C1', { parts: { bearing: '629-2RS' } }).join()).toContain('Driver 25.5 mm for 629')
  })
})

it('a press is half as strong again as the ring wants, none for a ring of one kilonewton', () => {
  const presses = (forceKn: number) =>
    plan('B2', B2, { fits: [{ ...TIGHT, slot: 'bearingLeft', forceKn }] })
      .tools.filter(({ kind }) => kind === 'press')
      .map(({ label }) => label)
  expect(presses(12)).toEqual(['Press, at least 18 kN'])
  expect(presses(1.01)).toEqual(['Press, at least 2 kN'])
  expect(presses(1)).toEqual([])
})

describe('tools', () => {
  const sleeve: WantedTool = {
    kind: 'sleeve',
    label: 'Sleeve 61.5',
    from: 60,
    to: 61.5,
    improvise: 'old ring',
  }
  it.each([
    [{ kind: 'sleeve' as const, label: 'set', from: 20, to: 62 }, 'set'],
    [{ kind: 'sleeve' as const, label: 'one', from: 61, to: 61 }, 'one'],
    [{ kind: 'sleeve' as const, label: 'too large', from: 63, to: 63 }, null],
    [{ kind: 'socket' as const, label: 'socket', from: 61, to: 61 }, null],
  ])('%j serves for 60 to 61.5 mm: %s', (own, text) => expect(pickTools([sleeve], [own])[0]?.own).toBe(text))
  // Drives the outer ring of 6205 (52 outside): clear of the seal inside, no wider than the ring.
  it.each([
    [{ insideMm: 47, outsideMm: 51.5, depthMm: 40 }, true],
    [{ insideMm: 44, outsideMm: 51.5, depthMm: 40 }, false],
    [{ insideMm: 47, outsideMm: 52.2, depthMm: 40 }, false],
    [{ insideMm: 47, outsideMm: 49, depthMm: 40 }, false],
  ])('a socket %j drives the outer ring: %s', (size, serves) => {
    const wanted: WantedTool = {
      ...sleeve,
      tube: { insideFrom: 46.6, outsideFrom: 50, outsideTo: 51.5 },
    }
    const own = { kind: 'socket' as const, label: '46 mm socket', ...size }
    expect(pickTools([wanted], [own])[0]?.own).toBe(serves ? '46 mm socket' : null)
  })
  it('what receives a ring that is pressed out is wider than it, and deeper', () => {
    const tools = (own: object) =>
      plan('B1', B2, { toolbox: [{ kind: 'receiver' as const, label: 'tube', ...own }] }).tools.find(
        ({ kind }) => kind === 'receiver',
      )
    expect(tools({})?.label).toMatch(/inside over 43 mm \(1.693 in\), deeper than 12 mm \(0.472 in\)/)
    expect(tools({ insideMm: 44, outsideMm: 60, depthMm: 20 })?.own).toBe('tube')
    expect(tools({ insideMm: 42, outsideMm: 60, depthMm: 20 })?.own).toBeNull()
    expect(tools({ insideMm: 44, outsideMm: 60, depthMm: 10 })?.own).toBeNull()
  })
  it('a drift leans through the bearing that is still in onto the edge of the one behind it (geometry)', () => {
    // tan θ = 1 / 60: 17 cos θ − 12 sin θ = 16.80 mm.
    const way = { boreMm: 17, guideMm: 12, gapMm: 60, edgeMm: 17 }
    expect(driftThrough(way)?.thinnerThan).toBeCloseTo(16.8, 1)
    expect(driftThrough(way)?.longerThan).toBe(112)
    // A larger ring behind: 2 mm further out to either side of a short gap.
    expect(driftThrough({ ...way, edgeMm: 21 })?.thinnerThan).toBeCloseTo(16.38, 1)
    expect(driftThrough({ ...way, boreMm: 8, guideMm: 20, gapMm: 6 })).toBeNull()
    expect(driftThrough({ ...way, gapMm: 0 })).toBeNull()
  })
  it('a drift of the shop serves when it is long and thin enough; one without sizes is taken as it is', () => {
    const drift = (own: object) =>
      plan('B1', B2, {
        practices: { ...DEFAULT_PRACTICES, driving: 'hammer' },
        toolbox: [{ kind: 'brassDrift' as const, label: 'our drift', ...own }],
      }).tools.find(({ kind }) => kind === 'brassDrift')
    // 6004-2RS either side of a spacer of 38: 12 + 38 + 40 held.
    expect(drift({})).toMatchObject({ bar: { longerThan: 90 }, own: 'our drift' })
    expect(drift({ depthMm: 89 })?.own).toBeNull()
    expect(drift({ depthMm: 120, outsideMm: 16 })?.own).toBe('our drift')
    expect(drift({ depthMm: 120, outsideMm: 20 })?.own).toBeNull()
  })
  it('a cup is reached through the other one, where the room between is known', () => {
    const tool = (more: Partial<PlanFacts>) =>
      stepsOf(plan('A1', A1, { practices: { ...DEFAULT_PRACTICES, driving: 'hammer' }, ...more })).find(
        ({ id }) => id === 'removal.outerCup',
      )?.tool
    expect(tool({})).toBe('Brass drift and hammer')
    expect(tool({ betweenMm: 48 })).toMatch(/^Brass drift longer than 99\.9 mm/)
  })
  it('an axle that stands in its hub: nothing goes through the bearing, in or out', () => {
    const fits = ['bearingLeft', 'bearingRight'].map((slot) => ({ ...TIGHT, slot, byHeat: false }))
    const p = plan('B4', { parts: { bearingRight: '6001-2RS' } }, { fits })
    const step = (id: string) => stepsOf(p).find((s) => s.id === id)
    expect(step('mount.bearingLeft')?.tool).toContain('M16 rod')
    expect(step('mount.bearingRight')?.tool).toMatch(/over the axle that is in/)
    expect(step('mount.bearingRight')?.tool).not.toContain('rod')
    expect(step('removal.bearingRight')?.text).toContain('out with the axle')
    expect(step('removal.bearingLeft')?.tool).toMatch(/Blind hole puller for a bore of 12 mm/)
  })
  it('a press serves for less than its force', () => {
    const press: WantedTool = { kind: 'press', label: 'Press 18', from: 18, to: Infinity, improvise: '' }
    expect(pickTools([press], [{ kind: 'press', label: 'arbor', to: 20 }])[0]?.own).toBe('arbor')
    expect(pickTools([press], [{ kind: 'press', label: 'small', to: 10 }])[0]?.own).toBeNull()
  })
  it('the socket is that of the nut, 1 1/8 in across flats for 3/4-16', () =>
    expect(plan('A1', A1).tools.find((t) => t.kind === 'socket')?.label).toContain('28.6'))
})
