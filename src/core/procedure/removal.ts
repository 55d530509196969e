import { schoolNote } from './schools'
import { fitOf, isTapered, isTight, nameOf, placesOf, startLarge } from './facts'
import type { PlanFacts, PlanStep } from './plan'

/** Made safe, recorded, taken apart. Recording comes first: it cannot be done later. */
export function beforeSteps({ arrangement }: PlanFacts): PlanStep[] {
  return arrangement.cautions.map((caution, i) => ({ id: `before.${i}`, words: caution, caution: 'Safety' }))
}

export function removalSteps(facts: PlanFacts): PlanStep[] {
  const places = placesOf(facts)
  const has = (role: string) => places.filter(({ slot }) => slot.role === role)
  const { arrangement, schools, encoder } = facts
  const steps: (PlanStep | false)[] = [
    {
      id: 'removal.record',
      words: `Record first: depth of ${isTapered(facts) ? 'each cup' : 'each bearing'} from the face of the ${arrangement.hub}, shims and where they lie, which side each part came from.${facts.depths.length > 0 ? ` Recorded: ${facts.depths.join('; ')}.` : ''}`,
      tool: 'Depth gauge, marker, photograph',
    },
    has('castleNut').length + has('lockNut').length > 0 && {
      id: 'removal.nut',
      words: `Take the lock out and the nut off. Keep each nut with its side: left-hand threads exist. Note how many turns it was on.`,
    },
    places.some(({ line }) => /axle nut/i.test(line.words)) && {
      id: 'removal.axleNut',
      words: 'Slacken the axle nut while the wheel is on the ground and the brake is held.',
      caution: 'Never under a machine that stands on a jack alone.',
    },
    has('snapRing').length > 0 && {
      id: 'removal.snapRing',
      words: 'Snap rings out before anything is pressed: look for a second one.',
      tool: 'Snap ring pliers',
      caution: 'Eye protection: snap rings fly.',
    },
    places.some(({ line }) => /retainer/i.test(line.words)) && {
      id: 'removal.retainer',
      words: 'Retainer out before the bearings behind it. Left-hand threads exist: try gently both ways.',
    },
    encoder === true && {
      id: 'removal.encoder',
      words: 'Take the sensor out first, and mark which side is magnetic.',
    },
  ]
  const seals = has('seal')
  if (seals.length > 0)
    steps.push({
      id: 'removal.seals',
      words: `Lever the old ${seals.length === 1 ? 'seal' : 'seals'} out without touching bore or journal; keep one to compare.`,
    })
  for (const place of places) {
    const { slot } = place
    const outer = fitOf(facts, slot.id, 'outer')
    const inner = fitOf(facts, slot.id, 'inner')
    if (slot.role === 'cup')
      steps.push({
        id: `removal.${slot.id}`,
        words: `${nameOf({ ...place, line: { ...place.line, quantity: 0 } })} out: drive at several clock positions in turn, so that it stays square.`,
        tool: schools.driving === 'press' ? 'Puller or press from behind' : 'Brass drift and hammer',
        caution:
          'Eye protection: hardened rings shatter under a steel hammer. Support the hub on wood, never on rotor or studs.',
      })
    else if (slot.role === 'ballBearing' || slot.role === 'bearing' || slot.role === 'hubUnit')
      steps.push({
        id: `removal.${slot.id}`,
        words:
          isTight(inner) && !isTight(outer)
            ? `${place.line.words.toLowerCase()} off the shaft with a puller that takes the inner ring; a seized ring is split or pulled with a separator.`
            : `${place.line.words.toLowerCase()} out of the ${arrangement.hub}: evenly all round, from the other side. A ring left on the shaft is pulled with a separator.`,
        tool: schools.driving === 'press' ? 'Puller, separator or press' : 'Brass drift and hammer, evenly',
        caution: 'Eye protection; never stand in line with the press.',
      })
  }
  const done = steps.filter((step) => step !== false)
  const first = done.find(({ id }) =>
    /removal\.(?!record|nut|axleNut|snapRing|encoder|retainer|seals)/.test(id),
  )
  if (first) first.school = schoolNote('driving', schools)
  return done.map(startLarge)
}
