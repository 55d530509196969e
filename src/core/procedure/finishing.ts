import type { SlotRole } from '../kit'
import {
  about,
  aloneIn,
  isAxle,
  isByThumb,
  isClamped,
  isSensor,
  isSetByCones,
  isTapered,
  nameOf,
  partAt,
  slotLinesOf,
  stepAt,
  type SlotLine,
} from './facts'
import { bentTab } from './mounting'
import type { PlanFacts } from './plan'
import type { FinishFacts, NamedCode, Step } from './steps'
import { clampsByAxle, takesAxleAlong, torqueSteps } from './tightening'

/** Setting, and the torques that belong to it: before the play is felt where the nut clamps, after it where it locks. */
export function adjustSteps(facts: PlanFacts): Step[] {
  const torques = torqueSteps(facts, 'set').map(({ step }) => step)
  if (clampsByAxle(facts))
    torques.push({
      id: 'torque.axle',
      code: 'torqueAxle',
      data: {},
      practice: 'torque',
      ...about(facts, isAxle),
    })
  return isClamped(facts) || clampsByAxle(facts)
    ? [...torques, ...settingSteps(facts)]
    : [...settingSteps(facts), ...torques]
}

/** How the nut of a tapered pair is locked where it stands. */
function lockOf(facts: PlanFacts): FinishFacts['rollersSeated']['lock'] {
  const by = (role: SlotRole) => slotLinesOf(facts).some(({ slot }) => slot.role === role)
  return by('castleNut') ? 'slot' : by('lockingRingNut') ? 'second nut' : 'clamp'
}

/** A tapered pair by feel and by dial, a clamped pair by its drag. */
function settingSteps(facts: PlanFacts): Step[] {
  const { nut, practices, arrangement } = facts
  if (isSetByCones(facts)) return [{ id: 'adjust.cones', code: 'conesSet', data: { nut } }]
  if (!isTapered(facts)) {
    const clamped = slotLinesOf(facts).some(({ slot }) => slot.role === 'spacerTube')
    return clamped && arrangement.rotatingRing === 'outer'
      ? [{ id: 'adjust.clamped', code: 'clampedNothingToSet', data: { by: 'spacer' } }]
      : []
  }
  if (isClamped(facts)) return [{ id: 'adjust.clamped', code: 'clampedNothingToSet', data: { by: 'collar' } }]
  const byFeel = practices.adjustment === 'feel'
  return [
    {
      id: byFeel ? 'adjust.feel' : 'adjust.seat',
      code: 'rollersSeated',
      data: { byFeel, lock: lockOf(facts) },
    },
    { id: 'adjust.measured', code: 'playMeasured', data: { nut }, practice: 'adjustment' },
  ]
}

/** Parts that hold a nut where it stands. */
const HOLDS_A_NUT: ReadonlySet<SlotRole> = new Set(['cotterPin', 'nutLock', 'tabWasher', 'lockWasher'])

const simply =
  (code: NamedCode<FinishFacts>) =>
  (slotLine: SlotLine): Step => ({ ...stepAt('finish', slotLine), code, data: { name: nameOf(slotLine) } })

/** A cap last of all, and through it where grease is pumped. */
function capSteps(facts: PlanFacts, slotLine: SlotLine): Step[] {
  const cap = partAt(facts, slotLine.slot.id)?.part.hardware
  const pumped = cap?.what === 'cap' && cap.kind === 'grease-fill cap'
  return [
    simply('capOn')(slotLine),
    ...(pumped ? [{ ...stepAt('finish', slotLine, '.pump'), code: 'capPumped' as const, data: {} }] : []),
  ]
}

/** What is pumped through a fitting that stays where it is. */
const pumpedSteps = (slotLine: SlotLine): Step[] =>
  slotLine.slot.fills === undefined
    ? []
    : [
        {
          ...stepAt('finish', slotLine),
          code: 'greasePumped',
          data: { name: slotLine.line.label, fills: slotLine.slot.fills },
        },
      ]

/** Torques, what holds them, caps, wheel and sensor; turned at last. What is pinned, bent over or capped is not tightened any more. */
export function finishSteps(facts: PlanFacts): Step[] {
  const slotLines = slotLinesOf(facts)
  const by = (role: SlotRole) => slotLines.filter(({ slot }) => slot.role === role)
  const alone = aloneIn(facts)
  const wheel = facts.arrangement.rotatingRing === 'outer' && alone === null
  const staked = by('axleNut').length > 0 && !slotLines.some(({ slot }) => HOLDS_A_NUT.has(slot.role))
  const steps: (Step | false)[] = [
    by('threadlocker').length > 0 && {
      id: 'finish.threadlocker',
      code: 'threadlockerOn',
      data: {},
      ...about(facts, ({ role }) => role === 'threadlocker'),
    },
    ...torqueSteps(facts, 'finish').map(({ step }) => step),
    ...by('cotterPin').map(simply('cotterPinIn')),
    staked && { id: 'finish.stake', code: 'axleNutStaked', data: {} },
    ...(isTapered(facts) ? by('lockWasher').map(bentTab) : []),
    ...by('nutLock').map(simply('nutLockOn')),
    ...by('tabWasher').map(simply('tabWasherBent')),
    ...by('nipple').flatMap(pumpedSteps),
    ...by('cap').flatMap((slotLine) => capSteps(facts, slotLine)),
    ...by('wheelNuts').map(simply('wheelNutsOn')),
    facts.encoder === true && {
      id: 'finish.sensor',
      code: 'sensorIn',
      data: {},
      ...about(facts, isSensor),
    },
    ...(takesAxleAlong(facts) ? wheelBackIn(facts) : []),
    {
      id: 'finish.spin',
      code: 'turned',
      data: { as: alone ?? (isByThumb(facts) ? 'by thumb' : wheel ? 'wheel' : 'shaft') },
      ...(wheel && { practice: 'sides' }),
    },
    { id: 'finish.tools', code: 'toolsCounted', data: { wheel } },
  ]
  return steps.filter((step) => step !== false)
}

/** A wheel that took its axle along, set on the bench: back into its place, and felt again, for clamping squeezes the axle. */
const wheelBackIn = (facts: PlanFacts): Step[] => [
  { id: 'finish.wheel', code: 'wheelBackIn', data: {} },
  { id: 'torque.axle', code: 'torqueAxleFeltAgain', data: {}, practice: 'torque', ...about(facts, isAxle) },
]
