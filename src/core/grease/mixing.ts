import chart from '../../../data/thickeners.json'

export const THICKENERS = Object.keys(chart.names) as [Thickener, ...Thickener[]]
export type Thickener = keyof typeof chart.names
export const THICKENER_LABELS: Readonly<Record<Thickener, string>> = chart.names

export type Mixing = 'same' | 'mixes' | 'doubtful' | 'clash'

/** What to do, by how two thickeners get on. */
export const MIXING_LABELS: Record<Mixing, string> = {
  same: 'Same thickener. Oils and additives may still differ: confirm with the grease maker.',
  mixes: 'Usually mixes; clean out what you can and confirm with the grease maker.',
  doubtful: 'Doubtful: charts differ. Clean out, or confirm with the grease maker.',
  clash: 'Does not mix: it softens and runs out, or sets hard. Clean out to bright metal first.',
}

const named = (pairs: readonly string[][], a: string, b: string): boolean =>
  pairs.some(([x, y]) => (x === a && y === b) || (x === b && y === a))

/** How two thickeners get on (usual charts of handbooks; pairs that are not listed do not mix). */
export function mixing(a: Thickener, b: Thickener): Mixing {
  if (a === b) return 'same'
  if (named(chart.mixes, a, b)) return 'mixes'
  return named(chart.doubtful, a, b) ? 'doubtful' : 'clash'
}
