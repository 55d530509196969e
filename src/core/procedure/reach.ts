import { isWholeBearing } from '../kit'
import { partAt, slotLinesOf, type SlotLine } from './facts'
import { endOf } from './relations'
import type { PlanFacts } from './plan'
import type { Bar } from './tools'

/** A drift bites with this much of its edge on the ring, mm (common practice). */
const BITE_MM = 1
/** What is held and struck stands out of the hub, mm (common practice). */
const HELD_MM = 40
/** Thinner ones bend or slip, mm (common practice). */
const THINNEST_MM = 6

/** The way of a drift through the bearing that is still in, onto the ring behind it, mm. */
export interface DriftWay {
  /** what it passes: its bore, and how long that is */
  boreMm: number
  guideMm: number
  /** from there to the face of the ring that is driven */
  gapMm: number
  /** bore of that ring: its edge is just outside it */
  edgeMm: number
}

/**
 * Length and largest thickness of a drift that goes through one bearing and leans onto the edge of the ring behind it. A bar of
 * thickness t leans in a bore d of length b by θ where t = d · cos θ − b · sin θ; at the gap its edge must stand `BITE_MM` outside
 * the bore of the ring: tan θ = (edge / 2 + bite − d / 2) / gap.
 * @returns null where no bar that is strong enough leans so far
 * @example driftThrough({ boreMm: 17, guideMm: 12, gapMm: 60, edgeMm: 17 }) // 112 mm long, 16.8 mm thick at most
 */
export function driftThrough({ boreMm, guideMm, gapMm, edgeMm }: DriftWay): Required<Bar> | null {
  if (!(gapMm > 0)) return null
  const lean = Math.atan(Math.max(0, edgeMm / 2 + BITE_MM - boreMm / 2) / gapMm)
  const thinnerThan = boreMm * Math.cos(lean) - guideMm * Math.sin(lean)
  return thinnerThan < THINNEST_MM ? null : { longerThan: guideMm + gapMm + HELD_MM, thinnerThan }
}

/** Length of the spacer between two bearings, or of the room there, mm; undefined where nobody has measured it. */
function gapOf(facts: PlanFacts): number | undefined {
  const { lines } = facts.kit
  const spacer = slotLinesOf(facts).find(({ slot }) => slot.role === 'spacerTube' && !slot.carrier)
  const value = lines.find(({ slot }) => slot === spacer?.slot.id)?.value
  return value?.kind === 'made' ? value.lengthMm : (facts.betweenMm ?? undefined)
}

const widthAt = (facts: PlanFacts, { slot }: SlotLine): number | undefined => {
  const d = partAt(facts, slot.id)?.part.dimensions
  return d?.width ?? d?.cupWidth ?? d?.totalWidth
}

/** What is still in at the other end of the hub when a ring comes out. */
const stillIn = (facts: PlanFacts, { slot }: SlotLine, order: readonly string[]): SlotLine[] =>
  slotLinesOf(facts).filter(
    (other) =>
      (isWholeBearing(other.slot.role) || other.slot.role === 'cup') &&
      other.slot.carrier === slot.carrier &&
      endOf(other.slot) !== endOf(slot) &&
      order.indexOf(other.slot.id) > order.indexOf(slot.id),
  )

/**
 * The drift that reaches a ring from the other end of its hub.
 * @param order what comes off, in order
 * @returns null where sizes are missing or nothing is in the way; `none` where no drift leans enough
 */
export function driftFor(
  facts: PlanFacts,
  slotLine: SlotLine,
  order: readonly string[],
): Bar | 'none' | null {
  if (slotLine.slot.carrier || facts.arrangement.rotatingRing === 'inner') return null
  const others = stillIn(facts, slotLine, order)
  const guideMm = others.reduce((sum, other) => sum + (widthAt(facts, other) ?? NaN), 0)
  if (others.length === 0 || Number.isNaN(guideMm)) return null
  if (slotLine.slot.role === 'cup') {
    // Through a cup goes whatever its cone lets through: how thick is seen at the machine.
    return facts.betweenMm ? { longerThan: facts.betweenMm + guideMm + HELD_MM } : null
  }
  const bores = others.map(({ slot }) => partAt(facts, slot.id)?.part.dimensions.bore ?? NaN)
  const [boreMm, gapMm] = [Math.min(...bores), gapOf(facts)]
  const edgeMm = partAt(facts, slotLine.slot.id)?.part.dimensions.bore
  if (Number.isNaN(boreMm) || !gapMm || !edgeMm) return null
  return driftThrough({ boreMm, guideMm, gapMm, edgeMm }) ?? 'none'
}

/** Whether the axle stands in a bearing while it is driven in: a sleeve goes over it, nothing through it. */
export const axleInTheWay = (
  { arrangement }: PlanFacts,
  { slot }: SlotLine,
  before: readonly SlotLine[],
): boolean =>
  arrangement.rotatingRing === 'outer' && !slot.carrier && before.some((other) => other.slot.role === 'axle')

/** Whether the axle is still in when a bearing comes out: no drift and no puller goes into its bore. */
export const axleStillIn = (facts: PlanFacts, { slot }: SlotLine, order: readonly string[]): boolean =>
  facts.arrangement.rotatingRing === 'outer' &&
  !slot.carrier &&
  slotLinesOf(facts).some(
    (other) => other.slot.role === 'axle' && order.indexOf(other.slot.id) > order.indexOf(slot.id),
  )
