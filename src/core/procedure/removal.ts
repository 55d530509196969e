import { isWholeBearing, type SlotRole } from '../kit'
import { hasOwnNut, isOnSleeve } from './drawnUp'
import {
  about,
  aloneIn,
  comesInHousing,
  hasBalls,
  isBoltOn,
  isInsert,
  isEncoder,
  isSetByCones,
  isTapered,
  partAt,
  slotLinesOf,
  rollersAt,
  type SlotLine,
} from './facts'
import { fittingOrder } from './fittingOrder'
import { oncePerFacts } from './oncePerFacts'
import { axleStillIn, driftFor } from './reach'
import { endOf, LAST_ON, MOVED, unitHub } from './relations'
import type { NamedCode, OutBy, RemovalFacts, Step, StepContent } from './steps'
import { clampsByAxle, isDrawingUp, takesAxleAlong } from './tightening'
import type { PlanFacts } from './plan'

/** Made safe, recorded, taken apart. Recording comes first: it cannot be done later. */
export function beforeSteps(facts: PlanFacts): Step[] {
  const cautions = facts.arrangement.cautions.map((text, i): Step => ({
    id: `before.${i}`,
    code: 'caution',
    data: { text },
  }))
  return [...onTheGround(facts), ...cautions]
}

/** What must be loosened while the wheels hold it: before the machine is lifted. */
function onTheGround(facts: PlanFacts): Step[] {
  const has = (role: SlotRole): boolean => slotLinesOf(facts).some(({ slot }) => slot.role === role)
  const steps: (Step | false)[] = [
    has('wheelNuts') && { id: 'ground.wheelNuts', code: 'wheelNutsCracked', data: {} },
    has('axleNut') && {
      id: 'ground.axleNut',
      code: 'axleNutSlackened',
      data: { capFirst: has('cap') },
    },
  ]
  return steps.filter((step) => step !== false)
}

/** What cannot be seen any more once it is apart. */
function toRecord(facts: PlanFacts): RemovalFacts['record']['of'] {
  if (isBoltOn(facts)) return 'unit'
  if (isSetByCones(facts)) return hasBalls(facts) ? 'loose balls' : 'cones'
  if (isInsert(facts)) return 'housing'
  const alone = aloneIn(facts)
  if (alone) return alone
  return isTapered(facts) ? 'cups' : 'bearings'
}

/**
 * What is tried on a ring that will not come off, mildest first (common practice). Heat only where nothing near it would be spoilt.
 */
function stuckSteps({ stuck, arrangement: { hub }, hubHas }: PlanFacts): Step[] {
  const spoilt = [...(hubHas ?? [])]
  const steps: (Step | false)[] = [
    stuck.onShaft && { id: 'removal.stuckOnShaft', code: 'stuckOnShaft', data: { spoilt } },
    stuck.inHub && { id: 'removal.stuckInHub', code: 'stuckInHub', data: { hub, spoilt } },
  ]
  return steps.filter((step) => step !== false)
}

/** How one part comes off; `driven`: by force, where practitioners differ in how. */
type Off = StepContent<keyof RemovalFacts> & { driven?: true }
/** @param order what comes off, in order */
type OffBy = (facts: PlanFacts, slotLine: SlotLine, order: readonly string[]) => Off | null

/** A part that comes off in one way only. */
const simply =
  (code: NamedCode<RemovalFacts>): OffBy =>
  (_, { line }) => ({ code, data: { name: line.label } })
const freed =
  (kind: RemovalFacts['bearingFreed']['kind']): OffBy =>
  (_, { line }) => ({ code: 'bearingFreed', data: { name: line.label, kind } })
const nothing: OffBy = () => null
const BENT: readonly SlotRole[] = ['lockWasher', 'tabWasher']
/** A bent washer is still over the nut when it comes off. */
const isUnderBent = (facts: PlanFacts, nutId: string, order: readonly string[]): boolean =>
  slotLinesOf(facts).some(
    ({ slot }) => BENT.includes(slot.role) && order.indexOf(slot.id) > order.indexOf(nutId),
  )
const nut: OffBy = (facts, slotLine, order) => {
  const { slot, line } = slotLine
  const tabFirst = slot.role !== 'axleNut' && isUnderBent(facts, slot.id, order)
  return isDrawingUp(facts, slotLine)
    ? { code: 'nutLoosened', data: { name: line.label, tabFirst } }
    : { code: 'nutOff', data: { name: line.label, tabFirst, slackened: slot.role === 'axleNut' } }
}
const unbent: OffBy = (facts, { slot, line }) => {
  const nutOver = slotLinesOf(facts).find((p) => p.slot.id === slot.at)
  const withNut = nutOver !== undefined && isDrawingUp(facts, nutOver)
  return { code: 'bentWasherOff', data: { name: line.label, withNut } }
}

/** A drift that reaches and catches a ring; any, where its size is not known. */
function byDrift(drift: ReturnType<typeof driftFor>): OutBy {
  return { drift: drift === null || drift === 'none' ? 'any' : drift }
}

const cupOut: OffBy = (facts, slotLine, order) => ({
  code: 'cupOut',
  data: {
    name: slotLine.line.label,
    by: facts.practices.driving === 'press' ? { puller: 'any' } : byDrift(driftFor(facts, slotLine, order)),
  },
  driven: true,
})

/** The spacer stands in the way of a drift as long as it is in. */
const spacerInTheWay = ({ slot }: SlotLine, facts: PlanFacts, order: readonly string[]): boolean =>
  slotLinesOf(facts).some(
    (p) =>
      p.slot.role === 'spacerTube' &&
      p.slot.carrier === slot.carrier &&
      order.indexOf(p.slot.id) > order.indexOf(slot.id),
  )

/** The first bearing that comes out of its hub. */
const isFirstOut = (facts: PlanFacts, { slot }: SlotLine, order: readonly string[]): boolean =>
  slotLinesOf(facts)
    .filter((p) => isWholeBearing(p.slot.role) && p.slot.carrier === slot.carrier)
    .every((p) => order.indexOf(p.slot.id) >= order.indexOf(slot.id))

const bearingOut: OffBy = (facts, slotLine, order) => {
  const { slot, line } = slotLine
  const { arrangement } = facts
  const name = line.label
  if (slot.byThumb) return { code: 'bearingPushedOut', data: { name } }
  if (isOnSleeve(facts, slot.id))
    return { code: 'bearingOffSleeve', data: { name, ownNut: hasOwnNut(facts, slot.id) } }
  if (axleStillIn(facts, slotLine, order)) return { code: 'bearingOutWithAxle', data: { name }, driven: true }
  if (slot.role === 'hubUnit')
    return { code: 'hubUnitOut', data: { name, hub: arrangement.hub }, driven: true }
  const drift = driftFor(facts, slotLine, order)
  const pulled = facts.practices.driving === 'press' || drift === 'none'
  if (arrangement.rotatingRing === 'inner')
    return {
      code: 'bearingOffShaft',
      data: {
        name,
        outerStaysIn: rollersAt(facts, slotLine) ? arrangement.hub : null,
        by: pulled ? { puller: 'any' } : byDrift(drift),
      },
      driven: true,
    }
  const boreMm = partAt(facts, slot.id)?.part.dimensions.bore
  return {
    code: 'bearingOut',
    data: {
      name,
      from: slot.carrier ? 'carrier' : arrangement.hub,
      tiltSpacer: spacerInTheWay(slotLine, facts, order),
      ringMayStay: aloneIn(facts) === null && isFirstOut(facts, slotLine, order),
      by: pulled ? { puller: boreMm === undefined ? 'any' : { boreMm } } : byDrift(drift),
    },
    driven: true,
  }
}

/** Taking off, by role (common practice). */
const OFF: Readonly<Record<SlotRole, OffBy>> = {
  cap: simply('capOff'),
  cotterPin: simply('pinOut'),
  nutLock: simply('nutLockOff'),
  tabWasher: unbent,
  lockWasher: unbent,
  wheelNuts: simply('wheelOff'),
  castleNut: nut,
  clampNut: nut,
  ringNut: nut,
  lockingRingNut: nut,
  jamNut: simply('jamNutOff'),
  axleNut: nut,
  lockNut: nut,
  clampScrew: simply('clampScrewLoose'),
  setScrews: (facts, { line }) => ({
    code: 'setScrewsLoose',
    data: { name: line.label, onInsert: isInsert(facts) },
  }),
  retainer: simply('retainerOut'),
  bolts: simply('boltsOut'),
  cone: (_, { slot, line }) => ({
    code: 'coneOut',
    data: { name: line.label, caught: endOf(slot) === 'first' },
  }),
  cup: cupOut,
  ballCup: (facts, slotLine, order) => (slotLine.line.stays ? null : cupOut(facts, slotLine, order)),
  ballBearing: bearingOut,
  bearing: bearingOut,
  hubUnit: bearingOut,
  thrustBearing: freed('thrustBearing'),
  rodEnd: freed('rodEnd'),
  sphericalPlain: bearingOut,
  trackRoller: freed('trackRoller'),
  clutch: bearingOut,
  // The old housing goes with its insert where a whole unit comes.
  insert: (facts, slotLine, order) =>
    comesInHousing(facts, slotLine) ? null : simply('insertOut')(facts, slotLine, order),
  boltOnUnit: simply('boltOnUnitOff'),
  balls: simply('ballsOut'),
  ballCone: simply('aside'),
  adjustingCone: simply('adjustingConeOff'),
  seal: simply('sealOut'),
  snapRing: simply('snapRingOut'),
  spacerTube: simply('spacerOut'),
  collar: simply('collarAside'),
  shims: simply('shimsAside'),
  wheelSpacer: simply('aside'),
  washer: simply('aside'),
  plainWasher: simply('aside'),
  axle: simply('axleOut'),
  pin: simply('pivotPinOut'),
  dustCover: simply('aside'),
  cover: simply('aside'),
  shield: simply('aside'),
  housing: (facts, slotLine, order) =>
    isInsert(facts) ? simply('housingOff')(facts, slotLine, order) : null,
  adapterSleeve: simply('sleeveOff'),
  plain: simply('plainOff'),
  wearSleeve: nothing,
  studs: nothing,
  hubBody: nothing,
  nipple: nothing,
  grease: nothing,
  check: nothing,
  consumable: nothing,
  threadlocker: nothing,
}

/** What comes away as a whole, by the node of the order. */
function movedOff(facts: PlanFacts, node: string): Off | null {
  switch (node) {
    case MOVED.hub:
      return {
        code: 'hubOff',
        data: {
          tapered: isTapered(facts),
          axle: clampsByAxle(facts) ? 'fastened' : 'plain',
          hub: facts.arrangement.hub,
        },
      }
    case MOVED.wheel:
      return { code: 'wheelOut', data: { fasteners: 'one' } }
    case MOVED.shaft:
      return { code: 'shaftOut', data: {} }
    case MOVED.carrier:
      return { code: 'carrierOff', data: {} }
    default:
      return null
  }
}

/** The hub of a unit that is pressed into a knuckle; null where a node of the order is none. */
const unitOfHub = (facts: PlanFacts, node: string): SlotLine | undefined =>
  slotLinesOf(facts).find(({ slot }) => unitHub(slot.id) === node)

/** The end with a single bearing comes out first: the stack of the other end is then reached from inside. */
function singleFirst(facts: PlanFacts): PlanFacts {
  const stacked = slotLinesOf(facts).find(({ slot }) => slot.stacked && !slot.carrier)?.slot.side
  return stacked === undefined ? facts : { ...facts, firstSide: stacked }
}

/**
 * Places and what is moved as a whole, in the order they come off: the mirror of fitting, with the single bearing first where that
 * can be done.
 */
export const removalOrder = oncePerFacts((facts): string[] => {
  const slotLines = slotLinesOf(facts)
  const last = LAST_ON.flatMap((role) =>
    slotLines.filter(({ slot }) => slot.role === role).map(({ slot }) => slot.id),
  )
  const mirrored = fittingOrder(singleFirst(facts))
  const { nodes } = mirrored.circle ? fittingOrder(facts) : mirrored
  return [...nodes, ...last].toReversed()
})

/** What one node of the order comes to, and the place it is about. */
function offAt(facts: PlanFacts, node: string, order: readonly string[]): [Off, string | undefined] | null {
  const slotLine = slotLinesOf(facts).find(({ slot }) => slot.id === node)
  if (slotLine) {
    const off = OFF[slotLine.slot.role](facts, slotLine, order)
    return off && [off, node]
  }
  const unit = unitOfHub(facts, node)
  if (unit) return [{ code: 'hubOutOfUnit', data: {}, driven: true }, unit.slot.id]
  const moved = movedOff(facts, node)
  return moved && [moved, undefined]
}

/** Made loose, then out, in the order in which it was fitted turned round. A sensor comes out before anything near it is moved. */
export function removalSteps(facts: PlanFacts): Step[] {
  const order = removalOrder(facts)
  const { arrangement, depths } = facts
  let driven = false
  const parts = order.flatMap((node): Step[] => {
    const found = offAt(facts, node, order)
    if (!found) return []
    const [{ driven: byForce, ...content }, place] = found
    const first = byForce === true && !driven
    driven ||= first
    return [
      {
        id: `removal.${node}`,
        ...content,
        ...(place !== undefined && { place }),
        ...(first && { practice: 'driving' as const }),
      },
    ]
  })
  const before: (Step | false)[] = [
    {
      id: 'removal.record',
      code: 'record',
      data: { of: toRecord(facts), hub: arrangement.hub, recorded: [...depths] },
    },
    takesAxleAlong(facts) && { id: 'removal.wheel', code: 'wheelOut', data: { fasteners: 'several' } },
    facts.encoder === true && {
      id: 'removal.encoder',
      code: 'sensorOut',
      data: {},
      ...about(facts, isEncoder),
    },
  ]
  return [...before.filter((step) => step !== false), ...parts, ...stuckSteps(facts)]
}
