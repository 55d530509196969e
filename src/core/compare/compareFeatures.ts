import { readFeature, type BoltThread, type FeatureValue } from './readFeature'
import { UNIT_FEATURE_FACTS, type UnitFeature } from './unitFeatures'

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
const UNLIKE: FeatureComparison = { result: 'no', note: '' }

const differ = (a: number | null, b: number | null, by = 0): boolean =>
  a !== null && b !== null && Math.abs(a - b) > by

function compareThreads(a: BoltThread, b: BoltThread): FeatureComparison {
  if (differ(a.diameterMm, b.diameterMm, PITCH_MM * 5) || differ(a.pitchMm, b.pitchMm, PITCH_MM))
    return UNLIKE
  if (a.leftHand !== b.leftHand) return { result: 'no', note: 'One is left-hand, the other right-hand.' }
  if (differ(a.lengthMm, b.lengthMm, TYPED_MM))
    return {
      result: 'look',
      note: `Same thread, ${(b.lengthMm ?? 0) > (a.lengthMm ?? 0) ? 'longer: order longer bolts' : 'shorter: order shorter bolts'}.`,
    }
  if ((a.pitchMm === null) !== (b.pitchMm === null))
    return { result: 'look', note: 'The pitch of one is not known: run a nut over both.' }
  if ((a.lengthMm === null) !== (b.lengthMm === null))
    return { result: 'look', note: 'The length of one is not known: measure both bolts.' }
  if (a.strength !== null && b.strength !== null && a.strength !== b.strength)
    return {
      result: 'look',
      note: `Strength ${a.strength} and ${b.strength}: take bolts of the one the machine asks for.`,
    }
  return SAME
}

type Of<K extends FeatureValue['kind']> = Extract<FeatureValue, { kind: K }>

function compareLengths(x: Of<'length'>, y: Of<'length'>, isFit: boolean): FeatureComparison {
  if (differ(x.count, y.count) || differ(x.mm, y.mm, TYPED_MM)) return UNLIKE
  return isFit && differ(x.mm, y.mm, FIT_MM) ? { result: 'look', note: 'Caliper over both.' } : SAME
}

function compareBolts(x: Of<'thread'>, y: Of<'thread'>): FeatureComparison {
  if (differ(x.count, y.count)) return UNLIKE
  const threads = compareThreads(x.thread, y.thread)
  return threads.result === 'same' && (x.count === null) !== (y.count === null)
    ? { result: 'look', note: 'Count the bolts of both.' }
    : threads
}

function compareCount(count: number, bolts: Of<'thread'>): FeatureComparison {
  if (bolts.count === null) return LOOK
  return count === bolts.count
    ? { result: 'look', note: 'Same count; the thread of one is not known.' }
    : UNLIKE
}

/** What cannot be both: a part that has one has not the other. */
const OPPOSITES = [
  ['inner', 'outer'],
  ['magnet', 'toothed'],
] as const

/** Words that are not the same may still mean the same: only another count of one thing, or its opposite, is told as unlike. */
function compareTexts(x: Of<'text'>, y: Of<'text'>): FeatureComparison {
  if (x.text === y.text) return SAME
  if (Object.entries(x.counted).some(([of, count]) => differ(count, y.counted[of] ?? null))) return UNLIKE
  const says = (a: string, b: string) =>
    x.text.includes(a) && y.text.includes(b) && !x.text.includes(b) && !y.text.includes(a)
  return OPPOSITES.some(([a, b]) => says(a, b) || says(b, a)) ? UNLIKE : LOOK
}

/** Nobody knows: no value, and none that it lacks. */
const UNKNOWN = /^(?:yes|unknown|notknown|notsure|unsure|)$/

function compareValues(x: FeatureValue, y: FeatureValue, feature: UnitFeature): FeatureComparison {
  const { reads } = UNIT_FEATURE_FACTS[feature]
  if (x.kind === 'none' || y.kind === 'none') {
    const words = x.kind === 'text' ? x.text : y.kind === 'text' ? y.text : null
    if (x.kind === y.kind) return SAME
    if (words !== null && (reads !== 'text' || UNKNOWN.test(words))) return LOOK
    return { result: 'no', note: 'One has it, the other has none.' }
  }
  if (x.kind === 'count' && y.kind === 'count') return x.count === y.count ? SAME : UNLIKE
  if (x.kind === 'length' && y.kind === 'length') return compareLengths(x, y, feature === 'pilot')
  if (x.kind === 'thread' && y.kind === 'thread') return compareBolts(x, y)
  if (x.kind === 'count' && y.kind === 'thread') return compareCount(x.count, y)
  if (x.kind === 'thread' && y.kind === 'count') return compareCount(y.count, x)
  return x.kind === 'text' && y.kind === 'text' ? compareTexts(x, y) : LOOK
}

/**
 * Two typed features compared as what they are: counts, lengths with units, threads, none. In doubt it says look, never
 * that it does not go.
 */
export function compareFeatures(feature: UnitFeature, a: string, b: string): FeatureComparison {
  const compared = compareValues(readFeature(feature, a), readFeature(feature, b), feature)
  return compared.result === 'no' ? { ...compared, result: UNIT_FEATURE_FACTS[feature].unlike } : compared
}
