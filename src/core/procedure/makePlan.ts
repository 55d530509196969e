import { recheckDates } from '../adjust'
import { checkSteps, cleanSteps } from './checks'
import { isBoltOn, isFastener, isInsert, isSetByCones, isTapered, nameOf, placesOf, setsPlay } from './facts'
import { adjustSteps, finishSteps } from './finishing'
import { hubPlaces } from './hubHeat'
import { fittingOrder, mountSteps } from './mounting'
import { SECTION_WORDS, type Plan, type PlanFacts, type PlanSection, type PlanStep } from './plan'
import { relationsOf } from './relations'
import { beforeSteps, removalSteps } from './removal'
import { clampsByAxle, isDrawingUp, takesAxleAlong } from './tightening'
import { pickTools } from './tools'
import { wantedTools } from './wantedTools'

const BUILDERS: readonly (readonly [PlanSection, (facts: PlanFacts) => PlanStep[]])[] = [
  ['before', beforeSteps],
  ['removal', removalSteps],
  ['clean', cleanSteps],
  ['check', checkSteps],
  ['mount', mountSteps],
  ['adjust', adjustSteps],
  ['finish', finishSteps],
]

/** Seats that must be repaired before anything is fitted in them. */
const lostSeats = (facts: PlanFacts): string[] =>
  facts.fits
    .filter((fit) => fit.seat?.verdict === 'replace')
    .map(
      (fit) =>
        `Seat of ${facts.kit.lines.find((l) => l.slot === fit.slot)?.words.toLowerCase() ?? fit.slot}, ${fit.ring === 'inner' ? 'shaft' : 'housing'}: repair or renew before fitting. ${fit.seat?.why ?? ''}`,
    )

function openQuestions(facts: PlanFacts): string[] {
  const gaps = facts.kit.lines.filter((line) => line.state !== 'filled')
  const { circle } = fittingOrder(facts)
  const nameIn = (id: string): string =>
    facts.kit.lines.find((line) => line.slot === id)?.words.toLowerCase() ?? facts.arrangement.hub
  return [
    ...(circle
      ? [
          `These parts cannot be fitted in any order, each is wanted before the next: ${[...circle, circle[0] ?? ''].map(nameIn).join(' → ')}. Change the arrangement.`,
        ]
      : []),
    ...gaps.map(
      (line) => `${line.words}: ${line.state === 'gap' ? 'missing' : 'does not fit'}. ${line.reason}`,
    ),
    ...lostSeats(facts),
    ...(facts.run === 'notUntilRepaired' ? ['The machine does not run until this is repaired.'] : []),
  ]
}

/** A hub may be warmed for a ring that goes into it, or for one that will not come off. */
const mayHeat = (facts: PlanFacts): boolean =>
  facts.stuck.inHub ||
  facts.stuck.onShaft ||
  (facts.arrangement.turning === 'outer' &&
    !isInsert(facts) &&
    !isBoltOn(facts) &&
    hubPlaces(facts).length > 0)

/** Fasteners of the kit; a wheel clamped on its axle without any in its kit hangs on that one. */
function torqueRows(facts: PlanFacts): Plan['torques'] {
  const rows = placesOf(facts)
    .filter((place) => isFastener(place) && !isDrawingUp(facts, place))
    .map((place) => ({
      id: place.slot.id,
      words: setsPlay(facts, place) ? `${place.line.words}, seating torque` : place.line.words,
    }))
  return clampsByAxle(facts) || takesAxleAlong(facts)
    ? [...rows, { id: 'axle', words: 'Fastener of the axle' }]
    : rows
}

/** Sections whose steps move parts of the kit: their ids carry the place. */
const MOVES = /^(?:removal|mount|finish|torque|lock)\.([A-Za-z0-9]+)/

/** Adds to a step which place of the kit it is about and, while fitting, what would block it. */
function withPlaces(facts: PlanFacts): (step: PlanStep) => PlanStep {
  const known = new Set(placesOf(facts).map(({ slot }) => slot.id))
  const relations = relationsOf(facts)
  return (step) => {
    const place = MOVES.exec(step.id)?.[1]
    if (place === undefined || !known.has(place)) return step
    const blockedBy = step.id.startsWith('mount.')
      ? [
          ...new Set(
            relations.flatMap(({ first, then }) => (first === place && known.has(then) ? [then] : [])),
          ),
        ]
      : []
    return { ...step, place, ...(blockedBy.length > 0 && { blockedBy }) }
  }
}

/**
 * An ordered job card from rules over the actual parts: what is not there is not mentioned. Values of torque are asked for,
 * never given.
 */
export function makePlan(facts: PlanFacts): Plan {
  const places = placesOf(facts)
  const placed = withPlaces(facts)
  return {
    sections: BUILDERS.map(([id, build]) => ({
      id,
      words: SECTION_WORDS[id],
      steps: build(facts).map(placed),
    })).filter(({ steps }) => steps.length > 0),
    torques: torqueRows(facts),
    alwaysNew: places.filter(({ line }) => line.singleUse && line.quantity > 0).map((place) => nameOf(place)),
    tools: pickTools(wantedTools(facts), facts.toolbox),
    rechecks: recheckDates(facts.fittedOn, isTapered(facts) || isSetByCones(facts), facts.wet),
    open: openQuestions(facts),
    lost: lostSeats(facts),
    heats: mayHeat(facts),
  }
}
