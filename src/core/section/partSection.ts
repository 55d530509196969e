import { familyFacts, type Part } from '../catalogue'
import { OPEN, type Closure } from '../designation'
import { ballSection } from './ballSection'
import { hardwareSection, sealSection } from './hardwareSection'
import type { Section } from './shape'
import { coneSection, cupSection, taperedSection } from './taperedSection'

/** Total width over the larger ring width where no table gives it (common practice; drawing only). */
const TOTAL_OVER_RING = 1.02

/** What a drawing needs to know of a part. */
export type Drawable = Pick<Part, 'dimensions' | 'piece' | 'family' | 'hardware'>

/**
 * Section of a catalogue part, to scale in its boundary dimensions.
 * @param closure shields and seals are drawn on balls
 * @returns null when the catalogue gives too little to draw it
 */
export function partSection(part: Drawable, closure: Closure = OPEN): Section | null {
  const { bore, outside, width, closedWidth, coneWidth, cupWidth, totalWidth } = part.dimensions
  if (part.hardware) return hardwareSection(part.hardware)
  if (part.piece === 'seal') return bore && outside && width ? sealSection(bore, outside, width) : null
  if (part.piece === 'cone') return bore && coneWidth ? coneSection(bore, coneWidth) : null
  if (part.piece === 'cup') return outside && cupWidth ? cupSection(outside, cupWidth) : null
  if (!bore || !outside) return null
  if (coneWidth && cupWidth)
    return taperedSection({
      bore,
      outside,
      coneWidth,
      cupWidth,
      totalWidth: totalWidth ?? Math.max(coneWidth, cupWidth) * TOTAL_OVER_RING,
    })
  const wide = closure.sides > 0 ? (closedWidth ?? width) : width
  return wide && familyFacts(part.family).element === 'ball'
    ? ballSection(bore, outside, wide, closure)
    : null
}
