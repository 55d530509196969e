import type { Catalogue, Part } from '../catalogue'
import { writeInch, writeMm } from '../quantity'
import type { Trap } from './trap'

/** The same number with an inch bore: same outside, another shaft. */
export function inchBoreTwins({ base, family, dimensions: { bore } }: Part, catalogue: Catalogue): Trap[] {
  if (family !== 'deep-groove' || bore === undefined) return []
  return catalogue.parts.flatMap(({ base: twin, series, dimensions: d }): Trap[] =>
    series === 'inch-bored' && twin.startsWith(`${base}-`) && d.bore !== undefined
      ? [
          {
            designation: twin,
            kind: 'size',
            why: `Same outside and width with an inch bore of ${writeInch(d.bore)} (${writeMm(d.bore)} mm against ${writeMm(bore)}): for another shaft, never for this one.`,
          },
        ]
      : [],
  )
}
