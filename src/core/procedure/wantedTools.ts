import type { HardwareDetails } from '../catalogue'
import { isWholeBearing } from '../kit'
import { isFastener, isTapered, isTight, partAt, slotLinesOf, type SlotLine } from './facts'
import { isOnSleeve } from './drawnUp'
import type { PlanFacts, SeatFit } from './plan'
import { axleStillIn, driftFor } from './reach'
import { removalOrder } from './removal'
import { isDrawingUp } from './tightening'
import type { Bar, ToolWish } from './tools'

/** A press that is asked for gives this much more than the ring wants (common practice). */
const PRESS_RESERVE = 1.5

/** A sleeve that is a little smaller or larger still meets the ring, mm (common practice). */
const SLEEVE_ROOM_MM = 1.5

function sleeveFor(fit: SeatFit, name: string): ToolWish | null {
  if (!fit.sleeve) return null
  const { insideMm, outsideMm } = fit.sleeve
  const outer = fit.ring === 'outer'
  const size = outer ? outsideMm : insideMm
  return {
    code: 'sleeve',
    data: { name, ring: fit.ring, insideMm, outsideMm },
    kind: 'sleeve',
    from: outer ? size - SLEEVE_ROOM_MM : size,
    to: outer ? size : size + SLEEVE_ROOM_MM,
    tube: outer
      ? { insideFrom: insideMm, outsideFrom: outsideMm - SLEEVE_ROOM_MM, outsideTo: outsideMm }
      : { insideFrom: insideMm, insideTo: insideMm + SLEEVE_ROOM_MM, outsideTo: outsideMm },
  }
}

/** A ring that is pressed out falls into what stands under the hub: this much wider than it, mm (common practice). */
const RECEIVED_ROOM_MM = 1

/** What stands under the hub while a ring is pressed out of it. */
function receiverFor(facts: PlanFacts, slot: string): ToolWish[] {
  const { outside, width, cupWidth, totalWidth } = partAt(facts, slot)?.part.dimensions ?? {}
  const deep = cupWidth ?? width ?? totalWidth
  if (outside === undefined || deep === undefined) return []
  return [
    {
      code: 'receiver',
      data: { hub: facts.arrangement.hub, insideMm: outside + RECEIVED_ROOM_MM, deepMm: deep },
      kind: 'receiver',
      from: outside + RECEIVED_ROOM_MM,
      to: Infinity,
      tube: { insideFrom: outside + RECEIVED_ROOM_MM, depthFrom: deep },
    },
  ]
}

/** What takes a ring out of its hub or off its shaft, by the practice of the shop. */
function pullerOrDrift(facts: PlanFacts, slotLine: SlotLine, order: readonly string[]): ToolWish {
  const drift = driftOfHub(facts, order)
  if (facts.practices.driving === 'hammer' && driftFor(facts, slotLine, order) !== 'none')
    return {
      code: 'brassDrift',
      data: { drift: drift ?? 'any' },
      kind: 'brassDrift',
      ...(drift && { bar: drift }),
    }
  const bore = partAt(facts, slotLine.slot.id)?.part.dimensions.bore
  return facts.arrangement.rotatingRing === 'outer' &&
    slotLine.slot.role !== 'cup' &&
    slotLine.slot.role !== 'hubUnit' &&
    bore !== undefined
    ? { code: 'blindPuller', data: { boreMm: bore, drift }, kind: 'blindPuller', from: bore, to: bore }
    : { code: 'puller', data: { drift }, kind: 'puller' }
}

const hardware = (facts: PlanFacts, slot: string): HardwareDetails | undefined =>
  partAt(facts, slot)?.part.hardware

const lineText = ({ kit }: PlanFacts, slot: string): string =>
  kit.lines.find((line) => line.slot === slot)?.label.toLowerCase() ?? 'bearing'

/** One drift serves a whole hub: it reaches and leans enough for each of its rings. */
function driftOfHub(facts: PlanFacts, order: readonly string[]): Bar | null {
  const bars = slotLinesOf(facts).flatMap((slotLine) => {
    const bar = driftFor(facts, slotLine, order)
    return bar === null || bar === 'none' ? [] : [bar]
  })
  if (bars.length === 0) return null
  const thin = bars.flatMap(({ thinnerThan }) => thinnerThan ?? [])
  return {
    longerThan: Math.max(...bars.map(({ longerThan }) => longerThan)),
    ...(thin.length > 0 && { thinnerThan: Math.min(...thin) }),
  }
}

/** Tight rings that are pressed or heated in; what goes in by thumb is neither, whatever class was typed. */
const drivenFits = (facts: PlanFacts): SeatFit[] => {
  const byThumb = slotLinesOf(facts).flatMap(({ slot }) => (slot.byThumb ? [slot.id] : []))
  return facts.fits.filter((fit) => isTight(fit) && !byThumb.includes(fit.slot))
}

/** Tools of a plan, sized to its parts (common practice). */
export function wantedTools(facts: PlanFacts): ToolWish[] {
  const slotLines = slotLinesOf(facts)
  const wanted: ToolWish[] = []
  const driven = drivenFits(facts)
  for (const fit of driven) {
    const name = partAt(facts, fit.slot)?.part.base ?? lineText(facts, fit.slot)
    const sleeve = sleeveFor(fit, name)
    if (sleeve) wanted.push(sleeve)
  }
  const force = Math.max(0, ...driven.map(({ forceKn }) => forceKn))
  if (force > 1) {
    const rod = driven.find((fit) => fit.forceKn === force)?.rod ?? null
    const kn = Math.ceil(force * PRESS_RESERVE)
    wanted.push({ code: 'press', data: { kn, rod }, kind: 'press', from: kn, to: Infinity })
  }
  if (facts.practices.heat === 'heat' && driven.some(({ byHeat }) => byHeat))
    wanted.push(
      { code: 'heater', data: {}, kind: 'heater' },
      { code: 'thermometer', data: {}, kind: 'thermometer' },
    )
  if (facts.stuck.inHub || slotLines.some(({ slot }) => slot.role === 'hubUnit'))
    wanted.push({ code: 'slideHammer', data: {}, kind: 'slideHammer' })
  if (facts.stuck.inHub) wanted.push({ code: 'blindPullerForRest', data: {}, kind: 'blindPuller' })
  const order = removalOrder(facts)
  for (const { slot, line } of slotLines) {
    const details = hardware(facts, slot.id)
    if (details?.what === 'castleNut') {
      const mm = details.acrossFlatsMm
      wanted.push({ code: 'socket', data: { mm }, kind: 'socket', from: mm - 0.05, to: mm + 0.25 })
    }
    if (details?.what === 'lockNut') {
      const mm = details.outsideMm
      wanted.push({ code: 'hookSpanner', data: { mm }, kind: 'hookSpanner', from: mm, to: mm })
    }
    if (details?.what === 'snapRing') {
      const { nominalMm: mm, kind } = details
      const on = kind === 'bore snap ring' ? 'bore' : 'shaft'
      wanted.push({ code: 'snapRingPliers', data: { on, mm }, kind: 'snapRingPliers', from: mm, to: mm })
    }
    if (slot.role === 'cup' || (isWholeBearing(slot.role) && slot.role !== 'insert' && !slot.byThumb))
      wanted.push(
        ...(facts.practices.driving === 'press' && facts.arrangement.rotatingRing === 'outer'
          ? receiverFor(facts, slot.id)
          : []),
        ...(axleStillIn(facts, { slot, line }, order) || isOnSleeve(facts, slot.id)
          ? []
          : [pullerOrDrift(facts, { slot, line }, order)]),
      )
    if (slot.role === 'spacerTube' || slot.role === 'cup')
      wanted.push({ code: 'depthGauge', data: {}, kind: 'depthGauge' })
  }
  if (isTapered(facts)) wanted.push({ code: 'dialIndicator', data: {}, kind: 'dialIndicator' })
  if (facts.fits.length > 0)
    wanted.push({ code: 'boreGauge', data: { tight: driven.length > 0 }, kind: 'boreGauge' })
  if (slotLines.some((slotLine) => isFastener(slotLine) && !isDrawingUp(facts, slotLine)))
    wanted.push({ code: 'torqueWrench', data: {}, kind: 'torqueWrench' })
  return wanted
}
