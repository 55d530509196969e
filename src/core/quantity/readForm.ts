import { guessUnits, type FormRole, type UnitReason } from './guessUnits'
import { readLength, type TypedLength } from './readLength'
import { lengthProblemText } from './lengthProblemText'
import { toMm, type LengthUnit } from './units'

/** One field of a form as typed. */
export interface FormField {
  name: string
  text: string
  role: FormRole
}

/** How a field was read: in which unit and why, or what to change. */
export type FormReading =
  { ok: true; mm: number; unit: LengthUnit; reason: UnitReason } | { ok: false; message: string }

/**
 * On a form for a machine figures without a unit are millimetres unless that makes no sense: each counts so much, ln
 * (estimate, common practice).
 */
const FORM_IS_METRIC = 2

/**
 * Reads all lengths of a form together, so that `.75` beside 1 3/8 and 2 is inches and a 7 beside 42 and 62 is millimetres.
 * Empty fields are left out. Stated units and fractions are kept.
 *
 * @returns one reading a field that holds text
 * @example readForm([{ name: 'width', text: '.75', role: 'width' }]).get('width') // { ok: true, mm: 19.05, unit: 'in', … }
 */
export function readForm(fields: readonly FormField[]): Map<string, FormReading> {
  const readings = new Map<string, FormReading>()
  const typed: { field: FormField; length: TypedLength }[] = []
  for (const field of fields) {
    if (field.text.trim() === '') continue
    const read = readLength(field.text)
    if (read.ok) typed.push({ field, length: read.value })
    else readings.set(field.name, { ok: false, message: lengthProblemText(read.problem) })
  }
  const units = guessUnits(
    typed.map(({ field, length }) => ({ role: field.role, typed: length })),
    FORM_IS_METRIC,
  )
  typed.forEach(({ field, length }, i) => {
    const { unit, reason } = units[i] ?? { unit: 'mm' as const, reason: 'usualSize' as const }
    readings.set(field.name, { ok: true, mm: toMm(length.value, unit), unit, reason })
  })
  return readings
}

/**
 * One length read beside a size that is known, such as the bore of a hollow shaft beside its diameter.
 * @returns mm; null for what is no length
 * @example lengthBeside('.75', 'bore', { mm: 31.75, role: 'outside' }) // 19.05
 */
export function lengthBeside(
  text: string,
  role: FormRole,
  known: { mm: number; role: FormRole },
): number | null {
  const reading = readForm([
    { name: 'known', text: `${known.mm} mm`, role: known.role },
    { name: 'asked', text, role },
  ]).get('asked')
  return reading?.ok ? reading.mm : null
}

/**
 * Lengths that are added and taken away, one beside the other: a shim of 0.3 says nothing of its unit, the longest does.
 * @returns one reading a text, in the same order
 */
export function readStackOf(texts: readonly string[]): FormReading[] {
  const read = texts.map((text) => readLength(text))
  const values = read.map((r) => (r.ok ? r.value.value : 0))
  const longest = texts[values.indexOf(Math.max(...values))] ?? ''
  const leading = readForm([{ name: 'longest', text: longest, role: 'length' }]).get('longest')
  const usual = leading?.ok ? leading.unit : 'mm'
  return read.map((r) => {
    if (!r.ok) return { ok: false, message: lengthProblemText(r.problem) }
    const { value, stated, form } = r.value
    const unit = stated ?? (form === 'fraction' ? 'in' : usual)
    return { ok: true, mm: toMm(value, unit), unit, reason: stated ? 'stated' : 'fitsTheOthers' }
  })
}
