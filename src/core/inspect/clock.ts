import type { Inspected } from './findingKinds'
import type { DamageMode } from './findingRows'

/** Parts that are round: where on them something was seen is told as on the face of a clock. */
export const ROUND_PARTS: readonly Inspected[] = ['bearing', 'race', 'shaft', 'housing', 'seal']
const RACEWAYS: readonly Inspected[] = ['bearing', 'race']

/** Whether a part has raceways: of those it matters which row was damaged. */
export const isRaceway = (part: Inspected): boolean => RACEWAYS.includes(part)

/** Rows of a double row bearing, as they stand in the machine. */
export const BEARING_ROWS = ['inboard', 'outboard', 'both'] as const
type BearingRow = (typeof BEARING_ROWS)[number]

/** Where on a part something was seen. */
export interface Place {
  /** hours of the clock, 1 to 12, in any order */
  at?: readonly number[] | undefined
  row?: BearingRow | undefined
}

const ROW_TEXTS: Record<BearingRow, string> = {
  inboard: 'on the inboard row',
  outboard: 'on the outboard row',
  both: 'on both rows',
}

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

/**
 * Where on a part, in words; nothing where nobody said.
 * @example placeText({ at: [6], row: 'outboard' }) // 'on the outboard row, at 6 o’clock'
 */
export const placeText = ({ at = [], row }: Place): string =>
  [row && ROW_TEXTS[row], clockText(at)].filter(Boolean).join(', ')

/** Causes that are how a bearing is loaded, and those that are what got into it. */
const LOAD_CAUSES = ['overload', 'misalignment', 'overTight', 'shortSpacer', 'wrongClearance', 'pinched']
const CONTAMINATION_CAUSES = ['water', 'dirt', 'sealFailed']
/** A cause that a damage speaks for less than this is passed over. */
const MIN_WEIGHT = 2

/** What a damage mostly speaks for: how the bearing was loaded, or what got into it; null where for neither. */
export function originOf({ causes }: Pick<DamageMode, 'causes'>): 'load' | 'contamination' | null {
  const weight = (of: readonly string[]) => Math.max(...of.map((cause) => causes[cause] ?? 0))
  const [load, contamination] = [weight(LOAD_CAUSES), weight(CONTAMINATION_CAUSES)]
  if (Math.max(load, contamination) < MIN_WEIGHT) return null
  return load >= contamination ? 'load' : 'contamination'
}

const ONE_ROW = {
  load: 'One row only: it carried the axial load, or the seats are out of line. Find what presses that way, and check that nothing else should take it.',
  contamination: 'One row only: it came in from that side. Look at the seal or shield there.',
} as const
const BOTH_ROWS = {
  load: 'Both rows: nothing that presses one way alone. Look at the load itself, the fits and the lubrication.',
  contamination: 'Both rows: it came in from both sides, or with the grease.',
} as const

/** What a row of a double row bearing may say (common practice); null where it says nothing. */
export function rowText(part: Inspected, row: BearingRow | undefined, mode: DamageMode): string | null {
  const origin = originOf(mode)
  if (!isRaceway(part) || row === undefined || origin === null) return null
  return (row === 'both' ? BOTH_ROWS : ONE_ROW)[origin]
}

/** What the place of damage on a raceway may say of the load (common practice, patterns of tracks); null where it says nothing. */
export function positionText(part: Inspected, hours: readonly number[], mode: DamageMode): string | null {
  if (!isRaceway(part) || hours.length === 0 || originOf(mode) !== 'load') return null
  const spans = spansOf(hours)
  if (spans.length === 0)
    return 'All round: usual on the ring that turns against its load. On the ring that stands still to it, no clearance was left, or the load turns with the shaft.'
  if (areOpposite(spans))
    return 'Two places opposite each other: the ring was squeezed out of round. Measure its seat crosswise.'
  if (spans.length === 1)
    return 'One place: usual on the ring that stands still to its load. On the ring that turns, it always carried there: out of balance, or it crept.'
  return null
}
