import { ROLES } from '../kit'
import { placesOf } from './facts'
import type { PlanFacts, PlanStep } from './plan'
import { schoolNote } from './schools'

export function cleanSteps(facts: PlanFacts): PlanStep[] {
  const { arrangement } = facts
  return [
    {
      id: 'clean.parts',
      words: `Old grease out; ${arrangement.hub}, seats and threads to bright metal. Dry with a cloth.`,
      caution:
        'Solvent not on hot metal; no welding or flame near degreaser residue. Never spin a bearing with compressed air.',
    },
    {
      id: 'clean.seats',
      words:
        'Rust and burrs off the seats with fine emery by hand, along the shaft last; wipe a film of oil on.',
    },
  ]
}

/** What was found, what must be looked at next, and each seat. A seat that is lost stops the work here. */
export function checkSteps(facts: PlanFacts): PlanStep[] {
  const steps: PlanStep[] = []
  for (const { part, words, verdict } of facts.inspected)
    steps.push({
      id: `check.found.${part}`,
      words:
        verdict === 'replace'
          ? `${words}: renew.`
          : verdict === 'doubtful'
            ? `${words}: doubtful. Look again when it is clean; decide before fitting.`
            : `${words}: good.`,
    })
  for (const fit of facts.fits)
    if (fit.seat)
      steps.push({
        id: `check.seat.${fit.slot}.${fit.ring}`,
        words: `Seat of ${facts.kit.lines.find((l) => l.slot === fit.slot)?.words.toLowerCase() ?? fit.slot}, ${fit.class}: ${fit.seat.verdict}. ${fit.seat.why}`,
        ...(fit.seat.verdict === 'replace' && { stop: true }),
      })
  const measured = facts.fits.some((fit) => fit.seat)
  if (!measured && facts.fits.length > 0)
    steps.push({
      id: 'check.seats',
      words:
        'Measure the seats: four clock positions at two depths. One reading that departs from the others condemns the seat.',
      tool: 'Bore gauge, micrometer',
    })
  if (facts.checkNext.length > 0)
    steps.push({ id: 'check.next', words: `Look also: ${facts.checkNext.slice(0, 5).join(' ')}` })
  const spacer = placesOf(facts).find(({ slot }) => slot.role === 'spacerTube')
  if (spacer)
    steps.push({
      id: 'check.spacer',
      words: `Spacer: faces square and unburred, length against the shoulders of the ${facts.arrangement.hub}. Too short loads the bearings sideways.`,
      tool: 'Depth gauge or caliper',
    })
  const threads = placesOf(facts).filter(({ slot }) => ROLES[slot.role].fastener === 'nut')
  if (threads.length > 0)
    steps.push({
      id: 'check.thread',
      words: 'Run the nut over the whole thread by hand, dry. It must not catch.',
    })
  const closed = facts.arrangement.slots.some((s) => s.role === 'ballBearing' || s.role === 'bearing')
  if (closed)
    steps.push({
      id: 'check.closures',
      words: 'Closures of the new bearings as chosen in the kit; a one-sided one faces outward.',
      school: schoolNote('sealing', facts.schools),
    })
  const reuse = placesOf(facts).some(({ slot, line }) => slot.role === 'cone' && !line.stays)
  steps.push({
    id: 'check.new',
    words: `Lay the new parts on the old: number, closures, side.${reuse ? ' Cup and cone wear in together: both new, always.' : ''}`,
    school: schoolNote('reuse', facts.schools),
  })
  return steps
}
