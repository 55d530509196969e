import { elementOf, familyFacts, type Part } from '@/core/catalogue'
import { buildIdentifier, identify, type Evidence } from '@/core/identify'
import { seeded } from './simulation'
import { shipped } from './shipped'

/**
 * A second world, on purpose unlike the model of the identification (docs/identification.md): every part is as common as any
 * other, wear is even over a range and takes both diameters together, the caliper has a fixed error of its own for the whole
 * part and reads to a twentieth, one reading in twenty is a gross slip, and one part in twenty-five is a special that no list holds.
 */
const CALIPER_BIAS_MM = 0.02
const CALIPER_NOISE_MM = 0.03
const READ_TO_MM = 0.05
const MAX_WEAR_MM = 0.12
const WORN_SHARE = 0.5
const SLIPS = 0.05
const SPECIALS = 0.04
const SPECIAL_OFF_MM = 4
const SLIP_MM = { min: 1, max: 9 }

type Random = () => number
const between = (random: Random, low: number, high: number): number => low + (high - low) * random()

const identifier = buildIdentifier(shipped)
const bearings = shipped.catalogue.parts.filter(
  ({ piece, family, dimensions: d }) =>
    piece === 'complete' &&
    familyFacts(family).kind === 'bearing' &&
    d.bore !== undefined &&
    d.outside !== undefined &&
    (d.totalWidth ?? d.width) !== undefined,
)

const widthOf = ({ dimensions: d }: Part): number => d.totalWidth ?? d.width ?? 0

function reader(random: Random) {
  const bias = between(random, -CALIPER_BIAS_MM, CALIPER_BIAS_MM)
  return (mm: number): number => {
    const slip = random() < SLIPS ? between(random, SLIP_MM.min, SLIP_MM.max) * (random() < 0.5 ? -1 : 1) : 0
    const read = mm + bias + between(random, -CALIPER_NOISE_MM, CALIPER_NOISE_MM) + slip
    return Math.max(0.5, Math.round(read / READ_TO_MM) * READ_TO_MM)
  }
}

/** @param repeats readings of each size, each with its own slip */
function measure(random: Random, part: Part, repeats: number): Evidence['measurements'] {
  const read = reader(random)
  const wear = random() < WORN_SHARE ? between(random, 0, MAX_WEAR_MM) : 0
  const { bore = 0, outside = 0 } = part.dimensions
  const taper = familyFacts(part.family).element === 'taperedRoller'
  const several = (mm: number) => Array.from({ length: repeats }, () => read(mm))
  const common = {
    stepMm: READ_TO_MM,
    instrument: 'digitalCaliper',
    condition: 'used',
    unitGuessed: false,
  } as const
  return [
    { ...common, feature: 'bore', valuesMm: several(bore + wear) },
    { ...common, feature: 'outside', valuesMm: several(outside - wear) },
    {
      ...common,
      feature: taper ? 'totalWidth' : 'width',
      valuesMm: several(widthOf(part) - between(random, 0, 0.1)),
    },
  ]
}

const sameSize = (a: Part, b: Part): boolean =>
  a.dimensions.bore === b.dimensions.bore &&
  a.dimensions.outside === b.dimensions.outside &&
  widthOf(a) === widthOf(b)

const near = (a: number | undefined, b: number | undefined): boolean =>
  a !== undefined && b !== undefined && Math.abs(a - b) < 0.6

/** A part like a listed one with other whole millimetres, of a size that no list holds. */
function special(random: Random, like: Part): Part {
  for (;;) {
    const off = (mm = 0) =>
      Math.max(2, Math.round(mm) + Math.round(between(random, -SPECIAL_OFF_MM, SPECIAL_OFF_MM)))
    const [bore, outside, width] = [
      off(like.dimensions.bore),
      off(like.dimensions.outside),
      off(widthOf(like)),
    ]
    const listed = bearings.some(
      (p) => near(p.dimensions.bore, bore) && near(p.dimensions.outside, outside) && near(widthOf(p), width),
    )
    if (listed || bore >= outside - 2) continue
    return { ...like, dimensions: { ...like.dimensions, bore, outside, width, totalWidth: width } }
  }
}

export interface OtherScore {
  /** right size first, “not listed” counted as an answer */
  first: number
  /** expected calibration error of what was said of the leading answer, ten bins */
  calibration: number
}

/** Three sizes and the rolling parts, measured in the other world; of a special “not listed” is right. */
export function simulateOtherWorld(rounds: number, seed: number, repeats = 1): OtherScore {
  const random = seeded(seed)
  const answers = Array.from({ length: rounds }, () => {
    const drawn = bearings[Math.floor(random() * bearings.length)]
    if (!drawn) throw new Error('no bearing drawn')
    const isSpecial = random() < SPECIALS
    const part = isSpecial ? special(random, drawn) : drawn
    const element = elementOf(part)
    const observed = {
      element: element ?? ('none' as const),
      ...(part.dimensions.flangeOutside !== undefined && { flange: true }),
    }
    const found = identify(
      identifier,
      { measurements: measure(random, part, repeats), stamps: [], observed },
      60,
    )
    const leader = found.candidates[0]
    if (!leader || found.unlistedLeads) return { said: found.unlisted, right: isSpecial }
    const said = found.candidates
      .filter((c) => sameSize(c.part, leader.part))
      .reduce((sum, c) => sum + c.probability, 0)
    return { said: Math.min(1, said), right: !isSpecial && sameSize(leader.part, part) }
  })
  const bins = Array.from({ length: 10 }, (_, i) =>
    answers.filter(({ said }) => Math.min(9, Math.floor(said * 10)) === i),
  ).filter((bin) => bin.length > 0)
  const calibration = bins.reduce((sum, bin) => {
    const said = bin.reduce((total, a) => total + a.said, 0) / bin.length
    const right = bin.filter((a) => a.right).length / bin.length
    return sum + (bin.length / rounds) * Math.abs(said - right)
  }, 0)
  return { first: answers.filter(({ right }) => right).length / rounds, calibration }
}
