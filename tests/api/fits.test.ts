import { describe, expect, it } from 'vitest'
import { post } from '../support/call'

interface Fit {
  limits: { lower: number; upper: number }
  interference: { min: number; mean: number; max: number }
  clearanceLeft: { min: number; max: number } | null
  heat: { celsius: number; advice: string }
  pressForceKn: { min: number; max: number }
  seat?: { verdict: string; outOfRound: number; why: string }
}

describe('POST /api/fits/check', () => {
  const base = { ring: 'outer', class: 'N7', bore: 30, outside: 62, width: 16 }
  it('62 N7 is −9/−39 (ISO 286-2) and a measured housing is judged', async () => {
    const { status, body } = await post<Fit>('/api/fits/check', {
      ...base,
      readings: [
        { at: 12, value: 61.975 },
        { at: 3, value: '61.97 mm' },
        { at: 6, value: 61.976 },
        { at: 9, value: 62.06 },
      ],
    })
    expect(status).toBe(200)
    expect(body.limits).toEqual({ lower: -39, upper: -9 })
    expect(body.seat?.verdict).toBe('replace')
  })
  it('without readings there is no seat; a hollow shaft presses lighter', async () => {
    const shaft = { ring: 'inner', class: 'm6', bore: 40, outside: 80, width: 18 }
    const solid = await post<Fit>('/api/fits/check', shaft)
    const hollow = await post<Fit>('/api/fits/check', { ...shaft, hollow: true })
    expect(solid.body.seat).toBeUndefined()
    expect(hollow.body.pressForceKn.max).toBeLessThan(solid.body.pressForceKn.max)
  })
  it.each([
    [{ ...base, class: 'k5' }, 422, /class of a shaft/],
    [{ ...base, class: 'Q7' }, 422, /no class “Q7”/],
    [{ ...base, bore: 70 }, 422, /Check the sizes/],
    [{ ...base, bore: -1 }, 400, /larger than zero/],
    [{ ...base, ring: 'middle' }, 400, /ring/i],
  ])('%j: %d', async (body, status, message) => {
    const answer = await post<Fit>('/api/fits/check', body)
    expect(answer.status).toBe(status)
    expect(answer.body.detail).toMatch(message)
  })
})

describe('POST /api/adjust/endplay', () => {
  it('1-14 thread, a quarter turn, six slots: 0.45 mm, no slot lands', async () => {
    const { body } = await post<{
      axialMm: number
      slotStepDegrees: number
      slotsForTarget: number | null
      advice: string[]
    }>('/api/adjust/endplay', {
      threadsPerInch: 14,
      degrees: 90,
      slots: 6,
      crossHoles: 1,
      target: { min: 0.025, max: 0.25 },
    })
    expect(body.axialMm).toBeCloseTo(0.4536, 3)
    expect(body).toMatchObject({ slotStepDegrees: 60, slotsForTarget: null })
    expect(body.advice.join()).toMatch(/by fingers, without a tool/i)
  })
  it.each([
    [{ degrees: 90, slots: 6 }, /pitch/],
    [{ threadsPerInch: 14, pitchMm: 1.5, degrees: 90, slots: 6 }, /one of them/],
    [{ pitchMm: 1.5, degrees: 90, slots: 0 }, /one slot/],
    [{ pitchMm: 1.5, degrees: 90, slots: 6, target: { min: 0.3, max: 0.1 } }, /smaller/],
  ])('%j is refused in words', async (body, message) => {
    const answer = await post('/api/adjust/endplay', body)
    expect(answer.status).toBe(400)
    expect(answer.body.detail).toMatch(message)
  })
})
