import { MM_PER_INCH, readLength, readThread as readWholeThread } from '../quantity'
import type { UnitFeature } from './unitFeatures'
import { UNIT_FEATURE_FACTS } from './unitFeatures'

/** A thread: diameter, pitch where it is written, and length of the bolt where it is written; mm. */
interface Thread {
  diameterMm: number
  pitchMm: number | null
  lengthMm: number | null
}

/** What is typed of a feature, as a value. */
export type FeatureValue =
  | { kind: 'none' }
  | { kind: 'count'; count: number }
  /** of a circle of lugs with their count, where it is written: `5x114.3` */
  | { kind: 'length'; mm: number; count: number | null }
  | { kind: 'thread'; thread: Thread; count: number | null }
  | { kind: 'text'; text: string }

const NONE = /^(none|no|nil|without|-|–|0)$/

const plain = (text: string): string =>
  text
    .toLowerCase()
    .replace(/[×*]/g, 'x')
    .replace(/(\d),(?=\d)/g, '$1.')
    .replace(/\s+/g, ' ')
    .trim()

const freeText = (text: string): FeatureValue => ({
  kind: 'text',
  text: text.replace(/[^\p{L}\p{N}]+/gu, ''),
})

function readCount(text: string): FeatureValue {
  const match = /^(\d{1,3})\b(?!\s*[./x]\s*\d)/.exec(text)
  return match ? { kind: 'count', count: Number(match[1]) } : freeText(text)
}

/** Lengths below this with no unit are inches where the other is metric: a circle of 4.5 is no 4.5 mm. */
const MIN_MM: Partial<Record<UnitFeature, number>> = { boltCircle: 25, pilot: 15 }

const COUNTED_CIRCLE = /^(\d{1,2})\s*x\s*(?=\d)/

function readSize(typed: string, feature: UnitFeature): FeatureValue {
  const counted = feature === 'boltCircle' ? COUNTED_CIRCLE.exec(typed) : null
  const text = counted ? typed.slice(counted[0].length) : typed
  const read = readLength(text)
  if (!read.ok) return freeText(typed)
  const { value, stated, form } = read.value
  const inch = stated === 'in' || (stated === null && (form === 'fraction' || value < (MIN_MM[feature] ?? 0)))
  return {
    kind: 'length',
    mm: inch ? value * MM_PER_INCH : value,
    count: counted ? Number(counted[1]) : null,
  }
}

/** `1/2-20`, `7/16"-20 UNF-2A`, `1 1/8-12`, with a count in front and a length behind: `4 x 1/2-13 x 1 1/2`. */
const INCH_BOLT =
  /^(?:(\d{1,2})\s*x\s*)?([^x]+-\s*\d{1,2})\s*(?:un(?:[cfs]|ef)?)?\s*(?:-?\s*[123][ab])?(?:\s*x\s*(.+))?$/

function readInchBolt(text: string): FeatureValue | null {
  const [, count, size, long] = INCH_BOLT.exec(text) ?? []
  const thread = size === undefined ? null : readWholeThread(size)
  const length = long === undefined ? null : readLength(long)
  if (!thread || (length && !length.ok)) return null
  const lengthMm = length && (length.value.stated === 'mm' ? 1 : MM_PER_INCH) * length.value.value
  return { kind: 'thread', thread: { ...thread, lengthMm }, count: count ? Number(count) : null }
}

/** `M12x1.5`, `12x1.5`, `M10x1.25x40`, those in inches, with a count in front: `4 x M10`. */
function readThread(text: string): FeatureValue {
  const joined = text.replace(/\s/g, '')
  const metric = /^(?:(\d{1,2})x?)?m(\d{1,2}(?:\.\d)?)(?:x(\d(?:\.\d{1,2})?))?(?:x(\d{2,3}))?$/.exec(joined)
  if (metric) return threadOf(metric)
  const bare = /^()(\d{1,2})x(\d(?:\.\d{1,2})?)(?:x(\d{2,3}))?$/.exec(joined)
  if (bare) return threadOf(bare)
  const inch = readInchBolt(text)
  if (inch) return inch
  const alone = /^(\d{1,2})(?:bolts?|pcs|x)?$/.exec(joined)
  return alone ? { kind: 'count', count: Number(alone[1]) } : freeText(text)
}

function threadOf([, count, diameter, pitch, length]: RegExpExecArray): FeatureValue {
  const thread = {
    diameterMm: Number(diameter),
    pitchMm: pitch ? Number(pitch) : null,
    lengthMm: length ? Number(length) : null,
  }
  return { kind: 'thread', thread, count: count ? Number(count) : null }
}

/** Reads what was typed of a feature by what it is; anything that is no such value stays words. */
export function readFeature(feature: UnitFeature, typed: string): FeatureValue {
  const text = plain(typed)
  const { reads } = UNIT_FEATURE_FACTS[feature]
  if (NONE.test(text) && reads !== 'count' && reads !== 'length') return { kind: 'none' }
  switch (reads) {
    case 'count':
      return NONE.test(text) && text !== '0' ? { kind: 'none' } : readCount(text)
    case 'length':
      return readSize(text, feature)
    case 'thread':
    case 'bolts':
      return readThread(text)
    case 'text':
      return freeText(text)
  }
}

export interface FeatureComparison {
  result: 'same' | 'look' | 'no'
  /** says more than that they differ; empty = nothing */
  note: string
}

/** Lengths typed off a part agree to this: a caliper across rust and paint, mm (common practice). */
const TYPED_MM = 0.3
/** A pilot is a fit: the new one must go in and centre, mm. */
const FIT_MM = 0.12
const PITCH_MM = 0.02

const LOOK: FeatureComparison = { result: 'look', note: 'Written differently: hold them side by side.' }
const SAME: FeatureComparison = { result: 'same', note: '' }

function compareThreads(a: Thread, b: Thread): FeatureComparison {
  const pitches = a.pitchMm !== null && b.pitchMm !== null
  if (Math.abs(a.diameterMm - b.diameterMm) > PITCH_MM * 5) return { result: 'no', note: '' }
  if (pitches && Math.abs((a.pitchMm ?? 0) - (b.pitchMm ?? 0)) > PITCH_MM) return { result: 'no', note: '' }
  if (a.lengthMm !== null && b.lengthMm !== null && Math.abs(a.lengthMm - b.lengthMm) > TYPED_MM)
    return {
      result: 'look',
      note: `Same thread, ${b.lengthMm > a.lengthMm ? 'longer: order longer bolts' : 'shorter: order shorter bolts'}.`,
    }
  if ((a.pitchMm === null) !== (b.pitchMm === null))
    return { result: 'look', note: 'The pitch of one is not known: run a nut over both.' }
  return SAME
}

/**
 * Two typed features compared as what they are: counts, lengths with units, threads, none. In doubt it says look, never
 * that it does not go.
 */
export function compareFeatures(feature: UnitFeature, a: string, b: string): FeatureComparison {
  const [x, y] = [readFeature(feature, a), readFeature(feature, b)]
  const { unlike } = UNIT_FEATURE_FACTS[feature]
  if (x.kind === 'none' || y.kind === 'none')
    return x.kind === y.kind ? SAME : { result: unlike, note: 'One has it, the other has none.' }
  if (x.kind === 'count' && y.kind === 'count')
    return x.count === y.count ? SAME : { result: unlike, note: '' }
  if (x.kind === 'length' && y.kind === 'length') {
    if (x.count !== null && y.count !== null && x.count !== y.count) return { result: unlike, note: '' }
    const difference = Math.abs(x.mm - y.mm)
    const room = feature === 'pilot' ? FIT_MM : TYPED_MM
    if (difference <= room) return SAME
    return difference <= TYPED_MM
      ? { result: 'look', note: 'Caliper over both.' }
      : { result: unlike, note: '' }
  }
  if (x.kind === 'thread' && y.kind === 'thread') {
    if (x.count !== null && y.count !== null && x.count !== y.count) return { result: unlike, note: '' }
    const threads = compareThreads(x.thread, y.thread)
    if (threads.result === 'no') return { result: unlike, note: '' }
    return threads.result === 'same' && (x.count === null) !== (y.count === null)
      ? { result: 'look', note: 'Count the bolts of both.' }
      : threads
  }
  const count = x.kind === 'count' ? x.count : y.kind === 'count' ? y.count : null
  const bolts = x.kind === 'thread' ? x : y.kind === 'thread' ? y : null
  if (count !== null && bolts?.count !== undefined && bolts?.count !== null)
    return count === bolts.count
      ? { result: 'look', note: 'Same count; the thread of one is not known.' }
      : { result: unlike, note: '' }
  if (x.kind === 'text' && y.kind === 'text') return x.text === y.text ? SAME : LOOK
  return LOOK
}
