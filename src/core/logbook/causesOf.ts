import { CAUSES, DAMAGE } from '../inspect'

export interface DamageCount {
  /** id of the finding */
  damage: string
  count: number
}

export interface CauseShare {
  id: string
  label: string
  /** findings that point to it, each shared out over its causes by their weight */
  findings: number
}

/** What a number of findings point to: each is one finding, shared out over its possible causes by weight. */
export function causesOf(counts: readonly DamageCount[]): CauseShare[] {
  const shares = new Map<string, number>()
  for (const { damage, count } of counts) {
    const causes = DAMAGE.find(({ id }) => id === damage)?.causes ?? {}
    const whole = Object.values(causes).reduce((sum, weight) => sum + weight, 0)
    for (const [cause, weight] of Object.entries(causes))
      shares.set(cause, (shares.get(cause) ?? 0) + (count * weight) / whole)
  }
  return CAUSES.flatMap(({ id, label }) => {
    const findings = shares.get(id)
    return findings === undefined ? [] : [{ id, label, findings }]
  }).sort((a, b) => b.findings - a.findings)
}
