import { familyFacts, type Part } from '../catalogue'
import {
  designationOf,
  OPEN,
  type Closure,
  type Reading,
  type Written,
  type WrittenOption,
} from '../designation'
import type { Observations } from './evidence'

/** What would be decided on: the whole designation, its options each with where they come from, its closures. */
export interface Decided {
  designation: string
  front: string
  options: (WrittenOption & { from: 'stamp' | 'seen' })[]
  closure: Closure
}

/** Closures as they are seen, in the commonest spelling. */
const SEEN_CLOSURES: Record<string, { written: string; meaning: string; closure: Closure }> = {
  'seal seal': {
    written: '-2RS',
    meaning: 'contact seal on both sides',
    closure: { sides: 2, type: 'contactSeal' },
  },
  'seal open': {
    written: 'RS',
    meaning: 'contact seal on one side',
    closure: { sides: 1, type: 'contactSeal' },
  },
  'shield shield': {
    written: 'ZZ',
    meaning: 'metal shield on both sides',
    closure: { sides: 2, type: 'shield' },
  },
  'shield open': { written: 'Z', meaning: 'metal shield on one side', closure: { sides: 1, type: 'shield' } },
}

/** `open` last: which side was looked at first does not matter. */
const closureKey = ({ closures = [] }: Observations): string =>
  [...closures].sort((a, b) => Number(a === 'open') - Number(b === 'open') || a.localeCompare(b)).join(' ')

function seenOptions(part: Part, reading: Reading | undefined, observed: Observations) {
  const traits = familyFacts(part.family).traits ?? []
  const closure =
    traits.includes('closable') && (reading?.closure.sides ?? 0) === 0
      ? SEEN_CLOSURES[closureKey(observed)]
      : undefined
  const has = (kind: string): boolean => reading?.tokens.some((t) => t.known && t.kind === kind) ?? false
  const taper =
    observed.taperBore && traits.includes('selfAligning') && !traits.includes('insert') && !has('taperBore')
  const groove = observed.snapGroove && part.family === 'deep-groove' && !has('groove')
  return {
    closure,
    shapes: [
      ...(taper
        ? [
            {
              written: 'K',
              meaning: 'tapered bore 1:12',
              kind: 'taperBore' as const,
              value: '1:12',
              from: 'seen' as const,
            },
          ]
        : []),
      ...(groove
        ? [
            {
              written: 'N',
              meaning: 'snap ring groove in the outer ring',
              kind: 'groove' as const,
              value: 'N',
              from: 'seen' as const,
            },
          ]
        : []),
    ],
  }
}

/**
 * The designation an identification proposes for a part: as the stamp reads, with what is seen and not stamped. Every
 * option can be left open.
 * @param reading the stamp that names the part; none when it was found by its sizes
 */
export function decidedOf(part: Part, reading: Reading | undefined, observed: Observations): Decided {
  const written: Written = reading?.written ?? { front: part.base, options: [] }
  const seen = seenOptions(part, reading, observed)
  const options: Decided['options'] = [
    ...(seen.closure
      ? [
          {
            written: seen.closure.written,
            meaning: seen.closure.meaning,
            kind: 'closure' as const,
            value: '',
            from: 'seen' as const,
          },
        ]
      : []),
    ...seen.shapes,
    ...written.options.map((option) => ({ ...option, from: 'stamp' as const })),
  ]
  return {
    designation: designationOf({ front: written.front, options }),
    front: written.front,
    options,
    closure: reading && reading.closure.sides > 0 ? reading.closure : (seen.closure?.closure ?? OPEN),
  }
}
