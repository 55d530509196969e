/** One mark of a stamped number: what it is, where it stood in the text, and whether a gap stood before it. */
export interface Glyph {
  char: string
  /** index in the text as typed */
  at: number
  /** a space, dash, dot or comma stood before it */
  gap: boolean
}

const GAP = /[\s\-_.,–—‐()[\]]/

/**
 * A stamped number as single marks, in capitals, with spaces and dashes kept only as gaps. `?` stands for one lost
 * mark, `*` (or `…`) for a lost run.
 */
export function glyphs(text: string): Glyph[] {
  const marks: Glyph[] = []
  let gap = false
  for (let at = 0; at < text.length; at++) {
    const raw = text[at] ?? ''
    if (GAP.test(raw)) {
      gap = true
      continue
    }
    const plain = raw === '…' ? '*' : raw === '×' ? 'X' : raw.normalize('NFKC')
    for (const char of plain.toUpperCase()) {
      marks.push({ char, at, gap })
      gap = false
    }
  }
  return marks
}

/** The key a number is looked up by: its marks without gaps. `L-44643 / l44610` → `L44643/L44610`. */
export const numberKey = (text: string): string =>
  glyphs(text)
    .map((g) => g.char)
    .join('')
