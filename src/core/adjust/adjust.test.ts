import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { collarShims, endPlay, playCurve, recheckDates, rockTest, usualPlay } from '.'
import { slotStepDegrees } from './endPlay'

const MM = 25.4
describe('nut to end play', () => {
  const slotted = { lock: 'slots' as const, pitchMm: MM / 14, degrees: 90, slots: 6, crossHoles: 1 }
  it('1-14 thread, a quarter turn: 0.45 mm, far outside any target (trade arithmetic)', () => {
    const a = endPlay(slotted)
    expect(a.axialMm).toBeCloseTo(0.4536, 4)
    expect(a.step?.degrees).toBe(60)
    expect(a.step?.mm).toBeCloseTo(0.3024, 4)
    expect(a.slotsForTarget).toBeNull()
    expect(a.advice.join(' ')).toMatch(/only releases the preload.*No slot lands/s)
  })
  // Slots and crossed holes (common practice, and the geometry of it): 6 → 60 and 30°, 10 → 18°, 4, 8, 12 gain nothing.
  it.each([
    [6, 1, 60],
    [6, 2, 30],
    [10, 2, 18],
    [4, 2, 90],
    [8, 2, 45],
    [12, 2, 30],
    [5, 1, 36],
  ])('%d slots over %d holes: one step is %d°', (slots, crossHoles, degrees) => {
    expect(slotStepDegrees(slots, crossHoles)).toBeCloseTo(degrees, 9)
    // By turning a drawn nut degree by degree: the places where some slot faces some end of a hole.
    const ends = Array.from({ length: 2 * crossHoles }, (_, i) => (i * 180) / crossHoles)
    const meets = (turn: number) =>
      ends.some((end) => Math.abs(((end - turn + 360) / (360 / slots)) % 1) < 1e-9)
    const hits = Array.from({ length: 360 }, (_, turn) => turn).filter(meets)
    expect(hits[1]).toBe(degrees)
  })
  it('a second hole that gives nothing is told', () => {
    expect(endPlay({ ...slotted, slots: 8, crossHoles: 2 }).advice.join(' ')).toMatch(
      /second hole gives nothing/,
    )
    expect(endPlay({ ...slotted, crossHoles: 2 }).advice.join(' ')).not.toMatch(/gives nothing/)
    expect(endPlay({ ...slotted, crossHoles: 2 }).slotsForTarget).toBe(1)
  })
  it('a twelve-point retainer with ten slots lets a hexagon nut stop every 6°', () =>
    expect(endPlay({ ...slotted, lock: 'retainer', slots: 10, retainerPlaces: 12 }).step?.degrees).toBe(6))
  // M20x1.5: 0.01 to 0.05 mm are 2.4 to 12 degrees.
  it('a clamp nut is stepless: degrees for the play wanted, no slots, no pin', () => {
    const a = endPlay({ ...slotted, lock: 'clamp', pitchMm: 1.5, target: { min: 0.01, max: 0.05 } })
    expect(a).toMatchObject({ step: null, slotsForTarget: null })
    expect(a.turnForTarget.min).toBeCloseTo(2.4, 9)
    expect(a.turnForTarget.max).toBeCloseTo(12, 9)
    expect(a.advice.join(' ')).toMatch(/Stepless: turn back 2° to 12°/)
    expect(a.advice.join(' ')).not.toMatch(/\bslots?\b|\bpin\b/i)
  })
  it('a cone is stepless, and set to play that is not felt: 18° on a pitch of 1 mm for 0.05 mm', () => {
    const a = endPlay({ ...slotted, lock: 'cone', pitchMm: 1, degrees: 30, target: usualPlay('cone', false) })
    expect(a).toMatchObject({ step: null, slotsForTarget: null, turnForTarget: { min: 0, max: 18 } })
    expect(a.axialMm).toBeCloseTo(1 / 12, 6)
    expect(a.advice.join(' ')).toMatch(/run the cone in again .* lock its nut.* clamping the axle/)
    expect(a.advice.join(' ')).not.toMatch(/slot|\bpin\b|quarter/)
  })
  it('the usual play is that of the hub: utility axles, and finer ones (common practice)', () => {
    expect(usualPlay('slots', false)).toEqual({ min: 0.025, max: 0.25 })
    expect(usualPlay('clamp', false)).toEqual({ min: 0.01, max: 0.05 })
    expect(usualPlay('slots', true)).toEqual({ min: 0.01, max: 0.05 })
  })
  it('the slots told always land in the target, nearest its middle, and where one lands it is told', () => {
    const q = fc.record({
      pitchMm: fc.double({ min: 0.5, max: 3, noNaN: true }),
      slots: fc.integer({ min: 4, max: 12 }),
      crossHoles: fc.integer({ min: 1, max: 2 }),
      min: fc.double({ min: 0.005, max: 0.1, noNaN: true }),
      wide: fc.double({ min: 0.01, max: 0.3, noNaN: true }),
    })
    fc.assert(
      fc.property(q, ({ pitchMm, slots, crossHoles, min, wide }) => {
        const target = { min, max: min + wide }
        const a = endPlay({ lock: 'slots', pitchMm, degrees: 90, slots, crossHoles, target })
        const step = a.step?.mm ?? NaN
        const landing = Array.from({ length: 200 }, (_, i) => (i + 1) * step).filter(
          (p) => p >= target.min - 1e-9 && p <= target.max + 1e-9,
        )
        expect(a.slotsForTarget !== null).toBe(landing.length > 0)
        if (a.slotsForTarget === null) return
        const off = (p: number) => Math.abs(p - (target.min + target.max) / 2)
        const best = Math.min(...landing.map(off))
        expect(off(a.slotsForTarget * step)).toBeCloseTo(best, 9)
      }),
    )
  })
})

it('the rock test gives back the end play that makes the dial move (geometry of two leaning rows)', () => {
  expect(rockTest(0.4, 200, 60, 15)).toBeCloseTo(0.2239, 4)
  // Forward: each row slides half the end play; its cone lets it move that times tan α; the hub tilts over the row distance.
  for (const [play, radius, rows, angle] of [
    [0.1, 150, 50, 12],
    [0.25, 300, 80, 16],
  ] as const) {
    const tilt = (2 * (play / 2) * Math.tan((angle * Math.PI) / 180)) / rows
    expect(rockTest(2 * tilt * radius, radius, rows, angle)).toBeCloseTo(play, 9)
  }
})

it('the curve of play goes through no play, a slot a step, and is a straight line of the pitch', () => {
  const curve = playCurve(25.4 / 14, 60, 0)
  expect(curve.find((p) => p.degrees === 0)?.playMm).toBe(0)
  expect(curve.filter((p) => p.slot).map((p) => p.degrees)).toEqual([-120, -60, 0, 60, 120, 180, 240, 300])
  for (const { degrees, playMm } of curve) expect(playMm).toBeCloseTo((25.4 / 14) * (degrees / 360), 9)
})

it('appointments cross months and leap days', () => {
  expect(recheckDates('2028-02-28', true, false)[0]?.date).toBe('2028-02-29')
  expect(recheckDates('2026-12-31', false, true).map((r) => r.date)).toEqual(['2027-01-01', '2027-03-31'])
})

describe('shims under a collar (a longer collar between the cones gives as much more play)', () => {
  const fine = { min: 0.05, max: 0.1 }
  it.each([
    [0.02, [0.05], [0.05]],
    [0.02, [0.03, 0.5], [0.03]],
    [0.02, [0.02], [0.02, 0.02]],
    [0.02, [0.5], null],
    [0.05, [0.05], []],
    [0.1, [0.05], []],
    [0.11, [0.05], null],
    [0.004, [0.05], null],
  ])('%d mm of play, shims of %j: %j', (play, at, shims) => {
    expect(collarShims(play, fine, at).shims).toEqual(shims)
  })
  it('too much play is told with what has to come out; none measured says nothing of preload', () => {
    expect(collarShims(0.3, fine, [0.05]).message).toBe(
      'Take 0.20 to 0.25 mm out: shims, or the collar ground flat and square by as much.',
    )
    expect(collarShims(0, fine, [0.05]).message).toMatch(/squeezed by any amount.*0\.2 mm more/)
  })
  it('what it says to add brings the play where it is wanted, with three shims at most', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.01, max: 0.5, noNaN: true }),
        fc.double({ min: 0.005, max: 0.1, noNaN: true }),
        fc.array(fc.integer({ min: 1, max: 20 }), { minLength: 1, maxLength: 6 }),
        (play, width, hundredths) => {
          const target = { min: 0.2, max: 0.2 + width }
          const { shims } = collarShims(
            play,
            target,
            hundredths.map((n) => n / 100),
          )
          if (!shims) return
          const after = play + shims.reduce((a, b) => a + b, 0)
          expect(after).toBeGreaterThanOrEqual(target.min - 1e-6)
          expect(after).toBeLessThanOrEqual(target.max + 1e-6)
          expect(shims.length).toBeLessThanOrEqual(3)
        },
      ),
    )
  })
})
