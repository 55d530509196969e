import { ROLES } from '../kit'
import { ringCornerOf, snapGrooveOf } from '../fit'
import { isByThumb, partAt, slotLinesOf } from './facts'
import type { PlanFacts } from './plan'
import type { Step } from './steps'

export const cleanSteps = ({ arrangement: { hub } }: PlanFacts): Step[] => [
  { id: 'clean.parts', code: 'partsClean', data: { hub } },
  { id: 'clean.seats', code: 'seatsClean', data: {} },
]

/** Most of what is to be looked at next that one step names. */
const MAX_NEXT = 5

/** Each seat as it was judged; one that is lost stops the work here. */
const seatSteps = ({ fits, kit }: PlanFacts): Step[] =>
  fits.flatMap(({ slot, ring, class: fit, seat }): Step[] =>
    seat
      ? [
          {
            id: `check.seat.${slot}.${ring}`,
            code: 'seat',
            data: {
              part: kit.lines.find((l) => l.slot === slot)?.label.toLowerCase() ?? slot,
              class: fit,
              verdict: seat.verdict,
              why: seat.why,
            },
            ...(seat.verdict === 'replace' && { stop: true }),
          },
        ]
      : [],
  )

/** The fillets that new bearings sit against, where their corner is known and they are pressed against shoulders. */
function filletSteps(facts: PlanFacts): Step[] {
  if (isByThumb(facts)) return []
  const seen = new Map<string, number>()
  for (const { slot, line } of slotLinesOf(facts)) {
    const known = line.stays ? null : partAt(facts, slot.id)
    // On a sleeve the ring stands against no shoulder.
    const corner = known?.taper === null ? ringCornerOf(known.part) : null
    if (known && corner && !ROLES[slot.role].fastener) seen.set(known.part.base, corner.filletMm)
  }
  const of = [...seen].map(([part, filletMm]) => ({ part, filletMm }))
  return of.length > 0 ? [{ id: 'check.fillets', code: 'fillets', data: { of } }] : []
}

/** Snap rings that hold new bearings by a groove in their outer ring. */
function snapRingSteps(facts: PlanFacts): Step[] {
  const seen = new Map<string, number | null>()
  for (const { slot, line } of slotLinesOf(facts)) {
    const known = line.stays ? null : partAt(facts, slot.id)
    if (known?.groove) seen.set(known.designation, snapGrooveOf(known.part)?.ringOutsideMm ?? null)
  }
  const of = [...seen].map(([part, ringOutsideMm]) => ({ part, ringOutsideMm }))
  return of.length > 0 ? [{ id: 'check.snapRings', code: 'snapRings', data: { of } }] : []
}

/** What was found, what must be looked at next, and each seat. */
export function checkSteps(facts: PlanFacts): Step[] {
  const { arrangement, inspected, fits, checkNext } = facts
  const slotLines = slotLinesOf(facts)
  const measured = fits.some((fit) => fit.seat)
  const closed = arrangement.slots.some((s) => s.role === 'ballBearing' || s.role === 'bearing')
  const steps: (Step | false)[] = [
    ...inspected.map(({ part, text, verdict }): Step => ({
      id: `check.found.${part}`,
      code: 'found',
      data: { found: text, verdict },
    })),
    ...seatSteps(facts),
    !measured && fits.length > 0 && { id: 'check.seats', code: 'seatsMeasured', data: {} },
    ...filletSteps(facts),
    ...snapRingSteps(facts),
    checkNext.length > 0 && {
      id: 'check.next',
      code: 'lookAlso',
      data: { at: checkNext.slice(0, MAX_NEXT) },
    },
    slotLines.some(({ slot }) => slot.role === 'spacerTube') && {
      id: 'check.spacer',
      code: 'spacerLength',
      data: { hub: arrangement.hub },
    },
    slotLines.some(({ slot }) => ROLES[slot.role].fastener === 'nut') && {
      id: 'check.thread',
      code: 'threadTried',
      data: {},
    },
    closed && { id: 'check.closures', code: 'closuresRight', data: {}, practice: 'sealing' },
    {
      id: 'check.new',
      code: 'partsCompared',
      data: { conesToo: slotLines.some(({ slot, line }) => slot.role === 'cone' && !line.stays) },
      practice: 'reuse',
    },
  ]
  return steps.filter((step) => step !== false)
}
