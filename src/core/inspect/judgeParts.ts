import type { Finding } from '../kit'
import {
  CAUSES,
  DAMAGE,
  INSPECTED,
  PART_VERDICTS,
  RUNNING,
  SEVERITIES,
  type DamageMode,
  type Inspected,
  type PartVerdict,
  type Running,
  type Severity,
} from './findings'

/** One thing that was seen on a part. */
export interface Seen {
  part: Inspected
  damage: string
  severity: Severity
}

/** How long it had run before: a month or so, or many years. */
export const AGES = ['new', 'some', 'long'] as const
export type Age = (typeof AGES)[number]
const AGE_WORDS: Record<Age, string> = {
  new: 'had run for weeks only',
  some: 'had run for a few years',
  long: 'had run for many years',
}

export interface Evidence {
  /** what was heard and how it is used, in the words of the intake */
  tags: readonly string[]
  age?: Age | undefined
  /** rings that come apart, as cone and cup do: both are renewed together. Unless said, they do */
  separable?: boolean | undefined
}

export interface RankedCause {
  id: string
  words: string
  remedy: string
  /** of all that the findings speak for, 0 to 1 */
  share: number
  /** findings and circumstances that speak for it */
  because: string[]
}

export interface PartFound {
  part: Inspected
  verdict: PartVerdict
  findings: string[]
}

export interface Inspection {
  parts: PartFound[]
  replaceWith: string[]
  checkNext: string[]
  run: Running
  causes: RankedCause[]
  /** what it adds to a kit */
  kit: Finding[]
}

/** A marked finding speaks twice as loud as a trace, a severe one three times. */
const loudness = (severity: Severity): number => SEVERITIES.indexOf(severity) + 1

const worst = <T>(order: readonly T[], values: readonly T[], none: T): T =>
  values.reduce((a, b) => (order.indexOf(b) > order.indexOf(a) ? b : a), none)

const modeOf = (id: string): DamageMode | undefined => DAMAGE.find((mode) => mode.id === id)

/** Causes ranked: each finding speaks for its causes by weight and severity, circumstances raise or lower them. */
function rankCauses(seen: readonly (Seen & { mode: DamageMode })[], { tags, age }: Evidence): RankedCause[] {
  const told: readonly string[] = age ? [...tags, age] : tags
  const wordsOf = (tag: string): string => (tag === age ? AGE_WORDS[age] : tag)
  const scored = CAUSES.map((cause) => {
    const speaking = seen.filter(({ mode }) => mode.causes[cause.id] !== undefined)
    const weight = speaking.reduce(
      (sum, { mode, severity }) => sum + (mode.causes[cause.id] ?? 0) * loudness(severity),
      0,
    )
    const boosts = told.filter((tag) => (cause.boost[tag] ?? 1) !== 1)
    const score = weight * cause.prior * boosts.reduce((product, tag) => product * (cause.boost[tag] ?? 1), 1)
    const because = [
      ...new Set(speaking.map(({ mode }) => mode.words.toLowerCase())),
      ...boosts.filter((tag) => (cause.boost[tag] ?? 1) > 1).map(wordsOf),
    ]
    return { cause, score, because }
  }).filter(({ score }) => score > 0)
  const total = scored.reduce((sum, { score }) => sum + score, 0)
  return scored
    .sort((a, b) => b.score - a.score)
    .map(({ cause: { id, words, remedy }, score, because }) => ({
      id,
      words,
      remedy,
      share: score / total,
      because,
    }))
}

/**
 * From what was seen to a verdict for each part, what goes with it, what to look at next, whether the machine may run, and
 * the likely causes in order. A bearing and its mating race share the worse verdict: they wear in together.
 *
 * @param seen unknown damage names are passed over
 */
export function judgeParts(seen: readonly Seen[], evidence: Evidence): Inspection {
  const known = seen.flatMap((s) => {
    const mode = modeOf(s.damage)
    return mode?.parts.includes(s.part) ? [{ ...s, mode }] : []
  })
  const verdictOf = (part: Inspected): PartVerdict =>
    worst(
      PART_VERDICTS,
      known
        .filter((s) => s.part === part)
        .map(({ mode, severity }) => mode.verdicts[SEVERITIES.indexOf(severity)] ?? 'replace'),
      'good',
    )
  const pair = worst(PART_VERDICTS, [verdictOf('bearing'), verdictOf('race')], 'good')
  const isPair = (part: Inspected): boolean => part === 'bearing' || part === 'race'
  const told = (part: Inspected): boolean =>
    known.some((s) => s.part === part) || (isPair(part) && pair === 'replace' && evidence.separable !== false)
  const parts = INSPECTED.filter(told).map((part) => ({
    part,
    verdict: isPair(part) ? pair : verdictOf(part),
    findings: known.filter((s) => s.part === part).map(({ mode }) => mode.words),
  }))
  const serious = known.filter(({ mode, severity }) => mode.verdicts[SEVERITIES.indexOf(severity)] !== 'good')
  return {
    parts,
    replaceWith: [...new Set(serious.flatMap(({ mode }) => mode.replaceWith))],
    checkNext: [...new Set(known.flatMap(({ mode }) => mode.checkNext))],
    run: worst(
      RUNNING,
      known.map(({ mode, severity }) => (severity === 'trace' && mode.run === 'watch' ? 'yes' : mode.run)),
      'yes',
    ),
    causes: rankCauses(known, evidence),
    kit: [...new Set(serious.flatMap(({ mode }) => mode.kit ?? []))],
  }
}
