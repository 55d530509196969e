import { countBy, isEqual } from 'es-toolkit'
import { axialHold, familyFacts, wantsMate } from '../../catalogue'
import { knownPart } from '../../part'
import { ballsRound } from '../ballCount'
import type { Slot } from '../arrangement'
import { isWithoutSleeve, sleeveUnder, type FillContext } from '../fill'
import { partAt, slotsOf, type KitRule } from './check'
import type { CheckFinding } from './facts'

const idsOf = (pairs: (readonly { slot: Slot }[])[]): string[] => [
  ...new Set(pairs.flat().map(({ slot }) => slot.id)),
]

/** Whole ball bearings of an arrangement that keeps no grease around them: closed on both sides, pairs alike. */
export const ballPairs: KitRule = (fillContext) => {
  const placed = slotsOf(fillContext, 'ballBearing').flatMap((slot) => {
    const filled = fillContext.filled.get(slot.id)
    return filled?.part
      ? [{ slot, filled, base: filled.part.base, closure: knownPart(filled.value)?.closure }]
      : []
  })
  if (placed.length < 2) return []
  const slots = placed.map(({ slot }) => slot.id)
  const open = placed.filter(({ filled: { value } }) => value?.kind === 'listed' && value.closure.sides < 2)
  if (open.length > 0 && fillContext.arrangement.closure !== 'open') {
    const designations = [...new Set(open.map(({ filled }) => filled.designation))]
    return [{ code: 'bearingOpen', result: 'warn', data: { designations }, slots }]
  }
  const pairs = placed.flatMap((one) => {
    const other = placed.find(({ slot }) => slot.id === one.slot.like)
    return other ? [[one, other] as const] : []
  })
  const unlike = pairs.filter(([one, other]) => one.base !== other.base)
  if (unlike.length > 0) {
    const data = { pair: placed.length === 2 }
    return [{ code: 'bearingsDiffer', result: 'warn', data, slots: idsOf(unlike) }]
  }
  const closedOtherwise = pairs.filter(([{ closure: a }, { closure: b }]) => a && b && !isEqual(a, b))
  if (closedOtherwise.length > 0) {
    const designations = [...new Set(closedOtherwise.flat().map(({ filled }) => filled.designation))]
    return [{ code: 'closuresDiffer', result: 'warn', data: { designations }, slots: idsOf(closedOtherwise) }]
  }
  const sizes = Object.entries(countBy(placed, ({ filled }) => filled.designation)).map(
    ([designation, count]) => ({ designation, count }),
  )
  const data = { count: placed.length, sizes, closed: placed.every(({ closure }) => closure?.sides === 2) }
  return [{ code: 'bearingsAlike', result: 'pass', data, slots }]
}

/** Loose balls touch when their circle is full: more do not go in. */
export const ballsGoRound: KitRule = (fillContext) => {
  const { ballCircle } = fillContext.request.sizes
  if (ballCircle === undefined) return []
  return slotsOf(fillContext, 'balls').flatMap(({ id }) => {
    const filled = fillContext.filled.get(id)
    if (filled?.value?.kind !== 'balls') return []
    const count = fillContext.request.quantities?.[id] ?? filled.quantity ?? 0
    const most = ballsRound(ballCircle, filled.value.diameterMm)
    const data = { count, balls: filled.designation, most }
    return count > most ? [{ code: 'ballsTooMany' as const, result: 'fail' as const, data, slots: [id] }] : []
  })
}

/** Two in one place, or two sold as one that stand against each other, hold the shaft both ways. */
function isPaired({ id, perPosition }: Slot, { filled, request }: FillContext): boolean {
  const pairing = knownPart(filled.get(id)?.value)?.pairing
  return (request.quantities?.[id] ?? perPosition) > 1 || pairing === 'DB' || pairing === 'DF'
}

/** A shaft is held in one bearing and free in the other. */
export const floats: KitRule = (fillContext) => {
  const end = (which: 'locating' | 'floating') =>
    fillContext.arrangement.slots.find((s) => s.locating === which)
  const [locatingEnd, free] = [end('locating'), end('floating')]
  const [locating, floating] = [partAt(fillContext, locatingEnd?.id), partAt(fillContext, free?.id)]
  if (!locatingEnd || !free) return []
  const axialOnly = [locatingEnd, free].filter(({ id }) => {
    const part = partAt(fillContext, id)
    return part !== null && (familyFacts(part.family).traits?.includes('thrust') ?? false)
  })
  if (axialOnly.length > 0)
    return axialOnly.map(({ id }) => ({
      code: 'carriesNoShaft' as const,
      result: 'fail' as const,
      data: { part: partAt(fillContext, id)?.base ?? '' },
      slots: [id],
    }))
  if (!locating || !floating) return []
  const hold = isPaired(locatingEnd, fillContext) ? 'bothWays' : axialHold(locating)
  const located = { data: { part: locating.base, wantsMate: wantsMate(locating) }, slots: [locatingEnd.id] }
  if (hold === 'slides') return [{ code: 'cannotLocate', result: 'fail', ...located }]
  const data = { floating: floating.base, within: axialHold(floating) === 'slides' }
  return [
    ...(hold === 'oneWay' ? [{ code: 'locatesOneWay' as const, result: 'warn' as const, ...located }] : []),
    { code: 'locatesAndFloats', result: 'pass', data, slots: [locatingEnd.id, free.id] },
  ]
}

/** A bearing with a tapered bore sits on a sleeve, not on its shaft; alike ones are told of once. */
export const onSleeve: KitRule = (fillContext) => {
  const findings = new Map<string, CheckFinding>()
  for (const slot of fillContext.arrangement.slots) {
    const value = knownPart(fillContext.filled.get(slot.id)?.value)
    if (!value || value.taper === null) continue
    const { designation } = value
    const sleeve = sleeveUnder(slot.id, fillContext)
    const leftOut = isWithoutSleeve(slot.id, fillContext)
    const told = `${designation} ${leftOut}`
    findings.set(told, {
      code: 'taperedBore',
      result: 'warn',
      data: {
        designation,
        sleeve: sleeve && { base: sleeve.part.base, shaftMm: sleeve.shaftMm },
        leftOut,
      },
      slots: [...(findings.get(told)?.slots ?? []), slot.id],
    })
  }
  return [...findings.values()]
}

export const spacerThere: KitRule = (fillContext) => {
  const slot = slotsOf(fillContext, 'spacerTube').find(
    ({ id, carrier }) => !carrier && fillContext.filled.has(id),
  )
  const tube = slot && fillContext.filled.get(slot.id)
  if (!slot || !tube) return []
  const [data, slots] = [{ place: slot.label }, [slot.id]]
  return tube.state === 'gap'
    ? [{ code: 'spacerMissing', result: 'warn', data, slots }]
    : [{ code: 'spacerFirst', result: 'pass', data, slots }]
}

/** Findings that no place of the arrangement answers must not be lost. */
export const findingsAnswered: KitRule = (fillContext) =>
  (fillContext.request.findings ?? []).map((finding): CheckFinding => {
    const answers = fillContext.arrangement.slots.filter(
      (s) => s.addedBy.includes(finding) && fillContext.filled.has(s.id),
    )
    return {
      code: 'found',
      result: answers.length > 0 ? 'pass' : 'warn',
      data: { finding, adds: answers.map((s) => s.label) },
      slots: answers.map((s) => s.id),
    }
  })
