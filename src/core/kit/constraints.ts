import type { Part } from '../catalogue'
import { readClean } from '../designation'
import { writeInch, writeMm } from '../quantity'
import { FINDING_WORDS, type Slot, type SlotRole } from './arrangement'
import { hardwareOf, type Bench } from './fill'
import { SEAT_OFF_MM } from './findBySeat'
import { checkSeal } from '../seals'
import type { KitCheck } from './kit'
import { sealSizesOf, seatOf } from './seats'

/** One rule between neighbours; nothing when it has nothing to say of this kit. */
type Constraint = (bench: Bench) => KitCheck | readonly KitCheck[] | null

const part = ({ filled }: Bench, id: string): Part | null => filled.get(id)?.part ?? null
const slotsOf = ({ arrangement }: Bench, role: SlotRole): Slot[] =>
  arrangement.slots.filter((slot) => slot.role === role)
const named = (slot: Slot): string => slot.side ?? slot.words.toLowerCase()

/** A cone and the cup it names. */
const mating: Constraint = (bench) =>
  slotsOf(bench, 'cone').flatMap((slot) => {
    const [cone, cup] = [part(bench, slot.id), part(bench, slot.mate ?? '')]
    if (!cone || !cup) return []
    const slots = [slot.id, slot.mate ?? '']
    if (cone.series === cup.series)
      return {
        result: 'pass' as const,
        words: `The ${named(slot)} cone runs with its cup`,
        detail: `${cone.base} and ${cup.base}, series ${cone.series}`,
        slots,
      }
    return {
      result: 'fail' as const,
      words: `${cup.base} does not run with ${cone.base}`,
      detail: `The cup is of series ${cup.series}, the cone of series ${cone.series}: another angle and other rollers, never mixed. Take a cup of ${cone.series}.`,
      slots,
    }
  })

/** What is fitted against the seat as measured: another size is not close enough. */
const seatsFit: Constraint = (bench) =>
  bench.arrangement.slots.flatMap((slot) => {
    const seat = seatOf(slot, bench.request.sizes)
    const fitted = part(bench, slot.id)
    if (!fitted) return []
    return (
      [
        ['bore', seat.shaft, 'shaft'],
        ['outside', seat.housing, 'bore it sits in'],
      ] as const
    ).flatMap(([name, measured, words]): KitCheck[] => {
      const size = fitted.dimensions[name]
      if (measured === undefined || size === undefined || Math.abs(size - measured) <= SEAT_OFF_MM) return []
      return [
        {
          result: 'fail',
          words: `${fitted.base} does not fit the ${words}`,
          detail: `${writeMm(size)} mm against ${writeMm(measured)} mm measured (${writeInch(size)} and ${writeInch(measured)} in). Measure again, or take the part for that size.`,
          slots: [slot.id],
        },
      ]
    })
  })

const twoSets: Constraint = (bench) => {
  const [inner, outer] = [part(bench, 'innerCone'), part(bench, 'outerCone')]
  if (!inner || !outer) return null
  const slots = ['innerCone', 'outerCone']
  if (inner.base === outer.base)
    return {
      result: 'warn',
      words: 'Same set inside and outside',
      detail: 'Often right, often assumed. Measure both ends of the hub.',
      slots,
    }
  const [a, b] = [inner.dimensions.bore ?? 0, outer.dimensions.bore ?? 0]
  if (b > a)
    return {
      result: 'fail',
      words: 'Inner and outer sets are mixed up',
      detail: `The outer cone ${outer.base} (${writeMm(b)} mm) is larger than the inner cone ${inner.base} (${writeMm(a)} mm): the inner one could not pass over the spindle.`,
      slots,
    }
  return {
    result: 'pass',
    words: 'Inner and outer sets differ',
    detail: 'Keep them apart while fitting.',
    slots,
  }
}

const sealFits: Constraint = (bench) =>
  slotsOf(bench, 'seal').flatMap((slot): KitCheck[] => {
    const seal = part(bench, slot.id)
    const { shaft, housing, width } = sealSizesOf(slot, bench.request.sizes)
    if (!seal || shaft === undefined || housing === undefined) return []
    const answer = checkSeal(seal, { shaft, housing, width })
    const which = slot.side && slotsOf(bench, 'seal').length > 1 ? `, ${slot.side}` : ''
    if (answer?.fits)
      return [
        {
          result: 'pass',
          words: `Seal fits journal and counterbore${which}`,
          detail: answer.words,
          slots: [slot.id],
        },
      ]
    return [
      {
        result: 'fail',
        words: `${seal.base} does not fit here${which}`,
        detail: answer?.words ?? 'Journal or counterbore is of quite another size.',
        slots: [slot.id],
      },
    ]
  })

/** A seal on a stub spindle runs on a journal behind the inner cone and sits in a bore that the cup passes. */
const sealRoom: Constraint = (bench) => {
  const [seal, cone, cup] = [part(bench, 'seal'), part(bench, 'innerCone'), part(bench, 'innerCup')]
  const [shaft, housing] = [seal?.dimensions.bore, seal?.dimensions.outside]
  if (!seal || shaft === undefined || housing === undefined) return null
  const bore = cone?.dimensions.bore
  if (cone && bore !== undefined && shaft < bore - 0.2)
    return {
      result: 'fail',
      words: `${seal.base} is too small for the spindle`,
      detail: `Its shaft size is ${writeMm(shaft)} mm, the cone before it has a bore of ${writeMm(bore)} mm.`,
      slots: ['seal', 'innerCone'],
    }
  const outside = cup?.dimensions.outside
  if (cup && outside !== undefined && housing < outside - 0.5)
    return {
      result: 'warn',
      words: 'Seal smaller than the cup behind it',
      detail: `Housing ${writeMm(housing)} mm, cup ${writeMm(outside)} mm: right only where the seal sits in a ring of its own. Measure the counterbore.`,
      slots: ['seal', 'innerCup'],
    }
  return null
}

const nutPasses: Constraint = (bench) => {
  const [nutPart, cone] = [part(bench, 'castleNut'), part(bench, 'outerCone')]
  const nut = hardwareOf(nutPart, 'castleNut')
  const bore = cone?.dimensions.bore
  if (!nut || !cone || bore === undefined || nut.threadMm <= bore + 0.1) return null
  return {
    result: 'fail',
    words: `${cone.base} does not pass over ${nut.thread}`,
    detail: `The thread is ${writeMm(nut.threadMm)} mm, the bore of the cone ${writeMm(bore)} mm.`,
    slots: ['castleNut', 'outerCone'],
  }
}

const hardwareFollowsNut: Constraint = (bench) => {
  const nut = hardwareOf(part(bench, 'castleNut'), 'castleNut')
  const washer = hardwareOf(part(bench, 'washer'), 'washer')
  const pin = hardwareOf(part(bench, 'cotterPin'), 'cotterPin')
  if (nut && washer && Math.abs(washer.threadMm - nut.threadMm) >= 0.3)
    return {
      result: 'fail',
      words: 'Washer and nut are of two spindles',
      detail: `Washer for ${writeMm(washer.threadMm)} mm, nut ${nut.thread}.`,
      slots: ['washer', 'castleNut'],
    }
  if (nut && pin && (nut.threadMm <= pin.threadOverMm || nut.threadMm > pin.threadToMm))
    return {
      result: 'warn',
      words: 'Cotter pin of another size than usual',
      detail: `ISO 1234 gives a ${pin.pinMm} mm pin for bolts over ${pin.threadOverMm} to ${pin.threadToMm} mm. Try it in the hole.`,
      slots: ['cotterPin', 'castleNut'],
    }
  return null
}

/** Usual end play of utility axles, mm (common practice; the machine's manual rules). */
const USUAL_PLAY = { min: 0.025, max: 0.25 }

const slotStep: Constraint = (bench) => {
  const nut = hardwareOf(part(bench, 'castleNut'), 'castleNut')
  if (!nut) return null
  const step = nut.pitchMm / nut.slots
  const wide = step > USUAL_PLAY.max
  return {
    result: wide ? 'warn' : 'pass',
    words: `One slot of the nut moves the hub ${step.toFixed(2)} mm`,
    detail: wide
      ? 'Wider than the usual play: set the play by fingers, then take the nearest slot loosened. The manual rules.'
      : "Lock at the nearest slot loosened; the machine's manual rules.",
    slots: ['castleNut'],
  }
}

const capFits: Constraint = (bench) => {
  const cap = hardwareOf(part(bench, 'cap'), 'cap')
  const mouth = bench.request.sizes.hubMouth
  if (!cap || mouth === undefined) return null
  const off = cap.hubBoreMm - mouth
  if (Math.abs(off) <= 0.4)
    return {
      result: 'pass',
      words: 'Cap fits the hub mouth',
      detail: `${writeMm(mouth)} mm (${writeInch(mouth)} in)`,
      slots: ['cap'],
    }
  return {
    result: 'fail',
    words: 'Cap does not fit the hub mouth',
    detail: `Cap for ${writeMm(cap.hubBoreMm)} mm, hub mouth ${writeMm(mouth)} mm.`,
    slots: ['cap'],
  }
}

/** Whole ball bearings of an arrangement that keeps no grease around them: closed on both sides, pairs alike. */
const ballPairs: Constraint = (bench) => {
  const placed = slotsOf(bench, 'ballBearing').flatMap((slot) => {
    const filled = bench.filled.get(slot.id)
    return filled?.part ? [{ slot, filled, base: filled.part.base }] : []
  })
  if (placed.length < 2) return null
  const slots = placed.map(({ slot }) => slot.id)
  const open = placed.filter(
    ({ filled }) => (readClean(filled.designation, bench.language)?.closure.sides ?? 0) < 2,
  )
  if (open.length > 0 && bench.arrangement.closure !== 'open')
    return {
      result: 'warn',
      words: 'A bearing is not closed on both sides',
      detail: `${[...new Set(open.map(({ filled }) => filled.designation))].join(' and ')}: this arrangement keeps no grease around it. Take the type with two contact seals.`,
      slots,
    }
  const unlike = placed.flatMap(({ slot, base }) => {
    const other = placed.find((p) => p.slot.id === slot.like)
    return other && other.base !== base ? [slot.id, other.slot.id] : []
  })
  if (unlike.length > 0)
    return {
      result: 'warn',
      words:
        placed.length === 2 ? 'Left and right bearings differ' : 'Bearings that are usually alike differ',
      detail: 'Seen on driven and stepped axles. Keep each with its side.',
      slots: [...new Set(unlike)],
    }
  const sizes = new Map<string, number>()
  for (const { base } of placed) sizes.set(base, (sizes.get(base) ?? 0) + 1)
  return {
    result: 'pass',
    words:
      placed.length === 2 ? 'Both bearings alike and closed' : `${placed.length} bearings in one position`,
    detail: `${[...sizes].map(([base, n]) => `${n} × ${base}`).join(', ')}. Both sides of an axle are replaced together.`,
    slots,
  }
}

/** A shaft is held in one bearing and free in the other. */
const floats: Constraint = (bench) => {
  const [locating, floating] = [part(bench, 'bearingLocating'), part(bench, 'bearingFloating')]
  if (!locating || !floating) return null
  const slots = ['bearingLocating', 'bearingFloating']
  if (/^(NU|N)\d/.test(locating.base))
    return {
      result: 'fail',
      words: `${locating.base} cannot locate the shaft`,
      detail:
        'It has no flanges to hold it along the axis. Put it at the floating end and a bearing that holds both ways here.',
      slots: ['bearingLocating'],
    }
  return {
    result: 'pass',
    words: 'One bearing locates, the other floats',
    detail: /^(NU|N)\d/.test(floating.base)
      ? `${floating.base} floats within itself: both its rings are held.`
      : `${floating.base} must slide in its housing: leave room beside its outer ring.`,
    slots,
  }
}

const spacerThere: Constraint = (bench) => {
  const slot = slotsOf(bench, 'spacerTube').find(({ id }) => bench.filled.has(id))
  const tube = slot && bench.filled.get(slot.id)
  if (!slot || !tube) return null
  if (tube.state === 'gap')
    return {
      result: 'warn',
      words: `${slot.words} missing`,
      detail: 'Without it the inner rings are drawn together and the bearings run loaded sideways.',
      slots: [slot.id],
    }
  return {
    result: 'pass',
    words: `${slot.words} goes in before the second bearing`,
    detail: 'Afterwards there is no way in.',
    slots: [slot.id],
  }
}

/** Findings that no place of the arrangement answers must not be lost. */
const findingsAnswered: Constraint = (bench) =>
  (bench.request.findings ?? []).map((finding): KitCheck => {
    const slots = bench.arrangement.slots.filter((s) => s.addedBy.includes(finding) && bench.filled.has(s.id))
    return slots.length > 0
      ? {
          result: 'pass',
          words: `Found: ${FINDING_WORDS[finding]}`,
          detail: `Adds: ${slots.map((s) => s.words.toLowerCase()).join(', ')}.`,
          slots: slots.map((s) => s.id),
        }
      : {
          result: 'warn',
          words: `Found: ${FINDING_WORDS[finding]}`,
          detail: 'No place of this arrangement answers it. Repair or replace the worn piece.',
          slots: [],
        }
  })

const CONSTRAINTS: readonly Constraint[] = [
  mating,
  twoSets,
  seatsFit,
  sealFits,
  sealRoom,
  nutPasses,
  hardwareFollowsNut,
  slotStep,
  capFits,
  ballPairs,
  floats,
  spacerThere,
  findingsAnswered,
]

/** Everything that was checked between the parts of the kit. */
export const checkKit = (bench: Bench): KitCheck[] =>
  CONSTRAINTS.flatMap((constraint) => constraint(bench) ?? [])
