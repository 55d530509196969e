import type { Catalogue, HardwareDetails, Part } from '../../catalogue'
import { writeMm } from '../../quantity'
import type { Slot } from '../arrangement'
import type { Filled } from '../kit'
import { chosen, gap, partIn, type Bench } from './bench'

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

/** Clearance of a thread in the cone that must pass over it, mm. */
const PASSES_MM = 0.1

export function fillNut(slot: Slot, bench: Bench): Filled {
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

export function fillWasher(slot: Slot, bench: Bench): Filled {
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

export function fillPin(slot: Slot, bench: Bench): Filled {
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

export function fillCap(slot: Slot, bench: Bench): Filled {
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
export function fillSnapRing(slot: Slot, bench: Bench): Filled {
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
export function fillLockNut(slot: Slot, bench: Bench): Filled {
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

export function fillLockWasher(slot: Slot, bench: Bench): Filled {
  const nut = hardwareOf(partIn(bench, slot.at), 'lockNut')
  if (!nut) return gap(slot, 'Follows from the lock nut.')
  const washer = hardware(bench.language.catalogue, 'lockWasher').find(
    ({ details }) => details.boreMm === nut.threadMm,
  )
  return washer
    ? chosen(slot, washer.part, `Goes with the ${nut.thread} nut.`)
    : gap(slot, `No tab washer listed for ${nut.thread}.`)
}
