import { exactKey, findPart, isSameNumber, namesOf, type Glyph, type Part } from '../catalogue'
import { oldStyle } from './oldStyles'
import type { DesignationContext } from './reading'
import { inchInsert, matchRules } from './series/rules'
import type { SuffixToken } from './token'

/** A base number that stands in the marks as it is written. */
export interface ExactBase {
  part: Part
  /** first mark behind it */
  end: number
  /** tokens that an older style tells inside the number */
  implied: readonly SuffixToken[]
}

/** Longest base number with its cup, marks. */
const LONGEST = 24
/** Longest bore in inches behind a number, marks: `1 15/16`. */
const LONGEST_BORE = 7
/** Typing habits: O for 0 and I for 1. */
const HABITS: Record<string, string> = { O: '0', I: '1' }

/** Marks with letter O and I as digits where a digit stands beside them. */
export function withoutHabits(marks: readonly Glyph[]): Glyph[] {
  const digitAt = (i: number): boolean => /[\dOI]/.test(marks[i]?.char ?? '') && marks[i] !== undefined
  const realDigit = (i: number): boolean => /\d/.test(marks[i]?.char ?? '')
  return marks.map((mark, i) => {
    const digit = HABITS[mark.char]
    const beside = realDigit(i - 1) || realDigit(i + 1) || (digitAt(i - 1) && digitAt(i + 1))
    return digit && beside ? { ...mark, char: digit } : mark
  })
}

const isStamped = (part: Part): boolean => part.piece !== 'hardware' && part.piece !== 'seal'

function listed({ catalogue }: DesignationContext, marks: readonly Glyph[], at: number): ExactBase[] {
  const found: ExactBase[] = []
  let key = ''
  for (let end = at + 1; end <= Math.min(marks.length, at + LONGEST); end++) {
    key += marks[end - 1]?.char ?? ''
    for (const part of catalogue.byName.get(key) ?? []) {
      const taken = marks.slice(at, end)
      if (isStamped(part) && namesOf(part).some(({ text }) => isSameNumber(taken, text)))
        found.push({ part, end, implied: [] })
    }
  }
  return found
}

function byRule({ catalogue }: DesignationContext, marks: readonly Glyph[], at: number): ExactBase[] {
  return matchRules(exactKey(marks.slice(at, at + LONGEST)), catalogue).map(({ part, length }) => ({
    part: findPart(catalogue, part.base, part.piece) ?? part,
    end: at + length,
    implied: [],
  }))
}

function byOldStyle(
  { catalogue, tokens }: DesignationContext,
  marks: readonly Glyph[],
  at: number,
): ExactBase[] {
  const old = oldStyle(exactKey(marks.slice(at, at + LONGEST)))
  if (!old) return []
  const part = findPart(catalogue, old.base, 'complete') ?? matchRules(old.base, catalogue)[0]?.part
  if (!part) return []
  const implied = old.suffixes.flatMap((suffix) => {
    const token = tokens.find(
      (t) => t.where === 'suffix' && t.text === suffix && t.families.includes(part.family),
    )
    return token ? [{ ...token, meaning: `${token.meaning} (${old.style})` }] : []
  })
  return implied.length === old.suffixes.length ? [{ part, end: at + old.length, implied }] : []
}

const isSeparator = (char: string | undefined): boolean => char === '/' || char === '+'

/** Where the next number begins behind a separator or a gap; null when it follows without one. */
function behindSeparator(marks: readonly Glyph[], at: number): number | null {
  if (isSeparator(marks[at]?.char)) return at + 1
  return marks[at]?.gap ? at : null
}

/** Last digits that stand for the whole number of a cup: `10`, `010`, `67010` for LM67010. */
const SHORT_CUP = /^\d{2,6}/
const digitsOf = (cup: string): string => cup.replace(/[A-Z]+$/, '')

/** A ring of a set that carries letters of its own before the other follows, `LM11749R/LM11710`: the set carries them. */
function withLetters({ tokens }: DesignationContext, marks: readonly Glyph[], base: ExactBase): ExactBase[] {
  return tokens.flatMap((token) => {
    const end = base.end + token.key.length
    const isHere =
      token.where === 'suffix' &&
      token.families.includes('tapered-inch') &&
      isSeparator(marks[end]?.char) &&
      token.key ===
        marks
          .slice(base.end, end)
          .map(({ char }) => char)
          .join('')
    return isHere ? [{ ...base, end, implied: [token] }] : []
  })
}

/** A cone with its cup or the last digits of it, either first: the assembled set. */
function withMate(context: DesignationContext, marks: readonly Glyph[], ring: ExactBase): ExactBase[] {
  if (ring.part.family !== 'tapered-inch') return []
  return [ring, ...withLetters(context, marks, ring)].flatMap((base) =>
    withMateOf(context, marks, base).map((set) => ({ ...set, implied: base.implied })),
  )
}

function withMateOf(context: DesignationContext, marks: readonly Glyph[], base: ExactBase): ExactBase[] {
  const { catalogue } = context
  const { part, end } = base
  if (part.piece !== 'cone' && part.piece !== 'cup') return []
  const sets = catalogue.setsOf.get(part.base) ?? []
  const next = behindSeparator(marks, end)
  const mates = listed(context, marks, next ?? end).filter((b) => b.part.piece !== part.piece)
  const sets2 = mates.flatMap((mate) =>
    sets
      .filter(({ set }) => set && (set.cone === mate.part.base || set.cup === mate.part.base))
      .map((set) => ({ part: set, end: mate.end, implied: [] })),
  )
  if (sets2.length > 0 || part.piece !== 'cone' || next === null) return sets2
  const digits = SHORT_CUP.exec(exactKey(marks.slice(next, next + 7)))?.[0] ?? ''
  const behind = next + digits.length
  const after = marks[behind]
  if (digits === '' || (after && /[\dA-Z]/.test(after.char) && !after.gap)) return []
  const [only, ...more] = sets.filter(({ set }) => set && digitsOf(set.cup).endsWith(digits))
  return only && more.length === 0 ? [{ part: only, end: behind, implied: [] }] : []
}

/** `16` is sixteen sixteenths; of three digits the first is whole inches: `103` is 1 3/16 (common practice). */
const sixteenthsOf = (digits: string): number =>
  digits.length < 3 ? Number(digits) : Number(digits[0]) * 16 + Number(digits.slice(1))

/** A bore in inches and a fraction, `7/8` or `1-1/4`, or in sixteenths, as it stands behind a number. */
function writtenSixteenths(marks: readonly Glyph[], at: number): { sixteenths: number; end: number } | null {
  const text = marks
    .slice(at, at + LONGEST_BORE)
    .map(({ char, gap }, i) => (gap && i > 0 ? ` ${char}` : char))
    .join('')
  const [fraction, whole, top, bottom] = /^(?:(\d)[ .])?(\d{1,2})\/(\d{1,2})(?![\d/])/.exec(text) ?? []
  if (fraction !== undefined) {
    const sixteenths = Number(whole ?? 0) * 16 + (Number(top) / Number(bottom)) * 16
    const end = at + fraction.replaceAll(' ', '').length
    return Number.isInteger(sixteenths) ? { sixteenths, end } : null
  }
  const digits = /^\d{1,3}(?![\d.-])/.exec(exactKey(marks.slice(at, at + 5)))?.[0]
  return digits ? { sixteenths: sixteenthsOf(digits), end: at + digits.length } : null
}

/** An insert with its bore in inches behind it, where no row gives it. */
function withSixteenths(
  { catalogue }: DesignationContext,
  marks: readonly Glyph[],
  base: ExactBase,
): ExactBase[] {
  if (base.part.family !== 'insert') return []
  const next = behindSeparator(marks, base.end)
  if (next === null) return []
  const written = writtenSixteenths(marks, next)
  const part = written && inchInsert(base.part, written.sixteenths, catalogue)
  return written && part
    ? [{ part: findPart(catalogue, part.base, 'complete') ?? part, end: written.end, implied: [] }]
    : []
}

/**
 * Every base number that begins at a mark and stands there as it is written: listed under one of its names, by the rule
 * of its series, a cone with its cup, or in an older style. No mark is changed, dropped or joined over a gap.
 *
 * @param marks habits of typing already taken out
 * @returns longest first
 */
export function exactBases(context: DesignationContext, marks: readonly Glyph[], at: number): ExactBase[] {
  const alone = [...listed(context, marks, at), ...byRule(context, marks, at)]
  const all = [
    ...alone,
    ...alone.flatMap((base) => [...withMate(context, marks, base), ...withSixteenths(context, marks, base)]),
    ...byOldStyle(context, marks, at),
  ]
  const seen = new Set<Part | string>()
  return all
    .filter(({ part, end }) => {
      const key = `${part.family} ${part.piece} ${part.base} ${end}`
      return seen.has(key) ? false : seen.add(key)
    })
    .sort((a, b) => b.end - a.end)
}
