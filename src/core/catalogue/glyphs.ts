/** One mark of a stamped number: what it is, where it stood in the text, and whether a gap stood before it. */
export interface Glyph {
  char: string
  /** index in the text as typed */
  at: number
  /** a space, dash, dot or comma stood before it */
  gap: boolean
  /** … and it was a single dot or comma, as in a decimal */
  point: boolean
}

const POINT = /[.,]/
const GAP = /[\s\-_.,–—‐()[\]]/

/**
 * A stamped number as single marks, in capitals, with spaces and dashes kept only as gaps. `?` stands for one lost
 * mark, `*` (or `…`) for a lost run.
 */
export function glyphs(text: string): Glyph[] {
  const marks: Glyph[] = []
  let gap = false
  let point = false
  for (let at = 0; at < text.length; at++) {
    const raw = text[at] ?? ''
    if (GAP.test(raw)) {
      point = !gap && POINT.test(raw)
      gap = true
      continue
    }
    const plain = raw < '\x80' ? raw : raw === '…' ? '*' : raw === '×' ? 'X' : raw.normalize('NFKC')
    for (const char of plain.toUpperCase()) {
      marks.push({ char, at, gap, point })
      gap = point = false
    }
  }
  return marks
}

/** Capitals, digits and slashes alone stay as they are; of plain text only gaps go. */
const ALREADY_KEY = /^[A-Z\d/]*$/
const PLAIN = /^[\x20-\x7e]*$/
const GAPS = new RegExp(GAP, 'g')

/** The key a number is looked up by: its marks without gaps. `LM-11949 / lm11910` → `LM11949/LM11910`. */
export const numberKey = (text: string): string =>
  ALREADY_KEY.test(text)
    ? text
    : PLAIN.test(text)
      ? text.replace(GAPS, '').toUpperCase()
      : glyphs(text)
          .map((g) => g.char)
          .join('')

const DIGIT = /\d/

/**
 * The same with the gaps that separate digits: there a gap is part of the number, for `R1-4` is not `R14` and `1.5` not
 * `15`. Between letters, or a letter and a digit, people put gaps as they like.
 * @example exactKey(glyphs('NU 205 – 16')) // 'NU205-16'
 */
export const exactKey = (marks: readonly Glyph[]): string =>
  marks
    .map(({ char, gap, point }, i) => {
      const splits = i > 0 && gap && DIGIT.test(char) && DIGIT.test(marks[i - 1]?.char ?? '')
      return splits ? (point ? '.' : '-') + char : char
    })
    .join('')

/** Numbers of inserts are also written without their dash, `UC20516`: three digits of the shell stand before it. */
const DASH_LEFT_OUT = /^[A-Z]{2,3}\d{3}-\d{1,2}$/

/** Whether a number as typed is this name: gaps between digits stand as in the name. */
export const isSameNumber = (typed: readonly Glyph[], name: string): boolean => {
  const [given, written] = [exactKey(typed), exactKey(glyphs(name))]
  return given === written || (DASH_LEFT_OUT.test(written) && given === written.replace('-', ''))
}
