import { HUB_ATTACHMENT_WORDS } from './attachments'
import { schoolNote } from './schools'
import { ROLES, isWholeBearing, type SlotRole } from '../kit'
import { hasBalls, isBoltOn, isInsert, isTapered, placesOf } from './facts'
import type { PlanFacts, PlanStep } from './plan'

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
      id: 'removal.wheelNuts',
      words: 'Still on its wheels: crack the wheel nuts loose; off only when the machine is on its stands.',
      caution: ON_STANDS,
    },
    has('axleNut') && {
      id: 'removal.axleNut',
      words: `Still on its wheels, brake held: ${has('cap') ? 'cap off, ' : ''}slacken the axle nut; off only when the machine is on its stands.`,
      caution: ON_STANDS,
    },
  ]
  return steps.filter((step) => step !== false)
}

function recordStep(facts: PlanFacts): PlanStep {
  const { arrangement, depths } = facts
  const what = isBoltOn(facts)
    ? 'how the unit, its shield and the lead of the sensor lie, marks over unit and knuckle'
    : hasBalls(facts)
      ? 'how far the axle stands out on each side, which cone is locked'
      : isInsert(facts)
        ? 'where the housing and the collar stand on the shaft'
        : `depth of ${isTapered(facts) ? 'each cup' : 'each bearing'} from the face of the ${arrangement.hub}, shims and where they lie`
  return {
    id: 'removal.record',
    words: `Record first: ${what}, which side each part came from.${depths.length > 0 ? ` Recorded: ${depths.join('; ')}.` : ''}`,
    tool: 'Depth gauge, marker, photograph',
  }
}

const startOf = (text: string): string => `${text.charAt(0).toUpperCase()}${text.slice(1)}`

/** A wheel or roller with balls that comes off its axle before anything in it is reached. */
const leavesAxle = (facts: PlanFacts): boolean =>
  facts.arrangement.turning === 'outer' &&
  placesOf(facts).some(({ slot }) => slot.role === 'ballBearing' && !slot.byThumb) &&
  !hasBalls(facts)

/** Steps that loosen what holds the bearings, in the order they are reached. */
function looseningSteps(facts: PlanFacts): PlanStep[] {
  const { arrangement } = facts
  const places = placesOf(facts)
  const nuts = places.some(({ slot: { role } }) => ROLES[role].fastener === 'nut' && role !== 'axleNut')
  const steps: (PlanStep | false)[] = [
    // A sensor comes out before anything near it is moved.
    facts.encoder === true && {
      id: 'removal.encoder',
      words: 'Take the sensor out first, and mark which side is magnetic.',
    },
    places.some(({ slot }) => slot.role === 'cap') &&
      !places.some(({ slot }) => slot.role === 'axleNut') && {
        id: 'removal.cap',
        words: 'Cap off, prised a little at a time round its rim; it is renewed.',
      },
    nuts && {
      id: 'removal.nut',
      words:
        'Take the lock out and the nut off. Keep each nut with its side: left-hand threads exist. Note how many turns it was on.',
    },
    isTapered(facts) && {
      id: 'removal.hub',
      words: `${startOf(arrangement.hub)} straight off the spindle; catch the outer cone in a cloth before it falls.${
        places.some(({ slot }) => slot.role === 'collar') ? ' Collar and shims aside, counted.' : ''
      }`,
    },
    leavesAxle(facts) && {
      id: 'removal.axle',
      words: `Weight off, fastener of the axle loose, axle out or ${arrangement.hub} off it.${
        places.some(({ slot }) => slot.role === 'wheelSpacer')
          ? ' Wheel spacers aside, each with its side.'
          : ''
      }`,
    },
    places.some(({ slot }) => slot.role === 'snapRing') && {
      id: 'removal.snapRing',
      words: 'Snap rings out before anything is pressed: look for a second one.',
      tool: 'Snap ring pliers',
      caution: 'Eye protection: snap rings fly.',
    },
    places.some(({ slot }) => slot.role === 'retainer') && {
      id: 'removal.retainer',
      words: 'Retainer out before the bearings behind it. Left-hand threads exist: try gently both ways.',
    },
    isBoltOn(facts) && {
      id: 'removal.unit',
      words:
        'Plug of the sensor off, mounting bolts out in a cross pattern, unit off. A seized one is drawn off evenly by its bolts; never hammer on the flange.',
      caution: 'The brake hangs on a hook, not on its hose.',
    },
    isInsert(facts) && {
      id: 'removal.insert',
      words:
        'Set screws or collar loose (an eccentric collar against the direction of rotation), shaft clean and free of burrs, housing off; the insert swivels out through the loading slots.',
    },
    hasBalls(facts) && {
      id: 'removal.balls',
      words:
        'One lock nut and cone off, axle out over a cloth: count the balls of each side and measure one.',
    },
  ]
  return steps.filter((step) => step !== false)
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

/** Made loose, then out: evenly, and through the ring that is tight. */
export function removalSteps(facts: PlanFacts): PlanStep[] {
  const places = placesOf(facts)
  const { arrangement, schools } = facts
  const steps = [recordStep(facts), ...looseningSteps(facts)]
  const seals = places.filter(({ slot }) => slot.role === 'seal')
  if (seals.length > 0)
    steps.push({
      id: 'removal.seals',
      words: `Lever the old ${seals.length === 1 ? 'seal' : 'seals'} out without touching bore or journal; keep one to compare.`,
    })
  if (
    arrangement.turning === 'inner' &&
    !isInsert(facts) &&
    places.some(({ slot }) => isWholeBearing(slot.role))
  )
    steps.push({
      id: 'removal.shaft',
      words: 'Shaft with its bearings out of the housing, the floating end first.',
    })
  const rings: PlanStep[] = []
  for (const { slot, line } of places) {
    const onShaft = arrangement.turning === 'inner' && slot.role !== 'hubUnit'
    if (slot.role === 'cup')
      rings.push({
        id: `removal.${slot.id}`,
        words: `${line.words}: drive out at several clock positions in turn, so that it stays square.`,
        tool: schools.driving === 'press' ? 'Puller or press from behind' : 'Brass drift and hammer',
        caution:
          'Eye protection: hardened rings shatter under a steel hammer. Support the hub on wood, never on rotor or studs.',
      })
    else if (isWholeBearing(slot.role) && slot.role !== 'insert')
      rings.push({
        id: `removal.${slot.id}`,
        words: slot.byThumb
          ? `${line.words}: pushed out from behind by thumb or with a wooden dowel.`
          : onShaft
            ? `${line.words}: off the shaft with a puller that takes the inner ring; a seized ring is split or pulled with a separator.`
            : `${line.words}: out of the ${slot.carrier ? 'carrier' : arrangement.hub}, evenly all round, from the other side. A ring left on the shaft is pulled with a separator.`,
        tool: schools.driving === 'press' ? 'Puller, separator or press' : 'Brass drift and hammer, evenly',
        caution: 'Eye protection; never stand in line with the press.',
      })
  }
  const [first, ...others] = rings
  return [
    ...steps,
    ...(first ? [{ ...first, school: schoolNote('driving', schools) }] : []),
    ...others,
    ...stuckSteps(facts),
  ]
}
