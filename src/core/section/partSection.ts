import { familyFacts, needleDesign, type Part } from '../catalogue'
import { OPEN, type Closure } from '../designation'
import { ballSection } from './ballSection'
import { doubleRowSection, doubleThrustSection, insertSection, thrustSection } from './otherBallSections'
import {
  cylindricalSection,
  flangesOf,
  needleSection,
  sphericalSection,
  sphericalThrustSection,
} from './rollerSection'
import { flanged, grooved, tapered, type SectionOptions } from './extras'
import { hardwareSection, sealSection } from './hardwareSection'
import type { Section } from './shape'
import {
  linearSection,
  sphericalPlainSection,
  thrustRollerSection,
  trackRollerSection,
} from './smallFamilies'
import { coneSection, cupSection, taperedSection } from './taperedSection'

/** Total width over the larger ring width where no table gives it (common practice; drawing only). */
const TOTAL_OVER_RING = 1.02
/** Cup width over total width where no table gives it (common practice; drawing only). */
const CUP_OVER_TOTAL = 0.8

/** Ring width over the difference of the diameters of an insert where no table gives it (common practice; drawing only). */
const INSERT_WIDTH_TO_WALL = 0.9

/** Contact angle drawn where the number does not tell it, degrees (common practice). */
const CONTACT_ANGLE = 30

/** What a drawing needs to know of a part. */
export type Drawable = Pick<Part, 'dimensions' | 'piece' | 'family' | 'series' | 'hardware'>

/**
 * Section of a catalogue part, to scale in its boundary dimensions.
 * @param closure shields and seals are drawn on balls
 * @returns null when the catalogue gives too little to draw it
 */
export function partSection(
  part: Drawable,
  closure: Closure = OPEN,
  options: SectionOptions = {},
): Section | null {
  const plain = plainSection(part, closure)
  const { bore, outside, flangeOutside } = part.dimensions
  if (!plain || outside === undefined) return plain
  const withFlange = flangeOutside === undefined ? plain : flanged(plain, outside, flangeOutside)
  if (bore === undefined) return withFlange
  const onTaper = options.taper ? tapered(withFlange, bore, options.taper) : withFlange
  return options.groove ? grooved(onTaper, bore, outside, options.groove) : onTaper
}

function plainSection(part: Drawable, closure: Closure): Section | null {
  const { bore, outside, width, closedWidth, coneWidth, cupWidth, totalWidth } = part.dimensions
  if (part.hardware) return hardwareSection(part.hardware)
  if (part.piece === 'seal') return bore && outside && width ? sealSection(bore, outside, width) : null
  if (part.piece === 'cone') return bore && coneWidth ? coneSection(bore, coneWidth) : null
  if (part.piece === 'cup') return outside && cupWidth ? cupSection(outside, cupWidth) : null
  if (part.family === 'cam-follower' && !needleDesign(part))
    return outside && width ? trackRollerSection(bore, outside, width, part.dimensions.outerRingWidth) : null
  if (!bore || !outside) return null
  const { element } = familyFacts(part.family)
  if (element === 'taperedRoller') {
    const wide =
      totalWidth ?? (coneWidth && cupWidth ? Math.max(coneWidth, cupWidth) * TOTAL_OVER_RING : undefined)
    if (!wide) return null
    return taperedSection({
      bore,
      outside,
      totalWidth: wide,
      coneWidth: coneWidth ?? wide / TOTAL_OVER_RING,
      cupWidth: cupWidth ?? wide * CUP_OVER_TOTAL,
    })
  }
  const known = closure.sides > 0 ? (closedWidth ?? width) : width
  const wide = known ?? (part.family === 'insert' ? (outside - bore) * INSERT_WIDTH_TO_WALL : undefined)
  return wide ? ringSection(part, bore, outside, wide, closure) : null
}

/** Sections of bearings that do not come apart, by family. */
function ringSection(
  part: Drawable,
  bore: number,
  outside: number,
  width: number,
  closure: Closure,
): Section | null {
  switch (part.family) {
    case 'own':
    case 'deep-groove':
    case 'miniature':
    case 'inch-ball':
      return ballSection(bore, outside, width, closure)
    case 'angular-contact':
      return ballSection(bore, outside, width, closure, CONTACT_ANGLE)
    case 'ball-track-roller':
      return TWO_ROWS.has(part.series)
        ? doubleRowSection(bore, outside, width, { closure, angle: CONTACT_ANGLE })
        : ballSection(bore, outside, width, closure)
    case 'deep-groove-double-row':
      return doubleRowSection(bore, outside, width, { closure })
    case 'angular-contact-double-row':
    case 'hub-unit':
      return doubleRowSection(bore, outside, width, {
        closure,
        angle: CONTACT_ANGLE,
        outerWidth: part.dimensions.outerRingWidth,
      })
    case 'self-aligning':
      return doubleRowSection(bore, outside, width, {
        closure,
        selfAligning: true,
        outerWidth: part.dimensions.outerRingWidth,
      })
    case 'thrust-roller':
      return thrustRollerSection(bore, outside, width, thrustKind(part.series))
    case 'spherical-plain':
    case 'rod-end':
      return sphericalPlainSection(bore, outside, width, part.dimensions.outerRingWidth)
    case 'one-way-clutch':
      return needleDesign(part)
        ? needleSection(bore, outside, width, 'drawnCup')
        : ballSection(bore, outside, width, closure)
    case 'linear-ball':
      return linearSection(bore, outside, width, closure)
    case 'thrust-ball':
      return thrustSection(bore, outside, width)
    case 'thrust-spherical':
      return sphericalThrustSection(bore, outside, width)
    case 'thrust-ball-double':
      return doubleThrustSection(bore, outside, width)
    case 'insert':
      return insertSection(bore, outside, width, part.dimensions.outerRingWidth)
    case 'cylindrical':
      return cylindricalSection(
        bore,
        outside,
        width,
        flangesOf(part.series),
        part.series.startsWith('NN') ? 2 : 1,
      )
    case 'spherical':
      return sphericalSection(bore, outside, width)
    case 'cam-follower':
    case 'needle':
      return needleSection(bore, outside, width, needleDesign(part) ?? 'withoutInner')
    default:
      return null
  }
}

/** Track rollers after the double row angular contact bearings 32 and 33. */
const TWO_ROWS: ReadonlySet<string> = new Set(['LR52', 'LR53'])

const thrustKind = (series: string): Parameters<typeof thrustRollerSection>[3] =>
  series === 'AXK' || series === 'NTA' ? 'cage' : /^(?:AS|LS|TR[A-C])$/.test(series) ? 'washer' : 'complete'
