import { roundMicrometre, type Catalogue, type Part } from '../catalogue'
import { writeMm } from '../quantity'

export interface SealQuestion {
  /** journal, counterbore and room for the width, mm */
  shaft: number
  housing: number
  width?: number | undefined
}

export interface SealAnswer {
  part: Part
  fits: boolean
  reason: string
}

/** A worn journal may be this much under its nominal size before the lip loses its grip, mm (common practice). */
const SHAFT_UNDER = 0.2
const SHAFT_OVER = 0.1
/** A counterbore may be this much off the nominal housing size of the seal, mm (ISO 6194-1: H8 bores; wear on top). */
export const HOUSING_OFF = 0.15
/** The room must take the seal; a deeper room is fine. */
const WIDTH_OVER = 0.1
/** A seal so much narrower than its room may wander in it, mm (common practice). */
const WIDTH_UNDER = 1.5
/** How far off a seal may be to be shown as near at all, mm. */
const NEAR = 6

function judge(part: Part, { shaft, housing, width }: SealQuestion): SealAnswer | null {
  const { bore = 0, outside = 0, width: sealWidth = 0 } = part.dimensions
  // To the micrometre: 39.8 on a lip for 40 is 0.2 under, not a trace more.
  const [onShaft, inHousing] = [roundMicrometre(shaft - bore), roundMicrometre(housing - outside)]
  if (Math.abs(onShaft) > NEAR || Math.abs(inHousing) > NEAR) return null
  const faults = [
    onShaft < -SHAFT_UNDER && `lip ${writeMm(-onShaft)} mm too large for the journal`,
    onShaft > SHAFT_OVER && `lip ${writeMm(onShaft)} mm too small for the journal`,
    inHousing > HOUSING_OFF && `falls through: ${writeMm(inHousing)} mm smaller than the counterbore`,
    inHousing < -HOUSING_OFF && `will not go in: ${writeMm(-inHousing)} mm larger than the counterbore`,
    width !== undefined &&
      roundMicrometre(sealWidth - width) > WIDTH_OVER &&
      `${writeMm(sealWidth)} mm wide where there is room for ${writeMm(width)}`,
    width !== undefined &&
      roundMicrometre(width - sealWidth) > WIDTH_UNDER &&
      `only ${writeMm(sealWidth)} mm wide where ${writeMm(width)} mm is needed`,
  ].filter((fault) => fault !== false)
  if (faults.length > 0) return { part, fits: false, reason: `${faults.join('; ')}.` }
  const room = width === undefined ? '. Check the room for its width' : ''
  return {
    part,
    fits: true,
    reason: `Fits a journal of ${writeMm(bore)} and a counterbore of ${writeMm(outside)} mm${room}.`,
  }
}

const deviation = ({ part }: SealAnswer, q: SealQuestion): number =>
  Math.abs((part.dimensions.bore ?? 0) - q.shaft) +
  Math.abs((part.dimensions.outside ?? 0) - q.housing) +
  (q.width === undefined ? 0 : Math.abs((part.dimensions.width ?? 0) - q.width))

/** Seals of a catalogue, sorted out once. */
const sorted = new WeakMap<Catalogue, readonly Part[]>()

function sealsOf(catalogue: Catalogue): readonly Part[] {
  const there = sorted.get(catalogue)
  if (there) return there
  const seals = catalogue.parts.filter((part) => part.piece === 'seal')
  sorted.set(catalogue, seals)
  return seals
}

/** Seals for a journal and counterbore: those that fit, and near ones with the check they fail. */
export function findSeals(
  catalogue: Catalogue,
  question: SealQuestion,
): { fits: SealAnswer[]; near: SealAnswer[] } {
  const answers = sealsOf(catalogue)
    .flatMap((part) => judge(part, question) ?? [])
    .sort((a, b) => deviation(a, question) - deviation(b, question))
  return { fits: answers.filter((a) => a.fits), near: answers.filter((a) => !a.fits) }
}

/** The same check for one named seal. Null when the question and the seal have nothing in common. */
export const checkSeal = judge
