import { findPart, type Part } from '../../catalogue'
import { readClean } from '../../designation'
import { writeInch, writeMm } from '../../quantity'
import type { Slot } from '../arrangement'
import { ballCount } from '../ballCount'
import { CLOSURE_SUFFIX, findBySeat, SEAT_OFF_MM } from '../findBySeat'
import type { Filled } from '../kit'
import { seatOf } from '../seats'
import { chosen, gap, made, partIn, type Bench } from './bench'
import { shelfWords, stockedFirst } from './shelf'

/** The ring that runs with the one already there: the only one, or the one that fits the measured seat. */
export function fillTapered(slot: Slot, bench: Bench): Filled {
  const { catalogue } = bench.language
  const piece = slot.role === 'cone' ? 'cone' : 'cup'
  const asked = slot.mate === undefined ? undefined : bench.request.parts[slot.mate]
  const other =
    partIn(bench, slot.mate) ??
    (asked ? findPart(catalogue, asked, piece === 'cone' ? 'cup' : 'cone') : undefined)
  if (!other)
    return gap(slot, `Identify the ${slot.side ?? ''} bearing: a number or its sizes.`.replace('  ', ' '))
  const sizeOf = (part: Part) => (piece === 'cone' ? part.dimensions.bore : part.dimensions.outside) ?? 0
  const mates = (catalogue.setsOf.get(other.base) ?? []).flatMap((set) => {
    const name = piece === 'cone' ? set.set?.cone : set.set?.cup
    return name ? (findPart(catalogue, name, piece) ?? []) : []
  })
  const seat = seatOf(slot, bench.request.sizes)
  const measured = piece === 'cone' ? seat.shaft : seat.housing
  const fitting =
    measured === undefined ? mates : mates.filter((m) => Math.abs(sizeOf(m) - measured) <= SEAT_OFF_MM)
  const others = mates.map((m) => m.base)
  const [only] = fitting
  if (only && fitting.length === 1)
    return chosen(
      slot,
      only,
      mates.length === 1
        ? `The one ${piece} listed that runs with ${other.base}.`
        : `Of ${mates.length} that run with ${other.base}, the one for ${writeMm(measured ?? 0)} mm.`,
      { alternatives: others.filter((name) => name !== only.base) },
    )
  const deciding = piece === 'cone' ? 'spindle' : 'hub bore'
  const sizes = mates.map((m) => `${m.base} (${writeMm(sizeOf(m))} mm)`)
  if (measured !== undefined && fitting.length === 0)
    return gap(
      slot,
      `None that runs with ${other.base} is for a ${deciding} of ${writeMm(measured)} mm: ${sizes.join(', ')}. Measure again.`,
      others,
    )
  return gap(slot, `Several run with ${other.base}: ${sizes.join(', ')}. Measure the ${deciding}.`, others)
}

/** The designation asked for in the places this one is like, near ones first. */
function askedLike(slot: Slot, { arrangement, request }: Bench): string | undefined {
  const seen = new Set([slot.id])
  for (let at = slot.like; at !== undefined && !seen.has(at);) {
    const asked = request.parts[at]
    if (asked && asked !== 'auto') return asked
    seen.add(at)
    const next = at
    at = arrangement.slots.find(({ id }) => id === next)?.like
  }
  return undefined
}

/** A whole bearing: like its neighbour, or found from the measured shaft and bore. */
export function fillBearing(slot: Slot, bench: Bench): Filled {
  const asked = askedLike(slot, bench)
  const other = asked ? readClean(asked, bench.language) : null
  if (other)
    return {
      ...chosen(slot, other.part, 'The same as its neighbour. Measure both: the two need not be alike.'),
      designation: other.canonical,
      assumed: true,
    }
  const seat = seatOf(slot, bench.request.sizes)
  if (seat.shaft === undefined || seat.housing === undefined)
    return gap(slot, 'Identify the bearing: a number, or shaft and bore.')
  const found = findBySeat(bench.language.catalogue, slot.role, { shaft: seat.shaft, housing: seat.housing })
  const suffix = slot.role === 'ballBearing' ? CLOSURE_SUFFIX[bench.arrangement.closure] : ''
  const [first, ...rest] = stockedFirst(found, (part) => part.base + suffix, bench)
  if (!first)
    return gap(
      slot,
      `No listed bearing fits ${writeMm(seat.shaft)} × ${writeMm(seat.housing)} mm. The next size is not close enough.`,
    )
  const alternatives = rest.map((part) => part.base + suffix)
  return {
    ...chosen(
      slot,
      first,
      `For a shaft of ${writeMm(seat.shaft)} and a bore of ${writeMm(seat.housing)} mm${rest.length > 0 ? '; others have another width: measure it' : ''}.${shelfWords(first.base + suffix, bench)}`,
      { assumed: true, alternatives },
    ),
    designation: first.base + suffix,
  }
}

/** Loose balls: by count and size (common practice: as many as go round, less one). */
export function fillBalls(slot: Slot, { request }: Bench): Filled {
  const { ballDiameter, ballCircle, ballCount: counted } = request.sizes
  if (ballDiameter === undefined)
    return gap(slot, 'Measure one ball, and count them or measure their circle.')
  const count = counted ?? (ballCircle === undefined ? undefined : ballCount(ballCircle, ballDiameter))
  if (count === undefined) return gap(slot, 'Count the balls, or measure the circle they run on.')
  return {
    ...made(
      slot,
      `ball ${writeMm(ballDiameter)} mm (${writeInch(ballDiameter)} in)`,
      counted === undefined ? `${count} fill the circle less one. Count the old ones.` : 'As counted.',
    ),
    quantity: count,
    assumed: counted === undefined,
  }
}
