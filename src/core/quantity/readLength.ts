import { ok, refuse, type Result } from '../result'
import type { LengthUnit } from './units'

/** Longest text read as a length; anything longer was pasted by mistake. */
const MAX_TEXT = 40
/** Largest length accepted, in its own unit turned to millimetres: no bearing on a bench is larger. */
const MAX_MM = 3000

/** A length as typed, before its unit is settled. */
export interface TypedLength {
  /** in `stated`, or in a unit still to be guessed; always > 0 */
  value: number
  stated: LengthUnit | null
  form: 'whole' | 'decimal' | 'fraction'
  /** digits after the decimal sign; 0 for whole numbers and fractions */
  decimals: number
}

export type LengthProblem =
  | { code: 'empty' }
  | { code: 'tooLong'; limit: number }
  | { code: 'notALength'; text: string }
  | { code: 'twoLengths'; text: string }
  | { code: 'twoSeparators'; text: string }
  | { code: 'unknownUnit'; unit: string }
  | { code: 'zeroDenominator'; text: string }
  | { code: 'fractionNotBelowOne'; text: string }
  | { code: 'negative'; text: string }
  | { code: 'zero' }
  | { code: 'tooLarge'; limitMm: number }

const UNIT_LABELS = new Map<string, { unit: LengthUnit; factor: number }>([
  ...['mm', 'millimetre', 'millimetres', 'millimeter', 'millimeters'].map(
    (w) => [w, { unit: 'mm' as const, factor: 1 }] as const,
  ),
  ...['cm', 'centimetre', 'centimetres', 'centimeter', 'centimeters'].map(
    (w) => [w, { unit: 'mm' as const, factor: 10 }] as const,
  ),
  ...['in', 'in.', 'inch', 'inches', '"', "''"].map((w) => [w, { unit: 'in' as const, factor: 1 }] as const),
])

/**
 * Whether a text being typed ends in a unit that has begun, so that the next letter belongs to it.
 * @example endsInUnit('2.328 inc') // true
 */
export function endsInUnit(text: string): boolean {
  const letters = /\d\s*([a-z]+)$/i.exec(text)?.[1]?.toLowerCase()
  return letters !== undefined && [...UNIT_LABELS.keys()].some((word) => word.startsWith(letters))
}

const VULGAR: Record<string, string> = {
  '½': '1/2',
  '¼': '1/4',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
  '⅓': '1/3',
  '⅔': '2/3',
  '⅕': '1/5',
  '⅖': '2/5',
  '⅗': '3/5',
  '⅘': '4/5',
  '⅙': '1/6',
  '⅚': '5/6',
}

/** One spelling for every sign that a keyboard, a phone or a copied text may bring. */
function tidy(text: string): string {
  return text
    .replace(/[½¼¾⅛⅜⅝⅞⅓⅔⅕⅖⅗⅘⅙⅚]/g, (sign) => ` ${VULGAR[sign] ?? sign}`)
    .normalize('NFKC')
    .replace(/[⁄∕]/g, '/')
    .replace(/[‐‑‒–—−]/g, '-')
    .replace(/[″“”]|′′|’’/g, '"')
    .toLowerCase()
    .replace(/^\s*(?:[ø⌀~≈]|dia\.?(?:meter)?|about|ca\.?)\s*/, '')
    .replace(/(\d)\?+/g, '$1')
    .replace(/\s+/g, ' ')
    .trim()
}

const NUMBER = /^(\d*)(?:([.,])(\d*))?$/

function readDecimal(body: string): Result<Omit<TypedLength, 'stated'>, LengthProblem> {
  if ((body.match(/[.,]/g) ?? []).length > 1) return refuse({ code: 'twoSeparators', text: body })
  const match = NUMBER.exec(body)
  const whole = match?.[1] ?? ''
  const part = match?.[3] ?? ''
  if (!match || (whole === '' && part === '')) return refuse({ code: 'notALength', text: body })
  const value = Number(`${whole || '0'}.${part || '0'}`)
  return ok({ value, form: part === '' ? 'whole' : 'decimal', decimals: part.length })
}

function readFraction(body: string): Result<Omit<TypedLength, 'stated'>, LengthProblem> {
  const match = /^(?:(\d+)(?: ?[-+] ?|[ .]))?(\d+) ?\/ ?(\d+)$/.exec(body)
  if (!match) return refuse({ code: 'notALength', text: body })
  const [, whole, top = '', bottom = ''] = match
  if (Number(bottom) === 0) return refuse({ code: 'zeroDenominator', text: body })
  const part = Number(top) / Number(bottom)
  if (whole !== undefined && part >= 1) return refuse({ code: 'fractionNotBelowOne', text: body })
  return ok({ value: Number(whole ?? 0) + part, form: 'fraction', decimals: 0 })
}

/**
 * Reads one length the way people type it: `1 3/8`, `1-3/8`, `1.3/8`, `1⅜`, `1.378`, `35`, `35,0`, `15/16"`, `62mm`, `.9843in`.
 * `~1.9` and `1.9?` say that more figures follow: they are as coarse as they are typed. A comma is a decimal comma; there are no thousands separators in lengths of this size.
 *
 * @param text what was typed, any case, any spacing
 * @returns the value in its stated unit (`stated: null` when none was typed), or a refusal that says what to change
 * @example readLength('1-3/8"') // { ok: true, value: { value: 1.375, stated: 'in', form: 'fraction', decimals: 0 } }
 */
export function readLength(text: string): Result<TypedLength, LengthProblem> {
  if (text.length > MAX_TEXT) return refuse({ code: 'tooLong', limit: MAX_TEXT })
  const tidied = tidy(text)
  if (tidied === '') return refuse({ code: 'empty' })
  if (/^-/.test(tidied)) return refuse({ code: 'negative', text: tidied })
  const unitAt = tidied.search(/[a-z"'µμ]/)
  const body = (unitAt < 0 ? tidied : tidied.slice(0, unitAt)).trim()
  const unitWord = unitAt < 0 ? '' : tidied.slice(unitAt).trim()
  if (body === '') return refuse({ code: 'notALength', text: tidied })
  if (/[x×*]/.test(unitWord) && /\d/.test(unitWord)) return refuse({ code: 'twoLengths', text: tidied })
  const unit = UNIT_LABELS.get(unitWord)
  if (unitWord !== '' && !unit) return refuse({ code: 'unknownUnit', unit: unitWord })
  if (/^[\d.,]+ [\d.,]+$/.test(body)) return refuse({ code: 'twoLengths', text: tidied })
  const read = body.includes('/') ? readFraction(body) : readDecimal(body)
  if (!read.ok) return read
  const value = read.value.value * (unit?.factor ?? 1)
  if (value === 0) return refuse({ code: 'zero' })
  const smallestMm = unit?.unit === 'in' ? value * 25.4 : value
  if (smallestMm > MAX_MM) return refuse({ code: 'tooLarge', limitMm: MAX_MM })
  return ok({ ...read.value, value, stated: unit?.unit ?? null })
}
