import 'server-only'
import { familyFacts, type Dimensions } from '@/core/catalogue'
import type { Closure } from '@/core/designation'
import {
  evidenceWords,
  identify,
  ITEM_WORDS,
  nextWords,
  patternWords,
  readMeasurements,
  unlistedWords,
  type Identification,
  type IdentifiedPart,
  type Looks,
} from '@/core/identify'
import { writeInch, writeMm } from '@/core/quantity'
import { ServiceError } from './errors'
import { ready } from './language'
import { IdentifyRequest, type IdentifyResponse } from './schemas/evidence'
import { parse } from './schemas/parse'

const millimetres = (d: Dimensions): Record<string, number> =>
  Object.fromEntries(
    Object.entries(d).filter((entry): entry is [string, number] => typeof entry[1] === 'number'),
  )

export const inchTwins = (d: Dimensions): Record<string, string> =>
  Object.fromEntries(Object.entries(millimetres(d)).map(([name, mm]) => [name, writeInch(mm)]))

const says = (looks: Looks): boolean =>
  Object.values(looks).some((value) => value !== undefined && (!Array.isArray(value) || value.length > 0))

/** Closures as stamped, else as seen. */
function closureOf({ evidence }: IdentifiedPart, { closures = [] }: Looks): Closure {
  const stamped = evidence.find((e) => e.reading && e.reading.closure.sides > 0)?.reading?.closure
  if (stamped) return stamped
  const sides = closures.filter((c) => c !== 'open').length
  return {
    sides: sides === 2 ? 2 : sides === 1 ? 1 : 0,
    type: sides === 0 ? 'open' : closures.includes('seal') ? 'contactSeal' : 'shield',
  }
}

function candidatesOf({ candidates }: Identification, looks: Looks): IdentifyResponse['candidates'] {
  return candidates.map((candidate, i) => {
    const { part, designation, probability, dimensions, evidence } = candidate
    return {
      rank: i + 1,
      base: part.base,
      designation,
      family: part.family,
      familyWords: familyFacts(part.family).words,
      piece: part.piece,
      series: part.series,
      probability,
      verified: part.provenance.verified,
      closure: closureOf(candidate, looks),
      dimensions: millimetres(dimensions),
      dimensionsIn: inchTwins(dimensions),
      evidence: evidence.map((item) => ({
        item: item.item,
        words: ITEM_WORDS[item.item] ?? item.item,
        deviation: item.deviationMm === null ? null : Math.round(item.deviationMm * 1e4) / 1e4,
        weight: Math.round(item.weight * 100) / 100,
        verdict: item.verdict,
        detail: evidenceWords(item),
      })),
    }
  })
}

/**
 * Identifies a part from any mix of evidence.
 * @throws ServiceError `unreadable` for text that is no length, `impossible` for nothing at all or a bore larger than
 *   the outside
 */
export async function identifyPart(input: unknown): Promise<IdentifyResponse> {
  const request = parse(IdentifyRequest, input)
  const read = readMeasurements(request.measurements.filter((m) => !m.struck))
  if (!read.ok)
    throw new ServiceError(
      read.problem.code,
      read.problem.issues[0]?.message ?? 'The sizes cannot be read.',
      read.problem.issues,
    )
  const stamps = request.stamps.filter((stamp) => stamp.text.trim() !== '')
  if (read.value.length === 0 && stamps.length === 0 && !says(request.observed))
    throw new ServiceError('impossible', 'Nothing to go by yet. Give a stamp, a size or what you see.')
  const { identifier } = await ready()
  const from = performance.now()
  const found = identify(
    identifier,
    { measurements: read.value, stamps, looks: request.observed },
    request.limit,
  )
  const elapsedMs = Math.round((performance.now() - from) * 100) / 100
  return {
    candidates: candidatesOf(found, request.observed),
    unlisted: { probability: found.unlisted, note: unlistedWords(found.unlisted, found.candidates[0]) },
    next: found.next,
    advice: nextWords(found.next, found.unlisted > 0.5 ? [] : found.candidates),
    readings: read.value.map((m) => {
      const mm = m.valuesMm.reduce((sum, v) => sum + v, 0) / m.valuesMm.length
      return {
        feature: m.feature,
        unit: m.unit,
        unitWords: m.unitWords,
        pattern: patternWords(m),
        mm,
        mmText: writeMm(Math.round(mm * 100) / 100),
        inText: writeInch(mm),
      }
    }),
    parts: identifier.candidates.length + (identifier.shelf?.count ?? 0),
    elapsedMs,
  }
}
