import type { HardwareDetails, Part } from '../../catalogue'
import { seatKindOf, seatNominal } from '../../fit'
import { isSameSize } from '../../interchange'
import { knownPart, resolvePart } from '../../part'
import { isSameThread, readThread, writeMm } from '../../quantity'
import type { Slot } from '../arrangement'
import type { Filled } from '../kit'
import { isOver, isPinFor, isWithin, PIN_LEGS_MM, THREAD_PASSES_MM, WASHER_OFF_MM } from '../tolerances'
import { capsFor, listedHardware, type Hardware } from './listedHardware'
import { chosen, filledWith, fillPlain, gap, partIn, type FillContext } from './fillContext'

export function hardwareOf<W extends HardwareDetails['what']>(
  part: Part | null | undefined,
  what: W,
): Hardware<W> | null {
  return part?.hardware?.what === what ? (part.hardware as Hardware<W>) : null
}

/** Thread of the spindle: of the nut in the kit, else as it was typed, whoever keeps which nut. */
export function spindleThread(
  slot: Pick<Slot, 'at'>,
  fillContext: FillContext,
): { threadMm: number; pitchMm: number; thread: string; acrossFlatsMm: number | null } | null {
  const nut = hardwareOf(partIn(fillContext, slot.at), 'castleNut')
  if (nut) return nut
  const typed = fillContext.request.thread ?? ''
  const read = readThread(typed)
  if (!read) return null
  const alike = listedHardware(fillContext.context.catalogue, 'castleNut').find(({ details }) =>
    isWithin(details.threadMm, read.diameterMm, WASHER_OFF_MM),
  )
  return {
    threadMm: read.diameterMm,
    pitchMm: read.pitchMm,
    thread: typed.trim(),
    acrossFlatsMm: alike?.details.acrossFlatsMm ?? null,
  }
}

/** Whether a listed nut runs on a thread as typed; every listed one is right-hand. */
export const runsOn = (nut: { threadMm: number; pitchMm: number }, typed: string): boolean => {
  const thread = readThread(typed)
  const own = { diameterMm: nut.threadMm, pitchMm: nut.pitchMm, leftHand: false }
  return thread !== null && isSameThread(own, thread)
}

const noThread = (typed: string): string =>
  `“${typed}” is no thread. Write it as 3/4-16 or M20x1.5, with LH for a left-hand one.`

/**
 * Fills a nut that no table lists by its kind: its thread decides, that of the part it holds or of the spindle, the kind is
 * looked at. Where the arrangement asks for no thread it is written by hand.
 */
export const nutByThread =
  (name: string) =>
  (slot: Slot, fillContext: FillContext): Filled => {
    const { arrangement, request } = fillContext
    const held = slot.at === undefined ? undefined : partIn(fillContext, slot.at)
    if (held?.shank)
      return filledWith(
        slot,
        {
          kind: 'text',
          text: `${/^\w+ nut$/.test(slot.label) ? slot.label.toLowerCase() : 'nut'} ${held.shank.thread}`,
        },
        `The thread of ${held.base}.`,
        { assumed: true },
      )
    if (!arrangement.thread) return fillPlain(slot)
    const typed = request.thread?.trim() ?? ''
    if (typed === '') return gap(slot, 'Type the spindle thread, or write the nut that is on the machine.')
    if (!readThread(typed)) return gap(slot, noThread(typed))
    return filledWith(
      slot,
      { kind: 'text', text: `${name} ${typed}` },
      'The thread as measured. Look which kind of nut it is, and write it: self-locking, staked, with a lock.',
      { assumed: true },
    )
  }

export function fillNut(slot: Slot, fillContext: FillContext): Filled {
  const nuts = listedHardware(fillContext.context.catalogue, 'castleNut').sort(
    (a, b) => b.details.threadMm - a.details.threadMm,
  )
  const { thread } = fillContext.request
  if (thread) {
    if (readThread(thread)?.leftHand)
      return filledWith(
        slot,
        { kind: 'text', text: `castle nut ${thread.trim()}` },
        'Left-hand: no list has it. Order it as such, and keep it with its side.',
        { assumed: true },
      )
    const exact = nuts.find(({ details }) => runsOn(details, thread))
    return exact
      ? chosen(slot, exact.part, fillContext, 'The thread as measured.')
      : gap(
          slot,
          readThread(thread)
            ? `No castle nut listed for thread ${thread}. Write the nut there is, or reuse the old one.`
            : noThread(thread),
          nuts.map((n) => n.part.base),
        )
  }
  const cone = partIn(fillContext, slot.at)
  const bore = cone?.dimensions.bore
  if (bore === undefined) return gap(slot, 'Measure the spindle thread: diameter and pitch.')
  const passing = nuts.filter(({ details }) => !isOver(details.threadMm, bore + THREAD_PASSES_MM))
  const inch = passing.filter(({ details }) => !details.thread.startsWith('M'))
  const [usual] = inch.length > 0 ? inch : passing
  if (!usual) return gap(slot, 'Measure the spindle thread: diameter and pitch.')
  return chosen(
    slot,
    usual.part,
    fillContext,
    `Usual: the largest thread that ${cone?.base} passes over. Check diameter and pitch.`,
    {
      assumed: true,
      alternatives: passing.filter((n) => n !== usual).map((n) => n.part.base),
    },
  )
}

export function fillWasher(slot: Slot, fillContext: FillContext): Filled {
  const nut = spindleThread(slot, fillContext)
  if (!nut) return gap(slot, 'Follows from the spindle thread: type it, or the nut.')
  const fitting = listedHardware(fillContext.context.catalogue, 'washer').filter(({ details }) =>
    isWithin(details.threadMm, nut.threadMm, WASHER_OFF_MM),
  )
  const [first] = fitting
  if (!first) return gap(slot, `No washer listed for a ${nut.thread} spindle.`)
  return chosen(
    slot,
    first.part,
    fillContext,
    `For the ${nut.thread} spindle. Look whether it has a keyway (tab) or a flat (D).`,
    {
      assumed: true,
      alternatives: fitting.slice(1).map((w) => w.part.base),
    },
  )
}

/** Across flats of a nut over its thread, where no listed nut tells it (ISO 4032: 1.5 and a little). */
const FLATS_PER_THREAD = 1.55

export function fillPin(slot: Slot, fillContext: FillContext): Filled {
  const nut = spindleThread(slot, fillContext)
  if (!nut) return gap(slot, 'Follows from the spindle thread: type it, or the nut.')
  const acrossFlatsMm = nut.acrossFlatsMm ?? nut.threadMm * FLATS_PER_THREAD
  const sized = listedHardware(fillContext.context.catalogue, 'cotterPin')
    .filter(({ details }) => isPinFor(details, nut.threadMm))
    .sort((a, b) => a.details.lengthMm - b.details.lengthMm)
  const pins = [
    ...sized.filter(({ details }) => !details.inch),
    ...sized.filter(({ details }) => details.inch),
  ]
  const pin = pins.find(({ details }) => details.lengthMm >= acrossFlatsMm + PIN_LEGS_MM)
  if (!pin) return gap(slot, `No cotter pin listed that is long enough for ${nut.thread}.`)
  return chosen(
    slot,
    pin.part,
    fillContext,
    `ISO 1234 size for a ${nut.thread} bolt, long enough to bend over. Try it in the hole.`,
    {
      alternatives: pins.filter((p) => p !== pin).map((p) => p.part.base),
    },
  )
}

export function fillCap(slot: Slot, fillContext: FillContext): Filled {
  const measured = fillContext.request.sizes.hubMouth
  const cup = partIn(fillContext, slot.at)
  const bore = measured ?? cup?.dimensions.outside
  if (bore === undefined) return gap(slot, 'Measure the hub mouth: the outer end of the hub, inside.')
  const caps = capsFor(fillContext.context.catalogue, bore)
  const [first] = caps
  if (!first) return gap(slot, `No cap listed for a hub mouth of ${writeMm(bore)} mm.`)
  const reason =
    measured === undefined
      ? `Usual: the hub is bored through at the size of ${cup?.base}. Measure the hub mouth.`
      : 'The hub mouth as measured.'
  return chosen(slot, first.part, fillContext, reason, {
    assumed: measured === undefined,
    alternatives: caps.slice(1).map((c) => c.part.base),
  })
}

/** Size of the shaft or the bore in whose groove a snap ring sits, mm. */
export function snapRingSeat(slot: Slot, fillContext: FillContext): number | undefined {
  const part = partIn(fillContext, slot.at)
  const { bore, outside } = part?.dimensions ?? {}
  const ring = slot.ring === 'bore' ? 'outer' : 'inner'
  const size = ring === 'outer' ? outside : bore
  return part && size !== undefined
    ? seatNominal({ ring, bore: bore ?? size, outside: outside ?? size, kind: seatKindOf(part) })
    : undefined
}

/** Rings are named by the seat they hold, in millimetres (DIN 471, DIN 472) or inches (ASME B18.27). */
export function fillSnapRing(slot: Slot, fillContext: FillContext): Filled {
  const nominal = snapRingSeat(slot, fillContext)
  const kind = `${slot.ring} snap ring`
  const found = listedHardware(fillContext.context.catalogue, 'snapRing').find(
    ({ details }) => details.kind === kind && nominal !== undefined && isSameSize(details.nominalMm, nominal),
  )
  if (!found)
    return gap(
      slot,
      nominal === undefined ? 'Follows from the bearing.' : `No ${kind} listed for ${writeMm(nominal)} mm.`,
    )
  return chosen(
    slot,
    found.part,
    fillContext,
    `For a ${slot.ring === 'bore' ? 'bore' : 'shaft'} of ${writeMm(found.details.nominalMm)} mm, groove ${writeMm(found.details.grooveMm)} mm. Measure the groove.`,
  )
}

/** A shaft nut has the thread diameter of the bore it clamps (ISO 2982-2). */
export function fillLockNut(slot: Slot, fillContext: FillContext): Filled {
  const sleeve = sleeveUnder(slot.at, fillContext)
  if (sleeve) return withSleeve(slot, sleeve.nut, 'lockNut', fillContext)
  const bore = partIn(fillContext, slot.at)?.dimensions.bore
  if (bore === undefined) return gap(slot, 'Follows from the bearing.')
  const nut = listedHardware(fillContext.context.catalogue, 'lockNut').find(
    ({ details }) => details.threadMm === bore,
  )
  if (!nut) return gap(slot, `No lock nut listed for a shaft of ${writeMm(bore)} mm. Measure the thread.`)
  return chosen(
    slot,
    nut.part,
    fillContext,
    `Thread ${nut.details.thread}, for a shaft of ${writeMm(bore)} mm. Try it by hand.`,
    {
      assumed: true,
    },
  )
}

export function fillLockWasher(slot: Slot, fillContext: FillContext): Filled {
  const bearing = fillContext.arrangement.slots.find(({ id }) => id === slot.at)?.at
  const sleeve = sleeveUnder(bearing, fillContext)
  if (sleeve) return withSleeve(slot, sleeve.washer, 'lockWasher', fillContext)
  const nut = hardwareOf(partIn(fillContext, slot.at), 'lockNut')
  if (!nut) return gap(slot, 'Follows from the lock nut.')
  const washer = listedHardware(fillContext.context.catalogue, 'lockWasher').find(
    ({ details }) => details.boreMm === nut.threadMm,
  )
  return washer
    ? chosen(slot, washer.part, fillContext, `Goes with the ${nut.thread} nut.`)
    : gap(slot, `No tab washer listed for ${nut.thread}.`)
}

/** Sleeve series by the series of the bearing: a wider bearing has a longer sleeve (ISO 2982-1, from memory). */
const SLEEVE_SERIES: Readonly<Record<string, string>> = {
  '12': 'H2',
  '13': 'H3',
  '22': 'H3',
  '23': 'H23',
  '213': 'H3',
  '222': 'H3',
  '223': 'H23',
}

/** Taper of an adapter sleeve, over the diameter (ISO 2982-1). */
export const SLEEVE_TAPER = 12

const sleevePlace = (bearing: string | undefined, { arrangement }: FillContext): Slot | undefined =>
  arrangement.slots.find(({ role, at }) => role === 'adapterSleeve' && at === bearing)

/** Whether the sleeve under a bearing was left out: its shaft is tapered itself. */
export function isWithoutSleeve(bearing: string, fillContext: FillContext): boolean {
  const place = sleevePlace(bearing, fillContext)
  return place !== undefined && fillContext.request.parts[place.id]?.trim() === 'none'
}

/** The adapter sleeve on which a bearing with a tapered bore usually sits; null where it was left out. */
export function sleeveOf(
  bearing: string | undefined,
  fillContext: FillContext,
): (Hardware<'adapterSleeve'> & { part: Part }) | null {
  const { filled, context } = fillContext
  const value = knownPart(bearing === undefined ? null : filled.get(bearing)?.value)
  if (bearing === undefined || value?.taper !== SLEEVE_TAPER || isWithoutSleeve(bearing, fillContext))
    return null
  const series = SLEEVE_SERIES[value.part.series]
  // The bore code ends the number of the sleeve: H3 + 08 for a bore of 40 mm.
  const found = listedHardware(context.catalogue, 'adapterSleeve').find(
    ({ part, details }) =>
      details.bearingBoreMm === value.part.dimensions.bore && part.base.slice(0, -2) === series,
  )
  return found ? { ...found.details, part: found.part } : null
}

/** The sleeve a bearing stands on: as it was chosen, else the usual one of its series; null where there is none. */
export function sleeveUnder(
  bearing: string | undefined,
  fillContext: FillContext,
): ReturnType<typeof sleeveOf> {
  const place = sleevePlace(bearing, fillContext)
  // As it is written: its place may stand behind that of the nut.
  const text = fillContext.request.parts[place?.id ?? ''] ?? ''
  const part = knownPart(resolvePart(text, fillContext))?.part ?? null
  const details = hardwareOf(part, 'adapterSleeve')
  return part && details ? { ...details, part } : sleeveOf(bearing, fillContext)
}

/** Whether a nut or washer comes with the sleeve that is bought for its bearing. */
export function comesWithSleeve(slot: Slot, part: Part, fillContext: FillContext): boolean {
  const bearing =
    slot.role === 'lockWasher' ? fillContext.arrangement.slots.find(({ id }) => id === slot.at)?.at : slot.at
  const sleeve =
    slot.role === 'lockNut' || slot.role === 'lockWasher' ? sleeveUnder(bearing, fillContext) : null
  const place = sleevePlace(bearing, fillContext)
  const isBought = place !== undefined && fillContext.request.parts[place.id]?.trim() !== 'keep'
  return isBought && (sleeve?.nut === part.base || sleeve?.washer === part.base)
}

/** Nut and washer come with the sleeve: nothing is bought for them. */
function withSleeve(
  slot: Slot,
  name: string,
  what: 'lockNut' | 'lockWasher',
  fillContext: FillContext,
): Filled {
  const found = listedHardware(fillContext.context.catalogue, what).find(({ part }) => part.base === name)
  const reason = 'Comes with the adapter sleeve.'
  return found
    ? chosen(slot, found.part, fillContext, reason, { quantity: 0 })
    : filledWith(slot, { kind: 'text', text: name }, reason, { quantity: 0 })
}

/** The sleeve between a tapered bore and its shaft. */
export function fillAdapterSleeve(slot: Slot, fillContext: FillContext): Filled {
  const sleeve = sleeveOf(slot.at, fillContext)
  return sleeve
    ? chosen(
        slot,
        sleeve.part,
        fillContext,
        `For a shaft of ${writeMm(sleeve.shaftMm)} mm, with nut and washer.`,
        {
          assumed: true,
        },
      )
    : gap(slot, 'Follows from a bearing with a bore of taper 1:12.')
}
