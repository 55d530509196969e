/** What is pointed at on a photograph: fractions of its width and height, from its upper left corner. */
export interface Mark {
  x: number
  y: number
  text: string
}

/** Marks on one photograph. */
export const MAX_MARKS = 12

/** Places are kept to a ten-thousandth: finer than a pixel of any photograph that is kept. */
const rounded = (fraction: number): number => Math.round(Math.min(1, Math.max(0, fraction)) * 10_000) / 10_000

/** The mark at another place, never beside the picture. @example movedTo({ x: 0, y: 0, words: '' }, 1.2, 0.5) // { x: 1, y: 0.5, words: '' } */
export const movedTo = (mark: Mark, x: number, y: number): Mark => ({ ...mark, x: rounded(x), y: rounded(y) })

const same = (a: Mark, b: Mark): boolean => a.x === b.x && a.y === b.y && a.text === b.text

/**
 * Our change of the marks, made on what was there, carried over to what somebody else left meanwhile: what we took away goes, what we
 * added comes last.
 */
export function mergedMarks(was: readonly Mark[], ours: readonly Mark[], theirs: readonly Mark[]): Mark[] {
  const isIn = (marks: readonly Mark[], mark: Mark): boolean => marks.some((other) => same(other, mark))
  const merged = theirs.filter((mark) => !isIn(was, mark) || isIn(ours, mark))
  const added = ours.filter((mark) => !isIn(was, mark) && !isIn(theirs, mark))
  return [...merged, ...added]
}
