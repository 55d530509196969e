import type { Dimensions, Family, Part, Provenance } from '../../catalogue'

const BY_SERIES = 'computed from the series, not in the catalogue'

/**
 * A part that follows the rule of its series but has no row: sizes as far as the rule and the plan give them.
 * @param kind what the rule rests on
 */
export const computedPart = (
  base: string,
  family: Family,
  series: string,
  dimensions: { [name in keyof Dimensions]: number | undefined },
  kind: Provenance['kind'] = 'standard',
): Part => ({
  base,
  family,
  piece: 'complete',
  series,
  dimensions: Object.fromEntries(Object.entries(dimensions).filter(([, mm]) => mm !== undefined)),
  commonness: 1,
  provenance: { kind, text: BY_SERIES, verified: false },
  computed: true,
})
