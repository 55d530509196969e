import {
  comesInHousing,
  fitOf,
  hasBalls,
  inBoth,
  isClamped,
  isInsert,
  isTapered,
  isTight,
  nameOf,
  partAt,
  placesOf,
  rollersAt,
  round,
  startLarge,
  type Placed,
} from './facts'
import { drawnUpWords, hasOwnNut, isOnSleeve } from './drawnUp'
import { endOf, firstEnd, inOrder, MOVED, relationsOf } from './relations'
import { driving, through } from './driving'
import { checkStep, holdsWheel, PLAIN, plainSteps, wheelStep } from './mountRest'
import { oncePerFacts } from './oncePerFacts'
import type { Ordered } from './ordered'
import type { PlanFacts, PlanStep } from './plan'
import { schoolNote } from './schools'
import { clampsByAxle, torqueSteps } from './tightening'

/** The tab of a lock washer, once its nut is home. */
export const bentTab = ({ slot }: Placed): PlanStep => ({
  id: `lock.${slot.id}`,
  words: 'Bend one tab of the washer into a slot of the nut.',
})

const step = ({ id, words, caution, tool, school, stop }: Ordered): PlanStep => ({
  id,
  words,
  ...(caution && { caution }),
  ...(tool && { tool }),
  ...(school && { school }),
  ...(stop && { stop }),
})

const AGAIN = 'Start square and stop when it is seated, as before.'
const START =
  'Start square; if it tilts, stop and straighten it. Seated when the pitch of the blows changes or the force rises suddenly: stop.'

function closureWords(facts: PlanFacts, slot: string): string {
  const closure = partAt(facts, slot)?.closure
  if (closure?.sides !== 1) return ''
  return ' Closed side outward; back the open side with grease.'
}

/** Which end goes in first: the one with the locating shoulder; it fixes the position of the wheel. */
const isFirst = (facts: PlanFacts, { slot }: Placed): boolean =>
  (endOf(slot) ?? firstEnd(facts)) === firstEnd(facts)

/** What belongs to the carrier goes in after the shell, in the order it stands there. */
const CARRIER = 51
const inCarrier = ({ arrangement }: PlanFacts, { slot }: Placed): number =>
  CARRIER + arrangement.slots.indexOf(slot) / 100

function bearingStep(facts: PlanFacts, place: Placed, before: readonly Placed[]): Ordered {
  const { slot } = place
  const first = isFirst(facts, place)
  if (slot.byThumb)
    return {
      id: `mount.${slot.id}`,
      order: first ? 30 : 50,
      words: `${nameOf(place)}: into the ${facts.arrangement.hub} by thumb. No press, no heat, no hammer; one that will not go in is the wrong one, or the bore has a burr.`,
    }
  if (isOnSleeve(facts, slot.id))
    return {
      id: `mount.${slot.id}`,
      order: first ? 30 : 50,
      words: `${nameOf(place)}: its radial clearance measured and written down, then onto its sleeve, the large end of the bore first, dry; by hand until it touches. Neither heated nor pressed: its nut draws it up. Marking outward.${
        hasOwnNut(facts, slot.id)
          ? ''
          : ` Washer and nut of the sleeve on, then ${drawnUpWords(facts, slot.id)} Tab bent into a slot, tightening to the next one, never back.`
      }`,
      tool: 'Feeler gauge, hook spanner',
    }
  const shaft = facts.arrangement.turning === 'inner'
  const tight = isTight(fitOf(facts, slot.id, 'outer'))
    ? fitOf(facts, slot.id, 'outer')
    : fitOf(facts, slot.id, 'inner')
  const hasSpacer = placesOf(facts).some((p) => p.slot.role === 'spacerTube' && !p.slot.carrier)
  const { carrier } = slot
  const where = shaft ? 'onto the shaft' : `into the ${carrier ? 'carrier' : facts.arrangement.hub}`
  const why = slot.stacked
    ? ', against the one before it.'
    : first
      ? ' first, the side with the locating shoulder: it fixes the position.'
      : hasSpacer && !carrier
        ? ', with the spacer already in.'
        : '.'
  const rollers = shaft ? rollersAt(facts, place) : null
  const apart = !rollers
    ? ''
    : ` Its rings come apart: the inner ring${rollers === 'inner' ? ' with its rollers' : ''} goes on the shaft, the outer ring${rollers === 'outer' ? ' with its rollers' : ''} into the ${facts.arrangement.hub}, through itself; oiled, they are joined square and turning, so that no roller scores a ring.`
  const driven = driving(facts, place, tight, before)
  return {
    id: `mount.${slot.id}`,
    order: carrier ? inCarrier(facts, place) : first ? 30 : 50,
    driven: true,
    words: `${nameOf(place)}: ${where}${why} ${through(facts, slot.id)} Marking outward.${apart}${closureWords(facts, slot.id)}${driven.after}`,
    tool: driven.tool,
    heated: driven.heated,
    caution: 'Eye protection; gloves for hot parts; never stand in line with the press.',
  }
}

function stepsFor(facts: PlanFacts, place: Placed, before: readonly Placed[]): Ordered[] {
  const { slot, line } = place
  const id = `mount.${slot.id}`
  const name = nameOf(place)
  const tapered = isTapered(facts)
  const outerSide = slot.side === 'outer' || slot.side === 'right'
  switch (slot.role) {
    case 'wearSleeve':
      return [
        {
          id,
          order: 10,
          words: `${name}: over the grooved journal, flange cut off if it is in the way. Film of sealant.`,
        },
      ]
    case 'cup': {
      const driven = driving(facts, place, fitOf(facts, slot.id, 'outer'), before)
      return [
        {
          id,
          order: outerSide ? 31 : 30,
          words: `${name}: into the ${facts.arrangement.hub}, wide opening outward, fully seated against the shoulder.${driven.after}`,
          driven: true,
          tool: driven.tool,
          heated: driven.heated,
          caution: `Eye protection; gloves for a hot ${facts.arrangement.hub}. The old cup, ground 0.5 mm smaller outside, makes a drift for the press; a hardened ring is never struck with steel.`,
        },
      ]
    }
    case 'cone':
      return slot.side === 'outer'
        ? [
            {
              id,
              order: 80,
              words: `${name}: packed, onto the spindle by hand. It slides; if it does not, clean the spindle.`,
            },
          ]
        : [
            {
              id: `${id}.pack`,
              order: 58,
              words: `Pack both cones by hand until grease comes through the cage all round; film on the cup faces. ${facts.greaseWords}`,
              school: schoolNote('grease', facts.schools),
            },
            { id, order: 60, words: `${name}: into its cup, before the seal.` },
          ]
    case 'ballBearing':
    case 'bearing':
    case 'insert':
      return slot.role === 'insert'
        ? [
            {
              id,
              order: 40,
              words: `${name}: ${comesInHousing(facts, place) ? 'in its housing already; it swivels by hand' : 'through the loading slots of the housing, turned straight'}; lubrication holes in line. Onto the shaft by hand; where the shaft has a key, that in before it is home.`,
              caution: 'Never hammer on the insert: the shaft is made to fit.',
            },
          ]
        : [bearingStep(facts, place, before)]
    case 'hubUnit': {
      const [unit, hub] = [
        driving(facts, place, fitOf(facts, slot.id, 'outer'), before),
        driving(
          { ...facts, schools: { ...facts.schools, heat: 'cold' } },
          place,
          fitOf(facts, slot.id, 'inner'),
          before,
        ),
      ]
      return [
        {
          id,
          order: 40,
          words: `${name}: into the ${facts.arrangement.hub}. Press only on the outer ring.${
            facts.encoder === true
              ? ' The magnetic encoder side goes toward the sensor: a paper clip tells it. Keep steel dust and magnets away.'
              : ''
          }${unit.after}`,
          driven: true,
          tool: unit.tool,
          heated: unit.heated,
          caution: 'Press guarded, eye protection, never stand in line.',
        },
        {
          id: `${id}.hub`,
          node: `${slot.id}.hub`,
          order: 56,
          words:
            'Hub into the fitted unit: support the inner ring from below, never the outer one, or the balls dent.',
          tool: hub.tool,
          caution: 'Press guarded, eye protection.',
        },
      ]
    }
    case 'spacerTube':
      return [
        {
          id,
          order: slot.carrier ? inCarrier(facts, place) : 45,
          words: slot.carrier
            ? `${name}: in its place now. ${line.note}`
            : `${name}: in now, centred, before the second bearing. Afterwards it cannot go in.`,
        },
      ]
    case 'snapRing':
      return [
        {
          id,
          order: slot.side === 'inner' ? 20 : holdsWheel(facts, place) ? 71 : 55,
          words: `${name}: into its groove, seen all round.${facts.encoder === true ? ' Gap clear of the sensor.' : ''}`,
          tool: 'Snap ring pliers',
          caution: 'Eye protection: snap rings fly.',
        },
      ]
    case 'seal':
      return [
        {
          id,
          order: tapered ? 65 : 66,
          words: `${name}: grease the lip and its journal, drive in square and flush, spring side toward ${
            facts.arrangement.filmOnly
              ? 'what is kept in, as the old one sat; where water from outside is the worse enemy some turn it round'
              : 'the bearing'
          }. A dry lip tears at the first turn.`,
          tool: `Flat driver a little smaller than ${round(partAt(facts, slot.id)?.part.dimensions.outside ?? 0) === '0' ? 'its outside' : inBoth((partAt(facts, slot.id)?.part.dimensions.outside ?? 0) - 0.5)}`,
        },
      ]
    case 'wheelSpacer':
      return [{ id, order: 72, words: `${name}: in, smooth side to the lip, a film of grease on it.` }]
    case 'washer':
      return [{ id, order: 82, words: `${name}: tab in the keyway, curved side away from the bearing.` }]
    case 'castleNut':
      return [{ id, order: 84, words: `${name}: on by hand over its whole thread.` }]
    case 'lockWasher':
      return [{ id, order: 52, words: `${name}: inner tab in the keyway.` }]
    case 'lockNut':
      return [
        {
          id,
          order: 53,
          words: `${name}: on by hand, then tightened lightly; it draws the bearing onto its seat and is locked under the finish.`,
        },
      ]
    case 'balls':
      return [
        {
          id,
          order: 50,
          words: `${line.words}: ${line.quantityPerPosition > 0 ? `${line.quantityPerPosition} balls` : 'balls'}, all of one new batch, set into the grease of the cup.`,
        },
      ]
    case 'check':
      return checkStep(facts, place, id)
    case 'grease':
      return tapered || facts.arrangement.filmOnly
        ? []
        : [
            {
              id,
              order: isInsert(facts) ? 89 : hasBalls(facts) ? 45 : 64,
              words: `Grease: ${facts.greaseWords}`,
              school: schoolNote('grease', facts.schools),
            },
          ]
    case 'collar':
      return [
        {
          id,
          order: 77,
          words: `${name}: onto the spindle between the cones, with its shims as they were. ${line.note}`,
        },
      ]
    case 'adapterSleeve':
      return [
        {
          id,
          order: 29,
          words: `${name}: onto the clean shaft where the old one stood, thread toward its nut, eased open by a wedge; no grease between.`,
        },
      ]
    case 'nipple':
      // One that stays where it is is pumped at the end.
      return slot.fills !== undefined && line.stays ? [] : plainSteps(facts, place, PLAIN.nipple, name)
    case 'cotterPin':
    case 'nutLock':
    case 'wheelNuts':
    case 'cap':
    case 'threadlocker':
    case 'consumable':
      return []
    default:
      return plainSteps(facts, place, PLAIN[slot.role], name)
  }
}

/** Steps that come with the arrangement as a whole, not with a single place. */
function wholeSteps(facts: PlanFacts): Ordered[] {
  const steps: Ordered[] = []
  if (isClamped(facts))
    steps.push({
      id: 'mount.trial',
      node: MOVED.trial,
      order: 57,
      words:
        'Trial, dry, before any grease: cones in their cups with a film of oil, hub on the spindle, collar with its shims, outer cone, nut fully tight. Rock and turn: it turns freely, with play just felt. Too large: a shim of the difference out; none: one in. Apart again.',
      tool: 'Dial indicator with stand, feeler gauge',
      caution: 'A preloaded pair runs hot within the hour: when in doubt one shim more.',
    })
  const wheel = wheelStep(facts)
  if (wheel) steps.push({ ...wheel, node: MOVED.hub })
  else if (clampsByAxle(facts))
    steps.push({
      id: 'mount.wheel',
      node: MOVED.wheel,
      order: 90,
      words:
        'Wheel into its place, disc and chain line where they were; the fastener of the axle started by hand.',
    })
  if (facts.arrangement.slots.some(({ carrier }) => carrier))
    steps.push({
      id: 'mount.carrier',
      node: MOVED.carrier,
      order: 70,
      words:
        'Carrier onto the hub shell: pawls held in, turned gently against its drive until they are caught; every pawl and spring counted. It drives one way and clicks the other.',
    })
  if (
    facts.arrangement.turning === 'inner' &&
    placesOf(facts).some(({ slot: { role } }) => role === 'bearing' || role === 'ballBearing')
  )
    steps.push({
      id: 'mount.shaft',
      node: MOVED.shaft,
      order: 60,
      words:
        'Shaft with its bearings into the housing; the floating bearing keeps room to move endways. Keys before the shaft is finally home.',
    })
  return steps
}

/** Steps of fitting in an order that can be done, and what each moves. */
export interface FittingOrder {
  /** places of the kit and what is moved as a whole, in order */
  nodes: string[]
  steps: Ordered[]
  /** what would have to come before itself: fitted in no order at all */
  circle: string[] | null
}

const nodeOf = ({ id, node }: Ordered): string => node ?? id.replace(/^mount\./, '')

/**
 * Fitting in the order its relations allow; where they leave it free, as is usual. What goes in before a part decides whether its
 * hub may be heated.
 */
export const fittingOrder = oncePerFacts((facts): FittingOrder => {
  const placed = placesOf(facts)
  const drafts = (before: (place: Placed) => readonly Placed[]): Ordered[] => [
    ...placed.flatMap((place) =>
      stepsFor(facts, place, before(place)).map((s) => ({ ...s, node: s.node ?? place.slot.id })),
    ),
    ...wholeSteps(facts),
  ]
  const first = drafts(() => [])
  const preference = new Map<string, number>()
  for (const s of first) preference.set(nodeOf(s), Math.min(s.order, preference.get(nodeOf(s)) ?? Infinity))
  const order = inOrder(preference, relationsOf(facts))
  const nodes = order.ok ? order.value : [...preference].sort(([, a], [, b]) => a - b).map(([id]) => id)
  const at = (node: string): number => nodes.indexOf(node)
  const steps = drafts((place) => placed.filter(({ slot }) => at(slot.id) < at(place.slot.id)))
  for (const { place, step: torque } of torqueSteps(facts, 'mount'))
    steps.push({ ...torque, node: place.slot.id, order: Infinity })
  for (const place of placed)
    if (place.slot.role === 'lockWasher' && !isTapered(facts)) {
      // The tab is bent when the nut over it is home.
      const nut = placed.find(({ slot }) => slot.role === 'lockNut')
      steps.push({ ...bentTab(place), node: nut?.slot.id ?? place.slot.id, order: Infinity })
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
export function mountSteps(facts: PlanFacts): PlanStep[] {
  const { steps: ordered } = fittingOrder(facts)
  const heated = ordered.find((s) => s.heated)
  if (heated) heated.school ??= schoolNote('heat', facts.schools)
  const first = ordered.findIndex(({ driven }) => driven)
  return ordered
    .map((s, i) => (s.driven ? { ...s, words: `${s.words} ${i === first ? START : AGAIN}` } : s))
    .map(step)
    .map(startLarge)
}
