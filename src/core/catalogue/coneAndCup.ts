const RING = String.raw`[A-Z]{0,3}\d{3,7}[A-Z]{0,3}`
const PAIR = new RegExp(`^${RING}/${RING}$`)
/** A metric bore from 500 mm on, written out after the series: `230/500` (ISO 15 bore codes). */
const LARGE_BORE = /\/[5-9]\d0$/

/**
 * Whether a standard number names cone and cup of an inch tapered set, by its writing alone: `L68149/L68110`, but not
 * `62/22`, `NK20/16` or `22208EK/C3`, whose stroke stands before a bore, a width or an option.
 */
export const isConeAndCup = (base: string): boolean => PAIR.test(base) && !LARGE_BORE.test(base)
