import type { Part } from '../catalogue'
import { decode } from '../designation'
import { writeInch, writeMm } from '../quantity'
import { hardwareOf, type Bench } from './fillers'
import { checkSeal } from './findSeals'
import type { KitCheck } from './kit'

/** One rule between neighbours; null when it has nothing to say of this kit. */
type Constraint = (bench: Bench) => KitCheck | null

const part = ({ filled }: Bench, id: string): Part | null => filled.get(id)?.part ?? null

const matingOf =
  (side: 'inner' | 'outer'): Constraint =>
  (bench) => {
    const [coneId, cupId] = [`${side}Cone`, `${side}Cup`]
    const [cone, cup] = [part(bench, coneId), part(bench, cupId)]
    if (!cone || !cup) return null
    if (cone.series === cup.series)
      return {
        result: 'pass',
        words: `The ${side} cone runs with its cup`,
        detail: `${cone.base} and ${cup.base}, series ${cone.series}`,
        slots: [coneId, cupId],
      }
    return {
      result: 'fail',
      words: `${cup.base} does not run with ${cone.base}`,
      detail: `The cup is of series ${cup.series}, the cone of series ${cone.series}: another angle and other rollers, never mixed. Take a cup of ${cone.series}.`,
      slots: [coneId, cupId],
    }
  }

const twoSets: Constraint = (bench) => {
  const [inner, outer] = [part(bench, 'innerCone'), part(bench, 'outerCone')]
  if (!inner || !outer) return null
  if (inner.base === outer.base)
    return {
      result: 'warn',
      words: 'Same set inside and outside',
      detail: 'Often right, often assumed. Measure both ends of the hub.',
      slots: ['innerCone', 'outerCone'],
    }
  const [a, b] = [inner.dimensions.bore ?? 0, outer.dimensions.bore ?? 0]
  if (b > a)
    return {
      result: 'fail',
      words: 'Inner and outer sets are mixed up',
      detail: `The outer cone ${outer.base} (${writeMm(b)} mm) is larger than the inner cone ${inner.base} (${writeMm(a)} mm): the inner one could not pass over the spindle.`,
      slots: ['innerCone', 'outerCone'],
    }
  return {
    result: 'pass',
    words: 'Inner and outer sets differ',
    detail: 'Keep them apart while fitting.',
    slots: ['innerCone', 'outerCone'],
  }
}

const sealFits: Constraint = (bench) => {
  const seal = part(bench, 'seal') ?? part(bench, 'sealLeft')
  const { sealShaft, sealHousing, sealWidth } = bench.request.sizes
  if (!seal || sealShaft === undefined || sealHousing === undefined) return null
  const slots = ['seal', 'sealLeft', 'sealRight'].filter((id) => bench.filled.has(id))
  const answer = checkSeal(seal, { shaft: sealShaft, housing: sealHousing, width: sealWidth })
  if (answer?.fits)
    return { result: 'pass', words: 'Seal fits journal and counterbore', detail: answer.words, slots }
  return {
    result: 'fail',
    words: `${seal.base} does not fit here`,
    detail: answer?.words ?? 'Journal or counterbore is of quite another size.',
    slots,
  }
}

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

const ballPair: Constraint = (bench) => {
  const [left, right] = [bench.filled.get('bearingLeft'), bench.filled.get('bearingRight')]
  if (!left?.part || !right?.part) return null
  const slots = ['bearingLeft', 'bearingRight']
  const open = [left, right].filter((f) => (decode(f.designation, bench.language)[0]?.closure.sides ?? 0) < 2)
  if (open.length > 0)
    return {
      result: 'warn',
      words: 'A bearing is not closed on both sides',
      detail: `${open.map((f) => f.designation).join(' and ')}: this arrangement keeps no grease around it. Take the type with two contact seals.`,
      slots,
    }
  if (left.part.base !== right.part.base)
    return {
      result: 'warn',
      words: 'Left and right bearings differ',
      detail: 'Seen on driven and stepped axles. Keep each with its side.',
      slots,
    }
  return {
    result: 'pass',
    words: 'Both bearings alike and closed',
    detail: 'Both sides of an axle are replaced together.',
    slots,
  }
}

const spacerThere: Constraint = (bench) => {
  const tube = bench.filled.get('spacerTube')
  if (!tube) return null
  if (tube.state === 'gap')
    return {
      result: 'warn',
      words: 'Spacer tube missing',
      detail: 'Without it the inner rings are drawn together and the bearings run loaded sideways.',
      slots: ['spacerTube'],
    }
  return {
    result: 'pass',
    words: 'Spacer tube goes in before the second bearing',
    detail: 'Afterwards there is no way in.',
    slots: ['spacerTube'],
  }
}

const CONSTRAINTS: readonly Constraint[] = [
  matingOf('inner'),
  matingOf('outer'),
  twoSets,
  sealFits,
  sealRoom,
  nutPasses,
  hardwareFollowsNut,
  slotStep,
  capFits,
  ballPair,
  spacerThere,
]

/** Everything that was checked between the parts of the kit. */
export const checkKit = (bench: Bench): KitCheck[] =>
  CONSTRAINTS.flatMap((constraint) => constraint(bench) ?? [])
