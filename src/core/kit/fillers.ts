import { findPart, type Catalogue, type HardwareDetails, type Part } from '../catalogue'
import { decode, type Language } from '../designation'
import { writeMm } from '../quantity'
import type { Slot } from './arrangement'
import type { Filled, KitRequest } from './kit'
import { findSeals } from './findSeals'

/** What a filler may look at: the request and what stands in the slots before it. */
export interface Bench {
  request: KitRequest
  language: Language
  filled: ReadonlyMap<string, Filled>
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

const partIn = ({ filled }: Bench, id: string): Part | null => filled.get(id)?.part ?? null

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

/** The ring that runs with the one already there, when only one does. */
function fillTapered(slot: Slot, bench: Bench): Filled {
  const { catalogue } = bench.language
  const piece = slot.role === 'cone' ? 'cone' : 'cup'
  const otherId = `${slot.side}${piece === 'cone' ? 'Cup' : 'Cone'}`
  const asked = bench.request.parts[otherId]
  const other =
    partIn(bench, otherId) ??
    (asked ? findPart(catalogue, asked, piece === 'cone' ? 'cup' : 'cone') : undefined)
  if (!other) return gap(slot, `Identify the ${slot.side} bearing: a number or its sizes.`)
  const mates = (catalogue.setsOf.get(other.base) ?? []).flatMap((set) => {
    const name = piece === 'cone' ? set.set?.cone : set.set?.cup
    return name ? (findPart(catalogue, name, piece) ?? []) : []
  })
  const [only] = mates
  if (only && mates.length === 1)
    return chosen(slot, only, `The one ${piece} listed that runs with ${other.base}.`)
  const deciding = piece === 'cone' ? 'spindle' : 'hub bore'
  const sizes = mates.map(
    (m) => `${m.base} (${writeMm((piece === 'cone' ? m.dimensions.bore : m.dimensions.outside) ?? 0)} mm)`,
  )
  return gap(
    slot,
    `Several run with ${other.base}: ${sizes.join(', ')}. Measure the ${deciding}.`,
    mates.map((m) => m.base),
  )
}

function fillSeal(slot: Slot, { request, language }: Bench): Filled {
  const { sealShaft, sealHousing, sealWidth } = request.sizes
  if (sealShaft === undefined || sealHousing === undefined)
    return gap(slot, 'Measure the journal the lip runs on and the counterbore the seal sits in.')
  const found = findSeals(language.catalogue, { shaft: sealShaft, housing: sealHousing, width: sealWidth })
  const [first] = found.fits
  if (first) {
    const others = found.fits.slice(1).map(({ part }) => part.base)
    return chosen(slot, first.part, first.words, { alternatives: others })
  }
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
  const cone = partIn(bench, 'outerCone')
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
  const nut = hardwareOf(partIn(bench, 'castleNut'), 'castleNut')
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
  const nut = hardwareOf(partIn(bench, 'castleNut'), 'castleNut')
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
  const cup = partIn(bench, 'outerCup')
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

/** A seat ring must match its bore; nominal sizes of DIN 472 are whole millimetres. */
function fillSnapRing(slot: Slot, bench: Bench): Filled {
  const outside = partIn(bench, 'bearingRight')?.dimensions.outside
  const ring = hardware(bench.language.catalogue, 'snapRing').find(
    ({ details }) => details.kind === 'bore snap ring' && details.nominalMm === outside,
  )
  if (!ring)
    return gap(
      slot,
      outside === undefined
        ? 'Follows from the bearing.'
        : `No bore snap ring listed for ${writeMm(outside)} mm.`,
    )
  return chosen(
    slot,
    ring.part,
    `For a bore of ${ring.details.nominalMm} mm, groove ${ring.details.grooveMm} mm. Measure the groove.`,
  )
}

const made = (slot: Slot, designation: string, reason: string): Filled => ({
  slot,
  state: 'filled',
  designation,
  part: null,
  reason,
})

function fillSpacer(slot: Slot, bench: Bench): Filled {
  const { spacerLength, wheelSpacerLength } = bench.request.sizes
  const length = slot.role === 'spacerTube' ? spacerLength : wheelSpacerLength
  const bore = (partIn(bench, 'bearingLeft') ?? partIn(bench, 'bearingRight'))?.dimensions.bore
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

function fillBall(slot: Slot, bench: Bench): Filled {
  const otherId = slot.id === 'bearingLeft' ? 'bearingRight' : 'bearingLeft'
  const asked = bench.request.parts[otherId]
  const other = asked ? decode(asked, bench.language)[0] : undefined
  if (!other?.part) return gap(slot, 'Identify the bearing: a number or its sizes.')
  return {
    ...chosen(slot, other.part, 'The same as on the other side. Measure both: the two need not be alike.'),
    designation: other.canonical,
    assumed: true,
  }
}

const fillSleeve = (slot: Slot, { request }: Bench): Filled =>
  gap(
    slot,
    `Order a sleeve for a journal of ${request.sizes.sealShaft === undefined ? 'the measured size' : `${writeMm(request.sizes.sealShaft)} mm`}; the seal must then fit the sleeve.`,
  )

/** How each kind of slot proposes a part when none is given. Grease is worked out last, from what is filled. */
export const FILLERS: Record<Exclude<Slot['role'], 'grease'>, (slot: Slot, bench: Bench) => Filled> = {
  cone: fillTapered,
  cup: fillTapered,
  ballBearing: fillBall,
  seal: fillSeal,
  wearSleeve: fillSleeve,
  washer: fillWasher,
  castleNut: fillNut,
  cotterPin: fillPin,
  cap: fillCap,
  snapRing: fillSnapRing,
  spacerTube: fillSpacer,
  wheelSpacer: fillSpacer,
}
