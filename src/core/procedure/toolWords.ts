import { inBoth } from './facts'
import type { Bar } from './tools'

/** A bar by what it must be: “longer than 112 mm (4.409 in), at most 16.8 mm (0.661 in) thick”. */
export const barWords = ({ longerThan, thinnerThan }: Bar): string =>
  `longer than ${inBoth(longerThan)}${thinnerThan === undefined ? '' : `, at most ${inBoth(thinnerThan)} thick`}`

export const blindPullerWords = (boreMm: number): string =>
  `Blind hole puller for a bore of ${inBoth(boreMm)}`
