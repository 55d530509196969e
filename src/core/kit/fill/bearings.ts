import { capital } from '../../capital'
import { findPart, type Part } from '../../catalogue'
import {
  isTaperedSet,
  knownPart,
  listedPart,
  resolvePart,
  ringOfSet,
  writePart,
  type KnownPart,
} from '../../part'
import { writeMm } from '../../quantity'
import type { Slot } from '../arrangement'
import { ballCount } from '../ballCount'
import { CLOSURE_SUFFIX, findBySeat } from '../findBySeat'
import { readBalls } from '../readBalls'
import type { Filled } from '../kit'
import { isWholeBearing, ROLES } from '../roles'
import { seatOf } from '../seats'
import { isWithin, SEAT_OFF_MM } from '../tolerances'
import { chosen, filledWith, gap, partIn, type FillContext } from './fillContext'
import { stockedFirst } from './shelf'

/** The ring of a tapered set that a place takes: of an inch set its own number, of any other the set's number. */
export function ringFor(set: KnownPart, piece: 'cone' | 'cup', { context }: FillContext): KnownPart {
  const name = set.part.set?.[piece]
  const ring = name ? findPart(context.catalogue, name, piece) : undefined
  return ring ? listedPart(ring, context) : ringOfSet(set, piece)
}

/** A place for a bearing that nothing tells: what was decided for the job may stand there. */
function gapOfBearing(slot: Slot, fillContext: FillContext, reason: string): Filled {
  const takesSet = slot.role === 'cone' || slot.role === 'cup'
  const decided = [...new Set(fillContext.request.decided ?? [])].filter((designation) => {
    const known = knownPart(resolvePart(designation, fillContext))
    return known !== null && isTaperedSet(known) === takesSet
  })
  return decided.length === 0
    ? gap(slot, reason)
    : gap(slot, `Decided for this job: ${decided.join(', ')}. Choose the one that stands here.`, decided)
}

/** The ring that runs with the one already there: the only one, or the one that fits the measured seat. */
export function fillTapered(slot: Slot, fillContext: FillContext): Filled {
  const { catalogue } = fillContext.context
  const piece = slot.role === 'cone' ? 'cone' : 'cup'
  const requested = slot.mate === undefined ? undefined : fillContext.request.parts[slot.mate]
  const mate =
    slot.mate === undefined ? undefined : fillContext.arrangement.slots.find(({ id }) => id === slot.mate)
  const other =
    partIn(fillContext, slot.mate) ??
    (requested && mate
      ? knownPart(resolvePart(requested, fillContext, { piece: ROLES[mate.role].piece }))?.part
      : undefined)
  if (!other)
    return gapOfBearing(
      slot,
      fillContext,
      `Identify the ${slot.side ?? ''} bearing: a number or its sizes.`.replace('  ', ' '),
    )
  const sizeOf = (part: Part) => (piece === 'cone' ? part.dimensions.bore : part.dimensions.outside) ?? 0
  const mates = (catalogue.setsOf.get(other.base) ?? []).flatMap((set) => {
    const name = piece === 'cone' ? set.set?.cone : set.set?.cup
    return name ? (findPart(catalogue, name, piece) ?? []) : []
  })
  const seat = seatOf(slot, fillContext.request.sizes)
  const measured = piece === 'cone' ? seat.shaft : seat.housing
  const fitting =
    measured === undefined ? mates : mates.filter((m) => isWithin(sizeOf(m), measured, SEAT_OFF_MM))
  const others = mates.map((m) => m.base)
  const current = mates.find((m) => m.base === fillContext.current[slot.id] && fitting.includes(m))
  const only = current ?? (fitting.length === 1 ? fitting[0] : undefined)
  if (only)
    return chosen(
      slot,
      only,
      fillContext,
      mates.length === 1
        ? `The one ${piece} listed that runs with ${other.base}.`
        : `Of ${mates.length} that run with ${other.base}, the one for ${writeMm(measured ?? sizeOf(only))} mm.`,
      { alternatives: others.filter((name) => name !== only.base) },
    )
  const deciding = piece === 'cone' ? 'spindle' : 'hub bore'
  const sizes = mates.map((m) => `${m.base} (${writeMm(sizeOf(m))} mm)`)
  if (mates.length === 0)
    return gap(
      slot,
      `No ${piece} is listed that runs with ${other.base}. Type its number or the sizes of the set.`,
    )
  if (measured !== undefined && fitting.length === 0)
    return gap(
      slot,
      `None that runs with ${other.base} is for a ${deciding} of ${writeMm(measured)} mm: ${sizes.join(', ')}. Measure again.`,
      others,
    )
  return gap(slot, `Several run with ${other.base}: ${sizes.join(', ')}. Measure the ${deciding}.`, others)
}

/** What was asked for in the places this one is like, near ones first. */
function requestedLike(slot: Slot, { arrangement, request }: FillContext): string | undefined {
  const seen = new Set([slot.id])
  for (let at = slot.like; at !== undefined && !seen.has(at);) {
    const requested = request.parts[at]
    if (
      requested &&
      requested !== 'auto' &&
      requested !== 'none' &&
      requested !== 'keep' &&
      requested !== 'out'
    )
      return requested
    seen.add(at)
    const next = at
    at = arrangement.slots.find(({ id }) => id === next)?.like
  }
  return undefined
}

/** A whole bearing: like its neighbour, or found from the measured shaft and bore. */
export function fillBearing(slot: Slot, fillContext: FillContext): Filled {
  const requested = requestedLike(slot, fillContext)
  const other = requested ? knownPart(resolvePart(requested, fillContext, { bySizes: 'deep-groove' })) : null
  if (other)
    return filledWith(slot, other, 'The same as its neighbour. Measure both: the two need not be alike.', {
      assumed: true,
    })
  const seat = seatOf(slot, fillContext.request.sizes)
  if (seat.shaft === undefined || seat.housing === undefined)
    return gapOfBearing(slot, fillContext, 'Identify the bearing: a number, or shaft and bore.')
  const found = findBySeat(fillContext.context.catalogue, slot.role, {
    shaft: seat.shaft,
    housing: seat.housing,
  })
  const suffix = slot.role === 'ballBearing' ? CLOSURE_SUFFIX[fillContext.arrangement.closure] : ''
  const [first, ...rest] = stockedFirst(slot, found, (part) => part.base + suffix, fillContext)
  const value = first && knownPart(resolvePart(first.base + suffix, fillContext))
  if (!value)
    return gap(
      slot,
      `No listed bearing fits ${writeMm(seat.shaft)} × ${writeMm(seat.housing)} mm. The next size is not close enough.`,
    )
  return filledWith(
    slot,
    value,
    `For a shaft of ${writeMm(seat.shaft)} and a bore of ${writeMm(seat.housing)} mm${rest.length > 0 ? '; others have another width: measure it' : ''}.`,
    { assumed: true, alternatives: rest.map((part) => part.base + suffix) },
  )
}

/** How many balls of this size were written for another place of the kit. */
const countedBeside = (slot: Slot, ballMm: number, { arrangement, request }: FillContext) =>
  arrangement.slots
    .filter(({ id, role }) => role === 'balls' && id !== slot.id)
    .map(({ id }) => readBalls(request.parts[id] ?? ''))
    .find((read) => read?.mm === ballMm)?.count

/**
 * Loose balls: by count and size (common practice: as many as go round, less one).
 * @param typed what was written of these; else what was measured
 */
export function fillBalls(
  slot: Slot,
  fillContext: FillContext,
  typed?: { mm: number; count?: number | undefined },
): Filled {
  const { request } = fillContext
  const { ballCircle, ballCount: ofBoth } = request.sizes
  const ballDiameter = typed?.mm ?? request.sizes.ballDiameter
  const counted = typed?.count ?? request.quantities?.[slot.id] ?? ofBoth
  if (ballDiameter === undefined)
    return gap(slot, 'Measure one ball, and count them or measure their circle.')
  const round = ballCircle === undefined ? undefined : ballCount(ballCircle, ballDiameter)
  const count = counted ?? round ?? countedBeside(slot, ballDiameter, fillContext)
  if (count === undefined) {
    const size = typed
      ? `${writePart({ kind: 'balls', diameterMm: ballDiameter })}: count them`
      : 'Count the balls'
    return gap(slot, `${capital(size)}, or measure the circle they run on.`)
  }
  return filledWith(
    slot,
    { kind: 'balls', diameterMm: ballDiameter },
    counted !== undefined
      ? 'As counted.'
      : round === undefined
        ? 'As many as on the other side. Count the old ones.'
        : `${count} fill the circle less one. Count the old ones.`,
    { quantity: count, assumed: counted === undefined },
  )
}

/** Whole tapered sets of the kit, cone and cup together, by the place of the cone. */
export function taperedSets({ arrangement, filled, context }: FillContext): { slot: Slot; set: Part }[] {
  return arrangement.slots.flatMap((slot) => {
    if (slot.role !== 'cone' || slot.mate === undefined) return []
    const [cone, cup] = [filled.get(slot.id)?.part, filled.get(slot.mate)?.part]
    if (!cone || !cup) return []
    const set =
      cone.base === cup.base
        ? { ...cone, piece: 'complete' as const, dimensions: { ...cone.dimensions, ...cup.dimensions } }
        : findPart(context.catalogue, `${cone.base}/${cup.base}`)
    return set ? [{ slot, set }] : []
  })
}

/** Whole bearings of the kit that are no tapered sets. */
export const wholeBearings = ({ arrangement, filled }: FillContext): { slot: Slot; filled: Filled }[] =>
  arrangement.slots.flatMap((slot) => {
    const found = isWholeBearing(slot.role) ? filled.get(slot.id) : undefined
    return found?.part ? [{ slot, filled: found }] : []
  })
