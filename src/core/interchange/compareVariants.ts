import { familyFacts, type FamilyFacts, type Part } from '../catalogue'
import type { Application, Check, CheckRule } from './check'
import { cage } from './checks/cage'
import { clearance } from './checks/clearance'
import { closure } from './checks/closure'
import { construction, undecoded } from './checks/construction'
import { design } from './checks/design'
import { dimensions } from './checks/dimensions'
import { kind, ownKind } from './checks/kind'
import { mating } from './checks/mating'
import { hardware } from './checks/hardware'
import { heat } from './checks/heat'
import { material } from './checks/material'
import { contactAngle, grease, match } from './checks/options'
import { precision } from './checks/precision'
import { sealLip, sealMaterial } from './checks/seal'
import { housing } from './checks/housing'
import { shank } from './checks/shank'
import { shape } from './checks/shape'
import { speed } from './checks/speed'
import { temperature } from './checks/temperature'
import type { Variant } from './variant'

export const VERDICTS = ['identical', 'upgrade', 'conditional', 'not-interchangeable'] as const
export type InterchangeVerdict = (typeof VERDICTS)[number]

/** What is asked of seals and hardware; clearance, closures and cages are none of theirs. */
const SEAL_RULES: readonly CheckRule[] = [kind, dimensions, sealLip, sealMaterial]
/** Of parts of the shop's own lists nothing but sizes is known. */
const OWN_RULES: readonly CheckRule[] = [ownKind, dimensions]
const HARDWARE_RULES: readonly CheckRule[] = [kind, hardware]

/** What is asked of bearings; a new check is one file and one line here. */
const BEARING_RULES: readonly CheckRule[] = [
  kind,
  dimensions,
  mating,
  design,
  contactAngle,
  match,
  shape,
  shank,
  housing,
  closure,
  speed,
  temperature,
  clearance,
  grease,
  cage,
  precision,
  construction,
  heat,
  material,
  undecoded,
]

const RULES: Readonly<Record<FamilyFacts['kind'], readonly CheckRule[]>> = {
  seal: SEAL_RULES,
  hardware: HARDWARE_RULES,
  bearing: BEARING_RULES,
}

export interface Comparison {
  verdict: InterchangeVerdict
  checks: Omit<Check, 'meaning'>[]
}

const isOther = (values: Check['values']): boolean => values !== undefined && values[0] !== values[1]

function verdictOf(checks: readonly Check[]): InterchangeVerdict {
  if (checks.some((c) => c.result === 'fail')) return 'not-interchangeable'
  if (checks.some((c) => c.result === 'warn')) return 'conditional'
  return checks.some(({ values }) => isOther(values)) ? 'upgrade' : 'identical'
}

const rulesFor = (from: Part, to: Part): readonly CheckRule[] =>
  from.family === 'own' || to.family === 'own' ? OWN_RULES : RULES[familyFacts(from.family).kind]

/** Every check of an old part and the one that is to replace it, in the order they are looked at. */
export const checksOf = (from: Variant, to: Variant, application: Application = {}): Check[] =>
  rulesFor(from.part, to.part).flatMap((rule) => rule(from, to, application) ?? [])

/**
 * Whether `to` can stand in for `from`, with every check that was made.
 * Any failed check means never; any warning means under its condition; identical is only what tells nothing different.
 */
export function compareVariants(from: Variant, to: Variant, application: Application = {}): Comparison {
  const checks = checksOf(from, to, application)
  return {
    verdict: verdictOf(checks),
    checks: checks.map(({ check, result, detail, values }) => ({
      check,
      result,
      detail,
      ...(isOther(values) && { values }),
    })),
  }
}
