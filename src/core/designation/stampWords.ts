import { HARDWARE_WORDS, type Glyph } from '../catalogue'

/** Words that stand beside a number on rings and boxes and say nothing of it: countries, places, trade words. */
const WORDS: ReadonlySet<string> = new Set(
  `MADE IN BY OF NO NR NUM PART REF TYPE TYP ART ITEM BEARING BEARINGS BRG BALL ROLLER LINEAR GENUINE QUALITY PRECISION HEAVY DUTY OE OEM
   JAPAN GERMANY USA UK GB ENGLAND BRITAIN FRANCE ITALY CHINA PRC CHN INDIA POLAND AUSTRIA ROMANIA RUSSIA USSR CCCP CZECH SLOVAKIA
   SLOVENIA SERBIA KOREA TAIWAN BRAZIL SPAIN SWEDEN SINGAPORE MALAYSIA INDONESIA THAILAND MEXICO CANADA PORTUGAL TURKEY BULGARIA
   HUNGARY VIETNAM ARGENTINA SWITZERLAND NETHERLANDS BELGIUM AUSTRALIA WEST EAST`
    .split(/\s+/)
    .filter(Boolean),
)

/**
 * Letters that begin numbers of other kinds of part: `KR 22` is no 22, `AXK 1630` no 1630. Such letters are never taken
 * for a maker's mark (common practice); nor are those of standards, whose number is no part's: `DIN 472 52` is no cup 472.
 */
const TYPE_LETTERS: ReadonlySet<string> = new Set(
  `AEL AELS AS AXK AXW AH AHX AOH ASNU AN BA BAH BAHB BCH BCE BK BL BTH CF CFE CFL CFR CM CML CMR COM CR CRH CRY CSK CSA CSB CYR DAC DAT EA EE ER EX EXP FY FYTB GAX GAY GE GEH GEG GEZ GLE
   GRA GRAE GW GYE HC HCR HF HFL HH HJ HK HM IR JH JHM JL JLM JM JHH KLNJ KM KML KR KRE KRV KS KT LFR LL LJ LM LR LS LRJ MB MBL MF MJ MR MRJ MS NA NAST
   NAO NART RNAST NATR NATV NCF NF NJ NJG NK NKI NKIA NKIB NKIS NKS NKX NKXR NN NNU NNCF NNF NU NUB NUKR NUP NUTR NUH PASE PAK PASEY PNA QJ RA RAE RALE RASE RB RCT RLS
   RMS RNA RNAO RNU NUKRE KRVE PWKR PWKRE PWTR NTA TRA TRB TRC LME LMF RSTO SA SAKB SAL SALK DIN ISO ANSI ASME ABMA JIS SAPF SAPP SB SBPF SBPP SCE SCH SI SIKB SIL SILK SL SLE SN SNL SSN STO SY SYJ TA TLA TU UC UCC UCF UCFB UCFC UCFL UCP
   UCPA UCPH UCT UCX UEL UELP UK UKP UKF UKFL WC WS YAR YAT YEL YET ZARN ZKLN GIHR GIKR GIR GIL GAKR GAL GAR PHS POS KRX NUC SLF`
    .split(/\s+/)
    .filter(Boolean),
)

/** Standards that people write before a number or sizes: `DIN 625 6205`, `DIN 3760 AS 35x52x7`. */
const STANDARDS = {
  bearing: /^(?:DIN(?:615|616|625|628|630|635|711|720|722|728|5404|5405|5412|5429)|ISO(?:15|104|355))$/,
  seal: /^(?:DIN(?:3760|3761)|ISO6194)$/,
} as const

/** Where the number begins behind a standard and its part, `DIN 625-1`, and what it is of; null when none stands in front. */
export function behindStandard(marks: readonly Glyph[]): { at: number; kind: keyof typeof STANDARDS } | null {
  const groups = groupsOf(marks)
  const [first, second] = groups
  if (!first || !second) return null
  for (const kind of ['bearing', 'seal'] as const) {
    const joined = STANDARDS[kind].test(lettersOf(marks.slice(first.from, first.to)))
    if (!joined && !STANDARDS[kind].test(lettersOf(marks.slice(first.from, second.to)))) continue
    const [next, last] = groups.slice(joined ? 1 : 2)
    if (!next) return null
    const isPart = last && next.to - next.from === 1 && /\d/.test(marks[next.from]?.char ?? '')
    return { at: isPart ? last.from : next.from, kind }
  }
  return null
}

/** Letters alone, this many or more, are a word: no number begins with so many. */
const WORD_MARKS = 5
/** A maker's own mark has at least so many letters; one or two belong to the number. */
const MARK_MARKS = 3

const lettersOf = (group: readonly Glyph[]): string => group.map(({ char }) => char).join('')

/** Words of a bearing that are no marks: kept with it as they are, never read as marks run together. */
const OF_BEARING: ReadonlySet<string> = new Set(
  `HIGH LOW TEMP SPEED QUIET CAGE BRASS STEEL NYLON WHEEL FRONT REAR INNER OUTER LEFT RIGHT SIDE LOOSE TIGHT FIT NEW FOOD GRADE RUST
   PROOF SEAL SEALS BORE SHAFT OPEN CLOSED WITH`.split(/\s+/),
)

/** Whether a group of marks is a known word, or letters too many for a code. */
export function isWord(group: readonly Glyph[]): boolean {
  const text = lettersOf(group)
  return WORDS.has(text) || OF_BEARING.has(text) || (text.length > WORD_MARKS && /^[A-Z]+$/.test(text))
}

/** Whether a group of marks is a word of trade or country that says nothing of the part. */
export const saysNothing = (group: readonly Glyph[]): boolean => WORDS.has(lettersOf(group))

/** The ring of a tapered set that a group of marks names; null for any other. */
export function ringNamed(group: readonly Glyph[]): 'cone' | 'cup' | null {
  const ring = /^(CONE|CUP)S?$/.exec(lettersOf(group))?.[1]
  return ring === undefined ? null : ring === 'CONE' ? 'cone' : 'cup'
}

/** Whether what stands beside a number is words of trade and country, or a batch in figures: nothing of the part. */
export const isBesidePart = (text: string): boolean =>
  text
    .toUpperCase()
    .split(' ')
    .every((word) => WORDS.has(word) || /^\d+$/.test(word))

/** Whether a group of marks in front of a number is a word or a maker's mark, and not the beginning of the number. */
export function isStampWord(group: readonly Glyph[]): boolean {
  const text = lettersOf(group)
  if (WORDS.has(text)) return true
  if (!/^[A-Z&]+$/.test(text)) return false
  return text.length >= WORD_MARKS || (text.length >= MARK_MARKS && !TYPE_LETTERS.has(text))
}

/** Whether a group of marks beside a number says that a piece of hardware is meant. */
export const isHardwareWord = (group: readonly Glyph[]): boolean => HARDWARE_WORDS.has(lettersOf(group))

/** Marks as groups: runs without a gap between them, as places in `marks`. */
export function groupsOf(marks: readonly Glyph[]): { from: number; to: number }[] {
  const groups: { from: number; to: number }[] = []
  marks.forEach((mark, i) => {
    const last = groups.at(-1)
    if (!last || mark.gap) groups.push({ from: i, to: i + 1 })
    else last.to = i + 1
  })
  return groups
}
