import type { Part } from '../catalogue'
import { MM_PER_INCH, writeMm } from '../quantity'
import type { Trap } from './trap'

/** Metric sizes that are also made with an inch bore in the same outside and width, in sixteenths (common practice). */
const TWINS: Record<string, readonly number[]> = {
  '6201': [8],
  '6202': [10],
  '6203': [10, 12],
  '6204': [12],
  '6205': [16],
}

const fraction = (sixteenths: number): string => {
  const whole = Math.floor(sixteenths / 16)
  let [top, bottom] = [sixteenths % 16, 16]
  while (top > 0 && top % 2 === 0) [top, bottom] = [top / 2, bottom / 2]
  return [whole || '', top ? `${top}/${bottom}` : ''].filter(Boolean).join(' ')
}

/** The same number with an inch bore: same outside, another shaft. */
export function inchBoreTwins({ base, family, dimensions: { bore } }: Part): Trap[] {
  if (family !== 'deep-groove' || bore === undefined) return []
  return (TWINS[base] ?? []).map((sixteenths) => ({
    designation: `${base}-${sixteenths}`,
    kind: 'size',
    why: `Same outside and width with an inch bore of ${fraction(sixteenths)} (${writeMm((sixteenths * MM_PER_INCH) / 16)} mm against ${writeMm(bore)}): for another shaft, never for this one.`,
  }))
}
