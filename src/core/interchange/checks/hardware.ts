import type { HardwareDetails } from '../../catalogue'
import { writeInch, writeMm } from '../../quantity'
import type { Check, CheckRule } from '../check'
import { isSameSize } from '../sameSize'

/** What a difference in a size of hardware means: it does not go on or in, or it wants a look (common practice). */
const SIZES: Readonly<Record<string, { label: string; result: 'fail' | 'warn'; look?: string }>> = {
  threadMm: { label: 'thread', result: 'fail' },
  pitchMm: { label: 'pitch', result: 'fail' },
  boreMm: { label: 'bore', result: 'fail' },
  bearingBoreMm: { label: 'bearing bore', result: 'fail' },
  shaftMm: { label: 'shaft', result: 'fail' },
  hubBoreMm: { label: 'hub mouth', result: 'fail' },
  nominalMm: { label: 'seat', result: 'fail' },
  grooveMm: { label: 'groove', result: 'fail' },
  pinMm: { label: 'pin', result: 'fail' },
  acrossFlatsMm: { label: 'across flats', result: 'warn', look: 'it takes another socket' },
  outsideMm: { label: 'outside', result: 'warn', look: 'check the room around it and the spanner' },
  heightMm: { label: 'height', result: 'warn', look: 'check the thread that is left behind it' },
  slots: { label: 'slots', result: 'warn', look: 'the cotter pin finds its hole in other steps' },
}

/** Rings must fill their groove; any other washer of another thickness moves what it holds. */
const thicknessOf = ({ what }: HardwareDetails) =>
  what === 'snapRing' || what === 'eRing'
    ? ({ label: 'thickness', result: 'fail' } as const)
    : ({ label: 'thickness', result: 'warn', look: 'what it holds sits elsewhere' } as const)

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

const inBoth = (mm: number): string => `${writeMm(mm)} mm (${writeInch(mm)} in)`

function compareField(key: string, from: HardwareDetails, a: unknown, b: unknown): Found | null {
  if (typeof a === 'string' && typeof b === 'string')
    return a === b ? null : { result: 'fail', said: `${a} against ${b}` }
  if (typeof a !== 'number' || typeof b !== 'number') return null
  if (isSameSize(a, b)) return null
  if (key === 'lengthMm') return lengthOf(a, b)
  const size = key === 'thicknessMm' ? thicknessOf(from) : SIZES[key]
  if (!size) return null
  const [was, now] = key === 'slots' ? [String(a), String(b)] : [inBoth(a), inBoth(b)]
  return {
    result: size.result,
    said: `${size.label} ${was} against ${now}${size.look ? `: ${size.look}` : ''}`,
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
