import { MM_PER_INCH, readLength, readThread } from '../quantity'
import type { UnitFeature } from './unitFeatures'
import { UNIT_FEATURE_FACTS } from './unitFeatures'

/** The thread of studs or bolts: diameter, pitch where it is written, and length of the bolt where it is written; mm. */
export interface BoltThread {
  diameterMm: number
  pitchMm: number | null
  lengthMm: number | null
  leftHand: boolean
  /** `10.9` (ISO 898-1) or `grade 8` (SAE J429); null where none is written */
  strength: string | null
}

/** What is typed of a feature, as a value. */
export type FeatureValue =
  | { kind: 'none' }
  | { kind: 'count'; count: number }
  /** of a circle of lugs with their count, where it is written: `5x114.3`; an offset may be 0 or below */
  | { kind: 'length'; mm: number; count: number | null }
  | { kind: 'thread'; thread: BoltThread; count: number | null }
  /** words in one spelling, and how many there are of what: `2-pin` is pin, 2 */
  | { kind: 'text'; text: string; counted: Record<string, number> }

const NONE =
  /^(?:none|no|nil|without|n\/?a|-|–|0|not fitted|(?:no|without)(?: an?)? (?:sensor|magnet|encoder|ring|plug|connector|cable|abs|spline|teeth|studs?|bolts?|lugs?)s?)$/

const NUMBER_WORDS = 'zero one two three four five six seven eight nine ten eleven twelve'.split(' ')
const NUMBER_WORD = new RegExp(`(?<!-)\\b(?:${NUMBER_WORDS.join('|')})\\b`, 'g')

const plain = (text: string): string =>
  text
    .toLowerCase()
    .replace(/[×*]/g, 'x')
    .replace(/(\d),(?=\d)/g, '$1.')
    .replace(NUMBER_WORD, (word) => String(NUMBER_WORDS.indexOf(word)))
    .replace(/\s+/g, ' ')
    .trim()

/** Words for one thing, in one spelling (common practice). */
const SAME_WORDS: readonly (readonly [RegExp, string])[] = [
  [/\b(?:way|pole|contact)(?=s?\b)/g, 'pin'],
  [/\b(?:magnet(?:ic)?|encoder)(?: (?:ring|side|seal|encoder))?\b/g, 'magnet'],
  [/\b(?:toothed|tone|reluctor|tooth|exciter)(?: (?:ring|wheel))?\b/g, 'toothed'],
  [/\b(?:inboard|inside|inward)\b/g, 'inner'],
  [/\b(?:outboard|outside|outward)\b/g, 'outer'],
  [/\b(\p{L}{2,}[^s\s])s\b/gu, '$1'],
]

function freeText(text: string): FeatureValue {
  const words = SAME_WORDS.reduce(
    (t, [word, by]) => t.replace(word, by),
    text.replace(/(\d)-(?=\p{L})/gu, '$1 '),
  )
  const counted = [...words.matchAll(/(?<![\d./])(\d+) ?(\p{L}+)/gu)].map(
    ([, n, of = '']) => [of, Number(n)] as const,
  )
  return { kind: 'text', text: words.replace(/[^\p{L}\p{N}.]+/gu, ''), counted: Object.fromEntries(counted) }
}

/** A count with what is counted on either side: `5`, `5 lugs`, `27T`, `z27`; of `5x114.3` what stands in front. */
function readCount(text: string): FeatureValue {
  const match = /^(\d{1,2})x\d/.exec(text) ?? /^[^\d.]*(\d{1,3})(?!\.?\d)[^\d]*$/.exec(text)
  return match ? { kind: 'count', count: Number(match[1]) } : freeText(text)
}

/** Lengths below this with no unit are inches where the other is metric: a circle of 4.5 is no 4.5 mm. */
const MIN_MM: Partial<Record<UnitFeature, number>> = { boltCircle: 25, pilot: 15 }

/** `5x100`, `5 x 4 1/2`, `5/114.3`, `5-114.3`; `4-1/2` is a fraction. */
const COUNTED_CIRCLE = /^([3-9]|1[0-2])(?:\s*x\s*(?=\d)|\s*[/-]\s*(?=\d{2,}(?![/\d])|\d\.\d))/
/** What a length is called in front of it or behind it: `PCD 100`, `ET42`, `R1`. */
const CALLED =
  /^(?:pcd|p\.c\.d\.|cb|bore|et|is|offset|radius|rad|r)\s*[:=]?\s*(?=[-+\d.])|\s*(?:pcd|cb|et|radius)$/g

const lengthOf = (text: string, feature: UnitFeature): number | null => {
  const read = readLength(text)
  if (!read.ok) return null
  const { value, stated, form } = read.value
  const inch = stated === 'in' || (stated === null && (form === 'fraction' || value < (MIN_MM[feature] ?? 0)))
  return inch ? value * MM_PER_INCH : value
}

function readSize(typed: string, feature: UnitFeature): FeatureValue {
  const counted = feature === 'boltCircle' ? COUNTED_CIRCLE.exec(typed) : null
  const text = typed.slice(counted?.[0].length ?? 0).replace(CALLED, '')
  const isOffset = feature === 'flangeOffset'
  const signed = isOffset ? /^([-+–]?)\s*(.+)$/.exec(text) : null
  const mm = isOffset && (NONE.test(text) || text === 'flush') ? 0 : lengthOf(signed?.[2] ?? text, feature)
  if (mm === null) return freeText(typed)
  const sign = /[-–]/.test(signed?.[1] ?? '') ? -1 : 1
  return { kind: 'length', mm: mm === 0 ? 0 : sign * mm, count: counted ? Number(counted[1]) : null }
}

/** `M12x1.5`, `12x1.5`, `M12-1.5`, `M10x40`, `M10x1.25x40`; one digit behind the diameter is its pitch, two are the length. */
const METRIC_BOLT =
  /^(m?)\s*(\d{1,2}(?:\.\d)?)(?:\s*[x -]\s*(\d(?:\.\d{1,2})?))?(?:\s*x\s*(\d{2,3})(?:\s*mm)?)?$/
/** How closely it is cut: it fits either way. */
const TOLERANCE = /\s*(?:-\s*|\b)[4-8][egh](?:[4-8][gh])?$/
/** How strong it is: `10.9`, `class 8.8`, `grade 8`. */
const STRENGTH = /\s*(?:-\s*|\b)(?:(?:class |grade |gr ?)?(8\.8|10\.9|12\.9)|(?:grade|gr) ?([258]))$/
const LEFT = /\s*-?\s*(?:\b(?:lh|left(?:[ -]hand(?:ed)?)?)|(?<=\d)l)$/

type Size = Omit<BoltThread, 'leftHand' | 'strength'>

function metricBolt(text: string): Size | null {
  const [, m, diameter = '', pitch, length] = METRIC_BOLT.exec(text) ?? []
  if (m === undefined || (m === '' && pitch === undefined)) return null
  if (pitch !== undefined && !readThread(`M${diameter}x${pitch}`)) return null
  return {
    diameterMm: Number(diameter),
    pitchMm: pitch === undefined ? null : Number(pitch),
    lengthMm: length === undefined ? null : Number(length),
  }
}

/** Bolts are no thicker than this; `4 x 20` is none of four inches, mm. */
const THICKEST_MM = 76

/** `1/2-20`, `7/16"-20 UNF-2A`, with a length behind it: `1/2-13 x 1 1/2`. */
function inchBolt(text: string): Size | null {
  if (text.startsWith('m')) return null
  const [, size = '', long] = readThread(text) ? ['', text] : (/^(.+?)\s*x\s*([^x]+)$/.exec(text) ?? [])
  const thread = readThread(size)
  const length = long === undefined ? null : readLength(long)
  if (!thread || thread.diameterMm > THICKEST_MM || (length && !length.ok)) return null
  const lengthMm = length && (length.value.stated === 'mm' ? 1 : MM_PER_INCH) * length.value.value
  return { diameterMm: thread.diameterMm, pitchMm: thread.pitchMm, lengthMm }
}

function boltOf(text: string): BoltThread | null {
  const leftHand = LEFT.test(text)
  const right = text.replace(LEFT, '')
  const [, metric, grade] = STRENGTH.exec(right) ?? []
  const size = right.replace(STRENGTH, '').replace(TOLERANCE, '')
  const read = metricBolt(size) ?? inchBolt(size)
  return read && { ...read, leftHand, strength: metric ?? (grade === undefined ? null : `grade ${grade}`) }
}

const PIECES = '(?:off|pcs?|pieces?|bolts?|studs?|screws?|holes?|of)'
const COUNT_IN_FRONT = new RegExp(`^(\\d{1,2})(?:\\s*x\\s*|\\s*${PIECES}[ ,]+|\\s+|(?=m))(?=m?\\d)`)
const COUNT_BEHIND = new RegExp(`(?:\\s*x\\s*|\\s+\\(?)(\\d{1,2})(?:\\s*${PIECES})?\\)?$`)

/** Threads with how many there are in front or behind: `4 x M10`, `4 bolts M10`, `M10 (4)`; or how many there are alone. */
function readBolts(text: string): FeatureValue {
  const whole = boltOf(text)
  if (whole) return { kind: 'thread', thread: whole, count: null }
  for (const place of [COUNT_IN_FRONT, COUNT_BEHIND]) {
    const [found, count] = place.exec(text) ?? []
    const thread = found === undefined ? null : boltOf(text.replace(place, '').trim())
    if (thread) return { kind: 'thread', thread, count: Number(count) }
  }
  const alone = new RegExp(`^(\\d{1,2})\\s*(?:x|${PIECES})?$`).exec(text)
  return alone ? { kind: 'count', count: Number(alone[1]) } : freeText(text)
}

/** Reads what was typed of a feature by what it is; anything that is no such value stays words. */
export function readFeature(feature: UnitFeature, typed: string): FeatureValue {
  const text = plain(typed)
  const { reads } = UNIT_FEATURE_FACTS[feature]
  if (reads === 'length') return readSize(text, feature)
  if (NONE.test(text)) return { kind: 'none' }
  if (reads === 'count') return readCount(text)
  return reads === 'text' ? freeText(text) : readBolts(text)
}
