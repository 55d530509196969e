import { differs, type CheckRule } from '../check'

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

const LABEL = 'Tolerance class'

/** A class as it is told; empty = better than Normal, not legible. */
const errorMessage = (value: string | null): string => (value === '' ? 'not legible' : (value ?? 'Normal'))

/** Tolerance class: closer costs more and does no harm, wider may be heard on a spindle. */
export const precision: CheckRule = (from, to) => {
  const [a, b] = [closeness(from.precision), closeness(to.precision)]
  const values = [errorMessage(from.precision), errorMessage(to.precision)] as const
  if (from.precision === '' || to.precision === '')
    return values[0] === values[1]
      ? null
      : differs('precision', 'warn', values, 'Read the class off the old one, or ask its maker.', LABEL)
  if (a === b) return null
  return b > a
    ? differs('precision', 'pass', values, 'Closer, no harm; a wheel does not need it.', LABEL)
    : differs('precision', 'warn', values, 'Wider: right only where no spindle runs on it.', LABEL)
}
