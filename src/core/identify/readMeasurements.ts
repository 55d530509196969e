import {
  coarseStep,
  guessUnits,
  lengthProblemText,
  readLength,
  roundingStep,
  toMm,
  unitReasonText,
  writeMm,
  type Instrument,
  type LengthUnit,
  type TypedLength,
  type UnitChoice,
} from '../quantity'
import { ok, refuse, type Result } from '../result'
import { FEATURE_ROLE, type Condition, type Feature, type Measured } from './evidence'

/** A measurement as typed. */
export interface TypedMeasurement {
  feature: Feature
  readings: readonly string[]
  unit?: UnitChoice | undefined
  instrument?: Instrument | undefined
  condition?: Condition | undefined
}

export interface ReadMeasurement extends Measured {
  unit: LengthUnit
  unitText: string
}

/** `unreadable`: text that is no length. `impossible`: lengths that no bearing can have. */
export interface MeasurementProblem {
  code: 'unreadable' | 'impossible'
  issues: { path: (string | number)[]; message: string }[]
}

/** Bore and outside may cross by this much before they contradict each other, mm: rounding of a coarse rule. */
const CROSSING_MM = 0.5

const coarsest = (steps: readonly (number | null)[]): number | undefined => {
  const coarse = steps.flatMap((step) => step ?? [])
  return coarse.length > 0 ? Math.max(...coarse) : undefined
}

const isText = (m: TypedMeasurement): boolean => m.readings.some((text) => text.trim() !== '')

function crossing(read: readonly (ReadMeasurement & { index: number })[]): MeasurementProblem | null {
  const mean = (role: 'bore' | 'outside') => read.find((m) => m.feature === role)
  const [bore, outside] = [mean('bore'), mean('outside')]
  const [b, o] = [bore?.valuesMm[0], outside?.valuesMm[0]]
  if (!bore || b === undefined || o === undefined || b <= o + CROSSING_MM) return null
  const message = `The bore (${writeMm(b)} mm) is larger than the outside (${writeMm(o)} mm). Check both readings and their units.`
  return { code: 'impossible', issues: [{ path: ['measurements', bore.index], message }] }
}

/**
 * Reads typed measurements and settles their units together. Features without any text are left out.
 *
 * @returns the measurements in millimetres; `unreadable` with one issue for each text that is no length; `impossible`
 *   when the bore is larger than the outside
 */
export function readMeasurements(
  typed: readonly TypedMeasurement[],
): Result<ReadMeasurement[], MeasurementProblem> {
  const issues: MeasurementProblem['issues'] = []
  const read = typed.flatMap((m, index) => {
    if (!isText(m)) return []
    const lengths = m.readings.flatMap((text, at): TypedLength[] => {
      if (text.trim() === '') return []
      const length = readLength(text)
      if (length.ok) return [length.value]
      issues.push({
        path: ['measurements', index, 'readings', at],
        message: lengthProblemText(length.problem),
      })
      return []
    })
    return [{ ...m, index, lengths }]
  })
  if (issues.length > 0) return refuse({ code: 'unreadable', issues })
  const questions = read.flatMap((m) => {
    const first = m.lengths.find((l) => l.stated) ?? m.lengths[0]
    const chosen = m.unit === 'auto' ? undefined : m.unit
    return first
      ? [{ role: FEATURE_ROLE[m.feature], typed: first, chosen: first.stated ? undefined : chosen }]
      : []
  })
  const units = guessUnits(questions)
  const measured = read.map((m, i) => {
    const answer = units[i] ?? { unit: 'mm' as const, reason: 'usualSize' as const }
    const unitOf = (length: TypedLength): LengthUnit => length.stated ?? answer.unit
    return {
      index: m.index,
      feature: m.feature,
      valuesMm: m.lengths.map((l) => toMm(l.value, unitOf(l))),
      stepMm: Math.max(...m.lengths.map((l) => roundingStep(l, unitOf(l)))),
      coarseMm: coarsest(m.lengths.map((l) => coarseStep(l, unitOf(l)))),
      instrument: m.instrument ?? ('digitalCaliper' as const),
      condition: m.condition ?? ('used' as const),
      unit: answer.unit,
      unitGuessed: answer.reason !== 'chosen' && answer.reason !== 'stated',
      unitText: unitReasonText(answer),
    }
  })
  const problem = crossing(measured)
  return problem ? refuse(problem) : ok(measured)
}
