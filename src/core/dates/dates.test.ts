import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { addDays, isDay, isTimeZone, shopDay, shopTime } from '.'

// Offsets of the IANA time zone database; calendar of ISO 8601.
describe('times where the shop is', () => {
  it.each([
    ['2026-01-15T23:30:00Z', 'UTC', '2026-01-15 23:30'],
    ['2026-01-15T23:30:00Z', 'Europe/Lisbon', '2026-01-15 23:30'],
    ['2026-07-01T23:30:00Z', 'Europe/Lisbon', '2026-07-02 00:30'],
    ['2026-01-01T00:30:00Z', 'America/New_York', '2025-12-31 19:30'],
    ['2026-06-30T10:00:00Z', 'Pacific/Kiritimati', '2026-07-01 00:00'],
    ['2026-06-30T10:00:00Z', 'Asia/Kathmandu', '2026-06-30 15:45'],
    // The hour that summer time repeats: 25 October 2026, 01:00 UTC.
    ['2026-10-25T00:59:00Z', 'Europe/Vienna', '2026-10-25 02:59'],
    ['2026-10-25T01:00:00Z', 'Europe/Vienna', '2026-10-25 02:00'],
  ])('%s in %s is %s', (at, zone, written) => {
    expect(shopTime(at, zone)).toBe(written)
    expect(shopDay(at, zone)).toBe(written.slice(0, 10))
  })

  it('knows a zone from what is none', () => {
    expect(['UTC', 'Europe/Vienna', 'America/Argentina/Buenos_Aires'].every(isTimeZone)).toBe(true)
    expect(['', 'Middle/Earth', 'CET+9', '../etc'].some(isTimeZone)).toBe(false)
  })
})

describe('days', () => {
  it.each([
    ['2028-02-28', 2, '2028-03-01'],
    ['2026-12-31', 1, '2027-01-01'],
    ['2026-03-01', -1, '2026-02-28'],
    ['2000-02-29', 365, '2001-02-28'],
  ])('%s and %d days is %s', (day, days, then) => expect(addDays(day, days)).toBe(then))

  it('there and back is the same day', () =>
    fc.assert(
      fc.property(
        fc.integer({ min: -20_000, max: 40_000 }),
        fc.integer({ min: 0, max: 20_000 }),
        (from, days) => {
          const day = addDays('2000-01-01', from)
          expect(isDay(day)).toBe(true)
          expect(addDays(addDays(day, days), -days)).toBe(day)
        },
      ),
    ))

  it('what the calendar has not is no day', () => {
    expect(['2026-02-29', '2026-13-01', '2026-1-1', '01.02.2026', ''].some(isDay)).toBe(false)
  })
})
