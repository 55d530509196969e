import { readLength } from '../quantity'

/** What people say of a bearing and the marks that makers write for it (common practice). */
const SPOKEN: readonly (readonly [words: RegExp, marks: string])[] = [
  [/\b(?:stainless(?: steel)?|inox)\b/gi, 'SS'],
  [/\b(?:hybrid|ceramic balls)\b/gi, 'HC5'],
  [/\b(?:machined )?brass cage\b/gi, 'M'],
  [/\b(?:nylon|polyamide|plastic) cage\b/gi, 'TN'],
  [/\b(?:1|one|single)[ -](?:rubber )?(?:seal|side sealed)\b/gi, 'RS'],
  [/\b(?:2|two|both|double)[ -](?:rubber )?(?:seals|sealed|sides sealed)\b/gi, '2RS'],
  [/\b(?:rubber )?sealed(?: on)?(?: both sides)?\b|\brubber seals\b/gi, '2RS'],
  [/\b(?:1|one|single)[ -](?:metal )?(?:shield|side shielded)\b/gi, 'Z'],
  [/\b(?:2|two|both|double)[ -](?:metal )?(?:shields|shielded|sides shielded)\b/gi, 'ZZ'],
  [/\b(?:metal )?shielded(?: on)?(?: both sides)?\b|\bmetal shields\b/gi, 'ZZ'],
  [/\bwith (?:a )?snap ring\b/gi, 'NR'],
  [/(?<=\d)\s+(?:and|&)\s+(?=[a-z]*\d)/gi, ' +'],
  [/(?<=\d\S*\s)open\b/gi, ''],
  [/(?<=\d\s?(?:mm|in|inch|")?\s)(?:bore|id)\b/gi, ''],
]

/** May stand in front of the number; other words there are of something else: `2 seals 35x52x7`. */
const FIRST: ReadonlySet<string> = new Set(['SS'])

/** An insert and its bore in inches, `UC205 1 3/16"`; its number has the bore in sixteenths. */
const INSERT_BY_INCHES =
  /\b((?:UC|SA|SB|HC|NA|ER)[A-Z]{0,3}[ -]?[23]\d\d)[ -]+(\d+(?:[ .-]\d+\/\d+)?|\d+\/\d+)\s?(?:"|in\b|inch\b)/gi

/** More is a number that has its bore in sixteenths already, `UC201-8 in`. */
const MOST_SIXTEENTHS = 63

function insertInSixteenths(all: string, number: string, size: string): string {
  const read = readLength(`${size} in`)
  const count = read.ok ? read.value.value * 16 : NaN
  return Number.isInteger(count) && count <= MOST_SIXTEENTHS ? `${number}-${count}`.padEnd(all.length) : all
}

const CONE_AND_CUP = /\bcones?\b.*\bcups?\b|\bcups?\b.*\bcones?\b/i

/**
 * A text with the marks makers write in place of what people say for them, every other mark where it was: `6205 sealed` is 6205 2RS. A
 * cone and a cup that are both named are a set.
 * @example asMarks('6205 stainless').trimEnd() // 6205 SS
 */
export function asMarks(text: string): string {
  const said = CONE_AND_CUP.test(text)
    ? text.replace(/\b(?:cone|cup)s?\b/gi, (word) => ' '.repeat(word.length))
    : text
  return SPOKEN.reduce(
    (read, [words, marks]) =>
      read.replace(words, (spoken: string, at: number) =>
        /\d/.test(read.slice(0, at)) || FIRST.has(marks) ? marks.padEnd(spoken.length) : spoken,
      ),
    said.replace(INSERT_BY_INCHES, insertInSixteenths),
  )
}
