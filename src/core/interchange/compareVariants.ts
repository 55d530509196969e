import { familyFacts, type FamilyFacts } from '../catalogue'
import type { Application, Check, CheckRule } from './check'
import { cage } from './checks/cage'
import { clearance } from './checks/clearance'
import { closure } from './checks/closure'
import { design } from './checks/design'
import { dimensions } from './checks/dimensions'
import { kind } from './checks/kind'
import { mating } from './checks/mating'
import { hardware } from './checks/hardware'
import { material } from './checks/material'
import { contactAngle, grease, match } from './checks/options'
import { precision } from './checks/precision'
import { sealLip, sealMaterial } from './checks/seal'
import { shank } from './checks/shank'
import { shape } from './checks/shape'
import { speed } from './checks/speed'
import { temperature } from './checks/temperature'
import type { Variant } from './variant'

export const VERDICTS = ['identical', 'upgrade', 'conditional', 'not-interchangeable'] as const
export type InterchangeVerdict = (typeof VERDICTS)[number]

/** What is asked of seals and hardware; clearance, closures and cages are none of theirs. */
const SEAL_RULES: readonly CheckRule[] = [kind, dimensions, sealLip, sealMaterial]
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
  closure,
  speed,
  temperature,
  clearance,
  grease,
  cage,
  precision,
  material,
]

const RULES: Readonly<Record<FamilyFacts['kind'], readonly CheckRule[]>> = {
  seal: SEAL_RULES,
  hardware: HARDWARE_RULES,
  bearing: BEARING_RULES,
}

export interface Comparison {
  verdict: InterchangeVerdict
  checks: Omit<Check, 'better'>[]
}

function verdictOf(checks: readonly Check[]): InterchangeVerdict {
  if (checks.some((c) => c.result === 'fail')) return 'not-interchangeable'
  if (checks.some((c) => c.result === 'warn')) return 'conditional'
  return checks.some((c) => c.better) ? 'upgrade' : 'identical'
}

/**
 * Whether `to` can stand in for `from`, with every check that was made.
 * Any failed check means never; any warning means under its condition; else an improvement makes it an upgrade.
 */
export function compareVariants(from: Variant, to: Variant, application: Application = {}): Comparison {
  const rules = RULES[familyFacts(from.part.family).kind]
  const checks = rules.flatMap((rule) => rule(from, to, application) ?? [])
  return {
    verdict: verdictOf(checks),
    checks: checks.map(({ check, result, detail }) => ({ check, result, detail })),
  }
}
