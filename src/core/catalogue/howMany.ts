/** Words behind a figure that make it a count. */
const PIECES = '(?:pcs?|pieces?|off|ea|each|nos?[.]?)'
const COUNT = `(?:[1-9]\\d{0,2}\\s?${PIECES}|(?:qty|quantity|pcs):?\\s?\\d{1,3})`
/** What parts are called when there are several: `2 oil seals`. One part is a size or a number before its kind: `52 circlip`. */
const KINDS =
  '(?:bearings|seals|cones|cups|races|sleeves|units|inserts|blocks|ends|nuts|washers|pins|circlips|rings|caps|collars|springs|bolts|screws)'
const OF_KIND = `[1-9]\\d?(?=\\s+(?:[a-z]{3,}\\s+){0,2}${KINDS}\\s+(?![x×(]|qty))`
const TOGETHER = '(?:(?:(?:an?|one|[1-9]\\d?)\\s+)?(?:pairs?|dozen)|(?:a|one|[1-9]\\d?)\\s+sets?)(?:\\s+of)?'
const IN_FRONT = new RegExp(`^\\s*(?:${COUNT}|\\d{1,2}\\s?[x×]|${OF_KIND}|${TOGETHER})\\s+(?=\\S.*\\d)`, 'i')
const BEHIND = new RegExp(`[\\s,;]+\\(?(?:${COUNT}|\\d{1,2}\\s?[x×]|([x×])\\s?\\d{1,2})\\)?\\s*$`, 'i')
/** Two sizes, of which one more stood in front or behind; three are whole by themselves. */
const TWO_SIZES = /^[\d.,/]+\s*[x×]\s*[\d.,/]+(?:\s+\D.*)?$/i
const THREE_SIZES = /\d\s*[x×]\s*[\d.,/]+\s*[x×]\s*[\d.,/]+$/i
const SIZE_BEHIND = /\d\s*[x×]\s*[\d.,/]+$/i
/** Ends as numbers of parts do: in letters with a figure or two, or in a group of three figures and more. `split pin 4` ends in a size. */
const NUMBER_END = /(?:[a-z]\d{0,2}|\d{3}\S*)$/i
const THREAD_END = /(?:^|\s)M\d+$/i
const LEAST_MARKS = 3

const isNumber = (before: string): boolean =>
  THREE_SIZES.test(before) ||
  (NUMBER_END.test(before) && !SIZE_BEHIND.test(before) && !THREAD_END.test(before))

/**
 * A text with blanks in place of how many are wanted, `2x`, `4 pcs`, `qty 4` on either side, `2 seals`, `a pair` in front and `x 4`
 * behind, every other mark where it was. Sizes are no counts: `30 x 52 x 7`, `M20 x 1.5` and `split pin 4 x 40` stay.
 * @example withoutHowMany('6205-2RS x 4').trim() // 6205-2RS
 */
export function withoutHowMany(text: string): string {
  const front = IN_FRONT.exec(text)?.[0] ?? ''
  const rest = text.slice(front.length)
  const isCount = rest.replace(/[^a-z\d]/gi, '').length >= LEAST_MARKS && !TWO_SIZES.test(rest)
  const read = front && isCount ? ' '.repeat(front.length) + rest : text
  const behind = BEHIND.exec(read)
  if (!behind) return read
  const before = read.slice(0, behind.index)
  // Letters alone are the front of a number, `NU 210 EA`, and no number.
  const isRead = /\d/.test(before) && (behind[1] === undefined || isNumber(before.trim()))
  return isRead ? before : read
}

const COUNT_WORDS = 'two three four five six seven eight nine ten eleven twelve'.split(' ')
const WORD_IN_FRONT = new RegExp(`^\\s*(${COUNT_WORDS.join('|')})(?=\\s+\\S)`, 'i')
const DOZEN = 12

/**
 * How many a text asks for, and the text without it; null where it says no number.
 * @example howMany('4 x M12x1.25x45') // { count: 4, rest: 'M12x1.25x45' }
 * @example howMany('three bolts M12x35') // { count: 3, rest: 'bolts M12x35' }
 * @example howMany('M12 x 40') // null
 */
export function howMany(text: string): { count: number; rest: string } | null {
  const inDigits = text.replace(WORD_IN_FRONT, (word) =>
    String(COUNT_WORDS.indexOf(word.trim().toLowerCase()) + 2),
  )
  const read = withoutHowMany(inDigits)
  const rest = read.trim()
  const at = read.length - read.trimStart().length
  const said = `${inDigits.slice(0, at)} ${inDigits.slice(at + rest.length)}`
  const each = /dozen/i.test(said) ? DOZEN : /pair/i.test(said) ? 2 : 1
  const figure = /\d+/.exec(said)
  if (rest === '' || /set/i.test(said) || (!figure && each === 1)) return null
  const count = Number(figure?.[0] ?? 1) * each
  return count >= 1 ? { count, rest } : null
}
