import type { Dimensions } from '../catalogue'

const across = (d: Dimensions): number | undefined => d.totalWidth ?? d.width ?? d.coneWidth ?? d.cupWidth

/** Whether two parts take up the same room: bore, outside and width over all. */
export const isSameSize = (a: Dimensions, b: Dimensions): boolean =>
  a.bore === b.bore && a.outside === b.outside && across(a) === across(b)
