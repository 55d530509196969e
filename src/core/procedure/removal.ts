import { schoolNote } from './schools'
import { ROLES, isWholeBearing } from '../kit'
import { hasBalls, isBoltOn, isInsert, isTapered, placesOf } from './facts'
import type { PlanFacts, PlanStep } from './plan'

/** Made safe, recorded, taken apart. Recording comes first: it cannot be done later. */
export function beforeSteps({ arrangement }: PlanFacts): PlanStep[] {
  return arrangement.cautions.map((caution, i) => ({ id: `before.${i}`, words: caution, caution: 'Safety' }))
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

/** Steps that loosen what holds the bearings. */
function looseningSteps(facts: PlanFacts): PlanStep[] {
  const places = placesOf(facts)
  const axleNut = places.some(({ slot }) => slot.role === 'axleNut')
  const nuts = places.some(({ slot: { role } }) => ROLES[role].fastener === 'nut' && role !== 'axleNut')
  const steps: (PlanStep | false)[] = [
    places.some(({ slot }) => slot.role === 'wheelNuts') && {
      id: 'removal.wheelNuts',
      words:
        'Crack the wheel nuts loose while the wheel stands on the ground; off only when the machine is on its stands.',
      caution: 'Never under a machine that stands on a jack alone.',
    },
    nuts && {
      id: 'removal.nut',
      words:
        'Take the lock out and the nut off. Keep each nut with its side: left-hand threads exist. Note how many turns it was on.',
    },
    axleNut && {
      id: 'removal.axleNut',
      words: 'Slacken the axle nut while the wheel is on the ground and the brake is held.',
      caution: 'Never under a machine that stands on a jack alone.',
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
    facts.encoder === true && {
      id: 'removal.encoder',
      words: 'Take the sensor out first, and mark which side is magnetic.',
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
  return first ? [...steps, { ...first, school: schoolNote('driving', schools) }, ...others] : steps
}
