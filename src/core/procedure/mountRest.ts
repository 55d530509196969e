import type { Slot, SlotRole } from '../kit'
import { isTapered, placesOf, type Placed } from './facts'
import type { Ordered } from './ordered'
import type { PlanFacts } from './plan'

/** A snap ring on a standing axle holds the wheel: it goes on when the wheel is there. */
export const holdsWheel = ({ arrangement }: PlanFacts, { slot }: Placed): boolean =>
  slot.ring === 'shaft' && arrangement.turning === 'outer'

/** Something to look at while fitting: an encoder by a paper clip, others by their note. */
export function checkStep(facts: PlanFacts, { slot, line }: Placed, id: string): Ordered[] {
  if (slot.senses === undefined) return [{ id, order: 39, words: `${line.words}: ${line.note}` }]
  if (facts.encoder === null)
    return [
      {
        id,
        order: 39,
        words: `${line.words}: hold a paper clip to both faces. If one is magnetic, it goes toward the sensor.`,
      },
    ]
  return facts.encoder && slot.senses === 'sensor'
    ? [{ id, order: 88, words: `${line.words}: ${line.note}` }]
    : []
}

/** When a part written by hand is fitted, and how; without an order it follows the place before it. */
interface PlainStep {
  order?: number
  how?: string
}

type OwnStep =
  | 'cone'
  | 'cup'
  | 'ballBearing'
  | 'bearing'
  | 'insert'
  | 'hubUnit'
  | 'balls'
  | 'seal'
  | 'wearSleeve'
  | 'washer'
  | 'castleNut'
  | 'lockNut'
  | 'lockWasher'
  | 'cotterPin'
  | 'cap'
  | 'snapRing'
  | 'spacerTube'
  | 'collar'
  | 'wheelSpacer'
  | 'adapterSleeve'
  | 'nutLock'
  | 'wheelNuts'
  | 'threadlocker'
  | 'consumable'
  | 'check'
  | 'grease'

/** Fitting of the parts written by hand, by role (common practice). */
export const PLAIN: Readonly<Record<Exclude<SlotRole, OwnStep>, PlainStep>> = {
  boltOnUnit: { order: 40, how: 'against a clean, flat face.' },
  bolts: { order: 41, how: 'start by hand, then tighten lightly in a cross pattern.' },
  housing: {
    order: 42,
    how: 'onto a clean, flat face at its marks; bolts by hand until the shaft has turned and the insert has lined up, the same figure on each side, then crosswise.',
  },
  retainer: { order: 54, how: 'fully seated against the bearing before it.' },
  ballCup: { order: 32 },
  ballCone: { order: 56 },
  adjustingCone: { order: 62, how: 'by hand until the play is gone, not tighter.' },
  dustCover: { order: 57 },
  cover: { order: 92 },
  shield: { order: 38 },
  axle: { order: 45, how: 'in before the side that would block it.' },
  pin: { order: 70, how: 'through by hand; its notch to the set screw.' },
  hubBody: { order: 56 },
  shims: { order: 78, how: 'each on the side it came from, counted.' },
  studs: { order: 35, how: 'drawn in square, splines in line.' },
  plainWasher: { order: 82 },
  clampNut: { order: 86, how: 'start by hand.' },
  clampScrew: { order: 86, how: 'start by hand.' },
  ringNut: { order: 84, how: 'on by hand over its whole thread.' },
  lockingRingNut: { order: 87, how: 'on by hand; it locks the inner one after setting.' },
  jamNut: { order: 86, how: 'start by hand.' },
  axleNut: { order: 86, how: 'start by hand.' },
  tabWasher: { order: 85, how: 'onto the spindle, its nose in the keyway.' },
  setScrews: { order: 86, how: 'start by hand.' },
  nipple: {},
  plain: {},
}

/** Where no order is known. */
const ANYWHERE = 70

/** A part the role says nothing of comes right after the place its author put it behind. */
function afterItsNeighbour(facts: PlanFacts, slot: Slot): number {
  const { slots } = facts.arrangement
  const before = slots.slice(0, slots.indexOf(slot)).findLast(({ role }) => stated(role) !== undefined)
  return (before ? (stated(before.role) ?? ANYWHERE) : ANYWHERE) + slots.indexOf(slot) / 1000
}
const AFTER_ROLE: Partial<Record<SlotRole, number>> = {
  cup: 31,
  ballBearing: 50,
  bearing: 50,
  insert: 40,
  hubUnit: 40,
  spacerTube: 45,
  seal: 66,
  snapRing: 71,
  wheelSpacer: 72,
  cone: 80,
  washer: 82,
  castleNut: 84,
  lockWasher: 52,
  lockNut: 53,
  collar: 77,
}
const stated = (role: SlotRole): number | undefined =>
  AFTER_ROLE[role] ?? (role in PLAIN ? PLAIN[role as keyof typeof PLAIN].order : undefined)

/** What follows a colon begins small; a name or a number stays as it is. */
const startSmall = (text: string): string =>
  /^[A-Z][a-z]/.test(text) ? `${text.charAt(0).toLowerCase()}${text.slice(1)}` : text

export function plainSteps(
  facts: PlanFacts,
  place: Placed,
  { order, how = '' }: PlainStep,
  name: string,
): Ordered[] {
  const { slot, line } = place
  return [
    {
      id: `mount.${slot.id}`,
      order: order ?? afterItsNeighbour(facts, slot),
      words: how === '' ? `${name}: ${startSmall(line.note)}` : `${name}: ${how} ${line.note}`,
    },
  ]
}

/** Wheel back in its place, once everything that sits in it is in. */
export function wheelStep(facts: PlanFacts): Ordered | null {
  const { arrangement } = facts
  if (isTapered(facts))
    return {
      id: 'mount.hub',
      order: 75,
      words: `${arrangement.hub} onto the spindle, straight, so that the lip is not turned over.`,
    }
  // An axle or pin that is a part of its own goes through by its own step.
  if (placesOf(facts).some(({ slot }) => slot.role === 'axle' || slot.role === 'pin')) return null
  const wheel = placesOf(facts).some(({ slot }) => slot.role === 'ballBearing')
  if (arrangement.turning !== 'outer' || !wheel) return null
  return placesOf(facts).some(({ slot }) => slot.role === 'wheelSpacer')
    ? {
        id: 'mount.wheel',
        order: 74,
        words:
          'Wheel into its place, axle through by hand. Wheel, disc and chain line where they were; start every thread by hand.',
      }
    : {
        id: 'mount.wheel',
        order: 60,
        words: `${arrangement.hub} onto its axle by hand; it turns freely without drag.`,
      }
}
