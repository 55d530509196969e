import { isFastener, isTapered, placesOf, type Placed } from './facts'
import type { Ordered } from './ordered'
import type { PlanFacts } from './plan'

/** A snap ring on a standing axle holds the wheel: it goes on when the wheel is there. */
export const holdsWheel = ({ arrangement }: PlanFacts, { slot }: Placed): boolean =>
  slot.ring === 'shaft' && arrangement.turning === 'outer'

/** Something to look at while fitting: an encoder by a paper clip, others by their note. */
export function checkStep(facts: PlanFacts, { slot, line }: Placed, id: string): Ordered[] {
  const magnetic = /encoder|sensor/i.test(`${slot.id} ${line.words}`)
  if (!magnetic) return [{ id, order: 39, words: `${line.words}: ${line.note}` }]
  if (facts.encoder === null)
    return [
      {
        id,
        order: 39,
        words: `${line.words}: hold a paper clip to both faces. If one is magnetic, it goes toward the sensor.`,
      },
    ]
  return facts.encoder && slot.id !== 'encoder'
    ? [{ id, order: 88, words: `${line.words}: ${line.note}` }]
    : []
}

/** Order of plain parts by what they are called; first match counts. */
const PLAIN: readonly (readonly [RegExp, number, string])[] = [
  [/unit/i, 40, 'against a clean, flat face.'],
  [/bolts/i, 41, 'start by hand, then snug in a cross pattern.'],
  [/nut|screw/i, 86, 'start by hand.'],
  [/housing/i, 42, 'onto a clean, flat face, shaft in line.'],
  [/retainer/i, 54, 'home against the second bearing.'],
  [/^cup/i, 32, ''],
  [/^cone/i, 56, ''],
  [/dust/i, 57, ''],
  [/cover|cap/i, 92, ''],
  [/shield/i, 38, ''],
]

export function plainSteps(facts: PlanFacts, place: Placed, id: string, name: string): Ordered[] {
  const { slot, line } = place
  const [, order, how] = PLAIN.find(([words]) => words.test(line.words)) ?? [
    null,
    slot.side === 'inner' || /inner/i.test(slot.id) ? 57 : 70,
    '',
  ]
  return [
    {
      id,
      order,
      words: `${name}: ${how} ${line.note}`,
      ...(isFastener(place) && { tool: "Torque wrench, to the manual's value" }),
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
