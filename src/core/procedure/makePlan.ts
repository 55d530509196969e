import { recheckDates } from '../adjust'
import { checkSteps, cleanSteps } from './checks'
import {
  isBoltOn,
  isFastener,
  isInsert,
  isSetByCones,
  isTapered,
  nameOf,
  slotLinesOf,
  setsPlay,
} from './facts'
import { adjustSteps, finishSteps } from './finishing'
import { hubSlotLines } from './hubHeat'
import { mountSteps } from './fittingOrder'
import { lostSeats, openPoints } from './openPoints'
import { SECTION_LABELS, type Plan, type PlanFacts, type PlanSection, type PlanStep } from './plan'
import { beforeSteps, removalSteps } from './removal'
import { practiceNote } from './practices'
import type { Step } from './steps'
import { openText } from './texts/openTexts'
import { stepText } from './texts/stepText'
import { withToolText } from './texts/toolText'
import { clampsByAxle, isDrawingUp, takesAxleAlong } from './tightening'
import { pickTools } from './tools'
import { wantedTools } from './wantedTools'

const BUILDERS: readonly (readonly [PlanSection, (facts: PlanFacts) => Step[]])[] = [
  ['before', beforeSteps],
  ['removal', removalSteps],
  ['clean', cleanSteps],
  ['check', checkSteps],
  ['mount', mountSteps],
  ['adjust', adjustSteps],
  ['finish', finishSteps],
]

/** A hub may be warmed for a ring that goes into it, or for one that will not come off. */
const mayHeat = (facts: PlanFacts): boolean =>
  facts.stuck.inHub ||
  facts.stuck.onShaft ||
  (facts.arrangement.rotatingRing === 'outer' &&
    !isInsert(facts) &&
    !isBoltOn(facts) &&
    hubSlotLines(facts).length > 0)

/** Fasteners of the kit; a wheel clamped on its axle without any in its kit hangs on that one. */
function torqueRows(facts: PlanFacts): Plan['torques'] {
  const rows = slotLinesOf(facts)
    .filter((slotLine) => isFastener(slotLine) && !isDrawingUp(facts, slotLine))
    .map((slotLine) => ({
      id: slotLine.slot.id,
      label: setsPlay(facts, slotLine) ? `${slotLine.line.label}, seating torque` : slotLine.line.label,
    }))
  return clampsByAxle(facts) || takesAxleAlong(facts)
    ? [...rows, { id: 'axle', label: 'Fastener of the axle' }]
    : rows
}

/** While taking apart a step takes its part off; from fitting on it puts it in. */
const MOVES: Partial<Record<PlanSection, 'off' | 'on'>> = {
  removal: 'off',
  mount: 'on',
  adjust: 'on',
  finish: 'on',
}

/** A step with its text, and which practice of the shop it follows. */
function written(facts: PlanFacts, section: PlanSection): (step: Step) => PlanStep {
  const moves = MOVES[section]
  return (step) => {
    const { id, code, data, practice, stop, place, blockedBy } = step
    const { text, tool, caution } = stepText(step)
    return {
      id,
      code,
      data,
      text,
      ...(tool && { tool }),
      ...(caution && { caution }),
      ...(practice && { practice: practiceNote(practice, facts.practices) }),
      ...(stop && { stop }),
      ...(moves && { moves }),
      ...(place !== undefined && { place }),
      ...(blockedBy && { blockedBy }),
    }
  }
}

/**
 * An ordered job card from rules over the actual parts: what is not there is not mentioned. Values of torque are asked for,
 * never given.
 */
export function makePlan(facts: PlanFacts): Plan {
  const slotLines = slotLinesOf(facts)
  return {
    sections: BUILDERS.map(([id, build]) => ({
      id,
      label: SECTION_LABELS[id],
      steps: build(facts).map(written(facts, id)),
    })).filter(({ steps }) => steps.length > 0),
    torques: torqueRows(facts),
    alwaysNew: slotLines
      .filter(({ line }) => line.singleUse && line.quantity > 0)
      .map((slotLine) => nameOf(slotLine)),
    tools: pickTools(wantedTools(facts).map(withToolText), facts.toolbox),
    rechecks: recheckDates(facts.fittedOn, isTapered(facts) || isSetByCones(facts), facts.wet),
    open: openPoints(facts).map(openText),
    lost: lostSeats(facts).map(openText),
    heats: mayHeat(facts),
  }
}
