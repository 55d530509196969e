import { isClamped, isTapered, slotLinesOf, type SlotLine } from './facts'
import { bentTab, stepsFor } from './mounting'
import { hubStep } from './mountRest'
import { oncePerFacts } from './oncePerFacts'
import type { Ordered } from './ordered'
import type { PlanFacts } from './plan'
import { inOrder, MOVED, relationsOf } from './relations'
import type { Step } from './steps'
import { clampsByAxle, torqueSteps } from './tightening'

/** Steps that come with the arrangement as a whole, not with a single place. */
function wholeSteps(facts: PlanFacts): Ordered[] {
  const { arrangement } = facts
  const hub = hubStep(facts)
  const steps: (Ordered | false)[] = [
    isClamped(facts) && { id: 'mount.trial', node: MOVED.trial, order: 57, code: 'trial', data: {} },
    hub ??
      (clampsByAxle(facts) && {
        id: 'mount.wheel',
        node: MOVED.wheel,
        order: 90,
        code: 'wheelIn',
        data: { axle: 'started' },
      }),
    arrangement.slots.some(({ carrier }) => carrier) && {
      id: 'mount.carrier',
      node: MOVED.carrier,
      order: 70,
      code: 'carrierOn',
      data: {},
    },
    arrangement.rotatingRing === 'inner' &&
      slotLinesOf(facts).some(({ slot: { role } }) => role === 'bearing' || role === 'ballBearing') && {
        id: 'mount.shaft',
        node: MOVED.shaft,
        order: 60,
        code: 'shaftIn',
        data: {},
      },
  ]
  return steps.filter((step) => step !== false)
}

/** Adds to a step what would be in its way, were it in already. */
function withBlocking(facts: PlanFacts): (step: Ordered) => Ordered {
  const known = new Set(slotLinesOf(facts).map(({ slot }) => slot.id))
  const relations = relationsOf(facts)
  return (step) => {
    const after = relations.flatMap(({ first, then }) =>
      first === step.place && known.has(then) ? [then] : [],
    )
    return after.length === 0 ? step : { ...step, blockedBy: [...new Set(after)] }
  }
}

/** Steps of fitting in an order that can be done, and what each moves. */
export interface FittingOrder {
  /** places of the kit and what is moved as a whole, in order */
  nodes: string[]
  steps: Ordered[]
  /** what would have to come before itself: fitted in no order at all */
  circle: string[] | null
}

const nodeOf = ({ id, node, place }: Ordered): string => node ?? place ?? id

/**
 * Fitting in the order its relations allow; where they leave it free, as is usual. What goes in before a part decides whether its
 * hub may be heated.
 */
export const fittingOrder = oncePerFacts((facts): FittingOrder => {
  const placed = slotLinesOf(facts)
  const drafts = (before: (slotLine: SlotLine) => readonly SlotLine[]): Ordered[] => [
    ...placed.flatMap((slotLine) => stepsFor(facts, slotLine, before(slotLine))),
    ...wholeSteps(facts),
  ]
  const first = drafts(() => [])
  const preference = new Map<string, number>()
  for (const s of first) preference.set(nodeOf(s), Math.min(s.order, preference.get(nodeOf(s)) ?? Infinity))
  const order = inOrder(preference, relationsOf(facts))
  const nodes = order.ok ? order.value : [...preference].sort(([, a], [, b]) => a - b).map(([id]) => id)
  const at = (node: string): number => nodes.indexOf(node)
  const steps = drafts((slotLine) => placed.filter(({ slot }) => at(slot.id) < at(slotLine.slot.id))).map(
    withBlocking(facts),
  )
  for (const { slotLine, step } of torqueSteps(facts, 'mount'))
    steps.push({ ...step, node: slotLine.slot.id, order: Infinity })
  for (const slotLine of placed)
    if (slotLine.slot.role === 'lockWasher' && !isTapered(facts)) {
      // The tab is bent when the nut over it is home.
      const nut = placed.find(({ slot }) => slot.role === 'lockNut')
      steps.push({ ...bentTab(slotLine), node: nut?.slot.id ?? slotLine.slot.id, order: Infinity })
    }
  return {
    nodes,
    // Array.sort is stable: steps of one node keep their order.
    steps: steps.sort(
      (a, b) => at(nodeOf(a)) - at(nodeOf(b)) || (nodeOf(a) === nodeOf(b) ? a.order - b.order || 0 : 0),
    ),
    circle: order.ok ? null : order.problem.ids,
  }
})

/** Fitting, in the order that can be done: what a later part would block goes first. */
export function mountSteps(facts: PlanFacts): Step[] {
  const { steps } = fittingOrder(facts)
  const [firstDriven, firstHeated] = [
    steps.findIndex(({ driven }) => driven),
    steps.findIndex(({ heated }) => heated),
  ]
  return steps.map((step, i): Step => ({
    ...step,
    ...(step.driven && { start: i === firstDriven ? 'full' : 'again' }),
    ...(i === firstHeated && { practice: step.practice ?? 'heat' }),
  }))
}
