import type { Inspected } from './findingKinds'

/** Parts that are round: where on them something was seen is told as on the face of a clock. */
export const ROUND_PARTS: readonly Inspected[] = ['bearing', 'race', 'shaft', 'housing', 'seal']
const RACEWAYS: readonly Inspected[] = ['bearing', 'race']

const HOURS = 12
/** Places this far apart or an hour less or more lie opposite each other. */
const HALF = 6

interface Span {
  from: number
  to: number
  length: number
}

/** Hours that stand side by side, round the clock. */
function spansOf(hours: readonly number[]): Span[] {
  const there = new Set(hours)
  const before = (hour: number) => (hour === 1 ? HOURS : hour - 1)
  return [...there]
    .filter((hour) => !there.has(before(hour)))
    .sort((a, b) => a - b)
    .map((from) => {
      let length = 1
      while (there.has(((from + length - 1) % HOURS) + 1)) length++
      return { from, to: ((from + length - 2) % HOURS) + 1, length }
    })
}

const middleOf = ({ from, length }: Span): number => from + (length - 1) / 2

function areOpposite([a, b, ...more]: readonly Span[]): boolean {
  if (!a || !b || more.length > 0) return false
  const apart = Math.abs(middleOf(a) - middleOf(b))
  return Math.abs(Math.min(apart, HOURS - apart) - HALF) <= 1
}

/**
 * Where on a ring, in words; nothing where nobody said.
 * @param hours 1 to 12, in any order
 * @example clockText([7, 6, 5]) // 'from 5 to 7 o’clock'
 */
export function clockText(hours: readonly number[]): string {
  const spans = spansOf(hours)
  if (hours.length === 0) return ''
  if (spans.length === 0) return 'all round'
  const ranges = spans.map(({ from, to }) => (from === to ? `${from}` : `${from} to ${to}`)).join(' and ')
  const [only] = spans
  const before = spans.length === 1 && only && only.length > 1 ? 'from' : 'at'
  return `${before} ${ranges} o’clock${areOpposite(spans) ? ', opposite each other' : ''}`
}

/** What the place of damage on a raceway may say of the load (common practice, patterns of tracks); null where it says nothing. */
export function positionText(part: Inspected, hours: readonly number[]): string | null {
  if (!RACEWAYS.includes(part) || hours.length === 0) return null
  const spans = spansOf(hours)
  if (spans.length === 0)
    return 'All round: usual on the ring that turns against its load. On the ring that stands still to it, no clearance was left, or the load turns with the shaft.'
  if (areOpposite(spans))
    return 'Two places opposite each other: the ring was squeezed out of round. Measure its seat crosswise.'
  if (spans.length === 1)
    return 'One place: usual on the ring that stands still to its load. On the ring that turns, it always carried there: out of balance, or it crept.'
  return null
}
