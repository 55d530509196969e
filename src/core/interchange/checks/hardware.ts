import { HARDWARE_LABELS, isToldByThread, type HardwareDetails } from '../../catalogue'
import { writeBoth, writeMm } from '../../quantity'
import type { Check, CheckRule } from '../check'
import { isSameSize } from '../sameSize'

/** Sizes that may differ where somebody has looked; any other size that differs does not go on or in (common practice). */
const LOOK: Readonly<Record<string, string>> = {
  acrossFlatsMm: 'it takes another socket',
  outsideMm: 'check the room around it and the spanner',
  heightMm: 'check the thread that is left behind it',
  slots: 'the cotter pin finds its hole in other steps',
  thicknessMm: 'what it holds sits elsewhere',
}

/** Rings fill their groove: of another thickness they do not go in. */
const FILLS_GROOVE: ReadonlySet<HardwareDetails['what']> = new Set(['snapRing', 'eRing'])

/** What a cotter pin is chosen for, no size of its own. */
const CHOSEN_FOR: ReadonlySet<string> = new Set(['threadOverMm', 'threadToMm'])

/** A longer pin is cut; a shorter one does not bend over. */
function lengthOf(was: number, now: number): Found {
  const said = `length ${writeMm(was)} → ${writeMm(now)} mm`
  return now > was
    ? { result: 'warn', said: `${said}: cut it to length` }
    : { result: 'fail', said: `${said}: too short to bend over` }
}

interface Found {
  result: Check['result']
  said: string
}

function compareField(key: string, from: HardwareDetails, a: unknown, b: unknown): Found | null {
  if (typeof a === 'string' && typeof b === 'string')
    return a === b ? null : { result: 'fail', said: `${a} against ${b}` }
  if (typeof a !== 'number' || typeof b !== 'number') return null
  if (isSameSize(a, b)) return null
  if (key === 'lengthMm') return lengthOf(a, b)
  if (CHOSEN_FOR.has(key) || isToldByThread(key, from)) return null
  const look = FILLS_GROOVE.has(from.what) ? undefined : LOOK[key]
  const [was, now] = key === 'slots' ? [String(a), String(b)] : [writeBoth(a), writeBoth(b)]
  return {
    result: look === undefined ? 'fail' : 'warn',
    said: `${HARDWARE_LABELS[key] ?? key} ${was} against ${now}${look === undefined ? '' : `: ${look}`}`,
  }
}

/** The number of a sleeve tells its length, which goes with the width of the bearing (ISO 2982-1). */
const OTHER_LENGTH: Found = {
  result: 'fail',
  said: 'another series: its length goes with the width of the bearing',
}

const WORST: readonly Check['result'][] = ['fail', 'warn', 'pass']

/** Hardware by its threads and sizes: what screws on, goes in or fills its groove must be the same. */
export const hardware: CheckRule = ({ part: from }, { part: to }) => {
  const [a, b] = [from.hardware, to.hardware]
  if (!a || !b) return null
  if (a.what !== b.what)
    return { check: 'hardware', result: 'fail', detail: `${from.base} is not made as ${to.base} is.` }
  const others: Readonly<Record<string, unknown>> = b
  const found = [
    ...Object.entries(a).flatMap(([key, value]) => compareField(key, a, value, others[key]) ?? []),
    ...(a.what === 'adapterSleeve' && from.base !== to.base ? [OTHER_LENGTH] : []),
  ]
  const result = WORST.find((worst) => found.some((f) => f.result === worst)) ?? 'pass'
  const unknown = Object.keys({ ...a, ...b }).some((key) => !(key in a) || !(key in b))
  if (found.length === 0 && unknown)
    return { check: 'hardware', result: 'warn', detail: 'A size is known of one only: measure both.' }
  return {
    check: 'hardware',
    result,
    detail: found.length === 0 ? 'Same thread and sizes.' : `${found.map(({ said }) => said).join('; ')}.`,
  }
}
