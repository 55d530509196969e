import type { CheckRule } from '../check'

/** Classes in growing closeness (ISO 492; inch grades of ABMA 20 beside them). */
const CLOSENESS: Record<string, number> = {
  P0: 0,
  'ABEC 1': 0,
  P6: 1,
  'ABEC 3': 1,
  P5: 2,
  'ABEC 5': 2,
  P4: 3,
  'ABEC 7': 3,
  P2: 4,
  'ABEC 9': 4,
}

const closeness = (value: string | null): number => (value === null ? 0 : (CLOSENESS[value] ?? 0))

/** Tolerance class: closer costs more and does no harm, wider may be heard on a spindle. */
export const precision: CheckRule = (from, to) => {
  const [a, b] = [closeness(from.precision), closeness(to.precision)]
  if (a === b) return null
  const change = `Tolerance class ${from.precision ?? 'Normal'} → ${to.precision ?? 'Normal'}`
  return b > a
    ? { check: 'precision', result: 'pass', detail: `${change}: closer, no harm; a wheel does not need it.` }
    : {
        check: 'precision',
        result: 'warn',
        detail: `${change}: wider. Right only where no spindle runs on it.`,
      }
}
