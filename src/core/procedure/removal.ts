import { HUB_ATTACHMENT_WORDS } from './attachments'
import { hasOwnNut, isOnSleeve } from './drawnUp'
import { schoolNote } from './schools'
import { isWholeBearing, type SlotRole } from '../kit'
import {
  comesInHousing,
  hasBalls,
  isBoltOn,
  isInsert,
  isSetByCones,
  isTapered,
  partAt,
  placesOf,
  rollersAt,
  type Placed,
} from './facts'
import { fittingOrder } from './mounting'
import { oncePerFacts } from './oncePerFacts'
import { axleStillIn, driftFor } from './reach'
import { endOf, LAST_ON, MOVED } from './relations'
import { clampsByAxle, isDrawingUp, takesAxleAlong } from './tightening'
import type { PlanFacts, PlanStep } from './plan'
import { barWords, blindPullerWords } from './toolWords'

/** Made safe, recorded, taken apart. Recording comes first: it cannot be done later. */
export function beforeSteps(facts: PlanFacts): PlanStep[] {
  const cautions = facts.arrangement.cautions.map((caution, i) => ({
    id: `before.${i}`,
    words: caution,
    caution: 'Safety',
  }))
  return [...onTheGround(facts), ...cautions]
}

const ON_STANDS = 'Power locked off, wheels chocked. Never under a machine that stands on a jack alone.'

/** What must be loosened while the wheels hold it: before the machine is lifted. */
function onTheGround(facts: PlanFacts): PlanStep[] {
  const has = (role: SlotRole): boolean => placesOf(facts).some(({ slot }) => slot.role === role)
  const steps: (PlanStep | false)[] = [
    has('wheelNuts') && {
      id: 'ground.wheelNuts',
      words: 'Still on its wheels: crack the wheel nuts loose; off only when the machine is on its stands.',
      caution: ON_STANDS,
    },
    has('axleNut') && {
      id: 'ground.axleNut',
      words: `Still on its wheels, brake held: ${has('cap') ? 'cap off, ' : ''}a staked collar lifted out of its groove, or it takes the thread along; slacken the axle nut; off only when the machine is on its stands.`,
      caution: ON_STANDS,
    },
  ]
  return steps.filter((step) => step !== false)
}

function recordStep(facts: PlanFacts): PlanStep {
  const { arrangement, depths } = facts
  const what = isBoltOn(facts)
    ? 'how the unit, its shield and the lead of the sensor lie, marks over unit and knuckle'
    : isSetByCones(facts)
      ? `how far the axle stands out on each side, which cone is locked${hasBalls(facts) ? '' : `, depth of each bearing from the face of the ${arrangement.hub}`}`
      : isInsert(facts)
        ? 'where the housing and the collar stand on the shaft, marks round the bolt holes'
        : `depth of ${isTapered(facts) ? 'each cup' : 'each bearing'} from the face of the ${arrangement.hub}, shims and where they lie`
  return {
    id: 'removal.record',
    words: `Record first: ${what}, which side each part came from.${depths.length > 0 ? ` Recorded: ${depths.join('; ')}.` : ''}`,
    tool: 'Depth gauge, marker, photograph',
  }
}

/**
 * What is tried on a ring that will not come off, mildest first (common practice). Heat only where nothing near it would be spoilt.
 */
function stuckSteps(facts: PlanFacts): PlanStep[] {
  const { stuck, arrangement } = facts
  const spoilt = (facts.hubHas ?? []).map((what) => HUB_ATTACHMENT_WORDS[what]).join(', ')
  const heat =
    spoilt === ''
      ? '(3) even heat round the ring, hot air or induction, gloves, oil and degreaser wiped off first'
      : `(3) no heat, with this on or near it: ${spoilt}`
  const caution =
    'Eye protection and gloves: hardened rings shatter. Nobody in line with the puller. No flame near oil or degreaser: toxic gas.'
  const steps: (PlanStep | false)[] = [
    stuck.onShaft && {
      id: 'removal.stuckOnShaft',
      words: `Ring seized on the shaft, mildest first: (1) penetrating oil, and time; (2) separator behind the ring, puller under load, a tap on its screw; ${heat}; (4) last, ground nearly through along its width and split with a chisel, never into the shaft. That ring is not fitted again.`,
      tool: 'Separator, puller; grinder for the last way',
      caution,
    },
    stuck.inHub && {
      id: 'removal.stuckInHub',
      words: `Ring left in the ${arrangement.hub}, mildest first: (1) drift behind its edge at several clock positions; (2) blind puller and slide hammer; ${heat.replace('round the ring', `round the ${arrangement.hub}`)}; (4) last, split with a grinder, or shrunk by a bead of weld round its track, never into the bore.`,
      tool: 'Blind puller, slide hammer; grinder for the last way',
      caution,
    },
  ]
  return steps.filter((step) => step !== false)
}

/** How one part comes off: what is done, with what, and what hurts. */
type Off = Pick<PlanStep, 'words' | 'tool' | 'caution'> & {
  /** by force: where practitioners differ in how */
  driven?: true
}
/** @param order what comes off, in order */
type OffBy = (facts: PlanFacts, place: Placed, order: readonly string[]) => Off | null

const aside: OffBy = (_, { line }) => ({ words: `${line.words}: off, kept with its side.` })
const nothing: OffBy = () => null
const BENT: readonly SlotRole[] = ['lockWasher', 'tabWasher']
/** A bent washer is still over the nut when it comes off. */
const isUnderBent = (facts: PlanFacts, nutId: string, order: readonly string[]): boolean =>
  placesOf(facts).some(
    ({ slot }) => BENT.includes(slot.role) && order.indexOf(slot.id) > order.indexOf(nutId),
  )
const nut: OffBy = (facts, place, order) => {
  const { slot, line } = place
  const bent = slot.role !== 'axleNut' && isUnderBent(facts, slot.id, order)
  const first = bent ? 'the tab of the washer bent back straight, then ' : ''
  if (isDrawingUp(facts, place))
    return {
      words: `${line.words}: ${first}loosened three or four turns, not off: it takes the blows that free the sleeve.`,
      tool: 'Hook spanner',
    }
  return {
    words: `${line.words}: ${first}off, kept with its side: left-hand threads exist.${
      slot.role === 'axleNut' ? ' It was slackened on the ground.' : ' Note how many turns it was on.'
    }`,
  }
}
const unbent: OffBy = (facts, { slot, line }) => {
  const nutOver = placesOf(facts).find((p) => p.slot.id === slot.at)
  const onSleeve = nutOver !== undefined && isDrawingUp(facts, nutOver)
  return {
    words: `${line.words}: ${onSleeve ? 'off with its nut, once the sleeve is free' : 'off'}; a bent tab is not bent again.`,
  }
}

/** What a drift must be to reach and catch a ring. */
const driftWords = (drift: ReturnType<typeof driftFor>): string =>
  drift === null || drift === 'none' ? 'Brass drift' : `Brass drift ${barWords(drift)}`

const drivenOut: OffBy = (facts, place, order) => ({
  words: `${place.line.words}: drive out at several clock positions in turn, so that it stays square.`,
  driven: true,
  tool:
    facts.schools.driving === 'press'
      ? 'Puller or press from behind'
      : `${driftWords(driftFor(facts, place, order))} and hammer`,
  caution:
    'Eye protection: hardened rings shatter under a steel hammer. Support the hub on wood, never on rotor or studs.',
})

/** The spacer stands in the way of a drift as long as it is in. */
const spacerInTheWay = ({ slot }: Placed, facts: PlanFacts, order: readonly string[]): boolean =>
  placesOf(facts).some(
    (p) =>
      p.slot.role === 'spacerTube' &&
      p.slot.carrier === slot.carrier &&
      order.indexOf(p.slot.id) > order.indexOf(slot.id),
  )

/** The first bearing that comes out of its hub. */
const isFirstOut = (facts: PlanFacts, { slot }: Placed, order: readonly string[]): boolean =>
  placesOf(facts)
    .filter((p) => isWholeBearing(p.slot.role) && p.slot.carrier === slot.carrier)
    .every((p) => order.indexOf(p.slot.id) >= order.indexOf(slot.id))

const pressedOut: OffBy = (facts, place, order) => {
  const { slot, line } = place
  const { arrangement } = facts
  if (slot.byThumb) return { words: `${line.words}: pushed out from behind by thumb or with a wooden dowel.` }
  if (isOnSleeve(facts, slot.id))
    return {
      words: `${line.words}: ${hasOwnNut(facts, slot.id) ? '' : 'tab of its nut bent back, the nut loosened three or four turns; '}its sleeve freed by a tube over the shaft against the nut, firm blows all round, until it gives; nut and washer off, the bearing off by hand.`,
      tool: 'Tube that fits over the shaft, hammer',
      caution: 'Eye protection. Never strike the bearing itself.',
    }
  if (axleStillIn(facts, place, order))
    return {
      words: `${line.words}: out with the axle. A nut run flush with its far end, a soft hammer on that: the step of the axle takes the bearing along. A straight axle is drawn out first.`,
      driven: true,
      tool: 'Soft hammer',
      caution: 'Eye protection; never a steel hammer on the thread.',
    }
  if (slot.role === 'hubUnit')
    return {
      words: `${line.words}: out of the ${arrangement.hub}, pressed on its outer ring or drawn through a receiving cup.`,
      driven: true,
      tool: 'Press, or a draw bolt with a plate and a receiving cup',
      caution: 'Eye protection; never stand in line with the press.',
    }
  const onShaft = arrangement.turning === 'inner'
  const reach = spacerInTheWay(place, facts, order)
    ? ' Tilt the spacer aside inside, so that drift or puller catches the edge of the ring.'
    : ''
  const drift = driftFor(facts, place, order)
  const bore = onShaft ? undefined : partAt(facts, slot.id)?.part.dimensions.bore
  return {
    words: onShaft
      ? `${line.words}: off the shaft with a puller that takes the inner ring; a seized ring is split or pulled with a separator.${rollersAt(facts, place) ? ` Its outer ring stays in the ${arrangement.hub}: out from behind, evenly all round.` : ''}`
      : `${line.words}: out of the ${slot.carrier ? 'carrier' : arrangement.hub}, evenly all round, from the other side.${reach}${isFirstOut(facts, place, order) ? ' A ring left on the shaft is pulled with a separator.' : ''}`,
    driven: true,
    tool:
      facts.schools.driving === 'press' || drift === 'none'
        ? `${bore === undefined ? 'Puller' : blindPullerWords(bore)}, separator or press`
        : `${driftWords(drift)} and hammer, evenly`,
    caution: 'Eye protection; never stand in line with the press.',
  }
}

/** Taking off, by role (common practice). */
const OFF: Readonly<Record<SlotRole, OffBy>> = {
  cap: (_, { line }) => ({ words: `${line.words}: off, prised a little at a time round its rim.` }),
  cotterPin: (_, { line }) => ({ words: `${line.words}: straightened and out; never used again.` }),
  nutLock: (_, { line }) => ({ words: `${line.words}: off the nut.` }),
  tabWasher: unbent,
  lockWasher: unbent,
  wheelNuts: (_, { line }) => ({ words: `${line.words}: off, wheel off.` }),
  castleNut: nut,
  clampNut: nut,
  ringNut: nut,
  lockingRingNut: nut,
  jamNut: (_, { line }) => ({
    words: `${line.words}: loosened against its cone or end piece, off; kept with its side.`,
  }),
  axleNut: nut,
  lockNut: nut,
  clampScrew: (_, { line }) => ({ words: `${line.words}: loose, before the nut is turned.` }),
  setScrews: (facts, { line }) => ({
    words: isInsert(facts)
      ? `${line.words}: loose, an eccentric collar against the direction of rotation; shaft clean and free of burrs.`
      : `${line.words}: loose.`,
  }),
  retainer: (_, { line }) => ({
    words: `${line.words}: out before the bearings behind it. Left-hand threads exist: try gently both ways.`,
  }),
  bolts: (_, { line }) => ({
    words: `${line.words}: plug of the sensor off first, then out in a cross pattern.`,
  }),
  cone: (_, { slot, line }) => ({
    words:
      endOf(slot) === 'first'
        ? `${line.words}: out of the hub, now that its seal is out.`
        : `${line.words}: out by hand, or caught in a cloth as the hub comes off.`,
  }),
  cup: drivenOut,
  ballCup: (facts, place, order) => (place.line.stays ? null : drivenOut(facts, place, order)),
  ballBearing: pressedOut,
  bearing: pressedOut,
  hubUnit: pressedOut,
  // The old housing goes with its insert where a whole unit comes.
  insert: (facts, place) =>
    comesInHousing(facts, place)
      ? null
      : { words: `${place.line.words}: swivelled square and out through the loading slots.` },
  boltOnUnit: (_, { line }) => ({
    words: `${line.words}: off. A seized one: jack screws in the threaded holes of its flange, a quarter turn each in turn; without such holes its bolts, backed out a few turns and tapped in turn. Never a hammer on the flange.`,
    caution: 'The brake hangs on a hook, not on its hose.',
  }),
  balls: (_, { line }) => ({
    words: `${line.words}: over a cloth; count those of each side and measure one.`,
  }),
  ballCone: aside,
  adjustingCone: (_, { line }) => ({
    words: `${line.words}: off. It may be stuck in its bearing: look before anything is pressed.`,
  }),
  seal: (_, { line }) => ({
    words: `${line.words}: levered out without touching bore or journal; kept to compare.`,
  }),
  snapRing: (_, { line }) => ({
    words: `${line.words}: out before anything is pressed; look for a second one.`,
    tool: 'Snap ring pliers',
    caution: 'Eye protection: snap rings fly.',
  }),
  spacerTube: (_, { line }) => ({ words: `${line.words}: out; faces and length are measured later.` }),
  collar: (_, { line }) => ({ words: `${line.words}: aside, which way round it stood noted.` }),
  shims: (_, { line }) => ({ words: `${line.words}: aside, counted, each with its side.` }),
  wheelSpacer: aside,
  washer: aside,
  plainWasher: aside,
  axle: (_, { line }) => ({
    words: `${line.words}: out, the way its step allows; how far it stood out is noted.`,
  }),
  pin: (_, { line }) => ({ words: `${line.words}: out by hand; which way its notch lay noted.` }),
  dustCover: aside,
  cover: aside,
  shield: aside,
  housing: (facts, { line }) =>
    isInsert(facts)
      ? { words: `${line.words}: bolts out, off the shaft with its insert; its holes are marked.` }
      : null,
  adapterSleeve: (_, { line }) => ({
    words: `${line.words}: off the shaft, eased open by a wedge where it grips; the shaft under it looked at for rust.`,
  }),
  plain: (_, { line }) => ({ words: `${line.words}: off, which way round noted.` }),
  wearSleeve: nothing,
  studs: nothing,
  hubBody: nothing,
  nipple: nothing,
  grease: nothing,
  check: nothing,
  consumable: nothing,
  threadlocker: nothing,
}

const startOf = (text: string): string => `${text.charAt(0).toUpperCase()}${text.slice(1)}`
const BRAKE = 'A brake in the way comes off first and hangs on a hook, not on its hose.'

/** What comes away as a whole. */
function movedOff(facts: PlanFacts, node: string): (Off & { id: string }) | null {
  const { arrangement } = facts
  const hub = startOf(arrangement.hub)
  switch (node) {
    case MOVED.hub:
      return {
        id: 'removal.hub',
        words: isTapered(facts)
          ? `${hub} straight off the spindle, the outer cone caught before it falls.`
          : `Weight off, ${clampsByAxle(facts) ? `fastener of the axle loose, axle out or ${arrangement.hub} off it` : `${arrangement.hub} off its axle`}.`,
        caution: BRAKE,
      }
    case MOVED.wheel:
      return {
        id: 'removal.wheel',
        words: 'Weight off, fastener of the axle loose, wheel out of its place.',
        caution: BRAKE,
      }
    case MOVED.shaft:
      return {
        id: 'removal.shaft',
        words: 'Shaft with its bearings out of the housing, the floating end first.',
      }
    case MOVED.carrier:
      return {
        id: 'removal.carrier',
        words: 'Carrier off the hub shell over a cloth: count pawls and springs, note how they lay.',
      }
    default:
      return node.endsWith('.hub')
        ? {
            id: `removal.${node}`,
            words:
              'Hub pressed or drawn out of the unit, which is spoilt by it. Half of the inner ring stays on the hub: off with a separator.',
            driven: true,
            tool: 'Slide hammer or press, separator',
            caution: `Eye protection; never stand in line with the press. ${BRAKE}`,
          }
        : null
  }
}

/** The end with a single bearing comes out first: the stack of the other end is then reached from inside. */
function singleFirst(facts: PlanFacts): PlanFacts {
  const stacked = placesOf(facts).find(({ slot }) => slot.stacked && !slot.carrier)?.slot.side
  return stacked === undefined ? facts : { ...facts, firstSide: stacked }
}

/** Places and what is moved as a whole, in the order they come off: the mirror of fitting. */
export const removalOrder = oncePerFacts((facts): string[] => {
  const places = placesOf(facts)
  const last = LAST_ON.flatMap((role) =>
    places.filter(({ slot }) => slot.role === role).map(({ slot }) => slot.id),
  )
  return [...fittingOrder(singleFirst(facts)).nodes, ...last].toReversed()
})

/** Made loose, then out, in the order in which it was fitted turned round. A sensor comes out before anything near it is moved. */
export function removalSteps(facts: PlanFacts): PlanStep[] {
  const places = placesOf(facts)
  const order = removalOrder(facts)
  const parts = order.flatMap((node): (Off & { id: string })[] => {
    const place = places.find(({ slot }) => slot.id === node)
    const off = place && OFF[place.slot.role](facts, place, order)
    const moved = place ? null : movedOff(facts, node)
    return off ? [{ id: `removal.${node}`, ...off }] : moved ? [moved] : []
  })
  const firstDriven = parts.findIndex(({ driven }) => driven)
  const school = schoolNote('driving', facts.schools)
  return [
    recordStep(facts),
    ...(takesAxleAlong(facts)
      ? [
          {
            id: 'removal.wheel',
            words: 'Weight off, fasteners of the axle loose, wheel out of its place.',
            caution: BRAKE,
          },
        ]
      : []),
    ...(facts.encoder === true
      ? [{ id: 'removal.encoder', words: 'Take the sensor out first, and mark which side is magnetic.' }]
      : []),
    ...parts.map(({ id, words, tool, caution }, i) => ({
      id,
      words,
      ...(tool && { tool }),
      ...(caution && { caution }),
      ...(i === firstDriven && { school }),
    })),
    ...stuckSteps(facts),
  ]
}
