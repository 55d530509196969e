import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { endPlay, playCurve, recheckDates, rockTest } from '.'

const MM = 25.4
describe('nut to end play', () => {
  it('1-14 thread, a quarter turn: 0.45 mm, far outside any target (trade arithmetic)', () => {
    const a = endPlay({ pitchMm: MM / 14, degrees: 90, slots: 6, crossHoles: 1 })
    expect(a.axialMm).toBeCloseTo(0.4536, 4)
    expect(a.slotStepDegrees).toBe(60)
    expect(a.slotStepMm).toBeCloseTo(0.3024, 4)
    expect(a.slotsForTarget).toBeNull()
    expect(a.advice.join(' ')).toMatch(/only releases the preload.*No slot lands/s)
  })
  it('two cross holes halve the step: 30°, and a slot lands', () => {
    const a = endPlay({ pitchMm: MM / 14, degrees: 90, slots: 6, crossHoles: 2 })
    expect(a.slotStepDegrees).toBe(30)
    expect(a.slotsForTarget).toBe(1)
  })
  it('the slots told always land in the target, and where one lands it is told', () => {
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
        const a = endPlay({ pitchMm, degrees: 90, slots, crossHoles, target })
        const every = Array.from({ length: 60 }, (_, i) => (i + 1) * a.slotStepMm)
        const lands = every.some((p) => p >= target.min && p <= target.max)
        expect(a.slotsForTarget !== null).toBe(lands)
        if (a.slotsForTarget !== null) {
          expect(a.slotsForTarget * a.slotStepMm).toBeGreaterThanOrEqual(target.min - 1e-9)
          expect(a.slotsForTarget * a.slotStepMm).toBeLessThanOrEqual(target.max + 1e-9)
        }
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
