import type { Catalogue } from './catalogue'
import { familyFacts } from './families'
import { withoutHowMany } from './howMany'
import { namesOf } from './names'
import type { Part } from './part'

/** A piece of hardware as it is called: words, then or before them its size. */
interface Called {
  words: readonly string[]
  /** in one spelling */
  size: string
  /** the unit is inches, and is written */
  inch: boolean
}

/** Words that say nothing beside a size. */
const IDLE: ReadonlySet<string> = new Set(['FOR', 'OF', 'A', 'THE', 'SIZE', 'MM', 'AXLE', 'SPINDLE'])
/** Words that may be left out beside others: a cotter is a pin, a castle nut a nut. */
const UNDERSTOOD: ReadonlySet<string> = new Set(['PIN', 'NUT'])
const MAX_TEXT = 60

/** Words that name a piece of hardware: the number behind them is that piece, `circlip 108` no bearing 108. */
export const HARDWARE_WORDS: ReadonlySet<string> = new Set(
  `SNAP RETAINING CIRCLIP CIRCLIPS RING RINGS CLIP CLIPS COTTER SPLIT PIN PINS CASTLE CASTELLATED SLOTTED LOCK LOCKNUT NUT NUTS TAB
   WASHER WASHERS SLEEVE SLEEVES CAP CAPS NYLOC NYLON BOLT BOLTS STUD STUDS SCREW SCREWS`.split(/\s+/),
)
const saysHardware = (text: string): boolean =>
  text
    .toUpperCase()
    .split(/[^A-Z]+/)
    .some((word) => HARDWARE_WORDS.has(word))

const LETTERS = /^[A-Z]+(?:-[A-Z]+)*$/

/** Other words for the same thing (common practice). */
const SAME_WORD: Readonly<Record<string, string>> = {
  RETAINING: 'SNAP',
  CROWN: 'CASTLE',
  CASTELLATED: 'CASTLE',
  GREASE: 'DUST',
  HUB: 'DUST',
  TONGUE: 'TAB',
  TONGUED: 'TAB',
  TANG: 'TAB',
  TANGED: 'TAB',
  KEYED: 'TAB',
}

const singular = (word: string): string => (word.length > 3 && word.endsWith('S') ? word.slice(0, -1) : word)

/** A size in one spelling, without its unit: `1/8" x 1-1/4"` and `1/8x1 1/4 in` are the same. */
const sizeOf = (text: string): string =>
  text
    .replace(/ ?\bIN\b/g, '')
    .replace(/(\d)[ .-]+(?=\d+\/\d)/g, '$1_')
    .replace(/\s*X\s*/g, 'X')
    .replaceAll(',', '.')
    .replace(/(\.\d*?)0+(?!\d)/g, '$1')
    .replace(/\.(?!\d)/g, '')
    .replace(/(^|[^\d.])\.(?=\d)/g, '$10.')
    .trim()
    .replace(/\s+/g, ' ')

function calledIn(text: string): Called {
  const groups = text
    .toUpperCase()
    .replaceAll('×', 'X')
    .replace(/"|\bINCH(?:ES)?\b/g, ' IN')
    .replace(/(\d)MM\b/g, '$1')
    .replace(/(\d)IN\b/g, '$1 IN')
    // A number of its own written with a gap: `KM 6`.
    .replace(/\b(KM|MB|AN|AW|HA|HE|H|N)[ -]+(?=\d+\b(?![\d/.X-]))/g, '$1')
    .replace(/\bE[ -](?=RING|CLIP)/g, 'E')
    .replace(/\bD-?(?=WASHER)/g, 'D ')
    .split(/\s+/)
    .filter(Boolean)
  const isSize = (group: string) => group === 'X' || group === 'IN' || !LETTERS.test(group)
  const size = groups.filter(isSize).join(' ')
  return {
    words: groups
      .filter((group) => !isSize(group) && !IDLE.has(group))
      .map(singular)
      .map((word) => SAME_WORD[word] ?? word),
    size: sizeOf(size),
    inch: /\bIN\b/.test(size),
  }
}

interface Known {
  part: Part
  words: readonly string[]
  /** words that must be said to mean it and nothing else */
  needed: readonly string[]
  inch: boolean
}

const bySize = new WeakMap<Catalogue, ReadonlyMap<string, readonly Known[]>>()

/** Every way hardware is called: by words and size, and a number of its own by the words of its kind. */
function namesOfHardware(part: Part): (Known & { size: string })[] {
  const label = familyFacts(part.family).label
  const named = namesOf(part).map(({ text }) => {
    const { words, ...called } = calledIn(text)
    return words.length > 0
      ? { part, words, needed: words.filter((word) => !UNDERSTOOD.has(word)), ...called }
      : { part, words: calledIn(label).words, needed: [], ...called }
  })
  return part.hardware?.what === 'lockNut' ? [...named, byThread(part.base, part.hardware.thread)] : named

  /** A lock nut by its thread may also be a hexagon nut that locks: only its own number is sure. */
  function byThread(number: string, thread: string): (typeof named)[number] {
    const { size, inch } = calledIn(thread)
    return { part, words: [...calledIn(label).words, 'LOCKNUT'], needed: [number], size, inch }
  }
}

/** Hardware by its size or number. */
function hardwareBySize(catalogue: Catalogue): ReadonlyMap<string, readonly Known[]> {
  const there = bySize.get(catalogue)
  if (there) return there
  const made = new Map<string, Known[]>()
  for (const { size, ...known } of catalogue.parts.flatMap((part) =>
    part.hardware ? namesOfHardware(part) : [],
  ))
    made.set(size, [...(made.get(size) ?? []), known])
  bySize.set(catalogue, made)
  return made
}

/** Each part once, those in the unit that was said before the others. */
function inUnitSaid(found: readonly Known[], said: Called): HardwareCalled[] {
  const same = found.filter(({ inch }) => inch === said.inch)
  const whole = new Map<Part, boolean>()
  for (const { part, needed } of same.length > 0 ? same : found)
    whole.set(part, (whole.get(part) ?? false) || needed.every((word) => said.words.includes(word)))
  return [...whole].map(([part, isWhole]) => ({ part, whole: isWhole }))
}

/** Hardware that a text may mean. */
export interface HardwareCalled {
  part: Part
  /** the text says all that tells it from other hardware */
  whole: boolean
}

/**
 * Hardware by words and size in any order, `M20x1.5 castle nut`, `split pin 4 x 40`, `1 inch D washer`; the size may be the
 * thread or pin alone.
 *
 * @returns the pieces of exactly this size, else those whose size begins so; none where no words or no size stand in the text
 * @example hardwareCalled(catalogue, 'M20 x 1.5 castle nut') // [{ part: { base: 'castle nut M20x1.5' }, whole: true }]
 */
export function hardwareCalled(catalogue: Catalogue, text: string): HardwareCalled[] {
  if (text.length > MAX_TEXT || !saysHardware(text)) return []
  const said = calledIn(withoutHowMany(text))
  if (said.size === '') return []
  const isMeant = ({ words }: Known) => said.words.every((word) => words.includes(word))
  const all = hardwareBySize(catalogue)
  const exact = (all.get(said.size) ?? []).filter(isMeant)
  if (exact.length > 0) return inUnitSaid(exact, said)
  const begins = [...all].filter(
    ([size]) => size.startsWith(said.size) && /^[X-]/.test(size.slice(said.size.length)),
  )
  const longer = begins.flatMap(([, known]) => known.filter(isMeant))
  return inUnitSaid(longer, said).map(({ part }) => ({ part, whole: false }))
}
