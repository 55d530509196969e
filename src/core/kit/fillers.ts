import { findPart, type Catalogue, type HardwareDetails, type Part } from '../catalogue'
import { decode, type Language } from '../designation'
import { writeInch, writeMm } from '../quantity'
import { ballCount } from './ballCount'
import type { Arrangement, Slot, SlotRole } from './arrangement'
import { CLOSURE_SUFFIX, findBySeat, SEAT_OFF_MM } from './findBySeat'
import { findSeals } from '../seals'
import type { Filled, KitRequest, SupplyOf } from './kit'
import { seatOf, sealSizesOf } from './seats'

/** What a filler may look at: the request and what stands in the slots before it. */
export interface Bench {
  arrangement: Arrangement
  request: KitRequest
  language: Language
  filled: ReadonlyMap<string, Filled>
  supplyOf: SupplyOf
}

export const gap = (slot: Slot, reason: string, alternatives: string[] = []): Filled => ({
  slot,
  state: 'gap',
  designation: '',
  part: null,
  reason,
  alternatives,
})

const chosen = (slot: Slot, part: Part, reason: string, more: Partial<Filled> = {}): Filled => ({
  slot,
  state: 'filled',
  designation: part.base,
  part,
  reason,
  ...more,
})

export const partIn = ({ filled }: Bench, id: string | undefined): Part | null =>
  id === undefined ? null : (filled.get(id)?.part ?? null)

/** Those on the shelf first, of those the cheapest; what has no price comes after what has, each else in the order given. */
function stockedFirst<T>(
  choices: readonly T[],
  nameOf: (choice: T) => string,
  { supplyOf, request }: Bench,
): T[] {
  const ranked = choices.map((choice) => {
    const supply = supplyOf(nameOf(choice))
    return { choice, there: (supply?.free ?? 0) >= request.positions, price: supply?.price ?? Infinity }
  })
  return ranked
    .sort((a, b) => Number(b.there) - Number(a.there) || (a.price === b.price ? 0 : a.price - b.price))
    .map(({ choice }) => choice)
}

/** Where the chosen one lies, when it does. */
function shelfWords(designation: string, { supplyOf }: Bench): string {
  const supply = supplyOf(designation)
  return supply && supply.free > 0
    ? ` On the shelf: ${supply.free}${supply.bin ? `, bin ${supply.bin}` : ''}.`
    : ''
}

type Hardware<W extends HardwareDetails['what']> = Extract<HardwareDetails, { what: W }>

function hardware<W extends HardwareDetails['what']>(
  catalogue: Catalogue,
  what: W,
): { part: Part; details: Hardware<W> }[] {
  return catalogue.parts.flatMap((part) =>
    part.hardware?.what === what ? [{ part, details: part.hardware as Hardware<W> }] : [],
  )
}

export function hardwareOf<W extends HardwareDetails['what']>(
  part: Part | null | undefined,
  what: W,
): Hardware<W> | null {
  return part?.hardware?.what === what ? (part.hardware as Hardware<W>) : null
}

/** The ring that runs with the one already there: the only one, or the one that fits the measured seat. */
function fillTapered(slot: Slot, bench: Bench): Filled {
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

function fillSeal(slot: Slot, bench: Bench): Filled {
  const { shaft: sealShaft, housing: sealHousing, width } = sealSizesOf(slot, bench.request.sizes)
  if (sealShaft === undefined || sealHousing === undefined)
    return gap(slot, 'Measure the journal the lip runs on and the counterbore the seal sits in.')
  const found = findSeals(bench.language.catalogue, { shaft: sealShaft, housing: sealHousing, width })
  const [first, ...rest] = stockedFirst(found.fits, ({ part }) => part.base, bench)
  if (first)
    return chosen(slot, first.part, first.words + shelfWords(first.part.base, bench), {
      alternatives: rest.map(({ part }) => part.base),
    })
  const near = found.near.slice(0, 3)
  const why = near[0] ? ` Nearest ${near[0].part.base}: ${near[0].words}` : ''
  return gap(
    slot,
    `No listed seal fits ${writeMm(sealShaft)} × ${writeMm(sealHousing)} mm; the next size is not close enough.${why}`,
    near.map((n) => n.part.base),
  )
}

/** Clearance of a thread in the cone that must pass over it, mm. */
const PASSES_MM = 0.1

function fillNut(slot: Slot, bench: Bench): Filled {
  const nuts = hardware(bench.language.catalogue, 'castleNut').sort(
    (a, b) => b.details.threadMm - a.details.threadMm,
  )
  const { thread } = bench.request
  if (thread) {
    const exact = nuts.find(
      ({ details }) => details.thread.toLowerCase() === thread.toLowerCase().replace(/\s+/g, ' ').trim(),
    )
    return exact
      ? chosen(slot, exact.part, 'The thread as measured.')
      : gap(
          slot,
          `No castle nut listed for thread ${thread}.`,
          nuts.map((n) => n.part.base),
        )
  }
  const cone = partIn(bench, slot.at)
  const bore = cone?.dimensions.bore
  if (bore === undefined) return gap(slot, 'Measure the spindle thread: diameter and pitch.')
  const passing = nuts.filter(({ details }) => details.threadMm <= bore + PASSES_MM)
  const inch = passing.filter(({ details }) => !details.thread.startsWith('M'))
  const [usual] = inch.length > 0 ? inch : passing
  if (!usual) return gap(slot, 'Measure the spindle thread: diameter and pitch.')
  return chosen(
    slot,
    usual.part,
    `Usual: the largest thread that ${cone?.base} passes over. Check diameter and pitch.`,
    {
      assumed: true,
      alternatives: passing.filter((n) => n !== usual).map((n) => n.part.base),
    },
  )
}

function fillWasher(slot: Slot, bench: Bench): Filled {
  const nut = hardwareOf(partIn(bench, slot.at), 'castleNut')
  if (!nut) return gap(slot, 'Follows from the spindle thread.')
  const fitting = hardware(bench.language.catalogue, 'washer').filter(
    ({ details }) => Math.abs(details.threadMm - nut.threadMm) < 0.3,
  )
  const [first] = fitting
  if (!first) return gap(slot, `No washer listed for a ${nut.thread} spindle.`)
  return chosen(
    slot,
    first.part,
    `For the ${nut.thread} spindle. Look whether it has a keyway (tab) or a flat (D).`,
    {
      assumed: true,
      alternatives: fitting.slice(1).map((w) => w.part.base),
    },
  )
}

/** Room for the bent legs beyond the nut, mm (common practice). */
const LEGS_MM = 6

function fillPin(slot: Slot, bench: Bench): Filled {
  const nut = hardwareOf(partIn(bench, slot.at), 'castleNut')
  if (!nut) return gap(slot, 'Follows from the spindle thread.')
  const pins = hardware(bench.language.catalogue, 'cotterPin')
    .filter(({ details }) => nut.threadMm > details.threadOverMm && nut.threadMm <= details.threadToMm)
    .sort((a, b) => a.details.lengthMm - b.details.lengthMm)
  const pin = pins.find(({ details }) => details.lengthMm >= nut.acrossFlatsMm + LEGS_MM)
  if (!pin) return gap(slot, `No cotter pin listed that is long enough for ${nut.thread}.`)
  return chosen(
    slot,
    pin.part,
    `ISO 1234 size for a ${nut.thread} bolt, long enough to bend over. Try it in the hole.`,
    {
      alternatives: pins.filter((p) => p !== pin).map((p) => p.part.base),
    },
  )
}

/** A cap is pressed into a bore of its own size; another size is not close enough, mm. */
const CAP_FIT_MM = 0.4

function fillCap(slot: Slot, bench: Bench): Filled {
  const measured = bench.request.sizes.hubMouth
  const cup = partIn(bench, slot.at)
  const bore = measured ?? cup?.dimensions.outside
  if (bore === undefined) return gap(slot, 'Measure the hub mouth: the outer end of the hub, inside.')
  const caps = hardware(bench.language.catalogue, 'cap').filter(
    ({ details }) => Math.abs(details.hubBoreMm - bore) <= CAP_FIT_MM,
  )
  const [first] = caps
  if (!first) return gap(slot, `No cap listed for a hub mouth of ${writeMm(bore)} mm.`)
  const reason =
    measured === undefined
      ? `Usual: the hub is bored through at the size of ${cup?.base}. Measure the hub mouth.`
      : 'The hub mouth as measured.'
  return chosen(slot, first.part, reason, {
    assumed: measured === undefined,
    alternatives: caps.slice(1).map((c) => c.part.base),
  })
}

/** Nominal sizes of DIN 471 and DIN 472 are whole millimetres: the ring is named by the seat it holds. */
function fillSnapRing(slot: Slot, bench: Bench): Filled {
  const { bore, outside } = partIn(bench, slot.at)?.dimensions ?? {}
  const nominal = slot.ring === 'bore' ? outside : bore
  const kind = `${slot.ring} snap ring`
  const ring = hardware(bench.language.catalogue, 'snapRing').find(
    ({ details }) => details.kind === kind && details.nominalMm === nominal,
  )
  if (!ring)
    return gap(
      slot,
      nominal === undefined ? 'Follows from the bearing.' : `No ${kind} listed for ${writeMm(nominal)} mm.`,
    )
  return chosen(
    slot,
    ring.part,
    `For a ${slot.ring === 'bore' ? 'bore' : 'shaft'} of ${ring.details.nominalMm} mm, groove ${ring.details.grooveMm} mm. Measure the groove.`,
  )
}

/** A shaft nut has the thread diameter of the bore it clamps (ISO 2982-2). */
function fillLockNut(slot: Slot, bench: Bench): Filled {
  const bore = partIn(bench, slot.at)?.dimensions.bore
  if (bore === undefined) return gap(slot, 'Follows from the bearing.')
  const nut = hardware(bench.language.catalogue, 'lockNut').find(({ details }) => details.threadMm === bore)
  if (!nut) return gap(slot, `No lock nut listed for a shaft of ${writeMm(bore)} mm. Measure the thread.`)
  return chosen(
    slot,
    nut.part,
    `Thread ${nut.details.thread}, for a shaft of ${writeMm(bore)} mm. Try it by hand.`,
    {
      assumed: true,
    },
  )
}

function fillLockWasher(slot: Slot, bench: Bench): Filled {
  const nut = hardwareOf(partIn(bench, slot.at), 'lockNut')
  if (!nut) return gap(slot, 'Follows from the lock nut.')
  const washer = hardware(bench.language.catalogue, 'lockWasher').find(
    ({ details }) => details.boreMm === nut.threadMm,
  )
  return washer
    ? chosen(slot, washer.part, `Goes with the ${nut.thread} nut.`)
    : gap(slot, `No tab washer listed for ${nut.thread}.`)
}

const made = (slot: Slot, designation: string, reason: string): Filled => ({
  slot,
  state: 'filled',
  designation,
  part: null,
  reason,
})

function fillSpacer(slot: Slot, bench: Bench): Filled {
  const name = slot.length ?? (slot.role === 'spacerTube' ? 'spacerLength' : 'wheelSpacerLength')
  const length = bench.request.sizes[name]
  const bore = (partIn(bench, slot.at) ?? anyBearing(bench))?.dimensions.bore
  if (length === undefined || bore === undefined)
    return gap(
      slot,
      slot.role === 'spacerTube'
        ? 'Measure from inner ring to inner ring, shoulder to shoulder in the hub.'
        : 'Measure the old spacer, or keep it where it is not grooved.',
    )
  return made(
    slot,
    `${writeMm(bore)} bore × ${writeMm(length)} long`,
    'Made to length; ends square and without burr.',
  )
}

const anyBearing = ({ arrangement, filled }: Bench): Part | undefined =>
  arrangement.slots.flatMap(({ id, role }) => (isBearing(role) ? (filled.get(id)?.part ?? []) : []))[0]

/** Places that hold one whole bearing. */
export const isBearing = (role: SlotRole): boolean =>
  role === 'ballBearing' || role === 'bearing' || role === 'insert' || role === 'hubUnit'

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
function fillBearing(slot: Slot, bench: Bench): Filled {
  const asked = askedLike(slot, bench)
  const other = asked ? decode(asked, bench.language)[0] : undefined
  if (other?.part)
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
function fillBalls(slot: Slot, { request }: Bench): Filled {
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

/** A thin sleeve: the seal of the old journal still fits it. */
function fillSleeve(slot: Slot, { request }: Bench): Filled {
  const journal = sealSizesOf(slot, request.sizes).shaft
  if (journal === undefined) return gap(slot, 'Measure the journal beside the groove: it decides the sleeve.')
  return {
    ...made(
      slot,
      `thin wear sleeve for ${writeMm(journal)} mm`,
      'A thin one: the seal of the old journal still fits. Is the groove too deep for it, turn a thicker sleeve and take the seal for that.',
    ),
    assumed: true,
  }
}

const fillPlain = (slot: Slot): Filled =>
  gap(slot, 'Write what is on the machine, or keep it where it may stay.')

const fillCheck = (slot: Slot): Filled => ({
  ...made(slot, 'look at it', slot.note),
  stays: true,
})

const fillConsumable = (slot: Slot): Filled => made(slot, slot.words.toLowerCase(), 'As needed.')

/** How each kind of slot proposes a part when none is given. Grease is worked out last, from what is filled. */
export const FILLERS: Record<Exclude<SlotRole, 'grease'>, (slot: Slot, bench: Bench) => Filled> = {
  cone: fillTapered,
  cup: fillTapered,
  ballBearing: fillBearing,
  bearing: fillBearing,
  insert: fillBearing,
  hubUnit: fillBearing,
  balls: fillBalls,
  seal: fillSeal,
  wearSleeve: fillSleeve,
  washer: fillWasher,
  castleNut: fillNut,
  lockNut: fillLockNut,
  lockWasher: fillLockWasher,
  cotterPin: fillPin,
  cap: fillCap,
  snapRing: fillSnapRing,
  spacerTube: fillSpacer,
  wheelSpacer: fillSpacer,
  plain: fillPlain,
  check: fillCheck,
  consumable: fillConsumable,
}
