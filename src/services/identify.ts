import 'server-only'
import type { z } from 'zod'
import { withArticle } from '@/core/capital'
import { familyFacts, findPart, isUnitHousing, isListed, type Dimensions } from '@/core/catalogue'
import { kindOfUnlisted, readExact, type DesignationContext } from '@/core/designation'
import {
  evidenceText,
  identify,
  ITEM_LABELS,
  nextText,
  patternText,
  readMeasurements,
  unlistedText,
  type Experience,
  type IdentifiedPart,
  type Observations,
} from '@/core/identify'
import { writeInch, writeMm, type LengthUnit } from '@/core/quantity'
import { ServiceError } from './errors'
import { getCatalogue } from './catalogueRuntime'
import type { IdentifyRequest } from '@/contract/evidence'
import { type IdentifyResponse } from '@/contract/evidence'

const millimetres = (d: Dimensions): Record<string, number> =>
  Object.fromEntries(
    Object.entries(d).filter((entry): entry is [string, number] => typeof entry[1] === 'number'),
  )

export const inchTwins = (d: Dimensions): Record<string, string> =>
  Object.fromEntries(Object.entries(millimetres(d)).map(([name, mm]) => [name, writeInch(mm)]))

const says = (observed: Observations): boolean =>
  Object.values(observed).some((value) => value !== undefined && (!Array.isArray(value) || value.length > 0))

/** Sizes in the form that is proposed: shielded and sealed types may be wider. */
function formOf({ dimensions, decided }: IdentifiedPart): Dimensions & { openWidth?: number } {
  const { width, closedWidth } = dimensions
  if (decided.closure.sides === 0 || closedWidth === undefined) return dimensions
  return { ...dimensions, width: closedWidth, ...(width !== undefined && { openWidth: width }) }
}

/** What the shop's own history says of a part. */
function hereText(base: string, { known, decided }: Experience): string {
  const times = decided.get(base) ?? 0
  if (times > 0) return `${times === 1 ? 'one closed job' : `${times} closed jobs`} had it`
  return known.has(base) ? 'in your lists or on your machines' : ''
}

function candidatesOf(
  candidates: readonly IdentifiedPart[],
  experience: Experience,
  unit: LengthUnit,
): IdentifyResponse['candidates'] {
  return candidates.map((candidate, i) => {
    const { part, designation, decided, probability, evidence } = candidate
    const dimensions = formOf(candidate)
    return {
      rank: i + 1,
      base: part.base,
      designation,
      family: part.family,
      familyText: `${familyFacts(part.family).label}${part.housing ? ` in ${withArticle(part.housing.kind)}` : ''}`,
      piece: part.piece,
      series: part.series,
      probability,
      verified: part.provenance.verified,
      listed: isListed(part),
      front: decided.front,
      options: decided.options,
      closure: decided.closure,
      here: hereText(part.base, experience),
      dimensions: millimetres(dimensions),
      dimensionsIn: inchTwins(dimensions),
      ...(part.housing && { housing: part.housing }),
      evidence: evidence.map((item) => ({
        item: item.item,
        label: ITEM_LABELS[item.item] ?? item.item,
        deviation: item.deviationMm === null ? null : Math.round(item.deviationMm * 1e4) / 1e4,
        weight: Math.round(item.weight * 100) / 100,
        verdict: item.verdict,
        detail: evidenceText(item, unit),
      })),
    }
  })
}

const SAYS_NOTHING = 'Not one mark of the stamp is legible. Give at least one letter or figure, or a size.'

/** What to change, or to say beside it, of a stamp; empty when nothing is wrong with it. */
function noteOn(text: string, context: DesignationContext, { piece }: Observations): string {
  const hardware = findPart(context.catalogue, text, 'hardware')
  if (hardware && piece === undefined)
    return isUnitHousing(hardware)
      ? `Reads as ${withArticle(hardware.hardware.kind)}. Choose “unit” to measure how it is fastened.`
      : `Reads as ${withArticle(familyFacts(hardware.family).label)}.`
  const read = readExact(text, context)
  if (read.ok) return ''
  if (read.reason === 'twoNumbers')
    return 'More than one number stands here. Type one, and the other as a stamp of its own.'
  return read.reason === 'notListed' ? (kindOfUnlisted(text, context.catalogue) ?? '') : ''
}

/**
 * Identifies a part from any mix of evidence.
 * @throws ServiceError `unreadable` for text that is no length, `impossible` for nothing at all or a bore larger than
 *   the outside
 */
export async function identifyPart(request: z.output<typeof IdentifyRequest>): Promise<IdentifyResponse> {
  const read = readMeasurements(request.measurements.filter((m) => !m.struck))
  if (!read.ok)
    throw new ServiceError(
      read.problem.code,
      read.problem.issues[0]?.message ?? 'The sizes cannot be read.',
      read.problem.issues,
    )
  const stamps = request.stamps.filter((stamp) => stamp.text.trim() !== '')
  const silent = stamps.filter(({ text }) => !/[\p{L}\p{N}]/u.test(text))
  if (
    read.value.length === 0 &&
    stamps.length > 0 &&
    silent.length === stamps.length &&
    !says(request.observed)
  )
    throw new ServiceError('impossible', SAYS_NOTHING, [
      { path: ['stamps', request.stamps.findIndex(({ text }) => text.trim() !== '')], message: SAYS_NOTHING },
    ])
  if (read.value.length === 0 && stamps.length === 0 && !says(request.observed))
    throw new ServiceError('impossible', 'Nothing to go by yet. Give a stamp, a size or what you see.')
  const { identifier, context } = await getCatalogue()
  const from = performance.now()
  const found = identify(
    identifier,
    { measurements: read.value, stamps, observed: request.observed },
    request.limit,
  )
  const elapsedMs = Math.round((performance.now() - from) * 100) / 100
  return {
    candidates: candidatesOf(found.candidates, identifier.experience, request.unit),
    nearest: candidatesOf(found.nearest, identifier.experience, request.unit),
    unlisted: {
      probability: found.unlisted,
      leads: found.unlistedLeads,
      note: unlistedText(found, request.unit),
    },
    hardware: found.hardware && {
      designation: found.hardware.base,
      familyText: familyFacts(found.hardware.family).label,
    },
    next: found.next,
    stampNotes: stamps.map(({ text }) => noteOn(text, context, request.observed)),
    advice: nextText(found),
    readings: read.value.map((m) => {
      const mm = m.valuesMm.reduce((sum, v) => sum + v, 0) / m.valuesMm.length
      return {
        feature: m.feature,
        unit: m.unit,
        unitText: m.unitText,
        pattern: patternText(m, request.unit),
        mm,
        mmText: writeMm(Math.round(mm * 100) / 100),
        inText: writeInch(mm),
      }
    }),
    parts: found.parts,
    elapsedMs,
  }
}
