import type { SlotRole } from '../kit'
import { drawnUpOf, isOnSleeve } from './drawnUp'
import {
  isClamped,
  isFastener,
  isSetByCones,
  isTapered,
  slotLinesOf,
  setsPlay,
  stepAt,
  type SlotLine,
} from './facts'
import type { PlanFacts } from './plan'
import { hubNode } from './relations'
import type { Step, TorqueMoment } from './steps'

/** When a fastener gets its torque: while it is reached, with the setting of the play, or when all is together. */
type Moment = 'mount' | 'set' | 'finish'

/** Fasteners of which a later part would be in the way, or that hold what comes next (common practice). */
const WHILE_REACHED: ReadonlySet<SlotRole> = new Set(['retainer', 'bolts', 'lockNut'])
/** Fasteners that hold what was set: locking moves it, so it is measured again. */
const WITH_THE_PLAY: ReadonlySet<SlotRole> = new Set(['jamNut', 'lockingRingNut', 'clampScrew'])

function momentOf(facts: PlanFacts, { slot: { role } }: SlotLine): Moment {
  if (WITH_THE_PLAY.has(role)) return 'set'
  // A nut that clamps cones over a collar leaves the play to the collar: the play is felt after it.
  if (isClamped(facts) && role !== 'wheelNuts') return 'set'
  return WHILE_REACHED.has(role) && !isTapered(facts) ? 'mount' : 'finish'
}

/** What the torque of a role comes with (common practice). */
const WITH: Partial<Record<SlotRole, TorqueMoment>> = {
  retainer: 'before it is covered',
  bolts: 'bolts first',
  lockNut: 'draws home',
  jamNut: 'cone held',
  lockingRingNut: 'inner held',
  clampScrew: 'clamps the nut',
  axleNut: 'brake held',
  setScrews: 'in turn',
}

/** A nut that draws a bearing up on its sleeve, by what its clearance drops: no torque stands for it. */
export const isDrawingUp = (facts: PlanFacts, { slot }: SlotLine): boolean =>
  slot.role === 'lockNut' &&
  slotLinesOf(facts).some(
    (bearing) => (slot.at ?? bearing.slot.id) === bearing.slot.id && isOnSleeve(facts, bearing.slot.id),
  )

function torqueStep(facts: PlanFacts, slotLine: SlotLine): Step {
  const { slot, line } = slotLine
  const frame = stepAt('torque', slotLine)
  const name = line.label
  if (isDrawingUp(facts, slotLine))
    return {
      ...frame,
      code: 'torqueDrawsUp',
      data: { name, drawnUp: drawnUpOf(facts, slot.at ?? '') },
    }
  const moment =
    isClamped(facts) && slot.role === 'axleNut'
      ? 'fully tight'
      : (WITH[slot.role] ?? (line.quantityPerPosition > 1 ? 'crosswise' : 'plain'))
  return { ...frame, code: 'torque', data: { name, moment } }
}

/** A wheel clamped on a through axle that is no part of its kit: the fastener of the axle clamps its stack. */
export const clampsByAxle = (facts: PlanFacts): boolean =>
  facts.arrangement.rotatingRing === 'outer' &&
  !slotLinesOf(facts).some((slotLine) => isFastener(slotLine) && slotLine.slot.role !== 'retainer') &&
  slotLinesOf(facts).some(({ slot }) => slot.role === 'spacerTube' || slot.role === 'wheelSpacer')

/** A wheel set by its cones on the bench, its axle in it, and then put back into the machine. */
export const takesAxleAlong = (facts: PlanFacts): boolean =>
  isSetByCones(facts) && hubNode(facts) === null && !clampsByAxle(facts)

/**
 * Torques of one moment. A nut that was set to a play has none: it is seated, backed off, set and locked. Wheel nuts have a step
 * of their own, last of all.
 */
export function torqueSteps(facts: PlanFacts, moment: Moment): { slotLine: SlotLine; step: Step }[] {
  const all = slotLinesOf(facts).filter(
    (slotLine) => isFastener(slotLine) && !setsPlay(facts, slotLine) && slotLine.slot.role !== 'wheelNuts',
  )
  const first = all[0]
  return all
    .filter((slotLine) => momentOf(facts, slotLine) === moment)
    .map((slotLine) => ({
      slotLine,
      step: { ...torqueStep(facts, slotLine), ...(slotLine === first && { practice: 'torque' }) },
    }))
}
