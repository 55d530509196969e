import type { HardwareDetails } from '../catalogue'
import { isWholeBearing } from '../kit'
import { inBoth, isFastener, isTapered, isTight, partAt, placesOf, round, type Placed } from './facts'
import { isOnSleeve } from './drawnUp'
import type { PlanFacts, SeatFit } from './plan'
import { axleStillIn, driftFor } from './reach'
import { removalOrder } from './removal'
import { isDrawingUp } from './tightening'
import { barWords, blindPullerWords } from './toolWords'
import type { Bar, WantedTool } from './tools'

/** A sleeve that is a little smaller or larger still meets the ring, mm (common practice). */
const SLEEVE_ROOM_MM = 1.5

function sleeveFor(fit: SeatFit, name: string): WantedTool | null {
  if (!fit.sleeve) return null
  const { insideMm, outsideMm } = fit.sleeve
  const outer = fit.ring === 'outer'
  const size = outer ? outsideMm : insideMm
  return {
    kind: 'sleeve',
    words: `Sleeve for ${name}, ${fit.ring} ring: ${inBoth(insideMm)} inside, ${inBoth(outsideMm)} outside`,
    from: outer ? size - SLEEVE_ROOM_MM : size,
    to: outer ? size : size + SLEEVE_ROOM_MM,
    tube: outer
      ? { insideFrom: insideMm, outsideFrom: outsideMm - SLEEVE_ROOM_MM, outsideTo: outsideMm }
      : { insideFrom: insideMm, insideTo: insideMm + SLEEVE_ROOM_MM, outsideTo: outsideMm },
    improvise: outer
      ? 'The old ring, ground 0.5 mm smaller outside, as a drift under the press, never struck with steel; or a socket of that outside.'
      : 'A tube with square ends that slides over the shaft.',
  }
}

/** A ring that is pressed out falls into what stands under the hub: this much wider than it, mm (common practice). */
const RECEIVED_ROOM_MM = 1

/** What stands under the hub while a ring is pressed out of it. */
function receiverFor(facts: PlanFacts, slot: string): WantedTool[] {
  const { outside, width, cupWidth, totalWidth } = partAt(facts, slot)?.part.dimensions ?? {}
  const deep = cupWidth ?? width ?? totalWidth
  if (outside === undefined || deep === undefined) return []
  return [
    {
      kind: 'receiver',
      words: `Receiving ring under the ${facts.arrangement.hub}: inside over ${inBoth(outside + RECEIVED_ROOM_MM)}, deeper than ${inBoth(deep)}`,
      from: outside + RECEIVED_ROOM_MM,
      to: Infinity,
      tube: { insideFrom: outside + RECEIVED_ROOM_MM, depthFrom: deep },
      improvise: 'Two hardwood blocks either side of the ring, never under studs or rotor.',
    },
  ]
}

/** What takes a ring out of its hub or off its shaft, by the school of the shop. */
function pullerOrDrift(facts: PlanFacts, place: Placed, order: readonly string[]): WantedTool {
  const drift = driftOfHub(facts, order)
  if (facts.schools.driving === 'hammer' && driftFor(facts, place, order) !== 'none')
    return {
      kind: 'brassDrift',
      words: drift ? `Brass drift ${barWords(drift)}` : 'Brass drift',
      ...(drift && { bar: drift }),
      improvise: 'Soft bronze or copper bar; never hardened steel.',
    }
  const bore = partAt(facts, place.slot.id)?.part.dimensions.bore
  const improvise = drift
    ? `Brass drift ${barWords(drift)}, at several clock positions in turn.`
    : 'Brass drift at several clock positions in turn; a strong bar across with two bolts.'
  return facts.arrangement.turning === 'outer' &&
    place.slot.role !== 'cup' &&
    place.slot.role !== 'hubUnit' &&
    bore !== undefined
    ? { kind: 'blindPuller', words: blindPullerWords(bore), from: bore, to: bore, improvise }
    : { kind: 'puller', words: 'Puller, or a press from behind', improvise }
}

const hardware = (facts: PlanFacts, slot: string): HardwareDetails | undefined =>
  partAt(facts, slot)?.part.hardware

const lineWords = ({ kit }: PlanFacts, slot: string): string =>
  kit.lines.find((line) => line.slot === slot)?.words.toLowerCase() ?? 'bearing'

/** One drift serves a whole hub: it reaches and leans enough for each of its rings. */
function driftOfHub(facts: PlanFacts, order: readonly string[]): Bar | null {
  const bars = placesOf(facts).flatMap((place) => {
    const bar = driftFor(facts, place, order)
    return bar === null || bar === 'none' ? [] : [bar]
  })
  if (bars.length === 0) return null
  const thin = bars.flatMap(({ thinnerThan }) => thinnerThan ?? [])
  return {
    longerThan: Math.max(...bars.map(({ longerThan }) => longerThan)),
    ...(thin.length > 0 && { thinnerThan: Math.min(...thin) }),
  }
}

/** Tools of a plan, sized to its parts (common practice). */
export function wantedTools(facts: PlanFacts): WantedTool[] {
  const places = placesOf(facts)
  const wanted: WantedTool[] = []
  for (const fit of facts.fits)
    if (isTight(fit)) {
      const name = partAt(facts, fit.slot)?.part.base ?? lineWords(facts, fit.slot)
      const sleeve = sleeveFor(fit, name)
      if (sleeve) wanted.push(sleeve)
    }
  const force = Math.max(0, ...facts.fits.map((fit) => (isTight(fit) ? fit.forceKn : 0)))
  if (force > 1) {
    const rod = facts.fits.find((fit) => fit.forceKn === force)?.rod
    wanted.push({
      kind: 'press',
      words: `Press, at least ${Math.ceil(force * 1.5)} kN`,
      from: Math.ceil(force * 1.5),
      to: Infinity,
      improvise: rod
        ? `Threaded rod ${rod.thread}, nuts greased, drawing through the sleeve; its far washer on the hub, wider than ${inBoth(rod.overMm)}. No flat washer on the bearing: it would press on inner ring and seal.`
        : 'Heat instead; no rod that goes through the bore is strong enough.',
    })
  }
  if (facts.schools.heat === 'heat' && facts.fits.some((fit) => isTight(fit) && fit.byHeat))
    wanted.push({
      kind: 'heater',
      words: 'Heater',
      improvise: 'A kitchen oven or a hot plate; never a flame.',
    })
  if (facts.schools.heat === 'heat' && facts.fits.some((fit) => isTight(fit) && fit.byHeat))
    wanted.push({
      kind: 'thermometer',
      words: 'Thermometer to 150 °C',
      improvise: 'None: heat that is not measured is not used. Press instead.',
    })
  if (facts.stuck.inHub || places.some(({ slot }) => slot.role === 'hubUnit'))
    wanted.push({ kind: 'slideHammer', words: 'Slide hammer', improvise: '' })
  if (facts.stuck.inHub)
    wanted.push({
      kind: 'blindPuller',
      words: 'Blind hole puller for the ring left in the hub',
      improvise: 'A drift behind its edge at several clock positions.',
    })
  const order = removalOrder(facts)
  for (const { slot, line } of places) {
    const details = hardware(facts, slot.id)
    if (details?.what === 'castleNut')
      wanted.push({
        kind: 'socket',
        words: `Socket ${round(details.acrossFlatsMm)} mm`,
        from: details.acrossFlatsMm - 0.05,
        to: details.acrossFlatsMm + 0.25,
        improvise: 'An open-ended spanner; the torque wrench then needs a crowfoot.',
      })
    if (details?.what === 'lockNut')
      wanted.push({
        kind: 'hookSpanner',
        words: `Hook spanner for an outside of ${round(details.outsideMm)} mm`,
        from: details.outsideMm,
        to: details.outsideMm,
        improvise: '',
      })
    if (details?.what === 'snapRing')
      wanted.push({
        kind: 'snapRingPliers',
        words: `Snap ring pliers for a ${details.kind === 'bore snap ring' ? 'bore' : 'shaft'} of ${round(details.nominalMm)} mm`,
        from: details.nominalMm,
        to: details.nominalMm,
        improvise: '',
      })
    if (slot.role === 'cup' || (isWholeBearing(slot.role) && slot.role !== 'insert'))
      wanted.push(
        ...(facts.schools.driving === 'press' && facts.arrangement.turning === 'outer' && !slot.byThumb
          ? receiverFor(facts, slot.id)
          : []),
        ...(axleStillIn(facts, { slot, line }, order) || isOnSleeve(facts, slot.id)
          ? []
          : [pullerOrDrift(facts, { slot, line }, order)]),
      )
    if (slot.role === 'spacerTube' || slot.role === 'cup')
      wanted.push({
        kind: 'depthGauge',
        words: 'Depth gauge',
        improvise: 'Straight edge and the tail of a caliper.',
      })
  }
  if (isTapered(facts))
    wanted.push({
      kind: 'dialIndicator',
      words: 'Dial indicator with stand, 0.01 mm',
      improvise: 'By feel, and look again after the first day; not where the manual gives a figure.',
    })
  if (facts.fits.length > 0)
    wanted.push({
      kind: 'boreGauge',
      words: 'Bore gauge or inside micrometer, 0.005 mm',
      improvise: 'A new ring as a gauge: it must not drop in by hand.',
    })
  if (places.some((place) => isFastener(place) && !isDrawingUp(facts, place)))
    wanted.push({
      kind: 'torqueWrench',
      words: "Torque wrench covering the manual's value",
      improvise: '',
    })
  return wanted
}
