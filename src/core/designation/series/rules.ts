import { findPart, isHousing, roundMicrometre, type Catalogue, type Part } from '../../catalogue'
import { MM_PER_INCH } from '../../quantity'
import { boreCode } from '../boreCode'
import { computedPart } from './computedPart'
import { HOUSED_UNIT, inHousing, unitNumberOf } from './housedUnit'
import { boundaryPlan, PLAN_SERIES, type PlanSeries } from './plan'

/** A number at the front of a text that follows the rule of a series. */
export interface RuleMatch {
  part: Part
  /** marks it takes up */
  length: number
}

/** Reads the front of `key` (gaps between digits kept); null when the rule does not hold. */
type Rule = (key: string, catalogue: Catalogue) => RuleMatch | null

/** Series whose bore may be one digit, in millimetres: 608, 625, 699. */
const ONE_DIGIT: ReadonlySet<string> = new Set(['60', '62', '68', '69'])
/** Longer spellings of thin series: 618 is 68. */
const LONG_SPELLING: Record<string, string> = { '617': '67', '618': '68', '619': '69' }
/** Double row angular contact, and thin angular contact, in other conventions. */
const OTHER_CONVENTION: Record<string, string> = { '52': '32', '53': '33', '78': '718', '79': '719' }

function baseOf({ family, series }: PlanSeries, code: string): string {
  if (family === 'tapered-metric' && series === '320') return `${series}${code}X`
  if (family === 'deep-groove' && /^\/\d$/.test(code)) return `${series}${code.slice(1)}`
  return `${series}${code}`
}

const isMade = ({ codes: [from, to] }: PlanSeries, code: string): boolean =>
  !/^\d\d$/.test(code) || (Number(code) >= from && Number(code) <= to)

/** Numbers by the bore code of ISO 15, longest series first: `62314` is 623 with code 14, not 62 with 314. */
const byBoreCode = (series: PlanSeries, written: string): Rule => {
  const oneDigit =
    series.family === 'deep-groove' && ONE_DIGIT.has(series.series) && written === series.series
  const codes = `\\d\\d|/\\d{2,4}${written.length === 3 && written !== series.series ? '|/\\d' : ''}${oneDigit ? '|\\d' : ''}`
  const pattern = new RegExp(`^${written}(${codes})(X?)(?!\\d)`)
  return (key, catalogue) => {
    // Nearly every text begins otherwise: said without the pattern, a tenth of the time.
    if (!key.startsWith(written)) return null
    const match = pattern.exec(key)
    const code = match?.[1] ?? ''
    const bore = match && boreCode(code)
    if (!match || !bore || !isMade(series, code)) return null
    const plan = boundaryPlan(catalogue)
    const base = baseOf(series, code)
    const x = series.series === '320' ? (match[2] ?? '') : ''
    return {
      part: computedPart(base, series.family, series.series, {
        bore,
        outside: plan.outside(series.diameter, bore),
        width: series.width === null ? undefined : plan.width(series.width, series.diameter, bore),
      }),
      length: written.length + code.length + x.length,
    }
  }
}

/** RNA: the needle bearing without its inner ring; its bore under the needles follows no rule. */
const withoutInnerRing: Rule = (key, catalogue) => {
  const match = /^RNA(48|49|69)(\d\d)(?!\d)/.exec(key)
  const bore = match && boreCode(match[2] ?? '')
  if (!match || !bore) return null
  const [width, diameter] = [...(match[1] ?? '')] as [string, string]
  const plan = boundaryPlan(catalogue)
  const sizes = { outside: plan.outside(diameter, bore), width: plan.width(width, diameter, bore) }
  return { part: computedPart(match[0], 'needle', `RNA${match[1]}`, sizes), length: match[0].length }
}

/** Outside of the listed parts of one series with one bore, where they agree. */
function outsideLike(catalogue: Catalogue, type: string, bore: number): number | undefined {
  const sizes = new Set(
    catalogue.parts.flatMap(({ family, series, dimensions: d }) =>
      family === 'needle' && series === type && d.bore === bore && d.outside !== undefined ? [d.outside] : [],
    ),
  )
  return sizes.size === 1 ? [...sizes][0] : undefined
}

/** HK and BK drawn cups: bore and width in whole millimetres, two digits each (ISO 3245); the outside goes with both. */
const drawnCup: Rule = (key) => {
  const match = /^(HK|BK)(\d\d)(\d\d)(?!\d)/.exec(key)
  const [bore, width] = [Number(match?.[2]), Number(match?.[3])]
  if (!match || bore < 3 || width < 5) return null
  return {
    part: computedPart(match[0], 'needle', match[1] ?? '', { bore, width }),
    length: match[0].length,
  }
}

/** NK and NKI: bore and width with a slash between (ISO 1206). */
const machinedNeedle: Rule = (key, catalogue) => {
  const match = /^(NKIS|NKI|NKS|NK)(\d{1,3})\/(\d\d)(?!\d)/.exec(key)
  if (!match) return null
  const [bore, width] = [Number(match[2]), Number(match[3])]
  const outside = outsideLike(catalogue, match[1] ?? '', bore)
  return {
    part: computedPart(match[0], 'needle', match[1] ?? '', { bore, outside, width }),
    length: match[0].length,
  }
}

/**
 * K cages with needles: under the needles, over them, width. IR inner rings: bore, raceway, width, which may end in a half. NAO and
 * RNAO needle bearings without flanges, with and without their inner ring: bore, outside, width.
 */
const namedBySizes: Rule = (key) => {
  const match = /^(K|IR|R?NAO)(\d{1,3})X(\d{1,3})X(\d{1,2}(?:\.\d)?)(?![\d.])/.exec(key)
  if (!match) return null
  const [bore, outside, width] = [Number(match[2]), Number(match[3]), Number(match[4])]
  return outside > bore
    ? {
        part: computedPart(match[0].replaceAll('X', 'x'), 'needle', match[1] ?? '', { bore, outside, width }),
        length: match[0].length,
      }
    : null
}

/** Cages with needles in another convention: the three sizes in two digits each, `KT202417` for K20x24x17 (common practice). */
const cageRunTogether: Rule = (key) => {
  const match = /^KT(\d\d)(\d\d)(\d\d)(?!\d)/.exec(key)
  const [bore = 0, outside = 0, width = 0] = (match?.slice(1) ?? []).map(Number)
  return match && bore > 0 && outside > bore && width > 0
    ? {
        part: computedPart(
          `K${bore}x${outside}x${width}`,
          'needle',
          'K',
          { bore, outside, width },
          'common-practice',
        ),
        length: match[0].length,
      }
    : null
}

/** Sixteenths of an inch that a drawn cup has at most, so that three digits split one way: `108` is 10 and 8. */
const MAX_SIXTEENTHS = 40
/** Whether a drawn cup of a bore is made about so wide, both in sixteenths: `B625` is no cup of 6 and 25. */
const isCupWidth = (bore: number, width: number): boolean =>
  width >= Math.max(3, bore * 0.3) && width <= Math.min(MAX_SIXTEENTHS, bore * 1.5 + 2)

/** Millimetres of a number of sixteenths of an inch. */
const sixteenths = (count: number | string): number => roundMicrometre((Number(count) / 16) * MM_PER_INCH)

/** Sixteenths of an inch between bore and outside of a drawn cup, by its bore in sixteenths (ABMA 18.2, from memory). */
function shellSixteenths(bore: number): number | undefined {
  if (bore >= 4 && bore <= 11) return 3
  return bore >= 12 && bore <= 22 ? 4 : undefined
}

/**
 * Inch drawn cups: bore and width in sixteenths of an inch (ABMA 18.2, common practice). SCE, J with cage and B full of needles have
 * one outside; BCE, MJ and M are closed at one end; with H they are thicker. M and two digits is a thread: `M24`.
 */
const inchDrawnCup: Rule = (key) => {
  const match = /^(SCE|BCE|SCH|BCH|MJH|MJ|MH|BH|JH|B|J|M)([1-9]\d{1,3})(?!\d)/.exec(key)
  const digits = match?.[2] ?? ''
  const split = digits.length === 2 || Number(digits.slice(0, 2)) > MAX_SIXTEENTHS ? 1 : 2
  const [bore, width] = [Number(digits.slice(0, split)), Number(digits.slice(split))]
  if (!match || (match[1] === 'M' && digits.length === 2)) return null
  if (bore < 2 || digits[split] === '0' || !isCupWidth(bore, width)) return null
  const shell = /H$/.test(match[1] ?? '') ? undefined : shellSixteenths(bore)
  const outside = shell === undefined ? undefined : sixteenths(bore + shell)
  return {
    part: computedPart(match[0], 'needle', match[1] ?? '', {
      bore: sixteenths(bore),
      outside,
      width: sixteenths(width),
    }),
    length: match[0].length,
  }
}

/** RC and RCB roller clutches: bore, outside and width in sixteenths of an inch, two digits each (common practice). */
const inchClutch: Rule = (key) => {
  const match = /^RCB?(\d\d)(\d\d)(\d\d)(?!\d)/.exec(key)
  const [bore = 0, outside = 0, width = 0] = (match?.slice(1) ?? []).map(sixteenths)
  return match && bore > 0 && outside > bore && outside < bore * 2 && width > 0
    ? {
        part: computedPart(match[0], 'one-way-clutch', 'RC', { bore, outside, width }, 'common-practice'),
        length: match[0].length,
      }
    : null
}

/** AXK thrust needle cages and AS washers: bore in two digits, outside behind it (ISO 3031); AS are 1 mm thick. */
const thrustNeedle: Rule = (key) => {
  const match = /^(AXK|AS)(\d\d)(\d{2,3})(?!\d)/.exec(key)
  const [bore, outside] = [Number(match?.[2]), Number(match?.[3])]
  if (!match || bore < 4 || outside <= bore || outside > bore * 4) return null
  const width = match[1] === 'AS' ? 1 : undefined
  return {
    part: computedPart(match[0], 'thrust-roller', match[1] ?? '', { bore, outside, width }),
    length: match[0].length,
  }
}

/** An inch bore in the shell of a metric insert may be this much smaller or larger than the metric one. */
const SHELL_BORE = { min: 0.72, max: 1.09 }

/** UC, SA, SB, HC, UK, ER, UEL, CS: the shell of 62 or 63, with a metric bore or one in sixteenths of an inch (common practice). */
const insert: Rule = (key, catalogue) => {
  const match = /^(UC|SA|SB|HC|UK|ER|RB|CSA|CSB|CS|UEL|UER)([23X])(\d\d)(?!\d)/.exec(key)
  const bore = match && boreCode(match[3] ?? '')
  if (!match || !bore) return null
  const [, type, size] = match
  const shellBore = size === 'X' ? bore + 5 : bore
  const shell = boundaryPlan(catalogue).outside(size === '3' ? '3' : '2', shellBore)
  // Up to 17 mm the shell is that of a larger bore, by maker.
  const outside = bore < 20 ? undefined : shell
  return {
    part: computedPart(match[0], 'insert', `${type}${size}`, { bore, outside }, 'common-practice'),
    length: match[0].length,
  }
}

/**
 * A unit of insert and housing, `UCP205`: sizes are those of its insert, which stands in its number, bolts and height those of
 * its housing, `P205`.
 */
const housedUnit: Rule = (key, catalogue) => {
  const match = HOUSED_UNIT.exec(key)
  if (!match) return null
  const [number] = match
  const { type = '', size = '' } = match.groups ?? {}
  const insertPart =
    findPart(catalogue, `${type}${size}`, 'complete') ?? insert(`${type}${size}`, catalogue)?.part ?? null
  if (insertPart?.family !== 'insert') return null
  const part = computedPart(number, 'insert', number.slice(0, -2), insertPart.dimensions)
  return { part: withHousing(part, catalogue), length: number.length }
}

/** A unit with its housing where both its insert and that are listed; any other part as it is. */
function withHousing(part: Part, catalogue: Catalogue): Part {
  const unit = unitNumberOf(part)
  const inner = unit && findPart(catalogue, unit.type + unit.size, 'complete')
  const around = unit && findPart(catalogue, unit.housing + unit.size.slice(0, 3), 'hardware')
  return inner && around && isHousing(around) ? inHousing(part, inner, around) : part
}

/** Track rollers without a cage (V), with two rows of rollers (NU, sealed PW), with an eccentric collar on the stud (E): sizes of those with one (ISO 7063). */
const FULL_ROLLERS: Readonly<Record<string, string>> = {
  NATV: 'NATR',
  KRV: 'KR',
  KRE: 'KR',
  KRVE: 'KR',
  NUKR: 'KR',
  NUKRE: 'KR',
  PWKR: 'KR',
  PWKRE: 'KR',
  PWTR: 'NUTR',
}

const fullRollers: Rule = (key, catalogue) => {
  const match = /^(NATV|KRVE?|KRE|(?:NU|PW)KRE?(?=[3-9]\d)|PWTR)(\d{1,2})(?!\d)/.exec(key)
  const [number = '', type = '', size = ''] = match ?? []
  const twin = match && findPart(catalogue, `${FULL_ROLLERS[type]}${size}`)
  return twin?.family === 'cam-follower'
    ? {
        part: {
          ...computedPart(number, 'cam-follower', type, twin.dimensions, 'common-practice'),
          ...(twin.shank && { shank: twin.shank }),
        },
        length: number.length,
      }
    : null
}

/** An insert, or a unit with one, of which the bore stands in sixteenths behind its number; of a unit both must be listed. */
export function inchInsert(metric: Part, count: number, catalogue: Catalogue): Part | null {
  const { bore, outside } = metric.dimensions
  const inch = sixteenths(count)
  if (metric.family !== 'insert' || bore === undefined || metric.base.includes('-')) return null
  if (inch < bore * SHELL_BORE.min || inch > bore * SHELL_BORE.max) return null
  const base = `${metric.base}-${count}`
  const part = computedPart(base, 'insert', metric.series, {
    bore: inch,
    outside,
    width: metric.dimensions.width,
  })
  return withHousing(part, catalogue)
}

/** Compressor clutches, `30BD5222`: bore, outside and width in two digits each; older numbers do not name their sizes (common practice). */
const clutchBearing: Rule = (key) => {
  const match = /^([2-4]\d)BD([4-6]\d)([12]\d)(?!\d)/.exec(key)
  if (!match) return null
  const [bore = 0, outside = 0, width = 0] = match.slice(1).map(Number)
  if (outside < bore * 1.3 || outside > bore * 2.2) return null
  const sizes = { bore, outside, width }
  return {
    part: computedPart(match[0], 'angular-contact-double-row', 'BD', sizes, 'common-practice'),
    length: match[0].length,
  }
}

/** Less than this between bore and outside holds no two rows of balls with their rings, mm: the least of the listed units. */
const TWO_ROWS_MM = 24

/**
 * Sizes of a wheel-hub unit run together: bore in two digits, outside in two or, in hundredths, four, width in two; the width of a
 * narrower outer ring behind a slash, `DAC38740236/33` is 38 × 74.02 × 36 (common practice). Without `DAC` only whole outsides are
 * read, and no narrow ones: eight digits may be anything. With it an outside from 100 mm stands in three digits, `DAC60120037`.
 */
const hubUnit: Rule = (key, catalogue) => {
  const match =
    /^(DAC)(\d\d)(1\d\d)(0)(\d\d)(?!\d)/.exec(key) ??
    /^(DAC)?(\d\d)(\d\d)(\d\d)?(\d\d)(?:\/([23456]\d))?(?!\d)/.exec(key)
  if (!match) return null
  const [, prefix, bores = '', wholes = '', hundredths = '00', widths = '', outer] = match
  const [bore, outside, width] = [Number(bores), Number(`${wholes}.${hundredths}`), Number(widths)]
  if (!(hundredths === '00' || (prefix && /^0|0$/.test(hundredths)))) return null
  if (bore < 20 || outside < bore * 1.6 || outside > bore * 2.6 || width < (prefix ? 20 : 25) || width > 60)
    return null
  if (outside - bore < TWO_ROWS_MM) return null
  const outerRingWidth = outer === undefined ? undefined : Number(outer)
  if (outerRingWidth !== undefined && outerRingWidth >= width) return null
  const bySizes = `${bore}x${outside}x${width}`
  const isListed = outer === undefined && findPart(catalogue, bySizes, 'complete') !== undefined
  const base = isListed ? bySizes : `DAC${bores}${wholes}${hundredths}${widths}${outer ? `/${outer}` : ''}`
  return {
    part: computedPart(
      base,
      'hub-unit',
      'press-in',
      { bore, outside, width, outerRingWidth },
      'common-practice',
    ),
    length: match[0].length,
  }
}

/** Miniatures by outside and bore: `MR115` is 11 × 5; the width follows no rule. */
const miniature: Rule = (key) => {
  const match = /^M([RF])(\d{2,4})(?!\d)/.exec(key)
  const digits = match?.[2] ?? ''
  const splits = [1, 2].flatMap((n) => {
    const [outside, bore] = [Number(digits.slice(0, -n)), Number(digits.slice(-n))]
    return outside > bore * 1.2 && outside < bore * 4 && bore > 0 ? [{ outside, bore }] : []
  })
  const [only] = splits
  if (!match || !only || splits.length > 1 || match[1] === 'F') return null
  return { part: computedPart(match[0], 'miniature', 'MR', only, 'common-practice'), length: match[0].length }
}

/** How thick a ball bearing of one row is made between bore and outside, and how wide beside that, at most and at least. */
const ONE_ROW = { wall: { min: 1.2, max: 2.6 }, width: { min: 0.3, max: 1.2 } }

/** Sizes of a cycle bearing run together: bore and outside in two digits each, width in one or two: `MR15268` is 15 × 26 × 8 (common practice). */
const cycleBearing: Rule = (key, catalogue) => {
  const match = /^MR(\d\d)(\d\d)([4-9]|1\d)(?!\d)/.exec(key)
  const [bore = 0, outside = 0, width = 0] = (match?.slice(1) ?? []).map(Number)
  const [wall, wide] = [outside / bore, width / (outside - bore)]
  if (!match || bore < 10 || !(wall >= ONE_ROW.wall.min && wall <= ONE_ROW.wall.max)) return null
  if (wide < ONE_ROW.width.min || wide > ONE_ROW.width.max) return null
  const bySizes = match[0].slice('MR'.length)
  const base = findPart(catalogue, bySizes, 'complete') ? bySizes : match[0]
  const sizes = { bore, outside, width }
  return {
    part: computedPart(base, 'miniature', 'run-together', sizes, 'common-practice'),
    length: match[0].length,
  }
}

/** Every rule, those of longer series first. */
const RULES: readonly Rule[] = [
  ...PLAN_SERIES.flatMap((series) => {
    const others = [
      ...Object.entries(LONG_SPELLING).flatMap(([long, short]) => (short === series.series ? [long] : [])),
      ...Object.entries(OTHER_CONVENTION).flatMap(([other, own]) => (own === series.series ? [other] : [])),
    ]
    const writings = [series.series, ...others]
    return writings.map((written) => ({ written, rule: byBoreCode(series, written) }))
  })
    .sort((a, b) => b.written.length - a.written.length)
    .map(({ rule }) => rule),
  withoutInnerRing,
  drawnCup,
  machinedNeedle,
  namedBySizes,
  cageRunTogether,
  inchDrawnCup,
  inchClutch,
  thrustNeedle,
  insert,
  housedUnit,
  fullRollers,
  clutchBearing,
  hubUnit,
  cycleBearing,
  miniature,
]

/**
 * The parts whose number, by the rule of its series, stands at the front of `key`.
 * @param key marks with the gaps between digits kept, as `exactKey` gives them
 * @returns none when no rule holds; sizes only as far as rule and plan give them
 */
export function matchRules(key: string, catalogue: Catalogue): RuleMatch[] {
  const matches: RuleMatch[] = []
  for (const rule of RULES) {
    const match = rule(key, catalogue)
    if (match) matches.push(match)
  }
  return matches
}
