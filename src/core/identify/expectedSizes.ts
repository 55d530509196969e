import { familyFacts, type HousingDetails, type Part } from '../catalogue'
import type { Feature } from './evidence'

/** A size that a feature may show on a part, with how likely it is that this face was measured. */
export interface ExpectedSize {
  mm: number
  weight: number
}

/** Somebody asked for the width of a tapered bearing mostly takes the total width, now and then one ring. */
const TOTAL_WIDTH_TAKEN = 0.8
/** A total width asked of a pair in the hand is now and then taken over the cone alone. */
const RIGHT_FACE = 0.94

const weighted = (pairs: readonly (readonly [number | undefined, number])[]): ExpectedSize[] => {
  const known = pairs.flatMap(([mm, weight]) => (mm === undefined ? [] : [{ mm, weight }]))
  const total = known.reduce((sum, size) => sum + size.weight, 0)
  return known.map((size) => ({ ...size, weight: size.weight / total }))
}

/** How many are closed of a kind that is made so too, but rarely (estimate). */
const SELDOM_CLOSED = 0.05

/** Widths of a part that is wider when closed: by what is known of its closures. */
function ballWidth({ dimensions: d, family }: Part, closed: boolean | null): ExpectedSize[] {
  if (d.closedWidth === undefined) return weighted([[d.width, 1]])
  const seldom = familyFacts(family).traits?.includes('seldomClosed') ?? false
  const share = closed === null ? (seldom ? SELDOM_CLOSED : 0.6) : closed ? 0.96 : 0.04
  return weighted([
    [d.closedWidth, share],
    [d.width, 1 - share],
  ])
}

function taperedWidth({ dimensions: d }: Part, feature: Feature): ExpectedSize[] {
  const side = 1 - RIGHT_FACE
  switch (feature) {
    case 'width':
      return weighted([
        [d.totalWidth, TOTAL_WIDTH_TAKEN],
        [d.coneWidth, (1 - TOTAL_WIDTH_TAKEN) / 2],
        [d.cupWidth, (1 - TOTAL_WIDTH_TAKEN) / 2],
      ])
    case 'totalWidth':
      return weighted([
        [d.totalWidth, RIGHT_FACE],
        [d.coneWidth, side],
      ])
    case 'coneWidth':
      return weighted([
        [d.coneWidth, RIGHT_FACE],
        [d.totalWidth, side],
      ])
    case 'cupWidth':
    case 'outerRingWidth':
      return weighted([[d.cupWidth, 1]])
    default:
      return []
  }
}

/** Of four bolts the spacing is now and then taken across the other way: the diagonal of a square, the side in a circle (estimate). */
const RIGHT_WAY = 0.8

function boltSpacings(housing: HousingDetails | undefined): ExpectedSize[] {
  if (housing?.boltSpacingMm === undefined) return []
  const { kind, boltSpacingMm } = housing
  if (housing.bolts !== 4) return weighted([[boltSpacingMm, 1]])
  const otherWay = kind === 'square flange' ? boltSpacingMm * Math.SQRT2 : boltSpacingMm * Math.SQRT1_2
  return weighted([
    [boltSpacingMm, RIGHT_WAY],
    [otherWay, 1 - RIGHT_WAY],
  ])
}

/**
 * The sizes a feature may show on a part.
 *
 * @param closed whether shields or seals are seen (null = not looked at)
 * @returns weights sum to 1; empty when the part has no such feature or the catalogue does not give it
 */
export function expectedSizes(part: Part, feature: Feature, closed: boolean | null): ExpectedSize[] {
  const d = part.dimensions
  switch (feature) {
    case 'bore':
    case 'shaft':
      return weighted([[d.bore, 1]])
    case 'outside':
    case 'housing':
      return weighted([[d.outside, 1]])
    case 'flangeOutside':
      return weighted([[d.flangeOutside, 1]])
    case 'boltSpacing':
      return boltSpacings(part.housing)
    case 'railSpacing':
      return weighted([[part.housing?.railSpacingMm, 1]])
    case 'centreHeight':
      return weighted([[part.housing?.centreHeightMm, 1]])
    default:
      if (familyFacts(part.family).element === 'taperedRoller') return taperedWidth(part, feature)
      if (feature === 'outerRingWidth') return weighted([[d.outerRingWidth ?? d.width, 1]])
      return ballWidth(part, closed)
  }
}
