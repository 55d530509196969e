const DAY_MS = 86_400_000
const DAY = /^\d{4}-\d{2}-\d{2}$/

const formatters = new Map<string, Intl.DateTimeFormat>()

/** @throws RangeError for a name that is no time zone */
function formatter(zone: string): Intl.DateTimeFormat {
  const there = formatters.get(zone)
  if (there) return there
  const made = new Intl.DateTimeFormat('en-GB', {
    timeZone: zone,
    year: 'numeric',
    month: '2-digit',
    day: '2-digit',
    hour: '2-digit',
    minute: '2-digit',
    hourCycle: 'h23',
  })
  formatters.set(zone, made)
  return made
}

/** Whether a name is one of the time zone database, such as `Europe/Lisbon`. */
export function isTimeZone(name: string): boolean {
  try {
    formatter(name)
    return true
  } catch {
    return false
  }
}

/** @param at ISO 8601 instant, or milliseconds since 1970 */
function partsOf(at: string | number, zone: string): Record<string, string> {
  const instant = typeof at === 'number' ? at : Date.parse(at)
  return Object.fromEntries(
    formatter(zone)
      .formatToParts(instant)
      .map(({ type, value }) => [type, value]),
  )
}

/**
 * The calendar day an instant falls on where the shop is, YYYY-MM-DD (ISO 8601).
 * @throws RangeError for what is no instant or no time zone
 * @example shopDay('2026-07-01T23:30:00Z', 'Europe/Lisbon') // '2026-07-02'
 */
export function shopDay(at: string | number, zone: string): string {
  const { year = '', month = '', day = '' } = partsOf(at, zone)
  return `${year.padStart(4, '0')}-${month}-${day}`
}

/**
 * Day and time of an instant where the shop is, to the minute.
 * @throws RangeError for what is no instant or no time zone
 * @example shopTime('2026-07-01T23:30:00Z', 'Europe/Lisbon') // '2026-07-02 00:30'
 */
export function shopTime(at: string | number, zone: string): string {
  const { hour = '', minute = '' } = partsOf(at, zone)
  return `${shopDay(at, zone)} ${hour}:${minute}`
}

/** Whether a text is a day of the calendar, YYYY-MM-DD. */
export const isDay = (text: string): boolean =>
  DAY.test(text) && !Number.isNaN(Date.parse(text)) && addDays(text, 0) === text

/**
 * A day of the calendar, so many days later.
 * @param day YYYY-MM-DD; what follows it is left out
 * @example addDays('2028-02-28', 2) // '2028-03-01'
 */
export const addDays = (day: string, days: number): string =>
  shopDay(Date.parse(`${day.slice(0, 10)}T00:00:00Z`) + days * DAY_MS, 'UTC')
