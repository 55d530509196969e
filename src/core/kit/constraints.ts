import { USUAL_PLAY_MM } from '../adjust'
import type { Part } from '../catalogue'
import { knownPart } from '../part'
import { writeInch, writeMm } from '../quantity'
import { checkSeal } from '../seals'
import { FINDING_WORDS, type Slot } from './arrangement'
import { hardwareOf, sleeveOf, spindleThread, taperedSets, type Bench } from './fill'
import type { KitCheck } from './kit'
import type { SlotRole } from './roles'
import { sealSizesOf, seatOf } from './seats'
import {
  CAP_OFF_MM,
  SEAL_UNDER_CONE_MM,
  SEAL_UNDER_CUP_MM,
  SEAT_OFF_MM,
  THREAD_PASSES_MM,
  WASHER_OFF_MM,
} from './tolerances'

/** One rule between neighbours; nothing when it has nothing to say of this kit. */
type Constraint = (bench: Bench) => KitCheck | readonly KitCheck[] | null

const part = ({ filled }: Bench, id: string): Part | null => filled.get(id)?.part ?? null
const slotsOf = ({ arrangement }: Bench, role: SlotRole): Slot[] =>
  arrangement.slots.filter((slot) => slot.role === role)
const named = (slot: Slot): string => slot.side ?? slot.words.toLowerCase()

/** The slot that another leans on, or the nearest of a role before it. */
const leansOn = ({ arrangement }: Bench, slot: Slot, role: SlotRole): Slot | undefined => {
  const at = arrangement.slots.find(({ id, role: r }) => id === slot.at && r === role)
  return at ?? arrangement.slots.slice(0, arrangement.slots.indexOf(slot)).findLast((s) => s.role === role)
}

/** Cones of the two ends: the inner (or left) one stands deeper on the spindle. */
function endCones(bench: Bench): { inner: Slot; outer: Slot } | null {
  const cones = slotsOf(bench, 'cone')
  const inner = cones.find(({ side }) => side === 'inner')
  const outer = cones.find(({ side }) => side === 'outer')
  return inner && outer ? { inner, outer } : null
}

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
    const sleeve = sleeveOf(slot.id, bench)
    return (
      [
        ['bore', seat.shaft, 'shaft'],
        ['outside', seat.housing, 'bore it sits in'],
      ] as const
    ).flatMap(([name, measured, words]): KitCheck[] => {
      const size = name === 'bore' && sleeve ? sleeve.shaftMm : fitted.dimensions[name]
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
  const ends = endCones(bench)
  const [inner, outer] = [part(bench, ends?.inner.id ?? ''), part(bench, ends?.outer.id ?? '')]
  if (!ends || !inner || !outer) return null
  const slots = [ends.inner.id, ends.outer.id]
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
const sealRoom: Constraint = (bench) =>
  slotsOf(bench, 'seal').flatMap((slot): KitCheck[] => {
    const coneSlot = slotsOf(bench, 'cone').find(({ id, side }) => id === slot.at || side === slot.side)
    if (!coneSlot) return []
    const [seal, cone, cup] = [
      part(bench, slot.id),
      part(bench, coneSlot.id),
      part(bench, coneSlot.mate ?? ''),
    ]
    const [shaft, housing] = [seal?.dimensions.bore, seal?.dimensions.outside]
    if (!seal || shaft === undefined || housing === undefined) return []
    const bore = cone?.dimensions.bore
    if (cone && bore !== undefined && shaft < bore - SEAL_UNDER_CONE_MM)
      return [
        {
          result: 'fail',
          words: `${seal.base} is too small for the spindle`,
          detail: `Its shaft size is ${writeMm(shaft)} mm, the cone before it has a bore of ${writeMm(bore)} mm.`,
          slots: [slot.id, coneSlot.id],
        },
      ]
    const outside = cup?.dimensions.outside
    if (cup && outside !== undefined && housing < outside - SEAL_UNDER_CUP_MM)
      return [
        {
          result: 'warn',
          words: 'Seal smaller than the cup behind it',
          detail: `Housing ${writeMm(housing)} mm, cup ${writeMm(outside)} mm: right only where the seal sits in a ring of its own. Measure the counterbore.`,
          slots: [slot.id, coneSlot.mate ?? ''],
        },
      ]
    return []
  })

const nutPasses: Constraint = (bench) =>
  slotsOf(bench, 'castleNut').flatMap((slot): KitCheck[] => {
    const coneSlot = leansOn(bench, slot, 'cone')
    const nut = hardwareOf(part(bench, slot.id), 'castleNut')
    const cone = part(bench, coneSlot?.id ?? '')
    const bore = cone?.dimensions.bore
    if (!coneSlot || !nut || !cone || bore === undefined || nut.threadMm <= bore + THREAD_PASSES_MM) return []
    return [
      {
        result: 'fail',
        words: `${cone.base} does not pass over ${nut.thread}`,
        detail: `The thread is ${writeMm(nut.threadMm)} mm, the bore of the cone ${writeMm(bore)} mm.`,
        slots: [slot.id, coneSlot.id],
      },
    ]
  })

const hardwareFollowsNut: Constraint = (bench) => [
  ...slotsOf(bench, 'washer').flatMap((slot): KitCheck[] => {
    const washer = hardwareOf(part(bench, slot.id), 'washer')
    const thread = spindleThread(slot, bench)
    if (!washer || !thread || Math.abs(washer.threadMm - thread.threadMm) < WASHER_OFF_MM) return []
    return [
      {
        result: 'fail',
        words: 'Washer and nut are of two spindles',
        detail: `Washer for ${writeMm(washer.threadMm)} mm, nut ${thread.thread}.`,
        slots: [slot.id, ...(slot.at === undefined ? [] : [slot.at])],
      },
    ]
  }),
  ...slotsOf(bench, 'cotterPin').flatMap((slot): KitCheck[] => {
    const pin = hardwareOf(part(bench, slot.id), 'cotterPin')
    const thread = spindleThread(slot, bench)
    if (!pin || !thread || (thread.threadMm > pin.threadOverMm && thread.threadMm <= pin.threadToMm))
      return []
    return [
      {
        result: 'warn',
        words: 'Cotter pin of another size than usual',
        detail: `ISO 1234 gives a ${pin.pinMm} mm pin for bolts over ${pin.threadOverMm} to ${pin.threadToMm} mm. Try it in the hole.`,
        slots: [slot.id, ...(slot.at === undefined ? [] : [slot.at])],
      },
    ]
  }),
]

/** Slots of a castle nut where no listed one tells it (common practice). */
const USUAL_SLOTS = 6

const slotStep: Constraint = (bench) =>
  slotsOf(bench, 'castleNut').flatMap((slot): KitCheck[] => {
    const nut = hardwareOf(part(bench, slot.id), 'castleNut')
    const pitchMm = nut?.pitchMm ?? spindleThread({ at: slot.id }, bench)?.pitchMm
    if (pitchMm === undefined || !bench.filled.has(slot.id)) return []
    const step = pitchMm / (nut?.slots ?? USUAL_SLOTS)
    const wide = step > USUAL_PLAY_MM.max
    const counted = nut ? '' : ` With ${USUAL_SLOTS} slots: count them.`
    return [
      {
        result: wide ? 'warn' : 'pass',
        words: `One slot of the nut moves the hub ${step.toFixed(2)} mm`,
        detail: `${
          wide
            ? 'Wider than the usual play: set the play by fingers, then take the nearest slot loosened. The manual rules.'
            : "Lock at the nearest slot loosened; the machine's manual rules."
        }${counted}`,
        slots: [slot.id],
      },
    ]
  })

const capFits: Constraint = (bench) =>
  slotsOf(bench, 'cap').flatMap((slot): KitCheck[] => {
    const cap = hardwareOf(part(bench, slot.id), 'cap')
    const mouth = bench.request.sizes.hubMouth
    if (!cap || mouth === undefined) return []
    return [
      Math.abs(cap.hubBoreMm - mouth) <= CAP_OFF_MM
        ? {
            result: 'pass',
            words: 'Cap fits the hub mouth',
            detail: `${writeMm(mouth)} mm (${writeInch(mouth)} in)`,
            slots: [slot.id],
          }
        : {
            result: 'fail',
            words: 'Cap does not fit the hub mouth',
            detail: `Cap for ${writeMm(cap.hubBoreMm)} mm, hub mouth ${writeMm(mouth)} mm.`,
            slots: [slot.id],
          },
    ]
  })

/** Whole ball bearings of an arrangement that keeps no grease around them: closed on both sides, pairs alike. */
const ballPairs: Constraint = (bench) => {
  const placed = slotsOf(bench, 'ballBearing').flatMap((slot) => {
    const filled = bench.filled.get(slot.id)
    return filled?.part ? [{ slot, filled, base: filled.part.base }] : []
  })
  if (placed.length < 2) return null
  const slots = placed.map(({ slot }) => slot.id)
  const open = placed.filter(({ filled: { value } }) => value?.kind === 'listed' && value.closure.sides < 2)
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

/** A cylindrical roller bearing without flanges on one ring: NU or N floats within itself (ISO 15, ISO 246 types). */
const floatsWithin = ({ family, base }: Part): boolean => family === 'cylindrical' && /^N(U?)\d/.test(base)

/** A shaft is held in one bearing and free in the other. */
const floats: Constraint = (bench) => {
  const end = (which: 'locating' | 'floating') => bench.arrangement.slots.find((s) => s.locating === which)
  const [held, free] = [end('locating'), end('floating')]
  const [locating, floating] = [part(bench, held?.id ?? ''), part(bench, free?.id ?? '')]
  if (!held || !free || !locating || !floating) return null
  if (floatsWithin(locating))
    return {
      result: 'fail',
      words: `${locating.base} cannot locate the shaft`,
      detail:
        'It has no flanges to hold it along the axis. Put it at the floating end and a bearing that holds both ways here.',
      slots: [held.id],
    }
  return {
    result: 'pass',
    words: 'One bearing locates, the other floats',
    detail: floatsWithin(floating)
      ? `${floating.base} floats within itself: both its rings are held.`
      : `${floating.base} must slide in its housing: leave room beside its outer ring.`,
    slots: [held.id, free.id],
  }
}

/** A bearing with a tapered bore sits on a sleeve, not on its shaft. */
const onSleeve: Constraint = (bench) =>
  bench.arrangement.slots.flatMap((slot): KitCheck[] => {
    const value = knownPart(bench.filled.get(slot.id)?.value)
    if (!value || value.taper === null) return []
    const sleeve = sleeveOf(slot.id, bench)
    return [
      {
        result: 'warn',
        words: `${value.designation} has a tapered bore`,
        detail: sleeve
          ? `It goes on the adapter sleeve ${sleeve.part.base}, for a shaft of ${writeMm(sleeve.shaftMm)} mm. Where the shaft itself is tapered, leave the sleeve out.`
          : 'It goes on a sleeve or a tapered shaft; no sleeve for it is listed.',
        slots: [slot.id],
      },
    ]
  })

const spacerThere: Constraint = (bench) => {
  const slot = slotsOf(bench, 'spacerTube').find(({ id, carrier }) => !carrier && bench.filled.has(id))
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

/** Cones clamped over a collar: the play is what the collar leaves (common practice, from nominal widths). */
const clampedPlay: Constraint = (bench) => {
  const slot = slotsOf(bench, 'collar').find(({ id }) => bench.filled.has(id))
  const { spacerLength: collar, seatDistance } = bench.request.sizes
  const sets = taperedSets(bench)
  const [first, second] = sets.map(({ set }) => set.dimensions)
  if (!slot || collar === undefined || seatDistance === undefined || !first || !second) return null
  const widths = [first.coneWidth, second.coneWidth, first.totalWidth, second.totalWidth]
  const [b1, b2, t1, t2] = widths
  if (b1 === undefined || b2 === undefined || t1 === undefined || t2 === undefined) return null
  const play = b1 + b2 + collar - (seatDistance + t1 + t2)
  const good = play >= USUAL_PLAY_MM.min && play <= USUAL_PLAY_MM.max
  const off = play - (USUAL_PLAY_MM.min + USUAL_PLAY_MM.max) / 2
  const remedy = `A shim of about ${Math.abs(off).toFixed(2)} mm ${off > 0 ? 'out' : 'in'} brings it to the middle of ${USUAL_PLAY_MM.min} to ${USUAL_PLAY_MM.max} mm.`
  return {
    result: good ? 'pass' : play < 0 ? 'fail' : 'warn',
    words: good
      ? `The collar leaves ${play.toFixed(2)} mm of play`
      : play < 0
        ? `The collar is short: ${(-play).toFixed(2)} mm of preload`
        : `The collar leaves ${play.toFixed(2)} mm of play, not the usual`,
    detail: `Cones ${writeMm(b1)} + ${writeMm(b2)} and collar ${writeMm(collar)}, against seats ${writeMm(seatDistance)} and sets ${writeMm(t1)} + ${writeMm(t2)} mm. ${good ? '' : remedy} Worked from nominal widths: the dry rock test decides.`,
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
  onSleeve,
  spacerThere,
  clampedPlay,
  findingsAnswered,
]

/** Everything that was checked between the parts of the kit. */
export const checkKit = (bench: Bench): KitCheck[] =>
  CONSTRAINTS.flatMap((constraint) => constraint(bench) ?? [])
